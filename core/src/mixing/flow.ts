/** What a mix flows like, judged by its volume solids. Limits from memory: gum and flow additives differ. */
const FEELS: readonly [upToSolidsPct: number, words: string][] = [
  [1.5, 'like tinted water'],
  [6, 'like strong tea'],
  [13, 'like skimmed milk'],
  [20, 'like milk'],
  [28, 'like cream'],
  [Infinity, 'like yoghurt'],
];

export interface FlowHint {
  feels: string;
  verdict: 'right' | 'too thin' | 'too thick';
  /** What happens, and what to do. */
  words: string;
  /** Air pressure for an airbrush; null for a brush. */
  pressureBar: readonly [from: number, to: number] | null;
}

/** Airbrush pressures by how thick it is, bar: thin paint runs and spiders under much air. From memory; fixer as a mist is common practice. */
function pressureFor(solidsPct: number, fixer: boolean): readonly [number, number] {
  if (fixer) return [0.5, 0.8];
  if (solidsPct < 8) return [0.7, 1.0];
  return solidsPct < 16 ? [1.0, 1.4] : [1.3, 1.8];
}

/** How a mix of so much volume solids will behave under a tool, where the technique wants it between `suitsPct`. */
export function flowHint({
  suitsPct: [low, high],
  tool,
  solidsPct,
  fixer = false,
}: {
  suitsPct: readonly [low: number, high: number];
  tool: string;
  solidsPct: number;
  fixer?: boolean;
}): FlowHint {
  const feels = FEELS.find(([upTo]) => solidsPct <= upTo)?.[1] ?? 'like yoghurt';
  const pressureBar = tool === 'airbrush' ? pressureFor(solidsPct, fixer) : null;
  if (fixer || (solidsPct >= low && solidsPct <= high))
    return { feels, verdict: 'right', words: 'Flows as it should for this.', pressureBar };
  if (solidsPct < low)
    return {
      feels,
      verdict: 'too thin',
      words:
        tool === 'airbrush'
          ? 'Runs and spiders: add paint, or spray lighter coats from farther away.'
          : 'Runs away and leaves little: add paint.',
      pressureBar,
    };
  return {
    feels,
    verdict: 'too thick',
    words: tool === 'airbrush' ? 'Spits and clogs: add thinner.' : 'Leaves brush marks or hides what it should only tint: add thinner.',
    pressureBar,
  };
}
