/** What goes wrong where a child goes on or back from a number, or puts to it and takes from it. */
export type GoingOnSlip = 'cannot-go-on' | 'cannot-go-back' | 'counted-the-start' | 'answered-another';
