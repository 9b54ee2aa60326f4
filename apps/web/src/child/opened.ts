import type { ChildPage, DotView, SkillLineView } from '@dotting/contract';
import { useSearchParams } from 'react-router';

/** The tries of a number that are shown alone. */
export interface OpenedTries {
  readonly skill: SkillLineView['skill'];
  readonly dot: DotView;
}

/** What is opened on a child’s page stands in the address: back closes it, and a reload leaves it open. */
function useAddress(): readonly [URLSearchParams, (change: (search: URLSearchParams) => void) => void] {
  const [search, setSearch] = useSearchParams();
  const change = (by: (search: URLSearchParams) => void): void => {
    const next = new URLSearchParams(search);
    by(next);
    setSearch(next, { preventScrollReset: true });
  };
  return [search, change];
}

/** The number whose tries are shown, if one was opened. */
export function useOpenedTries({
  lines,
}: ChildPage): readonly [opened: OpenedTries | undefined, open: (one?: OpenedTries) => void] {
  const [search, change] = useAddress();
  const line = lines.find(({ skill }) => skill === search.get('tries'));
  const dot = line?.dots.find(({ n }) => String(n) === search.get('n'));
  const open = (one?: OpenedTries): void =>
    change((next) => {
      next.delete('tries');
      next.delete('n');
      if (!one) return;
      next.set('tries', one.skill);
      next.set('n', String(one.dot.n));
    });
  return [line && dot && { skill: line.skill, dot }, open];
}

/** Whether how a skill came about is shown. */
export function useOpenedSkill(skill: string): readonly [isOpen: boolean, toggle: () => void] {
  const [search, change] = useAddress();
  const isOpen = search.getAll('skill').includes(skill);
  const toggle = (): void =>
    change((next) => (isOpen ? next.delete('skill', skill) : next.append('skill', skill)));
  return [isOpen, toggle];
}
