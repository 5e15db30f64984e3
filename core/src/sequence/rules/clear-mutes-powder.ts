import type { Tone } from '../../colour/index.js';
import type { Edit } from '../finding.js';
import type { Layer } from '../layer.js';
import { MUTED, mutedTone } from '../muting.js';
import { finding, layerWords, type Rule } from './rule.js';

const ID = 'clear-mutes-powder';

export const clearMutesPowder: Rule = {
  id: ID,
  title: 'A clear coat mutes powder',
  why: 'A clear coat or fixer over loose powder takes away about half of a mid tone and nearly all of a pale dust; soot hardly changes. Put it on stronger than wanted, and say so in its allowance.',
  source: 'common practice',
  arranging: 'later',
  examples: {
    fires: {
      steps: [
        ['powder-dry', 'pigment-dry'],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['powder-dry', 'pigment-dry', { allowance: 2 }],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
  },
  check(moment) {
    const { technique, material } = moment.incoming;
    const covers = material?.role === 'clear' || material?.role === 'fixer';
    if (!covers || !moment.state.laidRoles.has('powder') || (technique.effect !== 'film' && technique.id !== 'fix')) return [];
    const muted = new Map<number, { layer: Layer; tone: Exclude<Tone, 'dark'>; zones: string[] }>();
    for (const zone of moment.zones)
      for (const layer of zone.layers) {
        const tone = mutedTone(layer);
        if (tone === null) continue;
        const known = muted.get(layer.stepIndex);
        if (known) known.zones.push(zone.zone.id);
        else muted.set(layer.stepIndex, { layer, tone, zones: [zone.zone.id] });
      }
    return [...muted.values()].map(({ layer, tone, zones }) => ({
      cause: `${ID}:${String(moment.stepIndex)}:${String(layer.stepIndex)}`,
      finding: finding(moment, ID, 'caution', {
        zones,
        message: `It mutes ${layerWords(layer)}: ${MUTED[tone].left}.`,
        evidence: `A ${tone} tone, put on without allowance.`,
        causeIndex: layer.stepIndex,
      }),
      propose: () => {
        const { allowance } = MUTED[tone];
        const edit: Edit = { kind: 'patch', at: layer.stepIndex, patch: { allowance } };
        return [{ way: 'adjust', label: `Put the powder on ${allowance === 2 ? 'twice' : 'three times'} as strong`, edits: [edit] }];
      },
    }));
  },
};
