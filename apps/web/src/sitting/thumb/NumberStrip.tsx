import { taskOf, tenAndSome, wordFor } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useNumberWords } from '../../app/language.js';
import type { Plan, Sitting } from '../sitting.js';

/** Beyond this the adult knows how it goes on. */
const mostShown = 20;

/** The number words to listen for, where they are not English or are said the building way. */
export function NumberStrip({ plan, child }: { readonly plan: Plan; readonly child: Sitting['child'] }) {
  const words = useNumberWords(plan.language);
  const builds = plan.layout?.way === 'ten-and-some';
  if (plan.language === 'en' && !builds) return null;
  const start = taskOf(plan.task).start ?? 1;
  const last = Math.min(mostShown, Math.max(start, plan.size) + 2);
  const numbers = Array.from({ length: last - start + 1 }, (_, i) => start + i);
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography variant="body2" color="textSecondary">
        {child.firstName} counts in {words.name}
      </Typography>
      <Box
        component="p"
        lang={words.tag}
        dir={words.rightToLeft ? 'rtl' : 'ltr'}
        sx={{ m: 0, fontSize: '0.95rem', lineHeight: 1.5 }}
      >
        {numbers
          .map((n) => (builds ? tenAndSome(words, n) : wordFor(words, n)))
          .join(words.rightToLeft ? '، ' : ', ')}
      </Box>
    </Box>
  );
}
