/** A fault in what is to be kept: where, what stands there, what may. */
export interface PlanFault {
  path: string;
  value: string;
  allowed: string;
}

export const ids = (things: readonly { id: string }[]): Set<string> => new Set(things.map((thing) => thing.id));

/** Ids that stand in a list a second time. */
export function* duplicates(path: string, things: readonly { id: string }[]): Generator<PlanFault> {
  const seen = new Set<string>();
  for (const [i, thing] of things.entries()) {
    if (seen.has(thing.id)) yield { path: `${path}[${String(i)}].id`, value: thing.id, allowed: 'an id that occurs once' };
    seen.add(thing.id);
  }
}

/** A value that points to nothing that is known; null points nowhere. */
export function* unknown(
  path: string,
  value: string | null,
  known: ReadonlySet<string> | ((id: string) => boolean),
  allowed: string,
): Generator<PlanFault> {
  if (value === null) return;
  if (typeof known === 'function' ? !known(value) : !known.has(value)) yield { path, value, allowed };
}
