import type { ShowBody, ShownBody, ToldView } from '@dotting/contract';
import { useEffect, useState } from 'react';
import { Refused, request } from '../api/http.js';
import { channelOf, keyInAddress, type FromWindow, type ToWindow } from './channel.js';

/** How this screen stands: waiting for a word, or told by the adult’s what to show. */
export type Told =
  | { readonly kind: 'unpaired'; readonly wasPaired: boolean }
  | { readonly kind: 'paired'; readonly show: ShowBody | null; readonly isLost: boolean };

interface Side {
  readonly told: Told;
  readonly join: (word: string) => Promise<void>;
  readonly say: (shown: ShownBody) => void;
}

const tryAgainMs = 2_000;
const atFirst: Told =
  keyInAddress() === null
    ? { kind: 'unpaired', wasPaired: false }
    : { kind: 'paired', show: null, isLost: false };

/** What this screen is told: by the window that opened it, or by the device that it is paired with. */
export function useTold(): Side {
  const [told, setTold] = useState<Told>(atFirst);
  const [key] = useState(keyInAddress);
  const isPaired = told.kind === 'paired';
  useEffect(() => (key === null ? undefined : followWindow(key, setTold)), [key]);
  useEffect(() => (key === null && isPaired ? followDevice(setTold) : undefined), [key, isPaired]);
  return {
    told,
    join: async (word) => {
      await request('POST', 'child-side/join', { word });
      setTold({ kind: 'paired', show: null, isLost: false });
    },
    say: (shown) => {
      if (key !== null) {
        const channel = channelOf(key);
        channel.postMessage({ kind: 'shown', shown } satisfies FromWindow);
        channel.close();
      } else {
        // Not heard, the adult’s screen says so.
        request('PUT', 'child-side/shown', shown).catch(() => undefined);
      }
    },
  };
}

function followWindow(key: string, onTold: (told: Told) => void): () => void {
  const channel = channelOf(key);
  const say = (one: FromWindow): void => channel.postMessage(one);
  channel.addEventListener('message', ({ data }: MessageEvent<ToWindow>) => {
    if (data.kind === 'show') onTold({ kind: 'paired', show: data.show, isLost: false });
    else if (data.kind === 'are-you-there') say({ kind: 'here' });
    else {
      onTold({ kind: 'paired', show: null, isLost: false });
      window.close();
    }
  });
  const onHide = (): void => say({ kind: 'gone' });
  window.addEventListener('pagehide', onHide);
  say({ kind: 'here' });
  return () => {
    window.removeEventListener('pagehide', onHide);
    channel.close();
  };
}

function followDevice(onTold: (told: Told) => void): () => void {
  let isGone = false;
  const follow = async (): Promise<void> => {
    let show: ShowBody | null = null;
    while (!isGone) {
      try {
        const answer: ToldView = await request<ToldView>('GET', `child-side/told?after=${show?.id ?? 0}`);
        if (isGone) return;
        show = answer.show ?? show;
        onTold({ kind: 'paired', show, isLost: false });
      } catch (error) {
        if (isGone) return;
        if (error instanceof Refused && error.status === 404) {
          onTold({ kind: 'unpaired', wasPaired: true });
          return;
        }
        onTold({ kind: 'paired', show, isLost: true });
        await new Promise((resolve) => setTimeout(resolve, tryAgainMs));
      }
    }
  };
  void follow();
  return () => {
    isGone = true;
  };
}
