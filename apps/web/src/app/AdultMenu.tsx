import Button from '@mui/material/Button';
import { useState } from 'react';
import { useHere } from '../common/here.js';
import { later } from '../common/later.js';

const AdultChoices = later(async () => (await import('./AdultChoices.js')).AdultChoices);

/** The adult at the device, and behind her name what concerns her. */
export function AdultMenu() {
  const { adult } = useHere();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Button variant="text" onClick={(event) => setAnchor(event.currentTarget)} aria-haspopup="menu">
        {adult.firstName}
      </Button>
      {anchor && <AdultChoices anchor={anchor} onClose={() => setAnchor(null)} />}
    </>
  );
}
