import type { ChildId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { Subject } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';

/** Everything that a summary of a child rests on is changed through here, and is counted. */
@Injectable()
export class Evidence {
  /** Children of whom something else is known now; told after the transaction. */
  readonly changed = new Subject<readonly ChildId[]>();

  constructor(private readonly dataSource: DataSource) {}

  /**
   * Runs a change of what is known of these children in one transaction. Their counts go up first, so
   * that changes about one child wait for each other in one order, and one rolled back counts nothing.
   */
  async changing<Result>(
    childIds: readonly ChildId[],
    work: (manager: EntityManager) => Promise<Result>,
  ): Promise<Result> {
    // Read committed, so that after waiting for a lock what another has stored is read as it now is.
    const result = await this.dataSource.transaction('READ COMMITTED', async (manager) => {
      await raise(manager, childIds);
      return work(manager);
    });
    this.changed.next(childIds);
    return result;
  }

  /** The same for all children of a room. */
  async changingRoom(roomId: string, work: (manager: EntityManager) => Promise<void>): Promise<void> {
    const rows: { id: ChildId }[] = await this.dataSource.query('SELECT id FROM child WHERE room_id = ?', [
      roomId,
    ]);
    await this.changing(
      rows.map((row) => row.id),
      work,
    );
  }
}

/** Counts a change within a transaction that is under way. */
export async function raise(manager: EntityManager, childIds: readonly ChildId[]): Promise<void> {
  if (childIds.length === 0) return;
  await manager.query('UPDATE child SET evidence = evidence + 1 WHERE id IN (?) ORDER BY id', [childIds]);
}
