import { useTabTitle } from '../common/useTabTitle.js';
import type { Here, PresentAdult } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { NoConnection, request } from '../api/http.js';
import { narrow, palette } from '../common/theme.js';
import { CodePad } from './CodePad.js';
import { comeInOffline, rememberCode } from './offlineCode.js';
import { noteLife, rememberEntrance } from './stay.js';
import { words } from '../wording/words.js';

interface ComeInProps {
  readonly here: Here;
  readonly onEnter: (adult: PresentAdult) => Promise<void>;
}

/** Who is here? A name and a short code. Shows no child and nothing of what is under way. */
export function ComeIn({ here, onEnter }: ComeInProps) {
  useTabTitle(words.entrance.who());
  const [staffId, setStaffId] = useState<StaffId>();
  const [message, setMessage] = useState('');
  const chosen = here.adults.find((adult) => adult.id === staffId);

  const tryCode = async (code: string): Promise<void> => {
    if (!chosen) return;
    setMessage('');
    // Before the stay begins, so that nothing takes the device for left meanwhile.
    noteLife(Date.now());
    try {
      const adult = await request<PresentAdult>('POST', 'adult', { staffId: chosen.id, code });
      await rememberCode(adult, code);
      await onEnter(adult);
    } catch (error) {
      if (!(error instanceof NoConnection))
        return setMessage(error instanceof Error ? error.message : String(error));
      const answer = await comeInOffline(chosen.id, code, Date.now());
      if (answer.kind === 'no') return setMessage(answer.message);
      rememberEntrance({ staffId: chosen.id, code });
      await onEnter(answer.adult);
    }
  };

  return (
    <Box
      component="main"
      sx={{
        minHeight: '100%',
        bgcolor: 'ink',
        color: 'gate',
        '--focus': palette.sand,
        display: 'grid',
        placeItems: 'center',
        p: 3,
      }}
    >
      <Box
        sx={{
          width: 'min(880px, 100%)',
          display: 'grid',
          gap: 5,
          gridTemplateColumns: 'minmax(0, 1fr) 21.25rem',
          [narrow]: { gridTemplateColumns: 'minmax(0, 1fr)' },
        }}
      >
        <Box>
          <Typography component="p" sx={{ color: 'sand', mb: 1 }}>
            {here.site}
            {here.isDemo && ` · ${words.demo.tag()}`}
          </Typography>
          <Typography variant="h1" sx={{ mb: 3 }}>
            {words.entrance.who()}
          </Typography>
          <Box
            sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(8rem, 1fr))' }}
            role="group"
            aria-label={words.entrance.adults()}
          >
            {here.adults.map((adult) => (
              <Button
                key={adult.id}
                aria-pressed={adult.id === staffId}
                onClick={() => {
                  setStaffId(adult.id);
                  setMessage('');
                }}
                sx={{
                  justifyContent: 'flex-start',
                  minHeight: 60,
                  fontSize: '1.1rem',
                  color: 'gate',
                  bgcolor: 'transparent',
                  borderColor: 'inkSoft',
                  '&[aria-pressed=true]': {
                    bgcolor: 'gate',
                    color: 'ink',
                    borderColor: 'gate',
                  },
                }}
              >
                {adult.firstName}
              </Button>
            ))}
          </Box>
        </Box>
        <CodePad key={staffId} name={chosen?.firstName} message={message} onCode={tryCode} />
      </Box>
    </Box>
  );
}
