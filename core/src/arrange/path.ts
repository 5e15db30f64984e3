import type { Air } from '../climate/index.js';
import { constantAir } from '../climate/index.js';
import type { Fitting } from '../effects/index.js';
import {
  RULES,
  ruleById,
  rulesFor,
  Walk,
  handsOnMinutes,
  roomyBench,
  incomingOf,
  openPlaces,
  sprays,
  subjectOf,
  type Finding,
  type RuleSeverities,
  type SequenceState,
  type Subject,
} from '../sequence/index.js';
import { ARRANGED, plainStep, type KeepClean, type Step } from '../subjects/index.js';

/** Minutes of steps, which are asked for again and again while paths are compared. */
const knownMinutes = new WeakMap<Step, number>();

/** Hands-on minutes of a step for the whole batch. */
export function minutesFor(step: Step, { piece, supplies }: Fitting): number {
  const before = knownMinutes.get(step);
  if (before !== undefined) return before;
  const minutes = handsOnMinutes(step, piece, roomyBench(supplies));
  knownMinutes.set(step, minutes);
  return minutes;
}

/** What everything is arranged in. */
export interface Setting extends Fitting {
  subject: Subject;
  air: Air;
  severities: RuleSeverities;
  /** So many steps in front are done. */
  doneSteps: number;
  /** Rules whose cautions are let stand, because no order is without them. */
  tolerated: ReadonlySet<string>;
}

const NOTHING: ReadonlySet<string> = new Set();

export const settingOf = (fitting: Fitting, air: Air, severities: RuleSeverities = {}, doneSteps = 0): Setting => ({
  ...fitting,
  subject: subjectOf(fitting.piece),
  air,
  severities,
  doneSteps,
  tolerated: NOTHING,
});

/** Places that are masked before a spray; treads are cleaned afterwards. */
const MASKED: readonly KeepClean[] = ['glazing', 'pick-ups', 'bearings', 'couplers'];

/** A sequence in the making: as far as it has come, nothing that can still be mended is wrong with it. */
export class Path {
  private constructor(
    private readonly setting: Setting,
    private readonly walk: Walk,
    readonly steps: Step[],
    /** Steps gone through by all paths of one search: its measure of effort. */
    private readonly effort: { steps: number },
  ) {}

  static begin(setting: Setting, effort = { steps: 0 }): Path {
    const { subject, supplies, schools, air } = setting;
    return new Path(setting, Walk.begin({ subject, supplies, schools, bench: constantAir(air) }), [], effort);
  }

  get state(): SequenceState {
    return this.walk.state;
  }

  get clockMin(): number {
    return this.walk.clockMin;
  }

  fork(): Path {
    return new Path(this.setting, this.walk.fork(), [...this.steps], this.effort);
  }

  /**
   * Does some steps one after another, places to be kept clean taken out or masked around each spray. Returns the first trouble; the
   * path is then of no further use.
   */
  add(steps: readonly Step[]): Finding | null {
    for (const [i, step] of steps.entries()) {
      const pushedOut = this.pushOut(this.openTo(step));
      if (pushedOut) return pushedOut;
      const open = this.openTo(step);
      const masked = open.length > 0 ? this.one(maskStep('mask', open, this.steps.length), []) : null;
      const trouble = masked ?? this.one(step, steps.slice(i + 1));
      const bared = trouble === null && open.length > 0 ? this.one(maskStep('unmask', open, this.steps.length), []) : null;
      if (trouble ?? bared) return trouble ?? bared;
    }
    return null;
  }

  /** Zones to be kept clean that lie open to the spray of a step. */
  private openTo(step: Step): string[] {
    const { subject, supplies } = this.setting;
    return MASKED.flatMap((place) =>
      sprays(step, subject, place, supplies) ? openPlaces(this.state, place).map(({ zone }) => zone.id) : [],
    ).filter((zone) => !step.zones.includes(zone));
  }

  /** Windows and the like that come out by themselves are taken out once, and put back when all is done. */
  private pushOut(open: readonly string[]): Finding | null {
    const { zones, parts } = this.setting.piece;
    const of = (partId: string) => zones.filter((zone) => zone.partId === partId);
    const out = parts.filter(({ id, removable }) => removable && of(id).every(({ keepClean }) => keepClean !== null)).map(({ id }) => id);
    const named = open.filter((id) => out.includes(zones.find((zone) => zone.id === id)?.partId ?? ''));
    return named.length > 0 ? this.one(partStep('take-off', named, this.steps.length), []) : null;
  }

  /** One step; what its block still holds is known to rules that look ahead. */
  private one(step: Step, upcoming: readonly Step[]): Finding | null {
    const at = this.steps.length;
    this.steps.push(step);
    this.effort.steps += 1;
    let first: Finding | null = null;
    const durationMin = minutesFor(step, this.setting);
    this.walk.take(
      [...this.steps, ...upcoming],
      at,
      { startMin: null, durationMin },
      {
        before: ({ moment }) => {
          for (const rule of rulesFor(moment.incoming)) first ??= this.troubleIn(rule.check(moment));
        },
        after: ({ moment }) => {
          for (const rule of RULES) if (rule.checkAfter) first ??= this.troubleIn(rule.checkAfter(moment));
        },
      },
    );
    return first;
  }

  /** What is wrong if nothing more comes. */
  atEnd(): Finding[] {
    return this.walk.end(this.steps).flatMap((caused) => {
      const trouble = this.troubleIn([caused]);
      return trouble ? [trouble] : [];
    });
  }

  private troubleIn(found: readonly { finding: Finding }[]): Finding | null {
    for (const { finding } of found) if (ruleById(finding.rule).arranging !== 'later' && isTrouble(finding, this.setting)) return finding;
    return null;
  }

  /** When everything that lies on the piece is dry-hard, minutes from the first step; what never dries in this air counts to the last step. */
  dryMin(): number {
    let latest = this.clockMin;
    for (const zone of this.state.zones.values())
      for (const layer of zone.layers) {
        if (layer.material.drying === null) continue;
        const hard = layer.clock.readyMin('dryHard');
        if (Number.isFinite(hard) && hard > latest) latest = hard;
      }
    return latest;
  }
}

/** A snag that another order could cure, or a caution that is not let stand. */
export function isTrouble({ rule, severity }: Finding, { severities, tolerated }: Pick<Setting, 'severities' | 'tolerated'>): boolean {
  if (ruleById(rule).arranging === 'never') return false;
  const taken = severities[rule] ?? severity;
  return taken === 'snag' || (taken === 'caution' && !tolerated.has(rule));
}

const maskStep = (technique: 'mask' | 'unmask', zones: string[], n: number): Step =>
  plainStep({
    id: `${technique}-${String(n)}`,
    technique,
    material: technique === 'mask' ? 'masking-tape' : null,
    zones,
    fromWish: ARRANGED,
  });

export const partStep = (technique: 'take-off' | 'refit', zones: string[], n: number): Step =>
  plainStep({ id: `${technique}-${String(n)}`, technique, zones, fromWish: ARRANGED });

/** Changes of medium from one wet step to the next, and of colour in the airbrush. */
export function changesIn(steps: readonly Step[], setting: Pick<Setting, 'supplies'>): number {
  let changes = 0;
  let medium: string | null = null;
  let sprayed: string | null = null;
  for (const step of steps) {
    const { material, tool } = incomingOf(step, setting.supplies);
    // a fixer leaves nothing behind that would have to be cleaned out
    if (!material || material.carrier === 'none' || material.role === 'fixer') continue;
    if (medium !== null && medium !== material.carrier) changes += 1;
    medium = material.carrier;
    if (tool !== 'airbrush') continue;
    const colour = step.bottleId ?? `${material.id} ${step.colour ?? ''}`;
    if (sprayed !== null && sprayed !== colour) changes += 1;
    sprayed = colour;
  }
  return changes;
}
