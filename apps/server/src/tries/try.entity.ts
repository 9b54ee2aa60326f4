import {
  headFieldNames,
  headFields,
  type HeadField,
  type HeadFieldName,
  type HeadFields,
} from '@dotting/contract';
import type { Arrangement, Cue, Layout, StaffId, TraceId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type ColumnOptions } from 'typeorm';
import { underscored } from '../nursery/underscored.js';
import { Child } from '../nursery/child.entity.js';
import { Staff } from '../nursery/staff.entity.js';

type Optional = {
  readonly [Name in HeadFieldName]: undefined extends HeadFields[Name] ? Name : never;
}[HeadFieldName];

/** A try's head as a row has it: null for what is absent, false for a mark that is. */
export type HeadRow = {
  [Name in HeadFieldName]: (typeof headFields)[Name] extends { kind: 'mark' }
    ? boolean
    : Name extends Optional
      ? Exclude<HeadFields[Name], undefined> | null
      : HeadFields[Name];
};

/** Stored as the table of the head's fields describes them. */
abstract class HeadColumns {}
for (const name of headFieldNames) Column(storedAs(name, headFields[name]))(HeadColumns.prototype, name);

function storedAs(name: HeadFieldName, field: HeadField): ColumnOptions {
  const about = {
    name: name === 'start' ? 'start_number' : underscored(name),
    ...(field.isOptional && field.kind !== 'mark' && { nullable: true }),
  };
  switch (field.kind) {
    case 'id':
      return { ...about, type: 'uuid' };
    case 'moment':
      // As the device wrote it, with its offset: the day of a try is the recorder's own.
      return { ...about, type: 'varchar', length: 35 };
    case 'task':
      return { ...about, type: 'varchar', length: 40 };
    case 'language':
      return { ...about, type: 'varchar', length: 35 };
    case 'sign':
    case 'one-of-numbers':
      return { ...about, type: 'smallint' };
    case 'yes-no':
    case 'mark':
      return { ...about, type: 'boolean' };
    case 'number':
      return { ...about, type: 'int' };
    case 'text':
      return { ...about, type: 'varchar', length: field.most };
    case 'one-of':
      return { ...about, type: 'varchar', length: 20 };
    case 'one-of-or-null':
      return { ...about, type: 'varchar', length: 20, nullable: true };
    case 'several-of':
      return { ...about, type: 'json' };
  }
}

/** The head of a try's trace; its events are rows of try_event. */
@Entity('try')
@Index('try_child', ['childId', 'startedAt'])
// The few that never ended, out of all there are.
@Index('try_open', ['ended', 'childId'])
export class Try extends (HeadColumns as abstract new () => HeadRow) {
  @PrimaryColumn({ type: 'uuid' })
  id: TraceId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'try_of_child' })
  child?: Child;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'recorded_by', foreignKeyConstraintName: 'try_recorded_by' })
  recorder?: Staff;

  @Column({ name: 'set_size', type: 'int' })
  setSize: number;

  @Column({ name: 'set_things', type: 'varchar', length: 40 })
  setThings: string;

  @Column({ name: 'set_arrangement', type: 'varchar', length: 20 })
  setArrangement: Arrangement;

  @Column({ name: 'set_cue', type: 'varchar', length: 20, nullable: true })
  setCue: Cue | null;

  @Column({ name: 'set_pile', type: 'int', nullable: true })
  setPile: number | null;

  @Column({ name: 'set_layout', type: 'json', nullable: true })
  setLayout: Layout | null;

  /** The same try as another, which counts in its place. */
  @Column({ name: 'same_as', type: 'uuid', nullable: true })
  sameAs: TraceId | null;

  /** Who said so, and when (ISO 8601, by the server's clock). */
  @Column({ name: 'same_as_by', type: 'uuid', nullable: true })
  sameAsBy: StaffId | null;

  @Column({ name: 'same_as_at', type: 'varchar', length: 35, nullable: true })
  sameAsAt: string | null;

  @Column({ name: 'same_as_reason', type: 'varchar', length: 200, nullable: true })
  sameAsReason: string | null;

  /** It came after its device, its adult or its child had left. */
  @Column({ name: 'is_late', type: 'boolean', default: false })
  isLate: boolean;

  /** When it began by the device's own clock, where that was wrong; else null. */
  @Column({ name: 'started_by_device', type: 'varchar', length: 35, nullable: true })
  startedByDevice: string | null;

  /** Counts the changes of the head on the device: an older head never replaces a newer. */
  @Column({ type: 'int' })
  revision: number;
}
