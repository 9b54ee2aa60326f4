import type { RoomHere } from '@dotting/contract';
import { likable, type OwnTaskId } from '@dotting/core';
import { useState } from 'react';
import { useNavigate, useOutletContext, useSearchParams } from 'react-router';
import { newId } from '../common/ids.js';
import { Notice } from '../common/Notice.js';
import { useSchools } from '../common/schools.js';
import { words } from '../wording/all.js';
import { blank, bodyOf, copyOf } from './beginnings.js';
import { TaskForm } from './TaskForm.js';

/** Writes a task of the room’s own: from nothing, from one of the shelf, or one that is there already. */
export function WritePage() {
  const room = useOutletContext<RoomHere | undefined>();
  const [params] = useSearchParams();
  if (!room) return <Notice>{words.passing.noChildren()}</Notice>;
  return <Write key={`${room.id} ${params.toString()}`} room={room} params={params} />;
}

interface WriteProps {
  readonly room: RoomHere;
  readonly params: URLSearchParams;
}

function Write({ room, params }: WriteProps) {
  const schools = useSchools();
  const navigate = useNavigate();
  const own = room.ownTasks.find(({ id }) => id === params.get('own'));
  const copied = likable.find(({ id }) => id === params.get('like'))?.id;
  const [id] = useState(() => own?.id ?? newId<OwnTaskId>());
  const [begun] = useState(() => {
    if (own) return bodyOf(own);
    return copied ? copyOf(copied, schools) : blank();
  });
  return (
    <TaskForm
      room={room}
      id={id}
      begun={begun}
      title={own ? words.ownTasks.changing({ task: own.texts.name }) : words.ownTasks.write()}
      onDone={() => void navigate(`/shelf?own=${id}`)}
      onLeave={() =>
        void navigate(own ? `/shelf?own=${own.id}` : copied ? `/shelf?task=${copied}` : '/shelf')
      }
    />
  );
}
