import { DEW_POINT_MARGIN_K, dewPointRule, type Air } from '../../climate/index.js';
import { waterFactor } from '../../drying/index.js';
import type { Material } from '../../materials/index.js';
import { formatNumber } from '../../units/index.js';
import type { Severity } from '../finding.js';
import { swaps } from '../fix-proposals.js';
import type { Spoil } from '../spoils.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'climate';
/** How near a limit a caution begins (our numbers): kelvin of dew-point margin, kelvin of film forming, % of humidity. */
const NEAR_DEW_K = 1;
const NEAR_FILM_K = 1;
const NEAR_BLUSH_PCT = 5;

/** What is seen where a limit is passed. */
const SEEN = { dew: 'blushed', film: 'cracked', blush: 'blushed', damp: null } as const satisfies Record<string, Spoil | null>;

interface Limit {
  what: keyof typeof SEEN;
  severity: Severity;
  message: string;
  evidence: string;
}

/** A limit that is passed is a snag; within a band before it a caution. */
const near = (gap: number, band: number): Severity | null => (gap < 0 ? 'snag' : gap < band ? 'caution' : null);

/** The limits of a material that the air passes, or comes near. */
function limitsOf(material: Material, air: Air): Limit[] {
  const limits: Limit[] = [];
  const dew = dewPointRule(air);
  const dewSeverity = near(dew.marginK - DEW_POINT_MARGIN_K, NEAR_DEW_K);
  if (dewSeverity)
    limits.push({
      what: 'dew',
      severity: dewSeverity,
      message: dewSeverity === 'snag' ? 'Too near the dew point: water settles under the coat.' : 'Near the dew point.',
      evidence: `${formatNumber(dew.marginK, 1)} K above the dew point of ${formatNumber(dew.dewPointC, 1)} °C; needs ${String(DEW_POINT_MARGIN_K)} K.`,
    });
  const { name, minFilmC, blushRhPct } = material;
  const filmSeverity = minFilmC === null ? null : near(air.tempC - minFilmC, NEAR_FILM_K);
  if (filmSeverity)
    limits.push({
      what: 'film',
      severity: filmSeverity,
      message: `${filmSeverity === 'snag' ? 'Too' : 'Nearly too'} cold for ${name.toLowerCase()}${filmSeverity === 'snag' ? ' to form a film' : ''}.`,
      evidence: `${formatNumber(air.tempC, 1)} °C; needs ${String(minFilmC)} °C or more.`,
    });
  const blushSeverity = blushRhPct === null ? null : near(blushRhPct - air.rhPct, NEAR_BLUSH_PCT);
  if (blushSeverity)
    limits.push({
      what: 'blush',
      severity: blushSeverity,
      message: blushSeverity === 'snag' ? `${name} blushes white in this air.` : `${name} may blush in this air.`,
      evidence: `${formatNumber(air.rhPct, 0)} %RH; needs ${String(blushRhPct)} % or less.`,
    });
  return limits;
}

export const climate: Rule = {
  id: ID,
  title: 'The air is wrong for it',
  why: 'Below its film-forming temperature a waterborne film cracks to powder; within three kelvin of the dew point water settles on the surface; in humid air an aerosol lacquer blushes white.',
  source: 'ISO 8502-4 for the dew-point margin; limits of the materials: common practice',
  arranging: 'never',
  examples: {
    fires: { steps: [['clear-coat', 'clear-matt-lacquer-aerosol']], air: { tempC: 9, rhPct: 93 } },
    silent: { steps: [['clear-coat', 'clear-matt-lacquer-aerosol']], air: { tempC: 20, rhPct: 50 } },
  },
  check(moment) {
    const { material, technique } = moment.incoming;
    // thinners and dry matter form no film; what is blended or wiped has formed it already
    if (!material?.drying || material.role === 'thinner' || technique.dose === null) return [];
    const limits = limitsOf(material, moment.air);
    if (limits.length === 0 && material.drying.mechanism.water > 0 && !Number.isFinite(waterFactor(moment.air, moment.step.drying)))
      limits.push({
        what: 'damp',
        severity: 'snag',
        message: 'Not tonight: the air takes up no more water.',
        evidence: `${formatNumber(moment.air.rhPct, 0)} %RH.`,
      });

    const worst = limits.find((limit) => limit.severity === 'snag') ?? limits[0];
    if (!worst) return [];
    const caused: Caused = {
      cause: `${ID}:${String(moment.stepIndex)}`,
      finding: finding(moment, ID, worst.severity, {
        zones: moment.zones.map((zone) => zone.zone.id),
        message: worst.message,
        evidence: `${limits.map((limit) => limit.evidence).join(' ')} Warmer or drier air helps, or what dries otherwise; no other order does.`,
        spoils: worst.severity === 'snag' ? SEEN[worst.what] : null,
      }),
      propose: () => swaps(moment),
    };
    return [caused];
  },
};
