import type { FieldRefusal, Refusal } from '@dotting/contract';
import { words } from '../wording/words.js';
import { noteServerClock } from './clock.js';

/** The server's no, in words for the reader. */
export class Refused extends Error {
  readonly status: number;
  readonly fields: readonly FieldRefusal[];
  /** What has to be there first: the device signed in, or an adult at it. */
  readonly needs: Refusal['needs'];

  /** Which nurseries there are to choose from. */
  readonly sites: Refusal['sites'];

  constructor({ statusCode, message, fields, needs, sites }: Refusal) {
    super(message);
    this.status = statusCode;
    this.fields = fields;
    this.needs = needs;
    this.sites = sites;
  }
}

/** The server has said no, and would say so again: it is neither out of order nor asked too often. */
export function isNoForGood(error: unknown): error is Refused {
  return error instanceof Refused && error.status < 500 && ![408, 429].includes(error.status);
}

/** No answer came: no network, or no server at the other end. */
export class NoConnection extends Error {
  constructor() {
    super(words.common.noConnection());
  }
}

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

const patienceMs = 15_000;

let onNobodyThere = (): void => undefined;

/** Calls back whenever the server wants a device signed in, or an adult at it, before it answers. */
export function whenNobodyIsThere(callback: () => void): void {
  onNobodyThere = callback;
}

/**
 * Asks the server.
 * @throws Refused when it says no, NoConnection when it says nothing
 */
export async function request<Answer>(method: Method, path: string, body?: object): Promise<Answer> {
  const response = await fetch(`/api/${path}`, {
    method,
    signal: AbortSignal.timeout(patienceMs),
    headers: {
      'accept-language': words.language,
      // What is recorded here is placed by the server’s clock.
      'x-device-clock': String(Date.now()),
      ...(body && { 'content-type': 'application/json' }),
    },
    ...(body && { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new NoConnection();
  });
  noteServerClock(response.headers.get('date'), Date.now());
  if (response.status === 204) return undefined as Answer;
  const answer: unknown = await response.json().catch(() => {
    throw new NoConnection();
  });
  if (!response.ok) {
    const refused = new Refused(answer as Refusal);
    if (refused.needs) onNobodyThere();
    throw refused;
  }
  return answer as Answer;
}
