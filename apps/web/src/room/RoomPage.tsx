import { PageTitle } from '../common/PageTitle.js';
import type { Room, RoomChildView } from '@dotting/contract';
import { roomSkills } from '@dotting/core';
import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState, type ComponentProps } from 'react';
import { useOutletContext } from 'react-router';
import { roomQuery } from '../api/queries.js';
import { LeftOut } from '../common/LeftOut.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { Choice } from '../common/Choice.js';
import { slim } from '../common/theme.js';
import { BelowTable } from './BelowTable.js';
import { RoomTable, type Sort } from './RoomTable.js';
import { words } from '../wording/all.js';

/** Children by skills, small; who could sit together; how the room moves; who looked. No order is a rank. */
export function RoomPage() {
  const room = useOutletContext<Room | undefined>();
  const { data, error, refetch } = useQuery({ ...roomQuery(room?.id ?? ''), enabled: room !== undefined });
  const [sort, setSort] = useState<Sort>('name');
  const [adult, setAdult] = useState<string>('all');
  const [group, setGroup] = useState<string>('all');
  const [which, setWhich] = useState<keyof typeof roomSkills>('counting');
  // What lies below the table is drawn as soon as the table stands.
  const later = useDeferredValue(data, undefined);
  if (!data || !room)
    return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
  const shown = sorted(
    data.children.filter(
      (child) =>
        (adult === 'all' || child.adults.includes(adult)) && (group === 'all' || child.group === group),
    ),
    sort,
  );
  const groups = [...new Set(data.children.map((child) => child.group))].filter((one) => one !== '').sort();
  const groupOptions = [['all', words.common.all()] as const, ...groups.map((one) => [one, one] as const)];
  const adultOptions = [
    ['all', words.room.anyone()] as const,
    ...data.lookers.map(({ firstName }) => [firstName, firstName] as const),
  ];
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 3, alignItems: 'end', flexWrap: 'wrap' }}>
        <PageTitle>{room.name}</PageTitle>
        <Box
          sx={{
            flex: 1,
            display: 'flex',
            flexWrap: 'wrap',
            columnGap: 3,
            displayPrint: 'none',
            [slim]: { flexBasis: '100%' },
          }}
        >
          {groups.length > 0 && (
            <Filter label={words.fields.group()} value={group} options={groupOptions} onChoose={setGroup} />
          )}
          <Filter
            label={words.room.which()}
            value={which}
            options={[
              ['counting', words.room.counting()],
              ['beyond', words.room.beyond()],
            ]}
            onChoose={setWhich}
          />
          <Filter label={words.room.seenBy()} value={adult} options={adultOptions} onChoose={setAdult} />
        </Box>
      </Box>
      <LeftOut leftOut={data.leftOut} />
      <RoomTable overview={data} shown={shown} skills={roomSkills[which]} sort={sort} onSort={setSort} />
      {later && <BelowTable overview={later} />}
    </Box>
  );
}

/** As wide as it has options. */
function Filter<Value extends string>(props: ComponentProps<typeof Choice<Value>>) {
  return (
    <Box
      sx={{
        flex: `${props.options.length} 1 auto`,
        maxWidth: `${6 * props.options.length}rem`,
        [slim]: { flexBasis: '100%', maxWidth: 'none' },
      }}
    >
      <Choice {...props} />
    </Box>
  );
}

function sorted(children: readonly RoomChildView[], sort: Sort): readonly RoomChildView[] {
  const reached = (child: RoomChildView): number => {
    const glance = child.glances.find((one) => one.skill === sort);
    return glance ? glance.sure + glance.likely / 100 : 0;
  };
  return children.toSorted((a, b) => {
    const byName = a.firstName.localeCompare(b.firstName);
    if (sort === 'name') return byName;
    if (sort === 'last-look') return (a.lastLook ?? '').localeCompare(b.lastLook ?? '') || byName;
    return reached(a) - reached(b) || byName;
  });
}
