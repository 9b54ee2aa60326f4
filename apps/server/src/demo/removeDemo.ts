import type { ChildId } from '@dotting/core';
import type { EntityManager } from 'typeorm';
import { eraseChild } from '../nursery/erase.js';

const ofRooms = 'room_id IN (SELECT id FROM room WHERE site_id = ?)';
const ofSite = 'site_id = ?';

/** What a nursery has besides its children, what hangs on others first. */
const tables: readonly (readonly [table: string, where: string])[] = [
  ['group_time', ofRooms],
  ['own_task', ofRooms],
  ['own_things', ofRooms],
  ['room_move', ofRooms],
  ['school_change', ofRooms],
  ['staff_room', ofRooms],
  ['presence', 'device_id IN (SELECT id FROM device WHERE site_id = ?)'],
  ['device', ofSite],
  ['one_time_code', ofSite],
  ['erasure', ofSite],
  ['trail', ofSite],
  ['set_aside', ofSite],
  ['language', ofSite],
  ['staff', ofSite],
  ['room', ofSite],
  ['site', 'id = ?'],
];

/** Takes the demo nursery away with all that was tried in it, within a transaction under way. */
export async function removeDemo(manager: EntityManager): Promise<void> {
  const sites: { id: string }[] = await manager.query('SELECT id FROM site WHERE is_demo = 1');
  for (const { id: siteId } of sites) {
    const children: { id: ChildId }[] = await manager.query('SELECT id FROM child WHERE site_id = ?', [
      siteId,
    ]);
    for (const { id } of children) await eraseChild(manager, id);
    for (const [table, where] of tables) await manager.query(`DELETE FROM ${table} WHERE ${where}`, [siteId]);
  }
}
