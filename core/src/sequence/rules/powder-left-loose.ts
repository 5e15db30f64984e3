import { fixPowder } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import type { Moment } from '../moment.js';
import { findingAt, finding, layerWords, type Caused, type Rule } from './rule.js';

const ID = 'powder-left-loose';

/** Work that drags loose powder about: wet brushwork, or rubbing. A mist or a further powder lies on top of it. */
const RUBS = new Set([
  'abrade',
  'polish',
  'prep-mechanical',
  'scribe',
  'mask',
  'decal',
  'clean',
  'clean-treads',
  'drybrush',
  'sponge',
  'scrape',
  'edge-highlight',
  'line-draw',
]);

function disturbs(moment: Moment): boolean {
  const { technique, sprayed, solvents, dose } = moment.incoming;
  if (RUBS.has(technique.id)) return true;
  // fixing is what binds it: a loaded brush has to be dabbed, not dragged
  if (technique.id === 'fix') return moment.incoming.tool === 'brush';
  return !sprayed && solvents.length > 0 && dose !== 'mist';
}

const isLoosePowder = (layer: Layer): boolean => layer.loose && layer.material.role === 'powder';

export const powderLeftLoose: Rule = {
  id: ID,
  title: 'Powder left loose',
  why: 'Unfixed powder is dragged about by a wet or rubbing step, and wears off a piece that is handled. Self-adhesive powders hold by themselves; a shelf piece may keep it loose.',
  source: 'common practice',
  curedBy: ['binder'],
  examples: {
    fires: {
      steps: [
        ['powder-dry', 'pigment-dry'],
        ['wash', 'wash-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['powder-dry', 'pigment-dry', { allowance: 2 }],
        ['fix', 'fixer-alcohol'],
        ['wash', 'wash-acrylic'],
      ],
    },
  },
  check(moment) {
    if (!moment.state.laidRoles.has('powder') || !disturbs(moment)) return [];
    const isFix = moment.incoming.technique.id === 'fix';
    return moment.zones.flatMap((zone) => {
      const powder = zone.layers.findLast(isLoosePowder);
      if (!powder) return [];
      const caused: Caused = {
        cause: `${ID}:${String(moment.stepIndex)}:${String(powder.stepIndex)}`,
        finding: finding(moment, ID, isFix ? 'hint' : 'snag', {
          zones: [zone.zone.id],
          message: isFix
            ? `Dab the fixer on: a brush that is dragged takes ${layerWords(powder)} along.`
            : `${moment.incoming.technique.name} drags ${layerWords(powder)} about: it is not fixed.`,
          evidence: isFix ? 'Dropped from a pipette or misted on, nothing moves.' : 'Nothing that binds it came between.',
          causeIndex: powder.stepIndex,
        }),
        propose: () =>
          fixPowder(
            moment.step.zones,
            moment.stepIndex,
            moment.zones.flatMap((z) => z.layers.filter(isLoosePowder)),
            moment.schools.fixingPowders,
          ),
      };
      return [caused];
    });
  },
  checkEnd(end) {
    if (!end.subject.handled) return [];
    const loose = [...end.state.zones.values()].flatMap((zone) => zone.layers.filter(isLoosePowder).map((layer) => ({ zone, layer })));
    const last = Math.max(-1, ...loose.map(({ layer }) => layer.stepIndex));
    const step = end.steps[last];
    if (!step) return [];
    const zones = loose.map(({ zone }) => zone.zone.id);
    return [
      {
        cause: `${ID}:end`,
        finding: findingAt(step, last, ID, 'caution', {
          zones,
          message: 'The piece is handled, and its powder is left loose.',
          evidence: 'No fixer and no clear coat comes after it.',
          causeIndex: last,
        }),
        propose: () =>
          fixPowder(
            [...new Set(zones)],
            end.steps.length,
            loose.map(({ layer }) => layer),
            end.schools.fixingPowders,
          ),
      },
    ];
  },
};
