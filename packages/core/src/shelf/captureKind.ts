/**
 * How a try of a task is taken down: a run of words; words and touches on a mirror of the tray; how many were
 * handed over; things put one to a place; one of a few said or pointed to; a number or nothing; several of a few,
 * put or told one after the other; a numeral written, by its strokes or by eye.
 */
export type CaptureKind = 'say' | 'count' | 'give' | 'share' | 'choose' | 'answer' | 'order' | 'ink';
