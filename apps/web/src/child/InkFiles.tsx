import type { InkView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { childQuery, inkQuery, queryClient } from '../api/queries.js';
import { FileButton } from '../common/FileButton.js';
import { useHere } from '../common/here.js';
import { saveBlob } from '../common/saveBlob.js';
import { words } from '../wording/words.js';

type Told =
  { readonly kind: 'taken'; readonly n: number } | { readonly kind: 'wrong'; readonly what: string };

/** A child’s numerals to take away, and numerals from a file to be added to them. */
export function InkFiles({ childId }: { readonly childId: ChildId }) {
  const { data } = useQuery(inkQuery(childId));
  const { adult } = useHere();
  const [told, setTold] = useState<Told>();
  const download = async ({ numerals }: InkView): Promise<void> => {
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
    const known = new Set<string>((data?.numerals ?? []).map((one) => one.try));
    try {
      setTold({ kind: 'taken', n: await takeInk(adult, childId, read.numerals, known) });
    } catch (error) {
      setTold({ kind: 'wrong', what: (error as Error).message });
    }
    await Promise.all(
      [inkQuery(childId), childQuery(childId)].map(({ queryKey }) =>
        queryClient.invalidateQueries({ queryKey }),
      ),
    );
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
      {data && data.numerals.length > 0 && (
        <Button onClick={() => void download(data)}>{words.writing.downloadAll()}</Button>
      )}
      <FileButton accept=".inkml,.zip" onFile={(file) => void take(file)}>
        {words.writing.takeFile()}
      </FileButton>
      {told?.kind === 'wrong' && <Alert sx={{ width: '100%' }}>{told.what}</Alert>}
      <Box role="status">{told?.kind === 'taken' && words.writing.taken({ n: told.n })}</Box>
    </Box>
  );
}
