import { formatMinutes, standing, type Standing } from '../../units/index.js';
import { insertSeals, layAgain, letPlanChoose, waitUntil } from '../fix-proposals.js';
import { heeded, type Opening } from '../openings.js';
import { WAIT_WORDS } from '../wait-words.js';
import type { ZoneState } from '../state.js';
import type { Severity } from '../finding.js';
import type { Moment } from '../moment.js';
import { concerns, finding, layerWords, sentence, type Caused, type Rule } from './rule.js';

/** Handling steps that have rules of their own for soft paint. */
const OWN_RULE: ReadonlySet<Moment['incoming']['technique']['effect']> = new Set(['mask', 'refit'] as const);

interface Early {
  zone: ZoneState;
  opening: Opening;
}

function off(moment: Moment, wanted: (where: Standing, opening: Opening) => boolean): Early[] {
  if (moment.openings.length === 0 || OWN_RULE.has(moment.incoming.technique.effect)) return [];
  const byLayer = new Map<number, Early>();
  for (const { zone, opening } of moment.openings) {
    if (wanted(standing(heeded(opening), moment.startMin), opening) && !byLayer.has(opening.layer.stepIndex))
      byLayer.set(opening.layer.stepIndex, { zone, opening });
  }
  return [...byLayer.values()];
}

const zonesOf = (moment: Moment, layerStep: number): string[] =>
  moment.openings.filter((o) => o.opening.layer.stepIndex === layerStep).map((o) => o.zone.zone.id);

const age = (moment: Moment, opening: Opening): string => formatMinutes(moment.startMin - opening.layer.endMin);

/** A sprayed coat that comes early is a risk; what is brushed, floods or rests on the wet layer spoils it. */
const earlySeverity = (moment: Moment): Severity => (moment.incoming.sprayed ? 'caution' : 'snag');

export const tooSoon: Rule = {
  id: 'too-soon',
  title: 'Too soon',
  why: 'The layer below has not dried far enough for this step: it smears, traps solvent or prints.',
  source: 'common practice; stages after ASTM D1640',
  curedBy: ['seal'],
  examples: {
    fires: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['drybrush', 'acrylic-satin', { startMin: 5 }],
      ],
    },
    silent: {
      steps: [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['drybrush', 'acrylic-satin', { startMin: 240 }],
      ],
    },
  },
  check(moment) {
    const early = off(
      moment,
      // what hot solvent does to an enamel is told as that
      (where, opening) => opening.why !== 'solvent' && (where === 'before' || (where === 'between' && opening.why !== 'wrinkle')),
    );
    return early.map(({ opening }): Caused => {
      const { layer, list } = opening;
      const opens = list.find((gap) => gap.fromMin > moment.startMin)?.fromMin ?? Infinity;
      const never = !Number.isFinite(opens);
      return {
        cause: `too-soon:${String(layer.stepIndex)}:${opening.why}`,
        finding: finding(moment, 'too-soon', earlySeverity(moment), {
          zones: zonesOf(moment, layer.stepIndex),
          message: never
            ? `In this air ${layerWords(layer)} does not dry.`
            : `Too soon: ${layerWords(layer)} is ready ${formatMinutes(opens - moment.startMin)} later.`,
          evidence: `${age(moment, opening)} old, needs ${never ? 'drier air' : formatMinutes(opens - layer.endMin)}: ${moment.incoming.technique.name.toLowerCase()} waits ${WAIT_WORDS[opening.why]}.${concerns(opening.share)}`,
          causeIndex: layer.stepIndex,
          // what a full coat locks in goes on drying and shrinking under it
          spoils: opening.why === 'recoat' && moment.incoming.technique.effect === 'film' ? 'cracked' : null,
        }),
        propose: () => (never ? [] : [...letPlanChoose(moment), ...waitUntil(moment, opens, 'ready')]),
      };
    });
  },
};

export const tooLate: Rule = {
  id: 'too-late',
  title: 'Too late',
  why: 'The window has closed: the soluble layer no longer opens, wet glue has skinned, a wash can no longer be blended.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['glue', 'white-glue', { startMin: 0 }],
        ['scatter', 'sand', { startMin: 60 }],
      ],
    },
    silent: {
      steps: [
        ['glue', 'white-glue', { startMin: 0 }],
        ['scatter', 'sand', { startMin: 2 }],
      ],
    },
  },
  check(moment) {
    return off(moment, (where) => where === 'after').map(({ opening }): Caused => {
      const { layer, list } = opening;
      const closed = list[list.length - 1]?.toMin ?? 0;
      const dead =
        (opening.why === 'sprinkle' && moment.incoming.need === 'wet-glue') ||
        (opening.why === 'chip' && moment.startMin - layer.endMin > deadAge(moment, opening));
      return {
        cause: `too-late:${String(moment.stepIndex)}:${String(layer.stepIndex)}`,
        finding: finding(moment, 'too-late', dead ? 'snag' : 'caution', {
          zones: zonesOf(moment, layer.stepIndex),
          message: `Too late for ${layerWords(layer)}: its window closed ${formatMinutes(moment.startMin - closed)} before.`,
          evidence: `${age(moment, opening)} old, closes at ${formatMinutes(closed - layer.endMin)}.`,
          causeIndex: layer.stepIndex,
          spoils: dead && opening.why === 'chip' ? 'unopened' : null,
        }),
        propose: () => [...letPlanChoose(moment), ...layAgain(moment, layer)],
      };
    });
  },
};

/** Age after which chips hardly come at all, minutes: the window's own close, stretched as the material states it. */
function deadAge(moment: Moment, opening: Opening): number {
  const zone = moment.zones.find((z) => z.layers.includes(opening.layer));
  const chip = zone?.layers.findLast((layer) => layer.material.windows?.chip)?.material.windows?.chip;
  const closes = (opening.list[0]?.toMin ?? 0) - opening.layer.endMin;
  return chip ? (closes * chip.deadFromMin) / chip.poorFromMin : closes;
}

export const betweenWindows: Rule = {
  id: 'between-windows',
  title: 'In the wrinkling time',
  why: 'Alkyd enamels and hardware aerosols take a second solvent-borne coat within the hour or after two days. Between, the new coat swells the skin and wrinkles it.',
  source: 'common practice',
  curedBy: ['seal'],
  examples: {
    fires: {
      steps: [
        ['airbrush-coat', 'enamel-matt', { startMin: 0 }],
        ['airbrush-coat', 'enamel-matt', { startMin: 480 }],
      ],
    },
    silent: {
      steps: [
        ['airbrush-coat', 'enamel-matt', { startMin: 0 }],
        ['airbrush-coat', 'enamel-matt', { startMin: 30 }],
      ],
    },
  },
  check(moment) {
    return off(moment, (where, opening) => where === 'between' && opening.why === 'wrinkle').map(({ opening }): Caused => {
      const [wet, hard] = opening.list;
      const { layer } = opening;
      return {
        cause: `between-windows:${String(moment.stepIndex)}:${String(layer.stepIndex)}`,
        finding: finding(moment, 'between-windows', 'snag', {
          zones: zonesOf(moment, layer.stepIndex),
          message: `${sentence(layerWords(layer))} wrinkles under a coat now.`,
          evidence: `${age(moment, opening)} old; takes it up to ${formatMinutes((wet?.toMin ?? 0) - layer.endMin)} or from ${formatMinutes((hard?.fromMin ?? 0) - layer.endMin)}.`,
          causeIndex: layer.stepIndex,
          spoils: 'wrinkled',
        }),
        propose: () => [...letPlanChoose(moment), ...waitUntil(moment, hard?.fromMin ?? Infinity, 'hard'), ...insertSeals(moment)],
      };
    });
  },
};
