import { needs, taskOf, type Need, type OwnTaskFacts, type Schools, type TaskId } from '@dotting/core';
import type { Words } from '../words.js';
import { numbersIn, taskWords, type Numbers, type TaskWords } from './tasks.js';

/** What there is to say of a task, each by itself; the last six for children who need it put otherwise. */
export const ownTextNames = [
  'name',
  'say',
  'thenSay',
  'avoid',
  'childDoes',
  'setOut',
  'also',
  'easier',
  'harder',
  'otherThings',
  'caution',
  'wholeGroup',
  'smallGroup',
  'freeTable',
  'sheet',
  'home',
  ...needs,
] as const;
export type OwnTextName = (typeof ownTextNames)[number];

/** Texts of a room’s own task, as its author has put them; empty where there is nothing to say. */
export type OwnTexts = Readonly<Record<OwnTextName, string>>;

/** Nothing to say yet. */
export const noTexts = Object.fromEntries(ownTextNames.map((name) => [name, ''])) as OwnTexts;

/** A task that a room has written: what it is, and what there is to say of it. */
export interface OwnTask extends OwnTaskFacts {
  readonly texts: OwnTexts;
}

/** Numbers that a text can name, in braces. */
export const slotNames = ['n', 'from', 'few', 'makes'] as const;
type Slot = (typeof slotNames)[number];

const slot = /\{([^{}]*)\}/g;

/** What stands in braces and is no number of a task, or a brace alone; undefined where there is nothing of the kind. */
export function unknownSlot(text: string): string | undefined {
  const unknown = [...text.matchAll(slot)].find(([, name]) => !slotNames.some((one) => one === name));
  return unknown?.[0] ?? /[{}]/.exec(text.replace(slot, ''))?.[0];
}

/** A text with its numbers put in. */
const filled = (text: string, numbers: Numbers): string =>
  text.replace(slot, (whole, name) => (name in numbers ? String(numbers[name as Slot]) : whole));

/** What a task asks besides the first, put otherwise; undefined where it asks nothing else. */
function secondAsked(
  { thenSay, again, midway, choosing }: TaskWords,
  id: TaskId,
  text: string,
): Partial<TaskWords> | undefined {
  if (thenSay) return { thenSay: (numbers) => filled(text, numbers) };
  if (again) return { again: { ...again, say: () => text } };
  if (midway) return { midway: { ...midway, question: () => text } };
  return taskOf(id).kind === 'share' && choosing
    ? { choosing: { ...choosing, question: () => text } }
    : undefined;
}

/** Whether a task like this asks something besides. */
export const asksSecond = (words: Words, id: TaskId): boolean =>
  secondAsked(taskWords(words, id), id, '') !== undefined;

/** What to say of a room’s own task: its own texts, and where it is silent on how it goes, those of the task it goes like. */
export function ownTaskWords(words: Words, { like, texts }: Pick<OwnTask, 'like' | 'texts'>): TaskWords {
  const shipped = taskWords(words, like);
  const text = (name: OwnTextName) => () => texts[name];
  const say = (name: OwnTextName) => (numbers: Numbers) => filled(texts[name], numbers);
  const adapted = needs.filter((need) => texts[need] !== '').map((need) => [need, text(need)] as const);
  return {
    name: text('name'),
    say: say('say'),
    ...(shipped.again && { again: shipped.again }),
    ...(shipped.midway && { midway: shipped.midway }),
    ...(shipped.choosing && { choosing: shipped.choosing }),
    ...(texts.thenSay && secondAsked(shipped, like, texts.thenSay)),
    ...(shipped.ways && { ways: withoutSay(shipped.ways) }),
    avoid: say('avoid'),
    childDoes: text('childDoes'),
    ...(texts.setOut && { setOut: say('setOut') }),
    ...(texts.also && { also: say('also') }),
    easier: text('easier'),
    harder: text('harder'),
    otherThings: text('otherThings'),
    adaptations: Object.fromEntries(adapted) as Partial<Record<Need, () => string>>,
    ...(texts.caution && { caution: text('caution') }),
    routine: {
      wholeGroup: text('wholeGroup'),
      smallGroup: text('smallGroup'),
      freeTable: text('freeTable'),
    },
    ...(texts.sheet && { sheet: text('sheet') }),
    home: text('home'),
  };
}

/** The ways of a task are told apart by name and by how they are set out: what is said is the task’s own. */
const withoutSay = (ways: NonNullable<TaskWords['ways']>): NonNullable<TaskWords['ways']> =>
  Object.fromEntries(Object.entries(ways).map(([id, { say: _, ...way }]) => [id, way]));

/** Numbers that no text has of itself, to find where in it they stand. */
const marks: Numbers = { n: 901, from: 902, few: 903, makes: 904 };

/** The texts of a task of the shelf, to be copied and changed: its numbers in braces. */
export function textsOf(words: Words, id: TaskId, schools: Schools): OwnTexts {
  const of = taskWords(words, id);
  const numbers = { ...numbersIn(marks.n, undefined, schools), ...marks };
  const marked = (text: string | undefined): string =>
    slotNames.reduce((one, name) => one.replaceAll(String(marks[name]), `{${name}}`), text ?? '');
  const second = of.thenSay?.(numbers) ?? of.again?.say() ?? of.midway?.question();
  return {
    name: of.name(),
    say: marked(of.say(numbers)),
    thenSay: marked(second ?? (asksSecond(words, id) ? of.choosing?.question() : undefined)),
    avoid: marked(of.avoid(numbers)),
    childDoes: of.childDoes(),
    setOut: marked(of.setOut?.(numbers)),
    also: marked(of.also?.(numbers)),
    easier: of.easier(),
    harder: of.harder(),
    otherThings: of.otherThings(),
    caution: of.caution?.() ?? '',
    wholeGroup: of.routine.wholeGroup(),
    smallGroup: of.routine.smallGroup(),
    freeTable: of.routine.freeTable(),
    sheet: of.sheet?.() ?? '',
    home: of.home(),
    ...adaptationsOf(of),
  };
}

const adaptationsOf = ({ adaptations }: TaskWords): Readonly<Record<Need, string>> =>
  Object.fromEntries(needs.map((need) => [need, adaptations?.[need]?.() ?? ''])) as Record<Need, string>;
