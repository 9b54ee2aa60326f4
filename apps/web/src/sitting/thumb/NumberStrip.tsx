import { numbersFrom, tenAndSome, wordFor, type Schools } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useNumberWords } from '../../common/language.js';
import { startOf, targetOf, type Plan, type Sitting } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';

/** Beyond this the adult knows how it goes on. */
const mostShown = 20;

/** The number words to listen for, where they are not English or are said the building way. */
export function NumberStrip({
  plan,
  child,
  twenty,
}: {
  readonly plan: Plan;
  readonly child: Sitting['child'];
  readonly twenty: Schools['twenty'];
}) {
  const numberWords = useNumberWords(plan.language);
  const builds = plan.layout?.way === 'ten-and-some';
  if (plan.language === 'en' && !builds) return null;
  const first = Math.min(startOf(plan), targetOf(plan));
  const last = Math.min(Math.max(mostShown, first), Math.max(startOf(plan), targetOf(plan)) + 2);
  const numbers = numbersFrom(first, last);
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography variant="body2" color="textSecondary">
        {words.sitting.countsInLanguage({ name: child.firstName, language: numberWords.name })}
      </Typography>
      <Box
        component="p"
        lang={numberWords.tag}
        dir={numberWords.rightToLeft ? 'rtl' : 'ltr'}
        sx={{ m: 0, fontSize: '0.95rem', lineHeight: 1.5 }}
      >
        {numbers
          .map((n) => (builds ? tenAndSome(numberWords, n, twenty) : wordFor(numberWords, n)))
          .join(numberWords.rightToLeft ? '، ' : ', ')}
      </Box>
    </Box>
  );
}
