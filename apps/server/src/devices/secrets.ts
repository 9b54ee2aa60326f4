import { hash, verify } from '@node-rs/argon2';
import pLimit from 'p-limit';

/** One after the other: each takes a processor for some 35 ms, and whoever counts meanwhile needs the other. */
const inTurn = pLimit(1);

/** A password or a code as argon2id keeps it. */
export const hashSecret = (secret: string): Promise<string> => inTurn(() => hash(secret));

/** Whether the secret is the one that was hashed. */
export const fitsSecret = (hashed: string, secret: string): Promise<boolean> =>
  inTurn(() => verify(hashed, secret));
