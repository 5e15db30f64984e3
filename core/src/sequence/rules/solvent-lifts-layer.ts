import { formatMinutes } from '../../units/index.js';
import { insertSeals, swaps, waitUntil } from '../fix-proposals.js';
import { filmStateAt, layerResistance, readyMin, type Layer } from '../layer.js';
import { LEAST_SHARE, isIntoWet, isSameAgain, isShielded, shareMet } from '../meeting.js';
import { exposedTo } from '../state.js';
import type { Moment } from '../moment.js';
import { concerns, finding, layerWords, sentence, type Caused, type Rule } from './rule.js';

const ID = 'solvent-lifts-layer';

/** Washes and fixers that a further pass of their own kind deepens or binds anew (common practice). */
const TAKES_ITS_OWN = new Set(['ink', 'fixer-spirit', 'fixer-alcohol']);

/** Layers that the step means to move, or that take their own kind again once dry. */
function isMeant(layer: Layer, moment: Moment, zone: Moment['zones'][number]): boolean {
  const { technique, material } = moment.incoming;
  if (isIntoWet(layer, zone, moment.incoming, moment.startMin) || isSameAgain(layer, moment.incoming)) return true;
  if (technique.need === 'chip') return zone.layers.slice(zone.layers.findLastIndex((l) => l.material.role === 'soluble')).includes(layer);
  if (isShielded(layer, zone, moment.incoming)) return true;
  const { family } = layer.material;
  return family === material?.family && TAKES_ITS_OWN.has(family) && filmStateAt(layer, moment.startMin).dryHard;
}

/** A full coat that comes in the layer's own recoat window bonds with it: that is what the window says. */
function bondsInWindow(layer: Layer, moment: Moment): boolean {
  if (moment.incoming.technique.effect !== 'film') return false;
  return moment.openings.some(
    ({ opening }) =>
      opening.layer === layer &&
      opening.why === 'wrinkle' &&
      opening.list.some((gap) => moment.startMin >= gap.fromMin && moment.startMin <= gap.toMin),
  );
}

function stateWords(layer: Layer, atMin: number): string {
  if (layer.material.chalky && filmStateAt(layer, atMin).dryHard) return 'dry, but chalky';
  const film = filmStateAt(layer, atMin);
  if (film.fresh) return `fresh, ${formatMinutes(atMin - layer.endMin)} old`;
  if (!film.dryHard) return `not dry-hard before ${formatMinutes(readyMin(layer, 'dryHard') - layer.endMin)}`;
  if (!film.solventProof) return `dry-hard, not solvent-proof before ${formatMinutes(readyMin(layer, 'solventProof') - layer.endMin)}`;
  return 'dry';
}

export const solventLiftsLayer: Rule = {
  id: ID,
  title: 'Solvent lifts a layer',
  why: 'A coat’s carrier or its thinner dissolves or softens what lies open under it, and drags it about. A barrier that the liquid cannot pass, another carrier, or enough time prevents it.',
  source: 'common practice',
  curedBy: ['seal'],
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'enamel-matt'],
        ['wash', 'wash-enamel'],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'enamel-matt'],
        ['clear-coat', 'clear-matt-acrylic'],
        ['wash', 'wash-enamel'],
      ],
    },
  },
  check(moment: Moment): Caused[] {
    const found = new Map<string, Caused>();
    const { solvents, dose } = moment.incoming;
    for (const { solvent, from } of solvents) {
      // zones that a step reached together share their layers: each is asked once
      const held = new Set<Layer>();
      for (const zone of moment.zones)
        for (const layer of exposedTo(zone, solvent, dose, moment.startMin)) {
          if (held.has(layer)) continue;
          const outcome = layerResistance(layer, solvent, dose, moment.startMin);
          if (outcome === 'holds') held.add(layer);
          if (outcome === 'holds' || layer.technique.effect === 'wet' || isMeant(layer, moment, zone) || bondsInWindow(layer, moment))
            continue;
          const cause = `${ID}:${String(moment.stepIndex)}:${String(layer.stepIndex)}`;
          const before = found.get(cause);
          if (before) {
            before.finding.zones = [...new Set([...before.finding.zones, zone.zone.id])];
            continue;
          }
          const share = shareMet(layer, zone, moment.incoming);
          const lifts = outcome === 'lifts' && !layer.material.chalky;
          const severity = share < LEAST_SHARE ? 'hint' : lifts ? 'snag' : 'caution';
          const verb = outcome === 'lifts' ? 'lifts' : 'softens';
          found.set(cause, {
            cause,
            finding: finding(moment, ID, severity, {
              zones: [zone.zone.id],
              message: `${sentence(from)} ${verb} ${layerWords(layer)}.`,
              evidence: `${layer.material.name}: ${stateWords(layer, moment.startMin)}; no barrier lies between.${concerns(share)}`,
              causeIndex: layer.stepIndex,
              spoils: severity === 'snag' ? 'lifted' : null,
            }),
            propose: () => [
              ...insertSeals(moment),
              ...swaps(moment),
              ...waitUntil(moment, readyMin(layer, 'solventProof'), 'solvent-proof'),
            ],
          });
        }
    }
    return [...found.values()];
  },
};
