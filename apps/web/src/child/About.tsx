import type { ChildView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { needWords } from '../app/needs.js';
import { useHere } from '../entrance/here.js';

const AboutForm = lazy(() => import('./AboutForm.js'));

/** What the cautions rest on, and the way to put it right. */
export function About({ child }: { readonly child: ChildView }) {
  const [isEditing, setIsEditing] = useState(false);
  const { adult } = useHere();
  return (
    <Box component="section" aria-label={`About ${child.firstName}`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        About {child.firstName}
      </Typography>
      {isEditing ? (
        <Suspense>
          <AboutForm child={child} onDone={() => setIsEditing(false)} />
        </Suspense>
      ) : (
        <>
          <Typography variant="body2">{mouthsWords(child)}</Typography>
          <Typography variant="body2">
            Allergies: {child.allergies === '' ? 'none entered' : child.allergies}
          </Typography>
          {child.needs.length > 0 && (
            <Typography variant="body2">
              Done otherwise for {child.needs.map((need) => needWords[need].toLowerCase()).join(', ')}.
            </Typography>
          )}
          {adult.role !== 'assistant' && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5, displayPrint: 'none' }}>
              <Button onClick={() => setIsEditing(true)}>Put right</Button>
              <Button component="a" href={`/api/children/${child.id}/export.json`} download>
                All that is held (JSON)
              </Button>
              <Button component="a" href={`/api/children/${child.id}/tries.csv`} download>
                Tries (CSV)
              </Button>
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

function mouthsWords({ mouths, birthDate }: ChildView): string {
  if (mouths !== null) return mouths ? 'Still mouths things.' : 'Does not mouth things.';
  return birthDate === null
    ? 'Taken as under three and as mouthing things until someone says otherwise.'
    : 'Nobody has said whether things go in the mouth.';
}
