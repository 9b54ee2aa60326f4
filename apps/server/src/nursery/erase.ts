import type { ChildId } from '@dotting/core';
import type { EntityManager } from 'typeorm';

/**
 * Every table with rows about a child, what hangs on others first, and the column that says whose they
 * are. A test holds the list against the database's own keys.
 */
export const tablesOfChild: readonly (readonly [table: string, column: string, of: 'child' | 'try'])[] = [
  ['child_summary', 'child_id', 'child'],
  ['child_seen_by', 'child_id', 'child'],
  ['not_here', 'child_id', 'child'],
  ['set_aside', 'child_id', 'child'],
  ['group_time_child', 'child_id', 'child'],
  ['statement_ruling', 'child_id', 'child'],
  ['step_decision', 'child_id', 'child'],
  ['closing', 'child_id', 'child'],
  ['told_apart', 'one_id', 'try'],
  ['told_apart', 'other_id', 'try'],
  ['ruling', 'try_id', 'try'],
  ['try_photo', 'try_id', 'try'],
  ['try_move', 'try_id', 'try'],
  ['try_event', 'try_id', 'try'],
  ['try', 'child_id', 'child'],
  ['child', 'id', 'child'],
];

/**
 * Erases all that is held about a child, within a transaction under way, and looks again.
 *
 * @returns rows that went, by table, and how many of them are still found
 */
export async function eraseChild(
  manager: EntityManager,
  id: ChildId,
): Promise<{ readonly gone: Record<string, number>; readonly left: number }> {
  // Held first, so that nothing about the child is stored meanwhile.
  await manager.query('SELECT id FROM child WHERE id = ? FOR UPDATE', [id]);
  const tries: { id: string }[] = await manager.query('SELECT id FROM try WHERE child_id = ?', [id]);
  const ids = { child: [id], try: tries.map((one) => one.id) };
  const gone: Record<string, number> = {};
  for (const [table, column, of] of tablesOfChild) {
    if (ids[of].length === 0) continue;
    const where = `DELETE FROM \`${table}\` WHERE ${column} IN (?)`;
    const { affectedRows }: { affectedRows: number } = await manager.query(where, [ids[of]]);
    gone[table] = (gone[table] ?? 0) + affectedRows;
  }
  let left = 0;
  for (const [table, column, of] of tablesOfChild) {
    if (ids[of].length === 0) continue;
    const where = `SELECT COUNT(*) AS found FROM \`${table}\` WHERE ${column} IN (?)`;
    const [row]: [{ found: string }] = await manager.query(where, [ids[of]]);
    left += Number(row.found);
  }
  return { gone, left };
}
