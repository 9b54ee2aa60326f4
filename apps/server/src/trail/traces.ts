import type { TrailAct, TrailPart } from '@dotting/contract';

/** What a route leaves on the trail. Whom it is about stands in its address, or nowhere. */
export interface Leaves {
  readonly act: TrailAct;
  readonly part: TrailPart;
}

/** By method and address: the first that fits. */
const traces: readonly (readonly [route: RegExp, act: TrailAct, part: TrailPart])[] = [
  [/^GET children\/:id\/export\.json$/, 'exported', 'record'],
  [/^GET children\/:id\/tries\.csv$/, 'exported', 'tries'],
  [/^GET children\/:id\/ink$/, 'looked', 'ink'],
  [/^GET children\/:id$/, 'looked', 'child'],
  [/^GET rooms\/:id\/today$/, 'looked', 'today'],
  [/^GET rooms\/:id$/, 'looked', 'room'],
  [/^GET tries\/:id$/, 'looked', 'try'],
  [/^GET tries\/:id\/photo$/, 'looked', 'photo'],
  [/^GET office$/, 'looked', 'register'],
  [/^GET office\/children\.csv$/, 'exported', 'register'],
  [/^GET office\/trail$/, 'looked', 'trail'],
  [/^GET office\/trail\.csv$/, 'exported', 'trail'],
  [/ children\/:id\/steps$/, 'changed', 'steps'],
  [/ children\/:id\/statements$/, 'changed', 'statements'],
  [/^PATCH children\/:id$/, 'changed', 'child'],
  [/^DELETE tries\/:id\/photo$/, 'erased', 'photo'],
  [/^PUT tries\/:id\/photo$/, 'changed', 'photo'],
  [/^(POST tries\/:id\/\w+|PUT tries\/:id\/child|DELETE tries\/:id\/double)$/, 'changed', 'try'],
  [/^POST office\/(erasures|children\/:id\/erase)$/, 'erased', 'record'],
  [/^POST office\/children(\/import)?$/, 'changed', 'register'],
  [/^PATCH office\/children\/:id$/, 'changed', 'place'],
  [/^PUT office\/erase-wait$/, 'changed', 'eraseWait'],
  [/ office\/rooms\/:id$/, 'changed', 'room'],
  [/ office\/adults\/:id\/secrets$/, 'changed', 'secrets'],
  [/ office\/adults(\/:id)?$/, 'changed', 'adult'],
  [/^PUT adult\/(password|code)$/, 'changed', 'secrets'],
  [/^(POST devices\/pairing|DELETE devices\/:id|DELETE device)$/, 'changed', 'device'],
  [/^(PUT languages\/:tag|POST languages\/:tag\/(removal|back))$/, 'changed', 'languages'],
  [/^PUT rooms\/:id\/moves$/, 'changed', 'ideas'],
  [/^PUT rooms\/:room\/schools$/, 'changed', 'ways'],
  [/^(PUT|POST) rooms\/:room\/(tasks|things|task-files)/, 'changed', 'ownTasks'],
  [
    /^(PUT rooms\/:room\/group-times\/:id|(POST|DELETE) rooms\/:room\/group-times\/:id\/taken-back)$/,
    'changed',
    'groupTimes',
  ],
  [/^GET set-aside$/, 'looked', 'aside'],
  [/^POST set-aside\/:id\/\w/, 'changed', 'aside'],
  [/^DELETE demo$/, 'erased', 'demo'],
];

/** What leaves nothing: what is recorded with its adult itself, one’s own coming and going, and what is about nobody. */
const quiet: readonly RegExp[] = [
  /^PUT (tries\/:id|sittings\/:id\/closing|set-aside\/:id)$/,
  /^(GET|POST) begin/,
  /^POST device/,
  /^(POST|DELETE|PATCH) adult$/,
  /^GET (here|health|ready|devices|devices\/:id\/sealing|languages|languages\/changes|rooms\/:id\/moves|rooms\/:room\/group-times)$/,
  / child-side/,
  / children\/:id\/(not-here-today|revised\/read)$/,
];

/**
 * What a request leaves on the trail; null for nothing.
 *
 * @param route its address with the names of what varies in it, as /api/children/:id
 * @throws where nobody has said what a route leaves
 */
export function leftBy(method: string, route: string): Leaves | null {
  const asked = `${method} ${route.replace(/^\/api\//, '')}`;
  if (quiet.some((one) => one.test(asked))) return null;
  const found = traces.find(([one]) => one.test(asked));
  if (!found) throw new Error(`${asked} is neither on the trail nor said to leave nothing`);
  return { act: found[1], part: found[2] };
}
