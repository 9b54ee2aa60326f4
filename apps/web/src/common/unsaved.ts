import { useEffect, useState } from 'react';

const halfTyped = new Set<symbol>();

/** Whether something was typed into a form that still stands there. */
export const hasUnsaved = (): boolean => halfTyped.size > 0;

/** For a form that goes once it is saved: what to call when something is typed in it. */
export function useUnsaved(): () => void {
  const [form] = useState(() => Symbol('form'));
  useEffect(() => () => void halfTyped.delete(form), [form]);
  return () => void halfTyped.add(form);
}
