import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Wrong passwords or codes in a row, for one subject: "code:<staff id>", "password:<email's hash>". */
@Entity('attempt')
export class Attempt {
  @PrimaryColumn({ type: 'varchar', length: 100 })
  subject: string;

  @Column({ type: 'int' })
  wrong: number;

  @Column({ name: 'blocked_until', type: 'datetime', precision: 3 })
  blockedUntil: Date;
}
