import {
  trailActs,
  type OfficeView,
  type TrailAct,
  type TrailEntry,
  type TrailView,
} from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { request } from '../api/http.js';
import { sayMoment } from '../common/days.js';
import { Listed } from '../common/Listed.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { words } from '../wording/all.js';

const any = 'any';

const trailQuery = (filter: string) =>
  queryOptions({
    queryKey: ['trail', filter],
    queryFn: () => request<TrailView>('GET', `office/trail${filter}`),
  });

/** Who looked at, changed, took away or erased what: for one adult, one child or one kind of act, and as a file. */
export function TrailPage() {
  const office = useOutletContext<OfficeView>();
  const [adult, setAdult] = useState<string>(any);
  const [child, setChild] = useState<string>(any);
  const [act, setAct] = useState<TrailAct | typeof any>(any);
  const chosen = Object.entries({ adult, child, act }).filter(([, value]) => value !== any);
  const filter = chosen.length > 0 ? `?${new URLSearchParams(chosen).toString()}` : '';
  const { data, error, refetch } = useQuery(trailQuery(filter));
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 980 }}>
      <Typography variant="h2">{words.trail.title()}</Typography>
      <Typography variant="body2" color="textSecondary">
        {words.trail.intro()}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(12rem, 100%), 1fr))',
        }}
      >
        <Listed
          label={words.trail.adult()}
          value={adult}
          options={[
            [any, words.trail.anyone()],
            ...office.adults.map(({ id, firstName, lastName }) => [id, `${firstName} ${lastName}`] as const),
          ]}
          onChoose={setAdult}
        />
        <Listed
          label={words.trail.child()}
          value={child}
          options={[
            [any, words.trail.any()],
            ...office.children.map(
              ({ id, firstName, lastName }) => [id, `${firstName} ${lastName}`] as const,
            ),
          ]}
          onChoose={setChild}
        />
        <Listed<TrailAct | typeof any>
          label={words.trail.act()}
          value={act}
          options={[
            [any, words.trail.any()],
            ...trailActs.map((one) => [one, words.trail.acts[one]()] as const),
          ]}
          onChoose={setAct}
        />
      </Box>
      <Box>
        <Button component="a" href={`/api/office/trail.csv${filter}`} download>
          {words.trail.download()}
        </Button>
      </Box>
      {data ? (
        <Lines trail={data} />
      ) : error ? (
        <Notice onRetry={() => void refetch()}>{error.message}</Notice>
      ) : (
        <Loading />
      )}
    </Box>
  );
}

function Lines({ trail: { entries, more } }: { readonly trail: TrailView }) {
  if (entries.length === 0) return <Notice>{words.trail.empty()}</Notice>;
  return (
    <>
      <ul aria-label={words.trail.title()}>
        {entries.map((entry, i) => (
          // By its place: two lines may be alike in all but the moment.
          <Box component="li" key={i} sx={{ py: 1, borderTop: 1, borderColor: 'sand' }}>
            <Typography>{told(entry)}</Typography>
            <Typography variant="body2" color="textSecondary">
              {sayMoment(entry.at)}
              {entry.times > 1 && ` · ${words.trail.times({ n: entry.times })}`}
            </Typography>
          </Box>
        ))}
      </ul>
      {more > 0 && <Typography>{words.trail.more({ n: more })}</Typography>}
    </>
  );
}

function told({ adult, act, part, about }: TrailEntry): string {
  const said = { adult, act: words.trail.acts[act](), part: words.trail.parts[part]() };
  return about === '' ? words.trail.line(said) : words.trail.lineAbout({ ...said, about });
}
