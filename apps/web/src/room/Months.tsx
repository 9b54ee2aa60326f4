import type { RoomOverview } from '@dotting/contract';
import { CartesianGrid, Line, LineChart, XAxis, YAxis } from 'recharts';
import { sayShortDay } from '../common/days.js';
import { palette } from '../common/theme.js';
import { words } from '../wording/all.js';

/** How the room moves by month: of how many children so much may be said. */
export default function Months({ overview }: { readonly overview: RoomOverview }) {
  return (
    <figure style={{ margin: 0 }}>
      <LineChart
        responsive
        style={{ width: '100%', maxWidth: 520, height: 190 }}
        data={overview.months}
        margin={{ left: -18, right: 16, top: 10 }}
      >
        <CartesianGrid stroke={palette.sand} vertical={false} />
        <XAxis
          dataKey="day"
          padding={{ left: 18, right: 18 }}
          tickFormatter={sayShortDay}
          tick={{ fontSize: 12, fill: palette.inkSoft }}
        />
        <YAxis allowDecimals={false} tick={{ fontSize: 12, fill: palette.inkSoft }} />
        <Line
          dataKey="looked"
          stroke={palette.inkSoft}
          strokeDasharray="2 5"
          isAnimationActive={false}
          dot={false}
        />
        <Line dataKey="five" stroke={palette.ink} strokeWidth={2.5} isAnimationActive={false} />
        <Line
          dataKey="ten"
          stroke={palette.ink}
          strokeWidth={2.5}
          strokeDasharray="7 4"
          isAnimationActive={false}
        />
      </LineChart>
      <figcaption style={{ fontSize: 13, color: palette.inkSoft }}>{words.room.monthsNote()}</figcaption>
    </figure>
  );
}
