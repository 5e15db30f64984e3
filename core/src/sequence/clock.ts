import type { AirSpan } from '../climate/index.js';
import { ageAcross, scaledMinutes, stageMinutes, type Film } from '../drying/index.js';
import type { Material, DryingStage } from '../materials/index.js';

/**
 * When one coat reaches its stages, in the air it dries in. Worked out when first asked and kept: every rule, zone and
 * window asks for the same few minutes again and again.
 */
export class DryingClock {
  private readonly stages: Partial<Record<DryingStage, number>> = {};
  private readonly ages = new Map<number, number>();
  private settled: number | null = null;

  constructor(
    private readonly material: Material,
    private readonly film: Film,
    private readonly spans: readonly AirSpan[],
    private readonly endMin: number,
  ) {}

  /** Absolute minute at which a stage is reached; Infinity when it never is in this air. */
  readyMin(stage: DryingStage): number {
    const known = this.stages[stage];
    if (known !== undefined) return known;
    const ready = this.endMin + ageAcross(this.spans, this.endMin, (air) => stageMinutes(this.material, stage, this.film, air));
    this.stages[stage] = ready;
    return ready;
  }

  /**
   * From here on the coat holds up nothing that comes on top: dry-hard, and past any wrinkling. A layer whose window
   * for the next coat closes never settles.
   */
  get settledMin(): number {
    if (this.settled === null) {
      const { windows } = this.material;
      const wrinkles = windows?.wrinkle ? this.agedMin(windows.wrinkle.hardFromMin) : -Infinity;
      this.settled = windows?.recoatUntilMin !== undefined ? Infinity : Math.max(this.readyMin('dryHard'), wrinkles);
    }
    return this.settled;
  }

  /** Absolute minute at which an age given at reference is reached. */
  agedMin(referenceMin: number): number {
    const known = this.ages.get(referenceMin);
    if (known !== undefined) return known;
    const aged = this.endMin + ageAcross(this.spans, this.endMin, (air) => scaledMinutes(this.material, referenceMin, this.film, air));
    this.ages.set(referenceMin, aged);
    return aged;
  }
}
