import type {
  MoveView,
  NewStatementRuling,
  NewStepDecision,
  RoomMove,
  StatementRulingView,
  StepDecisionView,
} from '@dotting/contract';
import {
  looksAt,
  nextSteps,
  skillOf,
  teachingMoves,
  tellingSlips,
  type ChildId,
  type NextStep,
  type NextSteps,
  type SkillId,
  type TellingSlip,
  type Trace,
} from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import type { AtWork } from '../devices/present.js';
import { clash, notFound } from '../http/refusals.js';
import { Room } from '../site/room.entity.js';
import { RoomMoveRow } from '../site/roomMove.entity.js';
import { TriesService } from '../tries/tries.service.js';
import type { Child } from './child.entity.js';
import { movesOf, type Moves } from './childPage.js';
import { ByChild, fingerprintOf } from './readings.js';
import { StatementRulingRow, StepDecisionRow } from './decisions.entity.js';
import { today } from './today.js';

/** What adults decide about next steps and statements, and the room's table of moves. */
@Injectable()
export class DecisionsService {
  private readonly steps = new ByChild<NextSteps>();
  private readonly dueSteps = new ByChild<NextSteps>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
  ) {}

  /** What adults decided about the steps of some children, in one asking. */
  async decidedOf(childIds: readonly ChildId[]): Promise<readonly StepDecisionRow[]> {
    return childIds.length === 0
      ? []
      : this.dataSource.manager.findBy(StepDecisionRow, { childId: In(childIds) });
  }

  /** The child's next steps, under what adults have pinned and put away. */
  stepsOf(
    child: Child,
    traces: readonly Trace[],
    day: string,
    moves: Moves,
    decided: readonly StepDecisionRow[],
  ): NextSteps {
    const decisions = decided.filter((one) => one.childId === child.id);
    const options = {
      birthDate: child.birthDate,
      moves,
      pinned: decisions.find((one) => one.decision === 'pinned')?.skill ?? null,
      dismissed: decisions
        .filter((one) => one.decision === 'dismissed')
        .map(({ skill, evidence }) => ({ skill, evidence })),
      language: child.languages[0]!,
    };
    const key = `${day} ${JSON.stringify(options)} ${fingerprintOf(traces)}`;
    return this.steps.get(child.id, key, () => nextSteps(traces, day, options));
  }

  /** The step for one skill, whatever else is worth doing. */
  stepFor(child: Child, traces: readonly Trace[], day: string, moves: Moves, skill: SkillId): NextStep {
    const options = { birthDate: child.birthDate, moves, pinned: skill, language: child.languages[0]! };
    const key = `${day} ${JSON.stringify(options)} ${fingerprintOf(traces)}`;
    return this.dueSteps.get(child.id, key, () => nextSteps(traces, day, options)).choices[0]!;
  }

  async of(childId: ChildId): Promise<StepDecisionView[]> {
    const rows = await this.dataSource.manager.find(StepDecisionRow, {
      where: { childId },
      relations: { staff: true },
    });
    return rows
      .filter((row) => row.decision !== 'open')
      .map(({ skill, decision, reason, staff }) => ({
        skill,
        name: skillOf(skill).name,
        decision,
        reason,
        by: staff?.firstName ?? '',
      }));
  }

  /** Pins a step, puts it away with a reason, or opens it again; one is pinned at a time. */
  async decide(at: AtWork, child: Child, { skill, decision, reason }: NewStepDecision): Promise<void> {
    if (decision === 'dismissed' && reason.trim() === '') throw clash('Say why it is put away.', 'reason');
    const looks = (await this.tries.endedOf([child.id])).filter((trace) => looksAt(skillOf(skill), trace));
    const evidence = `${looks.length}:${looks.at(-1)?.id ?? ''}`;
    await this.dataSource.transaction(async (manager) => {
      if (decision === 'pinned') {
        await manager.update(StepDecisionRow, { childId: child.id, decision }, { decision: 'open' });
      }
      const row = { childId: child.id, skill, decision, evidence, reason, decidedBy: at.adult.id };
      await manager.save(StepDecisionRow, row);
    });
  }

  /** The rulings that stand, by skill. */
  async rulingsOf(childId: ChildId): Promise<ReadonlyMap<SkillId, StatementRulingView>> {
    const rows = await this.dataSource.manager.find(StatementRulingRow, {
      where: { childId },
      relations: { staff: true },
      order: { id: 'ASC' },
    });
    const last = new Map(rows.map((row) => [row.skill, row]));
    return new Map(
      [...last].flatMap(([skill, { words, reason, staff, day }]) =>
        words === null ? [] : [[skill, { words, reason, by: staff?.firstName ?? '', day }]],
      ),
    );
  }

  async rule(at: AtWork, child: Child, { skill, words, reason }: NewStatementRuling): Promise<void> {
    const row = { childId: child.id, skill, words, reason, ruledBy: at.adult.id, day: today() };
    await this.dataSource.manager.insert(StatementRulingRow, row);
  }

  async movesOf(roomId: string): Promise<Moves> {
    return movesOf(await this.dataSource.manager.findBy(RoomMoveRow, { roomId }));
  }

  /** The whole table of a room, each move beside the shipped one. */
  async tableOf(at: AtWork, roomId: string): Promise<RoomMove[]> {
    await this.checkRoom(at, roomId);
    const moves = await this.movesOf(roomId);
    return tellingSlips.map((slip) => ({ slip, ...moves[slip], shipped: teachingMoves[slip].move }));
  }

  /** Changes a move of a room; as it was shipped again where it says the same. */
  async changeMove(at: AtWork, roomId: string, { slip, saw, move }: MoveView): Promise<void> {
    await this.checkRoom(at, roomId);
    const { manager } = this.dataSource;
    const shipped = teachingMoves[slip];
    if (shipped.saw === saw && shipped.move === move) await this.recoverMove(at, roomId, slip);
    else await manager.save(RoomMoveRow, { roomId, slip, saw, move });
  }

  async recoverMove(at: AtWork, roomId: string, slip: TellingSlip): Promise<void> {
    await this.checkRoom(at, roomId);
    await this.dataSource.manager.delete(RoomMoveRow, { roomId, slip });
  }

  private async checkRoom({ siteId }: AtWork, id: string): Promise<void> {
    if (!(await this.dataSource.manager.existsBy(Room, { id, siteId }))) throw notFound('room');
  }
}
