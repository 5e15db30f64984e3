import { JUST_NOTICEABLE_DE00, deltaE00 } from '../../colour/index.js';
import type { Fix } from '../finding.js';
import { gentler } from '../fix-proposals.js';
import { apart, type TonePatch } from '../tones.js';
import type { Moment } from '../moment.js';
import type { ZoneState } from '../state.js';
import { formatNumber } from '../../units/index.js';
import { finding, type Caused, type Rule } from './rule.js';

const ID = 'tone-lost';

/** A ground coat starts anew: it is meant to cover what was there. */
const isGround = ({ incoming }: Moment): boolean =>
  incoming.technique.effect === 'film' && (incoming.material?.role === 'paint' || incoming.material?.role === 'primer');

/** Depth was there, and this step has taken it. */
function depthLost({ look, lookBefore }: ZoneState): boolean {
  if (!lookBefore.deep || (look.recess === lookBefore.recess && look.crest === lookBefore.crest)) return false;
  return apart(lookBefore.recess, lookBefore.crest, JUST_NOTICEABLE_DE00) && !apart(look.recess, look.crest, JUST_NOTICEABLE_DE00);
}

/** A tone that could be told from what lies beside it, and no longer can. What a clear coat does to paint below loose powder is not its doing. */
const lostTone = ({ look, lookBefore }: ZoneState, hides: boolean): TonePatch | undefined =>
  lookBefore.tones.find((before) => (hides || before.loose) && look.tones.every(({ stepIndex }) => stepIndex !== before.stepIndex));

/** What a clear coat takes from a tone is put on beforehand. */
function stronger({ steps }: Moment, causeIndex: number | null): Fix[] {
  const step = causeIndex === null ? undefined : steps[causeIndex];
  if (causeIndex === null || !step) return [];
  const allowance = Math.min(4, (step.allowance ?? 1) + 1);
  return [
    {
      way: 'adjust',
      label: `Put it on ${String(allowance)} times as strong`,
      edits: [{ kind: 'patch', at: causeIndex, patch: { allowance, strength: 1 } }],
    },
  ];
}

export const toneLost: Rule = {
  id: ID,
  title: 'All tones one',
  why: 'Powder packed on, one filter too many or a clear coat over pale dust: what was dark in the grooves and light on the edges, or one tone beside another, can no longer be told apart. Less of it, or on less of the surface, keeps what was won.',
  source: 'common practice; told apart from ΔE₀₀ 2 (CIE 142-2001), our number',
  arranging: 'later',
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt', { colour: '#5f6f47' }],
        ['sponge', 'acrylic-matt', { colour: '#a39985', coverPct: 15 }],
        ['powder-dry', 'pigment-dry', { colour: '#8a6a4a', coverPct: 100 }],
        ['powder-dry', 'pigment-dry', { colour: '#8a6a4a', coverPct: 100 }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'acrylic-matt', { colour: '#5f6f47' }],
        ['sponge', 'acrylic-matt', { colour: '#a39985', coverPct: 15 }],
        ['powder-dry', 'pigment-dry', { colour: '#8a6a4a', coverPct: 30 }],
      ],
    },
  },
  check: () => [],
  checkAfter(moment) {
    if (isGround(moment)) return [];
    const depth: ZoneState[] = [];
    const tones: { zone: ZoneState; tone: TonePatch }[] = [];
    for (const zone of moment.zones) {
      // without told colours the prediction is a guess, and a false alarm as bad as a miss
      if (zone.lookBefore === zone.look || zone.look.guessed || zone.zone.seen === 'never') continue;
      if (depthLost(zone)) depth.push(zone);
      const tone = lostTone(zone, moment.incoming.hides !== null);
      if (tone) tones.push({ zone, tone });
    }
    const said = (zones: ZoneState[], message: string, difference: number | null, causeIndex: number | null): Caused => {
      return {
        cause: `${ID}:${String(moment.stepIndex)}:${String(causeIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: zones.map(({ zone }) => zone.id),
          message,
          evidence: `Predicted difference ${difference === null ? 'below' : `now ΔE₀₀ ${formatNumber(difference, 1)}; told apart from`} ΔE₀₀ ${String(JUST_NOTICEABLE_DE00)}.`,
          causeIndex,
        }),
        propose: () => (moment.incoming.hides ? gentler(moment, moment.incoming.coverPct) : stronger(moment, causeIndex)),
      };
    };
    const flat = depth[0]?.look;
    const first = tones[0];
    return [
      ...(flat ? [said(depth, 'Grooves and edges come out as one tone.', deltaE00(flat.recess, flat.crest), null)] : []),
      ...(first
        ? [
            said(
              [first.zone],
              `The tone of step ${String(first.tone.stepIndex + 1)} is no longer to be told from what lies beside it.`,
              null,
              first.tone.stepIndex,
            ),
          ]
        : []),
    ];
  },
};
