import type { InkView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { childQuery, inkQuery, queryClient } from '../api/queries.js';
import { FileButton } from '../common/FileButton.js';
import { useHere } from '../common/here.js';
import { saveBlob } from '../common/saveBlob.js';
import { words } from '../wording/all.js';

type Told =
  { readonly kind: 'taken'; readonly n: number } | { readonly kind: 'wrong'; readonly what: string };

/** A child’s numerals to take away, and numerals from a file to be added to them. */
export function InkFiles({ childId }: { readonly childId: ChildId }) {
  const { adult } = useHere();
  const [told, setTold] = useState<Told>();
  // Fetched when it is asked for: a child’s ink is much, and few pages need it.
  const written = (): Promise<InkView> => queryClient.fetchQuery({ ...inkQuery(childId), staleTime: 0 });
  const failed = (error: unknown): void => setTold({ kind: 'wrong', what: (error as Error).message });
  const download = async (): Promise<void> => {
    const { numerals } = await written();
    if (numerals.length === 0) return setTold({ kind: 'wrong', what: words.writing.noneYet() });
    const { inkZip } = await import('../writing/inkZip.js');
    saveBlob('numerals.zip', new Blob([inkZip(numerals)], { type: 'application/zip' }));
  };
  const take = async (file: File): Promise<void> => {
    const [{ readInkFile }, { takeInk }] = await Promise.all([
      import('../writing/readInkFile.js'),
      import('../writing/takeInk.js'),
    ]);
    const read = await readInkFile(file);
    if ('wrong' in read) return setTold({ kind: 'wrong', what: read.wrong });
    const known = new Set<string>((await written()).numerals.map((one) => one.try));
    setTold({ kind: 'taken', n: await takeInk(adult, childId, read.numerals, known) });
    await Promise.all(
      [inkQuery(childId), childQuery(childId)].map(({ queryKey }) =>
        queryClient.invalidateQueries({ queryKey }),
      ),
    );
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
      <Button onClick={() => void download().catch(failed)}>{words.writing.downloadAll()}</Button>
      <FileButton accept=".inkml,.zip" onFile={(file) => void take(file).catch(failed)}>
        {words.writing.takeFile()}
      </FileButton>
      {told?.kind === 'wrong' && <Alert sx={{ width: '100%' }}>{told.what}</Alert>}
      <Box role="status">{told?.kind === 'taken' && words.writing.taken({ n: told.n })}</Box>
    </Box>
  );
}
