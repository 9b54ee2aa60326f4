import { useEffect } from 'react';

/** Names the browser's tab by what is open in it. */
export function useTabTitle(name: string): void {
  useEffect(() => {
    document.title = `${name} · Dotting`;
  }, [name]);
}
