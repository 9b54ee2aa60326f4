/** What lies there already and is only made visible: so that showing it is one paint. */
export interface FlashParts {
  readonly ready: Element & ElementCSSInlineStyle;
  readonly dots: Element & ElementCSSInlineStyle;
  readonly mask: Element & ElementCSSInlineStyle;
}

/** The eye is called first; the dots are covered afterwards, so that nothing of them stays. In ms. */
const readyMs = 900;
const maskMs = 500;

const show = (part: ElementCSSInlineStyle, isShown: boolean): void => {
  part.style.visibility = isShown ? 'visible' : 'hidden';
};

const nextFrame = (): Promise<number> => new Promise((resolve) => requestAnimationFrame(resolve));

/** Waits for the frame that is nearest to so many ms after another. */
async function frameAfter(since: number, ms: number): Promise<number> {
  let before = await nextFrame();
  for (;;) {
    const now = await nextFrame();
    // Half a frame early is nearer than half a frame late.
    if (now - since >= ms - (now - before) / 2) return now;
    before = now;
  }
}

/**
 * Shows dots once, for so many ms, and covers them: call, dots, cover, nothing. Three changes in two seconds: nothing
 * blinks.
 *
 * @returns for how long they stood there: from the frame that showed them to the frame that covered them, in ms
 */
export async function playFlash({ ready, dots, mask }: FlashParts, ms: number): Promise<number> {
  show(ready, true);
  const called = await nextFrame();
  const on = await frameAfter(called, readyMs);
  show(ready, false);
  show(dots, true);
  const off = await frameAfter(on, ms);
  show(dots, false);
  show(mask, true);
  await frameAfter(off, maskMs);
  show(mask, false);
  return off - on;
}
