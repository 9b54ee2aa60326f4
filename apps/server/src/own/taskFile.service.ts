import {
  OwnThingsBody,
  type OwnTaskBody,
  type SharedThings,
  type TaskFile,
  type TaskTakenIn,
} from '@dotting/contract';
import { isCounter, type OwnTaskId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { newId } from '../common/newId.js';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { impossible } from '../http/refusals.js';
import { spoken } from '../wording/spoken.js';
import { OwnService } from './own.service.js';
import { OwnThingsRow } from './ownThings.entity.js';

/** Takes in tasks that were saved as files, from here or from another nursery. */
@Injectable()
export class TaskFiles {
  constructor(
    private readonly own: OwnService,
    private readonly evidence: Evidence,
  ) {}

  /** A new task of the room, with the kinds of things it speaks of: those that the room has already serve for it. All of it or nothing. */
  async takeIn(at: AtWork, roomId: string, { task, things }: TaskFile): Promise<TaskTakenIn> {
    await this.own.checkRoom(at, roomId);
    checkNamed(task, things);
    const id = newId<OwnTaskId>();
    await this.evidence.changingRoom(roomId, async (manager) => {
      const idHere = await this.thingsHere(manager, at, roomId, things);
      const here = (there: string): string => idHere.get(there) ?? there;
      await this.own.putTaskWithin(manager, at, roomId, id, {
        ...task,
        ...(task.only !== undefined && { only: here(task.only) }),
        beside: task.beside.map(here),
      });
    });
    return { id };
  }

  /** The ids here of kinds of things as the file has them: of the same, or of new ones. */
  private async thingsHere(
    manager: EntityManager,
    at: AtWork,
    roomId: string,
    things: readonly SharedThings[],
  ): Promise<ReadonlyMap<string, string>> {
    const kept = await manager.findBy(OwnThingsRow, { roomId });
    const ids = new Map<string, string>();
    for (const { id: there, ...shared } of things) {
      const body = Object.assign(new OwnThingsBody(), shared);
      const same = kept.find((row) => !row.retired && isDeepStrictEqual(row.body, { ...body }));
      const id = same?.id ?? newId<string>();
      if (!same)
        await manager.insert(OwnThingsRow, { id, roomId, body, retired: false, changedBy: at.adult.id });
      ids.set(there, id);
    }
    return ids;
  }
}

/** @throws RefusedException where the task names what neither the shelf nor the file has */
function checkNamed({ only, beside }: OwnTaskBody, things: readonly SharedThings[]): void {
  const has = (id: string, isContainer: boolean): boolean =>
    things.some((one) => one.id === id && one.isContainer === isContainer);
  if (only !== undefined && !isCounter(only) && !has(only, false))
    throw impossible('task.only', spoken().steps.noThings({ things: only }));
  const missing = beside.findIndex((id) => !has(id, true));
  if (missing >= 0)
    throw impossible(`task.beside.${missing}`, spoken().steps.noThings({ things: beside[missing]! }));
}
