import type { InkPoint, InkStroke } from '@dotting/core';
import { onSheet } from './sheet.js';

/** What lies on the screen broader than this, in px, is a hand. */
const palm = 60;

interface PenOptions {
  /** The stroke as it stands, at each frame in which it grew; null once it is over. */
  readonly onInk: (points: InkStroke | null) => void;
  /** A stroke is done; its times are from when the pen came down. */
  readonly onStroke: (points: InkStroke) => void;
}

/**
 * Takes down what a pen, a finger or a mouse writes on a part of the page, every point that the browser has. Where a pen has
 * been seen, what touches is a resting hand; so is what lies there broadly, and a second finger.
 */
export class Pen {
  private down: { readonly id: number; readonly type: string; readonly at: number } | null = null;
  private points: InkPoint[] = [];
  private frame = 0;
  private hasPen = false;
  private readonly surface: HTMLElement;
  private readonly options: PenOptions;

  constructor(surface: HTMLElement, options: PenOptions) {
    this.surface = surface;
    this.options = options;
    surface.addEventListener('pointerdown', this.onDown);
    surface.addEventListener('pointermove', this.onMove);
    surface.addEventListener('pointerup', this.onUp);
    surface.addEventListener('pointercancel', this.onCancel);
  }

  leave(): void {
    this.surface.removeEventListener('pointerdown', this.onDown);
    this.surface.removeEventListener('pointermove', this.onMove);
    this.surface.removeEventListener('pointerup', this.onUp);
    this.surface.removeEventListener('pointercancel', this.onCancel);
    cancelAnimationFrame(this.frame);
  }

  private readonly onDown = (event: PointerEvent): void => {
    if (event.button > 0) return;
    const isPen = event.pointerType === 'pen';
    // A hand came to rest before its pen did.
    if (isPen && this.down?.type === 'touch') this.drop();
    this.hasPen ||= isPen;
    if (this.down || (event.pointerType === 'touch' && (this.hasPen || isPalm(event)))) return;
    event.preventDefault();
    this.surface.setPointerCapture(event.pointerId);
    this.down = { id: event.pointerId, type: event.pointerType, at: event.timeStamp };
    this.points = [];
    this.take(event);
  };

  private readonly onMove = (event: PointerEvent): void => {
    if (event.pointerId !== this.down?.id) return;
    if (this.down.type === 'touch' && isPalm(event)) return this.drop();
    const all = event.getCoalescedEvents();
    for (const one of all.length > 0 ? all : [event]) this.take(one);
  };

  private readonly onUp = (event: PointerEvent): void => {
    if (event.pointerId !== this.down?.id) return;
    this.take(event);
    const { points } = this;
    this.drop();
    this.options.onStroke(points);
  };

  private readonly onCancel = (event: PointerEvent): void => {
    if (event.pointerId === this.down?.id) this.drop();
  };

  private take(event: PointerEvent): void {
    const { x, y } = onSheet(event, this.surface.getBoundingClientRect());
    const t = Math.max(this.points.at(-1)?.t ?? 0, Math.round(event.timeStamp - this.down!.at));
    const last = this.points.at(-1);
    if (last?.x === x && last.y === y && last.t === t) return;
    const isPressed = event.pointerType === 'pen' && event.pressure > 0;
    this.points.push({ x, y, t, ...(isPressed && { p: Number(event.pressure.toFixed(3)) }) });
    this.frame ||= requestAnimationFrame(() => {
      this.frame = 0;
      if (this.down) this.options.onInk(this.points);
    });
  }

  private drop(): void {
    this.down = null;
    this.points = [];
    this.options.onInk(null);
  }
}

const isPalm = ({ width, height }: PointerEvent): boolean => Math.max(width, height) > palm;
