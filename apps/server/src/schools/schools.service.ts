import type { PutSchools, SchoolChangeView } from '@dotting/contract';
import {
  digitForm,
  formsOfDigits,
  formsNamed,
  schoolNames,
  schoolsOf,
  styleAfter,
  wordsIn,
  type OwnSchools,
  type Digit,
  type School,
  type Schools,
} from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { formatISO, subDays } from 'date-fns';
import { DataSource, MoreThan } from 'typeorm';
import { newId } from '../common/newId.js';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { notFound } from '../http/refusals.js';
import type { Child } from '../nursery/child.entity.js';
import { Room } from '../nursery/room.entity.js';
import { spoken } from '../wording/spoken.js';
import { SchoolChange } from './schoolChange.entity.js';

/** So long everyone is told of a change. */
const daysTold = 7;

/** The ways of a room: where practitioners disagree, what it has chosen. */
@Injectable()
export class SchoolsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly evidence: Evidence,
  ) {}

  /** What is laid, and so what is proposed, goes by them: each child of the room is worked out again. */
  async change(at: AtWork, roomId: string, { forms, strokeWords, ...change }: PutSchools): Promise<void> {
    await this.evidence.changingRoom(roomId, async (manager) => {
      // Locked until it is written: what another lead changes at the same moment is not lost.
      const lock = { mode: 'pessimistic_write' } as const;
      const room = await manager.findOne(Room, { where: { id: roomId, siteId: at.siteId }, lock });
      if (!room) throw notFound('room');
      const own: OwnSchools = {
        ...room.schools,
        ...stated(change),
        ...(forms && { forms: styleAfter(room.schools.forms ?? {}, stated(forms)) }),
        ...(strokeWords && { strokeWords: { ...room.schools.strokeWords, ...strokeWords } }),
      };
      const lines = changed(schoolsOf(room.schools), schoolsOf(own));
      if (lines.length === 0) return;
      await manager.update(Room, { id: roomId }, { schools: own });
      await manager.insert(
        SchoolChange,
        lines.map(([line, choice]) => ({
          id: newId<string>(),
          roomId,
          line,
          choice,
          changedBy: at.adult.id,
          changedAt: new Date(),
        })),
      );
    });
  }

  /** What was changed of late, the last of each line, newest first. */
  async lately(roomId: string): Promise<SchoolChangeView[]> {
    const rows = await this.dataSource.manager.find(SchoolChange, {
      where: { roomId, changedAt: MoreThan(subDays(new Date(), daysTold)) },
      relations: { changer: true },
      order: { changedAt: 'DESC' },
    });
    return rows
      .filter((row, i) => rows.findIndex(({ line }) => line === row.line) === i)
      .map(({ line, choice, changer, changedAt }) => ({
        by: changer!.firstName,
        day: formatISO(changedAt, { representation: 'date' }),
        what: told(line, choice),
      }));
  }

  /** What goes for a child: its own ways before those of its room. */
  async ofChild(child: Pick<Child, 'roomId' | 'touch' | 'handHelp' | 'ownForms'>): Promise<Schools> {
    const room = await this.dataSource.manager.findOneByOrFail(Room, { id: child.roomId });
    return schoolsFor(room.schools, child);
  }
}

/** A child’s own ways before those of its room. */
export function schoolsFor(
  room: OwnSchools,
  { touch, handHelp, ownForms }: Pick<Child, 'touch' | 'handHelp' | 'ownForms'>,
): Schools {
  return schoolsOf(room, {
    forms: formsNamed(ownForms),
    ...(handHelp && { hands: handHelp }),
    ...(touch && { braille: touch }),
  });
}

/** Without what was left out. */
const stated = <Fields extends object>(fields: Fields): Fields =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Fields;

const digitsDrawn = ({ forms: { drawn = {} } }: Schools): readonly Digit[] =>
  Object.keys(drawn).map((digit) => Number(digit) as Digit);

/** Each line that is otherwise now, with what it is. */
function changed(before: Schools, now: Schools): readonly (readonly [line: string, choice: string])[] {
  const lines = [...schoolNames, 'language', 'number'] as const;
  return [
    ...lines.filter((line) => before[line] !== now[line]).map((line) => [line, String(now[line])] as const),
    ...formsOfDigits
      .filter(
        ({ digit }) =>
          before.forms[digit] !== now.forms[digit] ||
          // One that was drawn has given way to one with a name.
          (before.forms.drawn?.[digit] !== undefined && now.forms.drawn?.[digit] === undefined),
      )
      .map(({ digit }) => [String(digit), now.forms[digit]] as const),
    ...digitsDrawn(now)
      .filter((digit) => before.forms.drawn?.[digit] !== now.forms.drawn![digit])
      .map((digit) => ['drawn', String(digit)] as const),
    ...Object.entries(now.strokeWords)
      .filter(([form, said]) => before.strokeWords[form] !== said)
      .map(([form]) => ['strokeWords', form] as const),
  ];
}

/** "Filling a frame: two by two". */
function told(line: string, choice: string): string {
  const { schools, options } = spoken();
  const name = schoolNames.find((one) => one === line);
  if (name) {
    const of: Readonly<Record<string, () => string>> & { readonly name: () => string } =
      schools[name as School];
    return schools.told({ name: of.name(), choice: of[choice]!() });
  }
  if (line === 'language')
    return schools.told({ name: schools.roomLanguage(), choice: wordsIn(choice, []).name });
  if (line === 'number') return schools.told({ name: schools.weekNumber(), choice });
  if (line === 'drawn')
    return schools.told({ name: schools.forms(), choice: schools.ours({ digit: choice }) });
  if (line === 'strokeWords') return schools.told({ name: schools.strokeWords(), choice: choice[0]! });
  const forms: Readonly<Record<string, () => string>> = options.ownForms;
  return schools.told({ name: schools.forms(), choice: forms[digitForm(Number(line), choice)]!() });
}
