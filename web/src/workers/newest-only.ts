/** Does one piece of work after the other; while one is under way only the newest of those that come waits, as what lies between is out of date. */
export class NewestOnly {
  private waiting: (() => Promise<void>) | null = null;
  private isBusy = false;

  /** `work` tells of its own failing and never rejects. */
  run(work: () => Promise<void>): void {
    this.waiting = work;
    if (!this.isBusy) void this.workOff();
  }

  private async workOff(): Promise<void> {
    this.isBusy = true;
    while (this.waiting) {
      const work = this.waiting;
      this.waiting = null;
      await work();
    }
    this.isBusy = false;
  }
}
