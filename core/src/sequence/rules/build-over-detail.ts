import type { Fix, Severity } from '../finding.js';
import { GROOVE_LIMITS, NO_BUILD, grooveLost, grooveSeverity, lostShare, type Build } from '../build.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import type { Relief } from '../../subjects/index.js';
import { formatNumber } from '../../units/index.js';
import { finding, type Rule } from './rule.js';

const ID = 'build-over-detail';
const lostWith = (build: Build, added: Build, relief: Relief): ReturnType<typeof grooveLost> =>
  grooveLost({ widthLostUm: build.widthLostUm + added.widthLostUm, depthLostUm: build.depthLostUm + added.depthLostUm }, relief);

function thinner(moment: Moment): Fix[] {
  const { step, stepIndex, incoming } = moment;
  const fixes: Fix[] = [];
  if (step.coats > 1)
    fixes.push({
      way: 'adjust',
      label: step.coats === 2 ? 'One coat less' : `Only ${String(step.coats - 1)} coats`,
      edits: [{ kind: 'patch', at: stepIndex, patch: { coats: step.coats - 1 } }],
    });
  if (!incoming.sprayed && incoming.technique.id === 'brush-coat' && incoming.material?.role === 'paint')
    fixes.push({
      way: 'swap',
      label: 'Spray it: grooves keep their depth',
      edits: [{ kind: 'patch', at: stepIndex, patch: { technique: 'airbrush-coat', tool: null } }],
    });
  return fixes;
}

export const buildOverDetail: Rule = {
  id: ID,
  title: 'Paint fills the detail',
  why: 'Sprayed coats narrow a groove by twice their film; brushed coats, washes and pastes fill its depth. With half of it gone, planks and joints begin to read as flat; with three quarters they are gone.',
  source: 'common practice; limits are ours',
  examples: {
    fires: {
      steps: [['brush-coat', 'emulsion-matt', { coats: 3 }]],
      on: { relief: { grooveDepthUm: 150, grooveWidthUm: 150, crestHeightUm: 0 } },
    },
    silent: {
      steps: [['brush-coat', 'emulsion-matt', { coats: 2 }]],
      on: { relief: { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 0 } },
    },
  },
  check(moment) {
    const { stepIndex } = moment;
    const added = moment.incoming.build;
    if (!added || added.widthLostUm + added.depthLostUm === 0) return [];
    const crossed: { zone: ZoneState; lost: ReturnType<typeof grooveLost>; severity: Severity }[] = [];
    for (const zone of moment.zones) {
      if (zone.zone.seen === 'never') continue;
      const severity = grooveSeverity(lostShare(zone.build, added, zone.zone.relief));
      if (severity === null || severity === grooveSeverity(lostShare(zone.build, NO_BUILD, zone.zone.relief))) continue;
      crossed.push({ zone, lost: lostWith(zone.build, added, zone.zone.relief), severity });
    }
    if (crossed.length === 0) return [];
    return (['snag', 'caution'] as const).flatMap((severity) => {
      const here = crossed.filter((c) => c.severity === severity);
      const worst = here.toSorted((a, b) => b.lost.share - a.lost.share)[0];
      if (!worst) return [];
      const { relief } = worst.zone.zone;
      const whole = worst.lost.by === 'width' ? relief.grooveWidthUm : relief.grooveDepthUm;
      return [
        {
          cause: `${ID}:${String(stepIndex)}:${severity}`,
          finding: finding(moment, ID, severity, {
            zones: here.map(({ zone }) => zone.zone.id),
            message: severity === 'snag' ? 'Paint closes the grooves.' : 'Paint begins to fill the grooves.',
            evidence: `${formatNumber(worst.lost.share * 100, 0)} % of the ${String(whole)} µm ${worst.lost.by} is gone; ${formatNumber(GROOVE_LIMITS.snagFrom * 100, 0)} % spoils it.`,
          }),
          propose: () => thinner(moment),
        },
      ];
    });
  },
};
