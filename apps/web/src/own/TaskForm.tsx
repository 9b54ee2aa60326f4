import { OwnTaskBody, type RoomHere } from '@dotting/contract';
import { needs, type OwnTaskId } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { putTask } from '../api/own.js';
import { PageTitle } from '../common/PageTitle.js';
import { sending } from '../common/sending.js';
import { useUnsaved } from '../common/unsaved.js';
import { words } from '../wording/all.js';
import { GoesLike } from './GoesLike.js';
import { OnTray } from './OnTray.js';
import { StepTo } from './StepTo.js';
import { TextOf } from './TextOf.js';
import { TryIt } from './TryIt.js';
import { WatchFor } from './WatchFor.js';

interface TaskFormProps {
  readonly room: RoomHere;
  readonly id: OwnTaskId;
  readonly begun: OwnTaskBody;
  readonly title: string;
  readonly onDone: () => void;
  readonly onLeave: () => void;
}

/** All the fields of a task, and a made-up child to try it with before anyone real is asked. */
export function TaskForm({ room, id, begun, title, onDone, onLeave }: TaskFormProps) {
  const form = useForm<OwnTaskBody>({
    resolver: classValidatorResolver(OwnTaskBody),
    defaultValues: begun,
    // What a task like another has no use for goes with it.
    shouldUnregister: false,
  });
  const { errors, isDirty, isSubmitting } = form.formState;
  useUnsaved(isDirty && !isSubmitting);
  const save = form.handleSubmit((body) =>
    sending(form.setError, async () => {
      await putTask(room.id, id, body);
      onDone();
    }),
  );
  return (
    <FormProvider {...form}>
      <Box
        component="form"
        noValidate
        aria-label={title}
        onSubmit={(event) => void save(event)}
        sx={{ display: 'grid', gap: 2.5, maxWidth: 1080 }}
      >
        <PageTitle>{title}</PageTitle>
        <Section name={words.ownTasks.lookAt()} hint={words.ownTasks.likeHint()}>
          <GoesLike />
        </Section>
        <Section name={words.ownTasks.said()}>
          <TextOf name="name" />
          <TextOf name="childDoes" hint={words.ownTasks.childDoesHint()} />
          <TextOf name="say" isLong />
          <TextOf name="thenSay" isLong />
          <TextOf name="avoid" isLong />
        </Section>
        <Section name={words.ownTasks.onTray()}>
          <OnTray room={room} />
        </Section>
        <Section name={words.ownTasks.seen()}>
          <WatchFor />
          <TextOf name="easier" />
          <StepTo name="easier" label={words.ownTasks.stepDown()} />
          <TextOf name="harder" />
          <StepTo name="harder" label={words.ownTasks.stepUp()} />
          <TextOf name="otherThings" />
        </Section>
        <Section name={words.ownTasks.around()}>
          <TextOf name="wholeGroup" />
          <TextOf name="smallGroup" />
          <TextOf name="freeTable" />
          <TextOf name="sheet" />
          <TextOf name="home" />
          <TextOf name="caution" />
        </Section>
        <Section name={words.ownTasks.adapted()} hint={words.ownTasks.adaptedHint()}>
          {needs.map((need) => (
            <TextOf key={need} name={need} />
          ))}
        </Section>
        {errors.root?.message !== undefined && <Alert>{errors.root.message}</Alert>}
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
            {words.common.save()}
          </Button>
          <Button onClick={onLeave}>{words.common.cancel()}</Button>
        </Box>
      </Box>
      <TryIt room={room} />
    </FormProvider>
  );
}

interface SectionProps {
  readonly name: string;
  readonly hint?: string;
  readonly children: ReactNode;
}

function Section({ name, hint, children }: SectionProps) {
  return (
    <Box component="section" aria-label={name}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        {name}
      </Typography>
      {hint && (
        <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
          {hint}
        </Typography>
      )}
      <Box sx={fields}>{children}</Box>
    </Box>
  );
}

const fields = {
  display: 'grid',
  // The longest name of a skill has room.
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(18rem, 100%), 1fr))',
  gap: 2,
  alignItems: 'start',
} as const;
