import type { AdultSettings } from '@dotting/contract';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { setAdult } from '../entrance/hereQuery.js';

/** Changes what is kept for the adult at the device, here once the server has it. */
export function useOwnSettings() {
  const { here, adult } = useHere();
  return useMutation({
    networkMode: 'always',
    mutationFn: async (changed: Partial<AdultSettings>): Promise<void> => {
      const settings = { thumb: adult.thumb, language: adult.language, ...changed };
      await request('PATCH', 'adult', settings);
      await setAdult(here, { ...adult, ...settings });
      if (!changed.language) return;
      // The server words some of what it answers, and may be about to in the old language.
      await queryClient.cancelQueries();
      await queryClient.invalidateQueries();
    },
  });
}
