import type { ToldTry } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient, tryQuery } from '../api/queries.js';
import { words } from '../wording/all.js';

/** The paper that was written on, where it was photographed. */
export function Photo({ tried, mayErase }: { readonly tried: ToldTry; readonly mayErase: boolean }) {
  const address = `tries/${tried.id}/photo`;
  const erase = useMutation({
    mutationFn: () => request('DELETE', address),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: tryQuery(tried.id).queryKey }),
  });
  if (!tried.hasPhoto) return null;
  return (
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
      <img
        src={`/api/${address}`}
        alt={words.writing.photo.of()}
        style={{ maxWidth: '100%', maxHeight: '60vh', borderRadius: 12 }}
      />
      {mayErase && (
        <Button disabled={erase.isPending} onClick={() => erase.mutate()}>
          {words.writing.photo.erase()}
        </Button>
      )}
    </Box>
  );
}
