import Button from '@mui/material/Button';
import { useState } from 'react';
import { later } from '../common/later.js';
import { words } from '../wording/all.js';
import type { CardOf } from './CardDialog.js';

const CardDialog = later(async () => (await import('./CardDialog.js')).CardDialog);

/** The card of the task that is being laid, on one tap. */
export function CardButton(of: CardOf) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button variant="text" onClick={() => setOpen(true)} sx={{ justifySelf: 'start', px: 0 }}>
        {words.shelf.about()}
      </Button>
      {isOpen && <CardDialog {...of} onClose={() => setOpen(false)} />}
    </>
  );
}
