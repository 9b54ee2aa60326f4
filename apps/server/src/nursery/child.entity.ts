import {
  childColumnNames,
  childColumns,
  type ChildColumn,
  type ChildColumnName,
  type ChildColumns,
} from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type ColumnOptions } from 'typeorm';
import { underscored } from './underscored.js';
import { Room } from './room.entity.js';
import { Site } from './site.entity.js';

/** What an adult has said of a child, stored as the table of columns describes it. */
abstract class SaidColumns {}
for (const name of childColumnNames) Column(storedAs(name))(SaidColumns.prototype, name);

function storedAs(name: ChildColumnName): ColumnOptions {
  const column: ChildColumn = childColumns[name];
  const named = { name: name === 'group' ? 'group_name' : underscored(name) };
  switch (column.kind) {
    case 'text':
      return { ...named, type: 'varchar', length: column.most, ...(name === 'group' && { default: '' }) };
    case 'birth':
      return { ...named, type: 'date', nullable: true };
    case 'yes-no':
      return { ...named, type: 'boolean', nullable: true };
    case 'one-of':
      return {
        ...named,
        type: 'varchar',
        length: Math.max(...column.of.map((one) => one.length)),
        nullable: true,
      };
    case 'languages':
    case 'several-of':
      return { ...named, type: 'json' };
  }
}

@Entity('child')
export class Child extends (SaidColumns as abstract new () => ChildColumns) {
  @PrimaryColumn({ type: 'uuid' })
  id: ChildId;

  @Index('child_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'child_of_site' })
  site?: Site;

  @Index('child_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'child_in_room' })
  room?: Room;

  /** The last day here, after which only leads find the child; null while it comes. */
  @Column({ name: 'left_on', type: 'date', nullable: true })
  leftOn: string | null;

  /** The day on which a lead was first shown that the child is due to be erased; null until then. */
  @Column({ name: 'erase_shown_on', type: 'date', nullable: true })
  eraseShownOn: string | null;

  /** Counts the changes of what a summary of the child rests on. */
  @Column({ type: 'int', default: 0 })
  evidence: number;
}
