import { useEffect } from 'react';

const halfTyped = new Set<symbol>();

/** Whether something was typed into a form that still stands there. */
export const hasUnsaved = (): boolean => halfTyped.size > 0;

/** For a form: whether something is typed in it now that leaving the page would lose. */
export function useUnsaved(isHalfTyped: boolean): void {
  useEffect(() => {
    if (!isHalfTyped) return;
    const form = Symbol('form');
    halfTyped.add(form);
    return () => void halfTyped.delete(form);
  }, [isHalfTyped]);
}
