import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import type { ChildId } from '@dotting/core';
import { childQuery, queryClient } from '../api/queries.js';
import { Notice } from '../app/Notice.js';
import { useHere } from '../entrance/here.js';
import { SittingScreen } from './SittingScreen.js';
import { SittingStore } from './sittingStore.js';

/** Opens the adult's sitting with the child, where it was left or from the child's next step. */
export function SittingPage() {
  const { childId } = useParams();
  const { adult } = useHere();
  const {
    data: store,
    error,
    refetch,
  } = useQuery({
    queryKey: ['sitting', adult.presence, childId],
    queryFn: () =>
      SittingStore.open(adult, childId!, () => queryClient.fetchQuery(childQuery(childId as ChildId))),
    staleTime: Infinity,
    gcTime: 0,
    structuralSharing: false,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (error) {
    return (
      <Box sx={{ p: 4 }}>
        <Notice onRetry={() => void refetch()}>
          {error.message} A sitting begun on this device can go on without one.
        </Notice>
      </Box>
    );
  }
  return store ? <SittingScreen key={store.read().id} store={store} /> : null;
}
