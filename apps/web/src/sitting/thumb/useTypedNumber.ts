import { useEffectEvent, useLayoutEffect, useState } from 'react';
import { isPressable, isTyping } from '../keys.js';

const mostDigits = 3;

/** A number typed while a pad is shown: digits, then Enter. @returns the digits so far */
export function useTypedNumber(onNumber: (n: number) => void): string {
  const [typed, setTyped] = useState('');
  const press = useEffectEvent((event: KeyboardEvent) => {
    if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    if (/^\d$/.test(event.key)) setTyped((typed + event.key).slice(0, mostDigits));
    else if (event.key === 'Backspace') setTyped(typed.slice(0, -1));
    else if (event.key === 'Enter' && typed !== '') {
      // A button in focus would be pressed as well.
      event.preventDefault();
      if (isPressable(event.target)) (event.target as HTMLElement).blur();
      setTyped('');
      onNumber(Number(typed));
    }
  });
  // Before it is painted: whoever sees the pad can type.
  useLayoutEffect(() => {
    window.addEventListener('keydown', press, true);
    return () => window.removeEventListener('keydown', press, true);
  }, []);
  return typed;
}
