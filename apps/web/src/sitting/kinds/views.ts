import type { CaptureKind } from '@dotting/core';
import { answer } from './answer.js';
import { choose } from './choose.js';
import { count } from './count.js';
import { give } from './give.js';
import { ink } from './ink.js';
import { order } from './order.js';
import { say } from './say.js';
import { share } from './share.js';
import type { KindView } from './view.js';

/** How each kind of task is shown: one entry for each, and nothing about a kind anywhere else in the app. */
export const viewOf: Readonly<Record<CaptureKind, KindView>> = {
  say,
  count,
  give,
  share,
  choose,
  answer,
  order,
  ink,
};
