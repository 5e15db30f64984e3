import { randomInt, timingSafeEqual } from 'node:crypto';

const DIGITS = 6;
/** So many wrong codes lock pairing. */
const MOST_WRONG = 5;
const LOCKED_MS = 15 * 60_000;
/** The answer to the first wrong code waits so long, to each further one twice as long. */
const FIRST_WAIT_MS = 1000;

export type Attempt = { kind: 'right' } | { kind: 'wrong'; waitMs: number; left: number } | { kind: 'locked'; untilMs: number };

const drawn = (): string => String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0');

/**
 * The six digits that pair a screen. A code pairs once; wrong ones are answered ever more slowly and then not at all, whoever sends them: a million
 * codes at five in a quarter of an hour take years.
 */
export class PairingCode {
  private now = this.draw();
  private wrong = 0;
  private lockedUntilMs = 0;

  constructor(private readonly draw: () => string = drawn) {}

  get code(): string {
    return this.now;
  }

  /** LocalMoment until which nothing is let in; null: it is open. */
  lockedUntil(atMs: number): number | null {
    return atMs < this.lockedUntilMs ? this.lockedUntilMs : null;
  }

  /** Draws another code; what was wrong so far still counts. */
  renew(): void {
    this.now = this.draw();
  }

  /** Judges a code at once, so that guesses sent together count each; the wait is the caller's. */
  attempt(typed: string, atMs: number): Attempt {
    const untilMs = this.lockedUntil(atMs);
    if (untilMs !== null) return { kind: 'locked', untilMs };
    const digits = typed.replace(/\D/g, '');
    const isRight = digits.length === DIGITS && timingSafeEqual(Buffer.from(digits), Buffer.from(this.now));
    if (isRight) {
      this.wrong = 0;
      this.renew();
      return { kind: 'right' };
    }
    this.wrong += 1;
    if (this.wrong >= MOST_WRONG) {
      this.wrong = 0;
      this.lockedUntilMs = atMs + LOCKED_MS;
      this.renew();
      return { kind: 'locked', untilMs: this.lockedUntilMs };
    }
    return { kind: 'wrong', waitMs: FIRST_WAIT_MS * 2 ** (this.wrong - 1), left: MOST_WRONG - this.wrong };
  }
}
