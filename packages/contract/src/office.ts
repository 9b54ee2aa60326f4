import { type ChildId, type StaffId } from '@dotting/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayNotEmpty,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { childColumnNames } from './childColumns.js';
import { columnsChanged, ColumnsGiven } from './childRules.js';
import { ChildView } from './children.js';
import { Adult, roles, Room, type Role } from './here.js';
import { IsDay, IsLastDay, OrNull, Maybe, IsFilled, validator } from './validators.js';
import { said } from './said.js';

/** A room as the office keeps it. */
export class OfficeRoom extends Room {
  /** How many months a child who left is kept. */
  @IsInt()
  retentionMonths: number;
}

const wholeMonths = said((words) => words.invalid.months());

export class PutRoom {
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.roomName()) })
  @MaxLength(80, { message: said((words) => words.invalid.roomNameLong()) })
  name: string;
  @IsInt({ message: wholeMonths })
  @Min(0, { message: wholeMonths })
  @Max(300, { message: wholeMonths })
  retentionMonths: number;
}

/** An adult as the office keeps her. */
export class OfficeAdult extends Adult {
  @IsString()
  lastName: string;
  @IsString()
  email: string;
  /** The rooms whose children she sees; a lead sees all. */
  @IsUUID('all', { each: true })
  rooms: string[];
  /** From this day on she comes in no more. */
  @OrNull()
  @IsDay()
  leftOn: string | null;
}

/** Who an adult is, and the address she signs a device in with. */
export class AdultNames {
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.firstName()) })
  @MaxLength(60)
  firstName: string;
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.lastName()) })
  @MaxLength(60)
  lastName: string;
  @IsEmail({}, { message: said((words) => words.invalid.email()) })
  @MaxLength(200)
  email: string;
}

export class NewAdult extends AdultNames {
  @IsIn(roles)
  role: Role;
  @IsArray()
  @ArrayUnique()
  @IsUUID('all', { each: true })
  rooms: string[];
}

/** What is absent stays as it is. */
export class AdultChange {
  @Maybe()
  @IsIn(roles)
  role?: Role;
  @Maybe()
  @IsArray()
  @ArrayUnique()
  @IsUUID('all', { each: true })
  rooms?: string[];
  @Maybe()
  @OrNull()
  @IsDay({ message: said((words) => words.invalid.leavingDay()) })
  @IsLastDay({ message: said((words) => words.invalid.leavingFarOff()) })
  leftOn?: string | null;
}

/** Shown once, to be handed over: only their hashes are stored. */
export class AdultSecrets {
  @IsUUID()
  id: StaffId;
  @IsString()
  code: string;
  @IsString()
  password: string;
}

/** A child as the office keeps it. */
export class OfficeChild extends ChildView {
  /** Adults from other rooms who see it too. */
  @IsUUID('all', { each: true })
  seenBy: StaffId[];
  /** The last day here; null while it comes. */
  @OrNull()
  @IsDay()
  leftOn: string | null;
  /** The day from which it is due to be erased for good. */
  @OrNull()
  @IsDay()
  eraseOn: string | null;
  /** The day on which that is done unasked; null until a lead has been shown that it is due. */
  @OrNull()
  @IsDay()
  erasedUnasked: string | null;
  /** How many tries are held. */
  @IsInt()
  tries: number;
}

export class NewChild extends ColumnsGiven {
  @IsUUID('all', { message: said((words) => words.invalid.chooseRoom()) })
  roomId: string;
}

/** Where a child is, and who sees it; what is absent stays as it is. */
export class PlaceChange extends columnsChanged('lastName', 'group') {
  @Maybe()
  @IsUUID('all', { message: said((words) => words.invalid.chooseRoom()) })
  roomId?: string;
  @Maybe()
  @IsArray()
  @ArrayUnique()
  @IsUUID('all', { each: true })
  seenBy?: StaffId[];
  @Maybe()
  @OrNull()
  @IsDay({ message: said((words) => words.invalid.lastDay()) })
  @IsLastDay({ message: said((words) => words.invalid.lastDayFarOff()) })
  leftOn?: string | null;
  /** Said to a last day that is far from today: it is right all the same. */
  @Maybe()
  @IsBoolean()
  sure?: boolean;
}

/** The columns of the register as a file, in this order. */
export const registerColumns = ['id', ...childColumnNames, 'room', 'seenBy', 'leftOn'] as const;
export type RegisterColumn = (typeof registerColumns)[number];

/** In which order a date's parts stand, where the year does not come first. */
export const dayOrders = ['day-first', 'month-first'] as const;
export type DayOrder = (typeof dayOrders)[number];

const longestCell = 1_000;

/** A row of texts by their columns. */
const AreCells = validator(
  'areCells',
  (row) =>
    typeof row === 'object' &&
    row !== null &&
    Object.entries(row).every(
      ([column, cell]) =>
        registerColumns.some((one) => one === column) &&
        typeof cell === 'string' &&
        cell.length <= longestCell,
    ),
  'cells',
  { type: 'object', additionalProperties: { type: 'string', maxLength: longestCell } },
);

/** The rows of a file, each cell by the column it was said to be. */
export class ImportRequest {
  /** Only says what would happen. */
  @IsBoolean()
  dryRun: boolean;
  @IsIn(dayOrders)
  dayOrder: DayOrder;
  /** Rows that were asked about, and are right all the same. */
  @Maybe()
  @IsArray()
  @ArrayUnique()
  @IsInt({ each: true })
  sure?: number[];
  @IsArray()
  @ArrayNotEmpty({ message: said((words) => words.invalid.noRows()) })
  @ArrayMaxSize(500, { message: said((words) => words.invalid.manyRows()) })
  @IsObject({ each: true })
  @AreCells({ each: true })
  rows: Partial<Record<RegisterColumn, string>>[];
}

const importOutcomes = ['new', 'changed', 'same', 'asked', 'refused'] as const;
export type ImportOutcome = (typeof importOutcomes)[number];

/** What becomes of one row. */
export class ImportedRow {
  /** As a table shows it: the heading is row 1. */
  @IsInt()
  row: number;
  @IsString()
  name: string;
  @IsIn(importOutcomes)
  outcome: ImportOutcome;
  /** What would change, or what is wrong with it and how to put it right. */
  @IsString({ each: true })
  says: string[];
}

export class ImportReport {
  /** False for a dry run. */
  @IsBoolean()
  stored: boolean;
  @ValidateNested({ each: true })
  @Type(() => ImportedRow)
  rows: ImportedRow[];
}

/** Why a child was erased. */
const erasureReasons = ['time', 'asked'] as const;
export type ErasureReason = (typeof erasureReasons)[number];

export class EraseChild {
  /** Typed by whoever erases, against a slip of the hand. */
  @IsString()
  @IsFilled({ message: said((words) => words.invalid.typeName()) })
  @MaxLength(60)
  firstName: string;
}

/** Erases children whose time is up, as a lead was shown them. */
export class ConfirmErasures {
  @IsArray()
  @ArrayNotEmpty({ message: said((words) => words.invalid.oneChild()) })
  @ArrayUnique()
  @IsUUID('all', { each: true })
  childIds: ChildId[];
}

const waitWords = said((words) => words.invalid.waitDays());

/** How long erasing waits once a lead has been shown who is due. */
export class EraseWait {
  @IsInt({ message: waitWords })
  @Min(7, { message: waitWords })
  @Max(365, { message: waitWords })
  days: number;
}

/** The proof of an erasure: nothing in it says who the child was. */
export class Erasure {
  @IsUUID()
  id: string;
  /** The random id the child had here. */
  @IsUUID()
  childId: ChildId;
  @IsString()
  erasedAt: string;
  @IsIn(erasureReasons)
  reason: ErasureReason;
  /** Who did it; empty where the time was up. */
  @IsString()
  by: string;
  @IsString()
  room: string;
  /** Rows that went, by table. */
  @IsObject()
  gone: Record<string, number>;
  /** Rows about the child found in the same tables afterwards. */
  @IsInt()
  left: number;
}

/** All that a lead looks after. */
export class OfficeView {
  @IsDay()
  day: string;
  @ValidateNested({ each: true })
  @Type(() => OfficeRoom)
  rooms: OfficeRoom[];
  @ValidateNested({ each: true })
  @Type(() => OfficeAdult)
  adults: OfficeAdult[];
  @ValidateNested({ each: true })
  @Type(() => OfficeChild)
  children: OfficeChild[];
  /** Newest first. */
  @ValidateNested({ each: true })
  @Type(() => Erasure)
  erasures: Erasure[];
  /** Days from a lead's being shown who is due until they are erased unasked. */
  @IsInt()
  eraseWaitDays: number;
}
