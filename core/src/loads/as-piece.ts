import type { Air } from '../climate/index.js';
import { CATALOGUE } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step, type SubstrateId } from '../subjects/index.js';
import { MOST_MIN } from '../limits/index.js';
import { formatNumber } from '../units/index.js';
import { loadFacts, type Load } from './load.js';
import type { Former, Matter } from './matter.js';

/** What of the catalogue a stuff is scattered as. */
const SCATTERED: Readonly<Record<Matter, string>> = {
  stone: 'aggregate',
  slate: 'aggregate',
  limestone: 'aggregate',
  sand: 'sand',
  coal: 'aggregate',
  earth: 'earth',
  peat: 'earth',
  cork: 'aggregate',
  wood: 'aggregate',
  resin: 'aggregate',
  plaster: 'aggregate',
};

/** What is painted and glued upon; without a former that is the floor of the wagon. */
const GROUND: Readonly<Record<Former, SubstrateId>> = { none: 'polystyrene', foam: 'foam-pir', card: 'card', tissue: 'cloth' };

/** The lowest that the drawing of a load can be, mm (our number). */
const LEAST_HEIGHT_MM = 3;

/**
 * A load as a piece to be painted and planned: as many alike as there are, on its former, with the steps that build it: the former in the colour of what lies on it,
 * glue, the grains, largest first, wetted and flooded. Amounts stand in the notes.
 */
export function pieceOfLoad(load: Load, id: string, air: Air): Piece {
  const { former, count, lengthMm, widthMm } = load;
  const facts = loadFacts(load, air);
  const size = { lengthMm, widthMm, heightMm: Math.max(LEAST_HEIGHT_MM, facts.crestMm) };
  const bare = pieceFromTemplate(templateById('load'), {
    id,
    name: load.name,
    scaleRatio: load.scaleRatio,
    size,
    substrate: GROUND[former],
  });
  const order = facts.grains.toSorted((a, b) => a.order - b.order).filter(({ ml }) => ml > 0);
  const ml = (value: number): string => `${formatNumber(value * count, 1)} mL in all`;
  const colour = order[0] ? CATALOGUE.material(SCATTERED[order[0].grain.matter]).colour : null;
  const zones = ['load'];
  const laid: (Partial<Step> & Pick<Step, 'technique'>)[] = [
    ...(former === 'card'
      ? [{ technique: 'spray-coat', material: 'primer-lacquer-aerosol', note: 'On both sides, or the card bends' }]
      : []),
    ...(former === 'none'
      ? []
      : [{ technique: 'brush-coat', material: 'acrylic-matt', colour, note: 'The former, in the colour of the load' }]),
    ...(order.length === 0 ? [] : [{ technique: 'glue', material: 'white-glue', coverPct: 100 }]),
    ...order.map(({ grain, ml: own }) => ({
      ...{ technique: 'scatter', material: SCATTERED[grain.matter], coverPct: 100, amountMl: own },
      note: `${grain.name}, ${formatNumber(grain.grainMm)} mm: ${ml(own)}`,
    })),
    ...(order.length === 0
      ? []
      : [
          { technique: 'wet', material: 'water', amountMl: facts.wettingMl, note: `${ml(facts.wettingMl)}, with a drop of detergent` },
          {
            technique: 'flood-glue',
            material: 'white-glue-dilute',
            amountMl: facts.glueMl + facts.waterMl,
            note: `${ml(facts.glueMl)} glue, ${ml(facts.waterMl)} water`,
          },
          {
            technique: 'inspect',
            gate: load.lifts ? 'Turned over, nothing falls; it lifts out by its wire' : 'Turned over, nothing falls',
            // how thick it lies is known here only: the plan waits as long as the load says
            waitMin: Number.isFinite(facts.dryH) ? Math.min(MOST_MIN, Math.round(facts.dryH * 60)) : null,
          },
        ]),
  ];
  return {
    ...bare,
    note: load.note,
    likeness: 'alike',
    members:
      count > 1
        ? Array.from({ length: count }, (_, i) => ({ id: `m${String(i + 1)}`, label: `No. ${String(i + 1)}`, differences: [] }))
        : [],
    steps: laid.map((step, i) => plainStep({ zones, ...step, id: `s${String(i + 1)}` })),
  };
}
