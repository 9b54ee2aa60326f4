import type { CaptureKind } from '../captureKind.js';
import { answer } from './answer.js';
import { choose } from './choose.js';
import { count } from './count.js';
import { give } from './give.js';
import type { CaptureKindEntry } from './kind.js';
import { ink } from './ink.js';
import { order } from './order.js';
import { say } from './say.js';
import { share } from './share.js';

/** One entry for each kind, and nothing about a kind anywhere else in the core. */
export const captureKinds: Readonly<Record<CaptureKind, CaptureKindEntry>> = {
  say,
  count,
  give,
  share,
  choose,
  answer,
  order,
  ink,
};
