import type { Sealing } from '@dotting/contract';
import { isNoForGood, request } from '../api/http.js';
import {
  database,
  isUnsent,
  keptHere,
  type KeptClosing,
  type KeptEvent,
  type KeptTry,
  type Sealed,
} from './database.js';

interface Unsent {
  readonly tries: readonly KeptTry[];
  readonly events: readonly KeptEvent[];
  readonly closings: readonly KeptClosing[];
}

/** After so long nobody will sign this device in there again. */
const keptMs = 30 * 24 * 3_600_000;

/**
 * Closes up what was not sent (AES-GCM, 256 bits). The key is the server's to give back: what is held here of it goes with the
 * rest of what the device knew.
 *
 * @returns whether it is closed up; not without a key, or where the browser has no cryptography, as over plain http
 */
export async function seal(): Promise<boolean> {
  const sealing = (await keptHere())?.sealing;
  if (!sealing || !globalThis.crypto?.subtle) return false;
  const db = await database();
  const tries = (await db.getAll('tries')).filter(isUnsent);
  const ids = new Set(tries.map(({ id }) => id));
  const events = (await db.getAll('events')).filter(({ tryId }) => ids.has(tryId));
  const unsent: Unsent = { tries, events, closings: await db.getAll('closings') };
  const vector = crypto.getRandomValues(new Uint8Array(12));
  const text = new TextEncoder().encode(JSON.stringify(unsent));
  const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv: vector }, await keyOf(sealing.key), text);
  await db.put('sealed', { device: sealing.device, vector, data, sealedAt: Date.now() });
  return true;
}

/** Opens what was closed up at this device for the nursery at which it is signed in now, to be sent. */
export async function unseal(): Promise<boolean> {
  const db = await database();
  let isOpened = false;
  for (const one of await db.getAll('sealed')) {
    const key = await keyFor(one.device);
    if (key !== null) {
      await open(one, key);
      isOpened = true;
    } else if (Date.now() - one.sealedAt > keptMs) await db.delete('sealed', one.device);
  }
  return isOpened;
}

/** Null where this device is signed in for another nursery. */
async function keyFor(device: string): Promise<string | null> {
  try {
    return (await request<Sealing>('GET', `devices/${device}/sealing`)).key;
  } catch (error) {
    if (isNoForGood(error) && error.status === 404) return null;
    throw error;
  }
}

async function open({ device, vector, data }: Sealed, key: string): Promise<void> {
  const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: vector }, await keyOf(key), data);
  const { tries, events, closings } = JSON.parse(new TextDecoder().decode(plain)) as Unsent;
  const stores = ['tries', 'events', 'closings', 'sealed'] as const;
  const transaction = (await database()).transaction(stores, 'readwrite', { durability: 'strict' });
  await Promise.all([
    ...tries.map((one) => transaction.objectStore('tries').put(one)),
    ...events.map((one) => transaction.objectStore('events').put(one)),
    ...closings.map((one) => transaction.objectStore('closings').put(one)),
    transaction.objectStore('sealed').delete(device),
    transaction.done,
  ]);
}

/** @param key 32 bytes in base64 */
function keyOf(key: string): Promise<CryptoKey> {
  const bytes = Uint8Array.from(atob(key), (sign) => sign.charCodeAt(0));
  return crypto.subtle.importKey('raw', bytes, 'AES-GCM', false, ['encrypt', 'decrypt']);
}
