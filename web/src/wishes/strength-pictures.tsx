import { colourOf, effectById, stepsOf } from '@eveningtide/core/effects';
import type { Piece, Step, Story, Wish } from '@eveningtide/core/subjects';
import { techniqueById, type Schools } from '@eveningtide/core/techniques';
import { seededFrom } from '@eveningtide/core/units';
import { useMemo } from 'react';
import { useBenchNow, useSupplies } from '../workers/outlook-context.js';

/** A little, plain to see, all it may be: what lies to the left, in the middle and to the right of the slider. */
const SHOWN_AT = [0.15, 0.5, 1] as const;
const ACROSS = 14;
const DOWN = 6;
const CELL = 3;
/** The same patch each time, so that the pictures differ only in how much. */
const SEED = 11;

/** Cells in the order in which they are taken; marks that run take whole columns. */
function orderOf(runs: boolean): number[] {
  const random = seededFrom(SEED);
  const rank = Array.from({ length: runs ? ACROSS : ACROSS * DOWN }, () => random());
  return Array.from({ length: ACROSS * DOWN }, (_, cell) => cell).sort(
    (a, b) => (rank[runs ? a % ACROSS : a] ?? 0) - (rank[runs ? b % ACROSS : b] ?? 0) || a - b,
  );
}

/** The step of a wish that is seen most: its accents before its ground. */
const seenMost = (steps: readonly Step[]): Step | undefined =>
  steps.findLast(({ technique, coverPct }) => techniqueById(technique).accent !== null && coverPct !== null) ??
  steps.findLast(({ coverPct, strength }) => coverPct !== null || strength !== null);

/** What it is seen on: the colour that the piece is wished in, else that of what the real thing is made of. */
function groundOf(piece: Piece, story: Story, wish: Wish): string {
  const base = piece.intent?.wishes.find(({ id, effect }) => id !== wish.id && effectById(effect).phase === 'base');
  const ground = base ?? { ...wish, colour: null };
  return colourOf(base ? 'main' : 'made', ground, effectById(ground.effect), { piece, story });
}

interface StrengthPicturesProps {
  piece: Piece;
  wish: Wish;
  story: Story;
  schools: Schools;
}

/** What little, half and full of a wish look like on what the piece is made of: so much covered, so strongly. */
export function StrengthPictures({ piece, wish, story, schools }: StrengthPicturesProps) {
  const supplies = useSupplies();
  const { date } = useBenchNow();
  const pictures = useMemo(() => {
    const effect = effectById(wish.effect);
    return SHOWN_AT.map((intensity) => {
      const given = { ...wish, intensity };
      const step = seenMost(stepsOf(given, { piece, story, schools, supplies, today: date }));
      return {
        intensity,
        ground: groundOf(piece, story, given),
        colour: step?.colour ?? supplies.bottle(step?.bottleId ?? null)?.colour ?? colourOf('main', given, effect, { piece, story }),
        coverPct: step?.coverPct ?? 100,
        strength: step?.strength ?? 1,
        runs: step !== undefined && techniqueById(step.technique).accent === 'streaks',
      };
    });
  }, [piece, wish, story, schools, supplies, date]);
  return (
    <span
      role="img"
      aria-label={`A little, half and full: ${pictures.map(({ coverPct }) => `${String(coverPct)} %`).join(', ')} of it`}
      className="flex justify-between"
    >
      {pictures.map(({ intensity, ground, colour, coverPct, strength, runs }) => (
        <svg
          key={intensity}
          width={ACROSS * CELL * 0.72}
          height={DOWN * CELL * 0.72}
          viewBox={`0 0 ${String(ACROSS * CELL)} ${String(DOWN * CELL)}`}
        >
          <rect width="100%" height="100%" fill={ground} />
          {orderOf(runs)
            .slice(0, Math.round((ACROSS * DOWN * coverPct) / 100))
            .map((cell) => (
              <rect
                key={cell}
                x={(cell % ACROSS) * CELL}
                y={Math.floor(cell / ACROSS) * CELL}
                width={CELL}
                height={CELL}
                fill={colour}
                fillOpacity={strength}
              />
            ))}
          <rect width="100%" height="100%" fill="none" stroke="var(--color-ink)" strokeOpacity={0.45} />
        </svg>
      ))}
    </span>
  );
}
