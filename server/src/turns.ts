/** Work that may not overlap, one after the other in the order it was asked for. What fails holds up nobody. */
export class Turns {
  private last: Promise<unknown> = Promise.resolve();

  take<T>(work: () => Promise<T>): Promise<T> {
    const mine = this.last.then(work, work);
    this.last = mine.catch(() => undefined);
    return mine;
  }

  /** When all that was asked for so far is done. */
  async ended(): Promise<void> {
    await this.last;
  }
}
