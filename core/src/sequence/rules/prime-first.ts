import { CARD_GROUNDS, METAL_GROUNDS } from '../../materials/index.js';
import { plainStep } from '../../subjects/index.js';
import type { Fix } from '../finding.js';
import { insertPrimer, maskedCoat, swaps } from '../fix-proposals.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import { finding, type Rule } from './rule.js';

const ID = 'prime-first';

/** Nothing lies on it yet but what cleaned it. */
const isBare = (zone: ZoneState): boolean =>
  zone.zone.startSheen === 'bare' && zone.layers.every((layer) => layer.technique.effect === 'wet' || layer.material.role === 'thinner');

const wasCleaned = ({ subject, steps, stepIndex }: Moment): boolean =>
  subject.cleaned || steps.some((step, at) => at < stepIndex && step.technique === 'clean');

type Fault = { what: string; evidence: string; fixes: (moment: Moment) => Fix[] };

const washFirst = (moment: Moment): Fix[] => {
  const { id: _id, ...step } = plainStep({ id: '', technique: 'clean', material: 'water-detergent', zones: moment.step.zones });
  return [maskedCoat({ ...moment, at: moment.stepIndex }, step, 'Wash it first')];
};

function faultOf(zone: ZoneState, moment: Moment): Fault | null {
  const { kind } = zone.substrate;
  const { material, solvents } = moment.incoming;
  if (kind === 'metal' && material?.role === 'paint')
    return {
      what: 'Paint does not grip bare metal.',
      evidence: 'No primer lies below; etch primer is made for it.',
      fixes: (at) => insertPrimer(at, METAL_GROUNDS, 'Prime it first'),
    };
  if (kind === 'resin' && !wasCleaned(moment))
    return {
      what: 'Resin needs washing before its first coat.',
      evidence: 'Release agent or uncured resin stays on it; no cleaning step comes before.',
      fixes: washFirst,
    };
  if (kind === 'card' && solvents.some(({ solvent }) => solvent === 'water'))
    return {
      what: 'A waterborne coat warps bare card.',
      evidence: 'Nothing seals the card below.',
      fixes: (at) => [...swaps(at), ...insertPrimer(at, CARD_GROUNDS, 'Seal it first')],
    };
  return null;
}

export const primeFirst: Rule = {
  id: ID,
  title: 'Prime first',
  why: 'Paint chips off bare metal, does not hold on unwashed resin, and water warps bare card. A primer, a wash, or a seal that brings no water comes first. Stains and washes on raw plaster are a school of their own.',
  source: 'common practice',
  curedBy: ['seal', 'ground'],
  examples: {
    fires: { steps: [['brush-coat', 'acrylic-matt']], on: { substrate: 'brass', startSheen: 'bare' } },
    silent: {
      steps: [
        ['spray-coat', 'primer-etch-aerosol'],
        ['brush-coat', 'acrylic-matt'],
      ],
      on: { substrate: 'brass', startSheen: 'bare' },
    },
  },
  check(moment) {
    const { technique, material } = moment.incoming;
    if (technique.effect !== 'film' || !material || !['primer', 'paint'].includes(material.role)) return [];
    const faults = moment.zones.filter(isBare).flatMap((zone) => {
      const fault = faultOf(zone, moment);
      return fault ? [{ zone, fault }] : [];
    });
    const first = faults[0];
    if (!first) return [];
    return [
      {
        cause: `${ID}:${first.zone.substrate.id}`,
        finding: finding(moment, ID, 'caution', {
          zones: faults.map(({ zone }) => zone.zone.id),
          message: first.fault.what,
          evidence: first.fault.evidence,
        }),
        propose: () => first.fault.fixes(moment),
      },
    ];
  },
};
