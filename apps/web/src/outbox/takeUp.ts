import { keepStep, keepTry, keptSitting, keptTry } from './database.js';
import { caughtUp, forgetStep, isForgotten, notedStep, sittingsNoted } from './journal.js';

/**
 * Keeps the steps that were noted and had not come to the disk when their page was left: they are sent then,
 * whoever is here now, and their sitting goes on with them.
 */
export async function takeUpSteps(): Promise<void> {
  for (const sitting of sittingsNoted()) await takeUpStep(sitting);
}

async function takeUpStep(key: string): Promise<void> {
  const noted = notedStep(key);
  if (!noted) return;
  const before = await keptTry(noted.id);
  const onDisk = before ? [{ ...before.kept, events: before.events }] : [];
  const tries = caughtUp(onDisk, noted);
  const sitting = await keptSitting(key);
  const isOfSitting = sitting?.id === noted.head.sittingId;
  if (tries !== onDisk) {
    const { id, head, revision, presence, events } = tries[0]!;
    const step = { id, head, revision, presence };
    if (isOfSitting) {
      const ids = [...new Set([...sitting.tries, id])];
      const open = { ...sitting, tries: ids, stage: 'sitting', isOpen: true } as const;
      await keepStep(open, step, events, onDisk[0]?.events.length ?? 0);
    } else await keepTry({ ...step, events: events.length, sentEvents: 0, sentRevision: -1 }, events);
  }
  // The first step of a sitting that was itself not kept stays noted: with it the sitting begins again.
  const isDone = isOfSitting || isForgotten(noted);
  // Another window may have noted a later one meanwhile.
  if (isDone && JSON.stringify(notedStep(key)) === JSON.stringify(noted)) forgetStep(key);
}
