/** What a colour difference means to the eye (common practice of colour work; limits from memory), as far as it is sure. */
export type Match = 'no match' | 'neighbour' | 'not sure' | 'match';

/** From here on it is plainly another colour, ΔE₀₀. */
const ANOTHER_FROM = 5;
/** Below this two are hardly told apart; a prediction that is itself less sure than that says nothing of it. */
const HARDLY_BELOW = 2;

export function matchOf(de00: number, plusMinusDe00: number): Match {
  if (de00 >= ANOTHER_FROM) return 'no match';
  if (de00 >= HARDLY_BELOW) return 'neighbour';
  return plusMinusDe00 < HARDLY_BELOW ? 'match' : 'not sure';
}
