import type { PresentAdult } from '@dotting/contract';
import { keepAdult, keptAdult, type CodeProof } from '../outbox/database.js';
import { words } from '../wording/words.js';

/** PBKDF2 rounds: about a third of a second on a small tablet. */
const rounds = 310_000;
const freeAttempts = 3;
const firstWaitMs = 5_000;

/** Browsers compute this on a secure address only (https or this machine). */
const canProve = (): boolean => 'subtle' in crypto;

/** Keeps what lets this adult come back in without the server. */
export async function keepProof(adult: PresentAdult, code: string): Promise<void> {
  const salt = crypto.getRandomValues(new Uint8Array(16));
  const proof = canProve() ? { salt, hash: await hashOf(code, salt), wrong: 0, blockedUntil: 0 } : undefined;
  await keepAdult({ adult, locked: false, ...(proof && { proof }) });
}

export type OfflineAnswer =
  | { readonly kind: 'welcome'; readonly adult: PresentAdult }
  | { readonly kind: 'no'; readonly message: string };

/** Checks the code of whoever was last here, with no server to ask; wrong ones are slowed here too. */
export async function comeInOffline(staffId: string, code: string, nowMs: number): Promise<OfflineAnswer> {
  const kept = await keptAdult();
  if (!kept?.proof || kept.adult.id !== staffId) {
    const who = kept?.proof
      ? words.entrance.offlineOne({ name: kept.adult.firstName })
      : words.entrance.offlineNobody();
    return { kind: 'no', message: who };
  }
  const { proof } = kept;
  if (proof.blockedUntil > nowMs) {
    const seconds = Math.ceil((proof.blockedUntil - nowMs) / 1000);
    return { kind: 'no', message: words.entrance.wait({ n: seconds }) };
  }
  const hash = await hashOf(code, proof.salt);
  if (hash.every((byte, i) => byte === proof.hash[i])) {
    await keepAdult({ ...kept, locked: false, proof: { ...proof, wrong: 0, blockedUntil: 0 } });
    return { kind: 'welcome', adult: kept.adult };
  }
  await keepAdult({ ...kept, proof: afterWrong(proof, nowMs) });
  return { kind: 'no', message: words.entrance.wrongCode({ name: kept.adult.firstName }) };
}

function afterWrong(proof: CodeProof, nowMs: number): CodeProof {
  const wrong = proof.wrong + 1;
  const waitMs = wrong <= freeAttempts ? 0 : firstWaitMs * 2 ** Math.min(8, wrong - freeAttempts - 1);
  return { ...proof, wrong, blockedUntil: nowMs + waitMs };
}

async function hashOf(code: string, salt: Uint8Array<ArrayBuffer>): Promise<Uint8Array<ArrayBuffer>> {
  const key = await crypto.subtle.importKey('raw', new TextEncoder().encode(code), 'PBKDF2', false, [
    'deriveBits',
  ]);
  const bits = await crypto.subtle.deriveBits(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: rounds },
    key,
    256,
  );
  return new Uint8Array(bits);
}
