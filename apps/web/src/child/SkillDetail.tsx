import type { SkillLineView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, XAxis, YAxis } from 'recharts';
import { request } from '../api/http.js';
import { childQuery, queryClient } from '../api/queries.js';
import { sayShortDay } from '../common/days.js';
import { capitalised } from '../common/text.js';
import { palette, slim } from '../common/theme.js';
import { words } from '../wording/all.js';
import { InkRows } from './InkRows.js';
import { useUnsaved } from '../common/unsaved.js';

interface SkillDetailProps {
  readonly childId: string;
  readonly line: SkillLineView;
}

/** How a statement came about: its course, what it wants, and an adult's word against it. */
export default function SkillDetail({ childId, line }: SkillDetailProps) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
        gap: 3,
        [slim]: { gridTemplateColumns: 'minmax(0, 1fr)' },
        bgcolor: 'gate',
        p: 2,
        borderRadius: '14px',
      }}
    >
      <Box>
        {line.course.length > 1 ? (
          <Course line={line} />
        ) : (
          <Typography variant="body2" color="textSecondary">
            {line.course.length === 1 ? words.child.oneDay() : words.child.noChart()}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
        {line.mixedUp.length > 0 && <MixedUp line={line} />}
        <Typography variant="body2">{words.child.basedOn({ n: line.tries.length })}</Typography>
        {line.overruled && (
          <Typography variant="body2">
            {words.child.overruledBy({
              statement: line.statement,
              name: line.overruled.by,
              day: sayShortDay(line.overruled.day),
              reason: line.overruled.reason,
            })}
          </Typography>
        )}
        <OverruleStatement childId={childId} line={line} />
      </Box>
      {line.strand === 'numeral-formation' && <InkRows childId={childId as ChildId} />}
    </Box>
  );
}

/** What numerals are taken for, and how often. */
function MixedUp({ line: { mixedUp } }: { readonly line: SkillLineView }) {
  return (
    <table style={{ borderCollapse: 'collapse', fontSize: 14 }}>
      <caption style={{ textAlign: 'start', fontWeight: 650, paddingBottom: 4 }}>
        {words.child.mixedUp()}
      </caption>
      <thead>
        <tr>
          {[words.child.shown(), words.child.takenFor(), words.child.times()].map((head) => (
            <th key={head} scope="col" style={cell}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {mixedUp.map(({ shown, said, times }) => (
          <tr key={`${shown} ${said}`}>
            <td style={cell}>{shown}</td>
            <td style={cell}>{said}</td>
            <td style={cell}>{times}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const cell = { textAlign: 'start', padding: '2px 16px 2px 0', fontWeight: 'inherit' } as const;

const timeOf = (day: string): number => Date.parse(day);
const sayTime = (time: number): string => sayShortDay(new Date(time).toISOString().slice(0, 10));

/** How far it was sure by the day it was said, and how far likely; the day it was put otherwise, marked. */
function Course({ line: { course, overruled } }: { readonly line: SkillLineView }) {
  const points = course.map(({ day, sureTo, likelyTo }) => ({
    time: timeOf(day),
    sureTo,
    band: [sureTo, likelyTo] as const,
  }));
  return (
    <figure style={{ margin: 0 }}>
      <ComposedChart
        responsive
        style={{ width: '100%', maxWidth: 400, height: 180 }}
        data={points}
        margin={{ left: -18, right: 12, top: 8 }}
      >
        <CartesianGrid stroke={palette.sand} vertical={false} />
        <XAxis
          dataKey="time"
          type="number"
          scale="time"
          // It may be put otherwise on a day without a look, after the last of them.
          domain={['dataMin', (last: number) => Math.max(last, overruled ? timeOf(overruled.day) : 0)]}
          tickFormatter={sayTime}
          tick={{ fontSize: 12, fill: palette.inkSoft }}
        />
        <YAxis allowDecimals={false} tick={{ fontSize: 12, fill: palette.inkSoft }} />
        <Area dataKey="band" type="stepAfter" fill={palette.sand} stroke="none" isAnimationActive={false} />
        <Line
          dataKey="sureTo"
          type="stepAfter"
          stroke={palette.ink}
          strokeWidth={2.5}
          dot={{ r: 4, fill: palette.ink }}
          isAnimationActive={false}
        />
        {overruled && (
          <ReferenceLine
            x={timeOf(overruled.day)}
            stroke={palette.brick}
            strokeDasharray="4 4"
            label={{
              value: words.child.changedWords(),
              position: 'insideTopRight',
              fontSize: 12,
              fill: palette.brick,
            }}
          />
        )}
      </ComposedChart>
      <figcaption style={{ fontSize: 13, color: palette.inkSoft }}>{words.child.chartNote()}</figcaption>
    </figure>
  );
}

function OverruleStatement({ childId, line }: SkillDetailProps) {
  const [said, setSaid] = useState('');
  const [reason, setReason] = useState('');
  useUnsaved(said + reason !== '');
  const rule = useMutation({
    mutationFn: (own: string | null) =>
      request('POST', `children/${childId}/statements`, {
        skill: line.skill,
        words: own,
        reason: own === null ? words.child.usesOurs() : reason,
      }),
    onSuccess: () => {
      setSaid('');
      setReason('');
      return queryClient.invalidateQueries({ queryKey: childQuery(childId as never).queryKey });
    },
  });
  return (
    <Box
      component="form"
      sx={{ display: 'grid', gap: 1 }}
      onSubmit={(event) => {
        event.preventDefault();
        rule.mutate(said);
      }}
    >
      <TextField
        size="small"
        label={words.child.whatIsTrue()}
        value={said}
        placeholder={capitalised(line.statement)}
        onChange={(event) => setSaid(event.target.value.slice(0, 300))}
      />
      <TextField
        size="small"
        label={words.common.why()}
        value={reason}
        onChange={(event) => setReason(event.target.value.slice(0, 200))}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" disabled={rule.isPending || said.trim() === '' || reason.trim() === ''}>
          {words.child.saveWords()}
        </Button>
        {line.overruled && <Button onClick={() => rule.mutate(null)}>{words.child.useOurs()}</Button>}
      </Box>
      {rule.error && <Alert>{rule.error.message}</Alert>}
    </Box>
  );
}
