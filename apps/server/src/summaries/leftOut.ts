import type { LeftOutView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import type { Child } from '../nursery/child.entity.js';
import type { Glance } from './workOut.js';

/** What of these children's records is not in what is shown of them. */
export function leftOutOf(
  children: readonly Pick<Child, 'id' | 'firstName'>[],
  glances: ReadonlyMap<ChildId, Glance>,
  behind: readonly ChildId[],
): LeftOutView {
  return {
    unread: children.flatMap(({ id, firstName }) => {
      const tries = glances.get(id)?.unread ?? 0;
      return tries > 0 ? [{ childId: id, firstName, tries }] : [];
    }),
    behind: children.filter(({ id }) => behind.includes(id)).map((child) => child.firstName),
  };
}
