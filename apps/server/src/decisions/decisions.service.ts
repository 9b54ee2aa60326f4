import type {
  MoveView,
  NewStatementRuling,
  NewStepDecision,
  RoomMove,
  StatementRulingView,
  StepDecisionView,
} from '@dotting/contract';
import {
  stepEvidence,
  skillOf,
  tellingSlips,
  type ChildId,
  type SkillId,
  type OwnMoves,
} from '@dotting/core';
import { tellMoves } from '@dotting/words';
import { spoken } from '../wording/spoken.js';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { clash, notFound } from '../http/refusals.js';
import { Sight } from '../sight/sight.service.js';
import { RoomMoveRow } from '../nursery/roomMove.entity.js';
import { TriesService } from '../tries/tries.service.js';
import type { Child } from '../nursery/child.entity.js';
import { StatementRulingRow, StepDecisionRow } from './decisions.entity.js';
import { today } from '../common/today.js';

/** What adults decide about next steps and statements, and the room's table of moves. */
@Injectable()
export class DecisionsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
    private readonly tries: TriesService,
  ) {}

  decidedOf(childId: ChildId): Promise<readonly StepDecisionRow[]> {
    return this.dataSource.manager.findBy(StepDecisionRow, { childId });
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
        name: spoken().skills[skill](),
        decision,
        reason,
        by: staff?.firstName ?? '',
      }));
  }

  /** Pins a step, puts it away with a reason, or opens it again; one is pinned at a time. */
  async decide(at: AtWork, child: Child, { skill, decision, reason }: NewStepDecision): Promise<void> {
    if (decision === 'dismissed' && reason.trim() === '')
      throw clash(spoken().refusals.sayWhyPutAway(), 'reason');
    const evidence = stepEvidence(skillOf(skill), await this.tries.endedOf([child.id]));
    await this.evidence.changing([child.id], async (manager) => {
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
    await this.evidence.changing([child.id], (manager) => manager.insert(StatementRulingRow, row));
  }

  /** What the room has put in place of the usual moves. */
  async movesOf(roomId: string): Promise<OwnMoves> {
    const rows = await this.dataSource.manager.findBy(RoomMoveRow, { roomId });
    return Object.fromEntries(rows.map(({ slip, move }) => [slip, move]));
  }

  /** The whole table of a room, each move beside the shipped one. */
  async tableOf(at: AtWork, roomId: string): Promise<RoomMove[]> {
    await this.checkRoom(at, roomId);
    return [...tellMoves(spoken(), tellingSlips, await this.movesOf(roomId))];
  }

  /** Changes a move of a room; as it was shipped again where it says the same. */
  async changeMove(at: AtWork, roomId: string, { slip, saw, move }: MoveView): Promise<void> {
    await this.checkRoom(at, roomId);
    const isShipped = spoken().moves[slip].move() === move;
    await this.evidence.changingRoom(roomId, async (manager) => {
      if (isShipped) await manager.delete(RoomMoveRow, { roomId, slip });
      else await manager.save(RoomMoveRow, { roomId, slip, saw, move });
    });
  }

  private async checkRoom(at: AtWork, id: string): Promise<void> {
    if (!(await this.sight.roomsOf(at)).some((room) => room.id === id)) throw notFound('room');
  }
}
