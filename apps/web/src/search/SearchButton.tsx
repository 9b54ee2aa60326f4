import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { usesSingleKeys } from '../common/keptKeys.js';
import { later } from '../common/later.js';
import { words } from '../wording/words.js';

const Search = later(async () => (await import('./Search.js')).Search);

/** Opens the search, by a tap or the key /. */
export function SearchButton() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey) return;
      if (!usesSingleKeys() || isTypedInto(event.target) || document.querySelector('[role=dialog]')) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <Button variant="text" onClick={() => setOpen(true)} aria-haspopup="dialog" title={words.search.key()}>
        {words.search.title()}
      </Button>
      {isOpen && <Search onClose={() => setOpen(false)} />}
    </>
  );
}

const isTypedInto = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable=true]');
