import {
  arrangementsLike,
  leastInPile,
  likable,
  mostInPile,
  rangeLike,
  taskOf,
  tasks,
  tellingSlips,
  openArrangements,
  type OpenArrangement,
  type OwnTaskId,
  type TaskId,
  type TellingSlip,
} from '@dotting/core';
import {
  appLanguages,
  ownTextNames,
  slotNames,
  unknownSlot,
  type AppLanguage,
  type OwnTask,
  type OwnTextName,
  type OwnTexts,
  type Words,
} from '@dotting/words';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateBy,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator';
import { classOf } from './described.js';
import { said } from './said.js';
import { IsFilled, Maybe, ruleSchemas, type Schema } from './validators.js';

/** How long each text of a task may be, and which there has to be. */
export const ownTextRules: Readonly<
  Record<OwnTextName, { readonly most: number; readonly isNeeded?: true }>
> = {
  name: { most: 60, isNeeded: true },
  say: { most: 200, isNeeded: true },
  thenSay: { most: 200 },
  avoid: { most: 300 },
  childDoes: { most: 200, isNeeded: true },
  setOut: { most: 300 },
  also: { most: 200 },
  easier: { most: 200 },
  harder: { most: 200 },
  otherThings: { most: 200 },
  caution: { most: 300 },
  wholeGroup: { most: 200 },
  smallGroup: { most: 200 },
  freeTable: { most: 200 },
  sheet: { most: 200 },
  home: { most: 200 },
  vision: { most: 200 },
  hearing: { most: 200 },
  movement: { most: 200 },
  speech: { most: 200 },
  language: { most: 200 },
  attention: { most: 200 },
};

/** A rule of our own whose sentence may speak of the value and of what stands beside it. */
function ruleOf(
  name: string,
  holds: (value: unknown, beside: OwnTaskBody) => boolean,
  message: (words: Words, value: unknown, beside: OwnTaskBody) => string,
  // What stands beside cannot be spoken of in a schema.
  schema: Schema = {},
): () => PropertyDecorator {
  ruleSchemas.set(name, schema);
  const besideOf = (args?: ValidationArguments) => args!.object as OwnTaskBody;
  return () =>
    ValidateBy({
      name,
      validator: {
        validate: (value, args) => holds(value, besideOf(args)),
        defaultMessage: (args) => said((words) => message(words, args!.value, besideOf(args)))(),
      },
    });
}

const HasKnownSlots = ruleOf(
  'hasKnownSlots',
  (value) => typeof value !== 'string' || unknownSlot(value) === undefined,
  (words, value) => words.invalid.slot({ slot: unknownSlot(String(value)) ?? '', n: '{n}' }),
  { pattern: `^([^{}]|\\{(${slotNames.join('|')})\\})*$` },
);

const textRules = (name: OwnTextName): readonly PropertyDecorator[] => {
  const { most, isNeeded } = ownTextRules[name];
  return [
    IsString({ message: said((words) => words.invalid.asText()) }),
    ...(isNeeded ? [IsFilled({ message: said((words) => words.invalid.needed()) })] : []),
    MaxLength(most, { message: said((words) => words.invalid.lineOf({ most })) }),
    HasKnownSlots(),
  ];
};

const otherTexts = ownTextNames.filter((name) => name !== 'name');

/** What there is to say of a room’s own task. */
export class OwnTextsBody extends classOf<{
  -readonly [Name in Exclude<OwnTextName, 'name'>]: string;
}>(otherTexts.map((name) => [name, textRules(name)])) {
  // A class without a field of its own has no schema of its own.
  @IsString({ message: said((words) => words.invalid.asText()) })
  @IsFilled({ message: said((words) => words.invalid.needed()) })
  @MaxLength(ownTextRules.name.most, {
    message: said((words) => words.invalid.lineOf({ most: ownTextRules.name.most })),
  })
  @HasKnownSlots()
  name: string;
}

const isLikable = (like: unknown): like is TaskId => likable.some(({ id }) => id === like);

const isRisingIn = (ladder: unknown, like: unknown): boolean => {
  if (!Array.isArray(ladder) || !isLikable(like)) return true;
  const { from, to } = rangeLike(like);
  return ladder.every(
    (n, i) => Number.isInteger(n) && n >= from && n <= to && (i === 0 || n > ladder[i - 1]),
  );
};

const RisesInRange = ruleOf(
  'risesInRange',
  (ladder, { like }) => isRisingIn(ladder, like),
  (words, _, { like }) => words.invalid.ladder(rangeLike(like)),
);

const isLadder = (ladder: unknown): ladder is number[] =>
  Array.isArray(ladder) && ladder.length > 0 && ladder.every((n) => typeof n === 'number');

const LeavesSome = ruleOf(
  'leavesSome',
  (pile, { ladder }) => !isLadder(ladder) || (typeof pile === 'number' && pile >= leastInPile(ladder)),
  (words, _, { ladder }) => words.invalid.pile({ from: leastInPile(ladder), to: mostInPile }),
);

const ShowsSo = ruleOf(
  'showsSo',
  (slips, { like }) =>
    !Array.isArray(slips) ||
    !isLikable(like) ||
    slips.every((slip) => taskOf(like).watchFor.some((one) => one === slip)),
  (words, _, { like }) => words.invalid.watchFor({ like }),
);

const LiesSo = ruleOf(
  'liesSo',
  (arrangement, { like }) => !isLikable(like) || arrangementsLike(like).some((one) => one === arrangement),
  (words) => words.invalid.lies(),
  { type: 'string', enum: [...openArrangements] },
);

const isOfShelf = (): PropertyDecorator =>
  IsIn(
    tasks.map(({ id }) => id),
    { message: said((words) => words.invalid.like()) },
  );

const mostRungs = 12;

/** A task that a room has written: what it goes like, the numbers it is put with, and what there is to say. */
export class OwnTaskBody {
  /** In which its texts are written. */
  @IsIn(appLanguages, { message: said((words) => words.invalid.appLanguage()) })
  language: AppLanguage;

  /** The task of the shelf that it goes like: so it is laid, taken down and read. */
  @IsIn(likable.map(({ id }) => id), { message: said((words) => words.invalid.like()) })
  like: TaskId;

  /** The numbers that it is put with, smallest first. */
  @IsArray({ message: said((words) => words.invalid.rungs({ most: mostRungs })) })
  @ArrayMinSize(1, { message: said((words) => words.invalid.rungs({ most: mostRungs })) })
  @ArrayMaxSize(mostRungs, { message: said((words) => words.invalid.rungs({ most: mostRungs })) })
  @IsInt({ each: true, message: said((words) => words.invalid.rungs({ most: mostRungs })) })
  @RisesInRange()
  ladder: number[];

  @IsInt({ message: said((words) => words.invalid.minutes({ most: 20 })) })
  @Min(1, { message: said((words) => words.invalid.minutes({ most: 20 })) })
  @Max(20, { message: said((words) => words.invalid.minutes({ most: 20 })) })
  minutes: number;

  /** The kind of thing it is put with, where no other will do: one of the shelf, or the id of one that the room has added. */
  @Maybe()
  @IsString({ message: said((words) => words.invalid.asText()) })
  @IsFilled()
  @MaxLength(40)
  only?: string;

  /** How its things lie, where not as in the task that it goes like. */
  @Maybe()
  @LiesSo()
  arrangement?: OpenArrangement;

  /** The task of the shelf that is a step down, and the one a step up, where not those of the task that it goes like. */
  @Maybe()
  @isOfShelf()
  easier?: TaskId;

  @Maybe()
  @isOfShelf()
  harder?: TaskId;

  /** How many there are to take from, where the child takes. */
  @Maybe()
  @IsInt({ message: said((words) => words.invalid.pileMost({ most: mostInPile })) })
  @Max(mostInPile, { message: said((words) => words.invalid.pileMost({ most: mostInPile })) })
  @LeavesSome()
  pile?: number;

  @IsArray({ message: said((words) => words.invalid.asList()) })
  @ArrayUnique({ message: said((words) => words.invalid.once()) })
  @IsIn(tellingSlips, { each: true, message: said((words) => words.invalid.slip()) })
  @ShowsSo()
  watchFor: TellingSlip[];

  /** Containers and the like that the room has added, by their ids. */
  @IsArray({ message: said((words) => words.invalid.asList()) })
  @ArrayMaxSize(10, { message: said((words) => words.invalid.manyOf({ most: 10 })) })
  @ArrayUnique({ message: said((words) => words.invalid.once()) })
  @IsUUID('all', { each: true, message: said((words) => words.invalid.anId()) })
  beside: string[];

  @IsDefined()
  @ValidateNested()
  @Type(() => OwnTextsBody)
  texts: OwnTextsBody;
}

export class OwnTaskView extends OwnTaskBody implements OwnTask {
  @IsUUID()
  id: OwnTaskId;
  /** Offered no more; tries of it stay, and keep its name. */
  @IsBoolean({ message: said((words) => words.invalid.yesNo()) })
  retired: boolean;
  declare texts: OwnTexts & OwnTextsBody;
}
