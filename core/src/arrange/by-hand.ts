import { deltaE00OfHex } from '../colour/index.js';
import type { Fitting } from '../effects/index.js';
import { incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';

/** Up to so far apart two colours are taken for the same wish (our number: a tone lighter or darker is another). */
const SAME_DE00 = 12;

/**
 * The painter's own steps that already do what a wish would: for each of its steps, in their order, one of theirs with the same technique, the same
 * sort of material in about the same colour, on all of its zones. Null where they do not do all of it.
 */
export function doneByHand(wished: readonly Step[], own: readonly Step[], fitting: Fitting): Step[] | null {
  const found: Step[] = [];
  let from = 0;
  for (const step of wished) {
    const at = own.findIndex((one, i) => i >= from && doesTheSame(one, step, fitting));
    const one = own[at];
    if (!one) return null;
    found.push(one);
    from = at + 1;
  }
  return found;
}

function doesTheSame(own: Step, wished: Step, { piece, supplies }: Fitting): boolean {
  if (own.technique !== wished.technique) return false;
  const subject = subjectOf(piece);
  const reached = new Set(zonesNamed(subject, own.zones).map(({ id }) => id));
  if (!zonesNamed(subject, wished.zones).every(({ id }) => reached.has(id))) return false;
  const [laid, asked] = [incomingOf(own, supplies), incomingOf(wished, supplies)];
  if (laid.material?.role !== asked.material?.role) return false;
  return laid.colour === null || asked.colour === null || deltaE00OfHex(laid.colour, asked.colour) <= SAME_DE00;
}
