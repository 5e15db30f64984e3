import { covered, deltaE00, hexOf, lightnessOfLight, linearOf, withGloss, type Linear } from '../colour/index.js';
import { areaLaidMm2, useOf } from '../coverage/index.js';
import type { BinderFamily, Material, Supplies } from '../materials/index.js';
import { incomingOf, looksAlong, stateAfter, surfaceSheen, type SequenceProblem } from '../sequence/index.js';
import { plainStep, type Piece } from '../subjects/index.js';
import { pricePerMl } from './cost.js';

/** What one clear coat or fixer would do as the last coat of a zone. */
export interface Sealant {
  material: string;
  bottleId: string | null;
  name: string;
  /** ΔE₀₀ between the look before and after, the mean of recess, face and crest as it is seen: what powder loses, the change of gloss, an amber tint. */
  shiftDe00: number;
  /** The zone as it is seen before and after. */
  before: string;
  after: string;
  /** How plainly it is seen, two patches side by side. */
  seen: 'not' | 'a little' | 'plainly';
  /** Lighter (above 0) or darker, L*. */
  shiftL: number;
  sheenGu: number | null;
  filmUm: number;
  /** What it takes for the zones, mL. */
  ml: number;
  /** In the painter's own currency; null where no price is known. */
  cost: number | null;
  onShelf: boolean;
}

const COATS = 2;

/** Clears that are amber themselves: so much of what lies below two coats takes their tint, % (from memory). */
const AMBER_PCT: Partial<Record<BinderFamily, number>> = { enamel: 2, hardware: 5 };
const AMBER = linearOf('#c9a25a');
/** A fixer wets what is porous and leaves it deeper: as if it were so much glossier, GU (from memory). */
const FIXER_GU = 8;

/** From which ΔE₀₀ on a change is seen at all, and seen at once (common thresholds, from memory). */
const SEEN_FROM_DE00 = 1;
const PLAIN_FROM_DE00 = 3;

/** The look under a sealant: after the layer mixing, gloss and tint of the clear itself. */
function sealedLight(mixed: Linear, material: Material, fromGu: number): Linear {
  const toGu = material.sheenGu ?? fromGu + FIXER_GU;
  return covered(withGloss(mixed, fromGu, toGu), AMBER, (AMBER_PCT[material.family] ?? 0) / 100);
}

/** Every clear coat and fixer there is, compared as two thin coats over the finished sequence of a zone: least change of colour first. */
export function sealantsCompared(piece: Piece, zoneId: string, problem: SequenceProblem, supplies: Supplies): Sealant[] {
  const clears = supplies.materials.filter(({ role }) => role === 'clear' || role === 'fixer');
  const before = looksAlong(problem).at(-1)?.[zoneId];
  const state = stateAfter(problem).zones.get(zoneId);
  if (!before || !state) throw new RangeError(`zone '${zoneId}' is not of this piece`);
  const seen = linearOf(before.mean);
  const { sheenGu: glossGu } = surfaceSheen(state);
  return clears
    .flatMap((material): Sealant[] => {
      const bottles = supplies.bottles.filter((bottle) => bottle.material === material.id);
      const technique = material.role === 'fixer' ? 'fix' : 'clear-coat';
      const base = plainStep({
        id: 'sealant',
        technique,
        material: material.id,
        zones: [zoneId],
        coats: material.role === 'fixer' ? 1 : COATS,
      });
      const steps = [...problem.steps, base];
      const after = looksAlong({
        ...problem,
        steps,
        startsMin: [...problem.startsMin, null],
        durationsMin: [...problem.durationsMin, 0],
      }).at(-1)?.[zoneId];
      if (!after) return [];
      const sealed = sealedLight(linearOf(after.mean), material, glossGu);
      const shift = deltaE00(seen, sealed);
      const { cup, direct } = useOf(base, piece, { supplies });
      const ml = cup ? cup.laidMl + cup.residueMl : direct.reduce((sum, portion) => sum + portion.ml, 0);
      const cheapest = bottles.reduce<number | null>((best, bottle) => {
        const perMl = pricePerMl(bottle);
        return perMl === null || (best !== null && best <= perMl) ? best : perMl;
      }, null);
      return [
        {
          material: material.id,
          bottleId: bottles[0]?.id ?? null,
          name: bottles[0]?.name ?? material.name,
          shiftDe00: shift,
          seen: shift < SEEN_FROM_DE00 ? 'not' : shift < PLAIN_FROM_DE00 ? 'a little' : 'plainly',
          before: hexOf(seen),
          after: hexOf(sealed),
          shiftL: lightnessOfLight(sealed) - lightnessOfLight(seen),
          sheenGu: material.sheenGu,
          filmUm: incomingOf(base, supplies).dryUm * base.coats,
          ml: areaLaidMm2(base, piece, 100) > 0 ? ml : 0,
          cost: cheapest === null ? null : cheapest * ml,
          onShelf: bottles.length > 0,
        },
      ];
    })
    .sort((a, b) => Number(b.onShelf) - Number(a.onShelf) || a.shiftDe00 - b.shiftDe00);
}
