import { clearCoats } from '../fix-proposals.js';
import type { Layer } from '../layer.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import { finding, findingAt, layerWords, type Rule } from './rule.js';

const ID = 'decal-unsealed';

/** Work that rubs or pulls at the film of a decal. */
const HANDLES = new Set(['abrade', 'polish', 'prep-mechanical', 'scribe', 'mask', 'clean', 'drybrush']);
const CLEARS = ['clear-matt-acrylic', 'clear-satin-acrylic', 'clear-gloss-acrylic'];

/** The decal that lies open; a clear coat, or any full coat, seals it. */
function openDecal(zone: ZoneState): Layer | null {
  const at = zone.layers.findLastIndex((layer) => layer.material.role === 'decal');
  if (at < 0) return null;
  const sealed = zone.layers.some((layer, i) => i > at && layer.technique.effect === 'film');
  return sealed ? null : (zone.layers[at] ?? null);
}

function harms(moment: Moment): boolean {
  const { technique, material, solvents } = moment.incoming;
  if (HANDLES.has(technique.id)) return true;
  if (material?.role === 'powder' || material?.role === 'slurry') return true;
  // a coat that seals it is what is wanted; setting liquids and water lay it down
  if (technique.effect === 'film' || technique.effect === 'inlay') return false;
  return solvents.some(({ solvent }) => solvent !== 'water');
}

export const decalUnsealed: Rule = {
  id: ID,
  title: 'A decal left open',
  why: 'The film of a decal is thin: solvent dissolves it, powder shows its edge, and handling rubs it off. A clear coat over it makes it one with the paint.',
  source: 'common practice',
  curedBy: ['seal'],
  examples: {
    fires: {
      steps: [
        ['clear-coat', 'clear-gloss-acrylic'],
        ['decal', 'decal-waterslide'],
        ['wash', 'wash-enamel'],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['clear-coat', 'clear-gloss-acrylic'],
        ['decal', 'decal-waterslide'],
        ['clear-coat', 'clear-matt-acrylic'],
        ['wash', 'wash-enamel'],
      ],
    },
  },
  check(moment) {
    if (!moment.state.laidRoles.has('decal') || !harms(moment)) return [];
    const open = moment.zones.flatMap((zone) => {
      const decal = openDecal(zone);
      return decal ? [{ zone: zone.zone.id, decal }] : [];
    });
    const first = open[0];
    if (!first) return [];
    const zones = open.map(({ zone }) => zone);
    return [
      {
        cause: `${ID}:${String(first.decal.stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones,
          message: `${moment.incoming.technique.name} over ${layerWords(first.decal)}, which no clear coat protects.`,
          evidence: 'Nothing seals the decal before this step.',
          causeIndex: first.decal.stepIndex,
        }),
        propose: () => clearCoats({ ...moment, at: moment.stepIndex }, moment.step.zones, CLEARS, 'Seal the decal'),
      },
    ];
  },
  checkEnd(end) {
    if (!end.subject.handled || !end.state.laidRoles.has('decal')) return [];
    const open = [...end.state.zones.values()].flatMap((zone) => {
      const decal = openDecal(zone);
      return decal ? [{ zone: zone.zone.id, decal }] : [];
    });
    const last = Math.max(-1, ...open.map(({ decal }) => decal.stepIndex));
    const step = end.steps[last];
    if (!step) return [];
    const zones = open.map(({ zone }) => zone);
    return [
      {
        cause: `${ID}:${String(last)}`,
        finding: findingAt(step, last, ID, 'snag', {
          zones,
          message: 'The piece is handled, and its decals are left open.',
          evidence: 'No clear coat comes after them.',
          causeIndex: last,
        }),
        propose: () => clearCoats({ ...end, at: end.steps.length }, [...new Set(zones)], CLEARS, 'Seal the decals'),
      },
    ];
  },
};
