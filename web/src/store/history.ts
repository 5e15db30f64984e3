/** The field that was changed last, and when. */
export interface Changed {
  name: string;
  atMs: number;
}

/** Letters typed into one field so soon after one another are taken back together. */
const ONE_CHANGE_MS = 1000;

/** A change goes on with the one before: the same field, right after. Null: it is one of its own. */
export const goesOn = (last: Changed | null, now: Changed | null): boolean =>
  now !== null && last?.name === now.name && now.atMs - last.atMs <= ONE_CHANGE_MS;

/** An action that says when it was: typing is told from separate changes by it. */
export const timed = <P>() => ({ prepare: (payload: P) => ({ payload, meta: { atMs: Date.now() } }) });
