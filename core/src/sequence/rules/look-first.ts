import { lookFirst } from '../fix-proposals.js';
import type { Incoming } from '../incoming.js';
import type { Layer } from '../layer.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import { finding, type Rule } from './rule.js';

const ID = 'look-first';

/** So many effects under one coat are a group that wants a look (our number). */
const GROUP_FROM = 2;
const EFFECTS = new Set(['tint', 'accent', 'loose', 'slurry', 'remove']);

/** What seals or binds everything below it; a seal is a save-point, but not for what it seals. */
function endsIt({ technique, material }: Incoming): boolean {
  return (technique.effect === 'film' && material?.role === 'clear') || technique.id === 'fix';
}

/** Effects on a zone since it was last sealed. */
function openEffects(zone: ZoneState): Layer[] {
  const sealed = zone.layers.findLastIndex((layer) => layer.technique.effect === 'film' || layer.technique.id === 'fix');
  return zone.layers.slice(sealed + 1).filter((layer) => EFFECTS.has(layer.technique.effect) && layer.material.role !== 'fixer');
}

/** Someone looks after the last effect and before this step. */
const isLookedAt = ({ steps, stepIndex }: Moment, lastEffect: number): boolean =>
  steps.slice(lastEffect, stepIndex).some((step) => step.gate !== null || step.technique === 'inspect');

export const lookFirstRule: Rule = {
  id: ID,
  title: 'Look before you seal',
  why: 'Until the seal, most effects can still be softened or wiped away; under it they stay. After a group of them it pays to look first: dry, in good light, from where it will be seen.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['wash', 'wash-enamel'],
        ['drybrush', 'acrylic-matt', { coverPct: 6 }],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
    silent: {
      steps: [
        ['wash', 'wash-enamel'],
        ['drybrush', 'acrylic-matt', { coverPct: 6 }],
        ['inspect', null],
        ['clear-coat', 'clear-matt-acrylic'],
      ],
    },
  },
  concerns: endsIt,
  check(moment) {
    const effects = new Set<number>();
    const zones: string[] = [];
    for (const zone of moment.zones) {
      const open = openEffects(zone);
      if (open.length === 0) continue;
      for (const { stepIndex } of open) effects.add(stepIndex);
      zones.push(zone.zone.id);
    }
    const last = Math.max(-1, ...effects);
    if (effects.size < GROUP_FROM || isLookedAt(moment, last)) return [];
    return [
      {
        cause: `${ID}:${String(moment.stepIndex)}`,
        finding: finding(moment, ID, 'hint', {
          zones,
          message: `It seals ${String(effects.size)} effects for good, and nothing says to look first.`,
          evidence: 'No inspection since the last of them.',
          causeIndex: last,
        }),
        propose: () => lookFirst(moment),
      },
    ];
  },
};
