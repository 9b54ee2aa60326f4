import type { TraceId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { FileButton } from '../common/FileButton.js';
import { words } from '../wording/all.js';
import { smallJpeg } from './smallJpeg.js';

/** Keeps a photo of the paper with a try, where that may be. Needs a connection. */
export function PhotoOfPaper({ tryId }: { readonly tryId: TraceId }) {
  const { photo } = words.writing;
  const keep = useMutation({
    mutationFn: async (file: File) => {
      const jpeg = await smallJpeg(file);
      if (jpeg === null) throw new Error(photo.unreadable());
      await request('PUT', `tries/${tryId}/photo`, { jpeg });
    },
  });
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <FileButton accept="image/*" onFile={(file) => keep.mutate(file)}>
        {photo.add()}
      </FileButton>
      <Typography variant="body2" color="textSecondary">
        {photo.hint()}
      </Typography>
      {keep.error && <Alert>{keep.error.message}</Alert>}
      <Box role="status">{keep.isSuccess && photo.kept()}</Box>
    </Box>
  );
}
