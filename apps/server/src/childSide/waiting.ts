/** Requests that wait for news of one thing. */
export class Waiting {
  private readonly waiting = new Set<() => void>();
  private isEnded = false;

  /** Resolves when woken while it is so, when it ends, or after so many ms. */
  until(isSo: () => boolean, ms: number): Promise<void> {
    if (this.isEnded) return Promise.resolve();
    return new Promise((resolve) => {
      const done = (): void => {
        clearTimeout(timer);
        this.waiting.delete(look);
        resolve();
      };
      const look = (): void => {
        if (this.isEnded || isSo()) done();
      };
      const timer = setTimeout(done, ms);
      this.waiting.add(look);
    });
  }

  wake(): void {
    for (const look of [...this.waiting]) look();
  }

  end(): void {
    this.isEnded = true;
    this.wake();
  }
}
