import type { ChildView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';
import { InkFiles } from './InkFiles.js';

const AboutForm = lazy(() => import('./AboutForm.js'));

/** What the cautions rest on, and the way to put it right. */
export function About({ child }: { readonly child: ChildView }) {
  const [isEditing, setIsEditing] = useState(false);
  const { adult } = useHere();
  return (
    <Box component="section" aria-label={words.child.about({ name: child.firstName })}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {words.child.about({ name: child.firstName })}
      </Typography>
      {isEditing ? (
        <Suspense>
          <AboutForm child={child} onDone={() => setIsEditing(false)} />
        </Suspense>
      ) : (
        <>
          <Typography variant="body2">{mouthsWords(child)}</Typography>
          <Typography variant="body2">
            {words.child.allergies({
              allergies: child.allergies === '' ? words.child.noAllergies() : child.allergies,
            })}
          </Typography>
          {child.needs.length > 0 && (
            <Typography variant="body2">
              {words.child.adaptedFor({
                needs: child.needs.map((need) => words.needs[need]()).join(', '),
              })}{' '}
            </Typography>
          )}
          {adult.role !== 'assistant' && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5, displayPrint: 'none' }}>
              <Button onClick={() => setIsEditing(true)}>{words.common.edit()}</Button>
              <Button component="a" href={`/api/children/${child.id}/export.json`} download>
                {words.child.downloadAll()}
              </Button>
              <Button component="a" href={`/api/children/${child.id}/tries.csv`} download>
                {words.child.downloadTries()}
              </Button>
              <InkFiles childId={child.id} />
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

function mouthsWords({ mouths, birthDate }: ChildView): string {
  if (mouths !== null) return mouths ? words.child.mouths() : words.child.doesNotMouth();
  return birthDate === null ? words.child.takenAsMouthing() : words.child.mouthingNotSaid();
}
