import type { ChildId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { ChildSeenBy } from '../nursery/childSeenBy.entity.js';
import { today } from '../common/today.js';
import type { AtWork } from '../common/present.js';
import { notFound } from '../http/refusals.js';
import { Room } from '../nursery/room.entity.js';
import type { Staff } from '../nursery/staff.entity.js';
import { StaffRoom } from '../nursery/staffRoom.entity.js';

type Who = Pick<AtWork, 'siteId' | 'adult'>;

/** Who may see which child: a lead all of the site, others those of their rooms and those they are named for. */
@Injectable()
export class Sight {
  constructor(private readonly dataSource: DataSource) {}

  /** The rooms of which an adult sees anyone, by name. */
  async roomsOf(at: Who): Promise<Room[]> {
    const [rooms, own, named] = await Promise.all([
      this.dataSource.manager.find(Room, { where: { siteId: at.siteId }, order: { name: 'ASC' } }),
      this.ownRooms(at),
      this.named(at),
    ]);
    const others = new Set(named.map((child) => child.roomId));
    return rooms.filter((room) => own === 'all' || own.has(room.id) || others.has(room.id));
  }

  /** The children of a room that come here, as far as the adult sees them. */
  async childrenOf(at: Who, roomId: string): Promise<Child[]> {
    const { manager } = this.dataSource;
    const [isRoom, children, own, named] = await Promise.all([
      manager.existsBy(Room, { id: roomId, siteId: at.siteId }),
      manager.find(Child, {
        where: { roomId, siteId: at.siteId },
        order: { firstName: 'ASC', lastName: 'ASC', id: 'ASC' },
      }),
      this.ownRooms(at),
      this.named(at),
    ]);
    const isNamed = new Set(named.map((child) => child.id));
    const seesAll = own === 'all' || own.has(roomId);
    const seen = children.filter((child) => isHere(child) && (seesAll || isNamed.has(child.id)));
    if (!isRoom || (!seesAll && seen.length === 0)) throw notFound('room');
    return seen;
  }

  /** One child, for an adult who sees it; one who left only for a lead. */
  async child(at: Who, id: ChildId): Promise<Child> {
    const child = await this.find(at, id);
    if (!child) throw notFound('child');
    return child;
  }

  /** The same; null where there is none to be seen. */
  async find(at: Who, id: ChildId): Promise<Child | null> {
    const [child, own, named] = await Promise.all([
      this.dataSource.manager.findOneBy(Child, { id, siteId: at.siteId }),
      this.ownRooms(at),
      this.named(at),
    ]);
    if (!child) return null;
    const sees =
      own === 'all' || (isHere(child) && (own.has(child.roomId) || named.some((one) => one.id === id)));
    return sees ? child : null;
  }

  /** Whether an adult has to do with a child, whether or not both still come. */
  async sees(adult: Pick<Staff, 'id' | 'role'>, child: Pick<Child, 'id' | 'roomId'>): Promise<boolean> {
    const { manager } = this.dataSource;
    return (
      adult.role === 'lead' ||
      (await manager.existsBy(StaffRoom, { staffId: adult.id, roomId: child.roomId })) ||
      (await manager.existsBy(ChildSeenBy, { staffId: adult.id, childId: child.id }))
    );
  }

  private async ownRooms({ adult }: Who): Promise<'all' | ReadonlySet<string>> {
    if (adult.role === 'lead') return 'all';
    const rows = await this.dataSource.manager.findBy(StaffRoom, { staffId: adult.id });
    return new Set(rows.map((row) => row.roomId));
  }

  /** Children that come here and whom the adult sees by name. */
  private async named({ adult }: Who): Promise<readonly Child[]> {
    const rows = await this.dataSource.manager.find(ChildSeenBy, {
      where: { staffId: adult.id },
      relations: { child: true },
    });
    return rows.flatMap((row) => (row.child && isHere(row.child) ? [row.child] : []));
  }
}

/** Whether a child still comes: through its last day. */
export function isHere({ leftOn }: Pick<Child, 'leftOn'>): boolean {
  return leftOn === null || leftOn >= today();
}

/** Whether an adult still comes in. */
export function comesIn({ leftOn }: Pick<Staff, 'leftOn'>): boolean {
  return leftOn === null || leftOn > today();
}
