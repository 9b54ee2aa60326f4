import type { ToldTry } from '@dotting/contract';
import { dayOf, strokesOfTry, wantedOf } from '@dotting/core';
import Button from '@mui/material/Button';
import { saveBlob } from '../common/saveBlob.js';
import { words } from '../wording/all.js';

/** A numeral as one file, where it was written on the screen. */
export function SaveInk({ tried }: { readonly tried: ToldTry }) {
  const strokes = strokesOfTry(tried.events);
  const n = wantedOf(tried);
  if (strokes.length === 0 || n === null) return null;
  const { id, startedAt } = tried;
  const save = async (): Promise<void> => {
    const { fileNameOf, inkMlOfNumeral } = await import('../writing/inkZip.js');
    const one = { try: id, n, startedAt, day: dayOf(tried), strokes };
    saveBlob(fileNameOf(one), new Blob([inkMlOfNumeral(one)], { type: 'application/inkml+xml' }));
  };
  return <Button onClick={() => void save()}>{words.writing.save()}</Button>;
}
