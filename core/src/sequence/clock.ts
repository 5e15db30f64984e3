import type { Air, AirSpan } from '../climate/index.js';
import { ageAcross, scaledMinutes, stageMinutes, type Film } from '../drying/index.js';
import type { Material, DryingStage } from '../materials/index.js';

/**
 * When one coat reaches its stages, in the air it dries in. Worked out when first asked and kept: every rule, zone and
 * window asks for the same few minutes again and again.
 */
export class DryingClock {
  private readonly stages: Partial<Record<DryingStage, number>> = {};
  private readonly ages = { recoatFrom: new Map<number, number>(), dryHard: new Map<number, number>() };
  private settled: number | null = null;

  constructor(
    private readonly material: Material,
    private readonly film: Film,
    private readonly spans: readonly AirSpan[],
    private readonly endMin: number,
  ) {}

  /** The clock of the same coat with a share of its film. */
  withFilm(share: number, spans: readonly AirSpan[]): DryingClock {
    const { dryUm, liquidUm, airflow } = this.film;
    const film = { dryUm: dryUm * share, airflow, ...(liquidUm === undefined ? {} : { liquidUm: liquidUm * share }) };
    return new DryingClock(this.material, film, spans, this.endMin);
  }

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
      const wrinkles = windows?.wrinkle ? this.agedMin(windows.wrinkle.hardFromMin, 'dryHard') : -Infinity;
      this.settled = windows?.recoatUntilMin !== undefined ? Infinity : Math.max(this.readyMin('dryHard'), wrinkles);
    }
    return this.settled;
  }

  /** Absolute minute at which an age given where the ages hold is reached: by the liquid that has gone, or by how hard it is. */
  agedMin(referenceMin: number, by: 'recoatFrom' | 'dryHard'): number {
    const known = this.ages[by].get(referenceMin);
    if (known !== undefined) return known;
    const minutes = (air: Air): number => scaledMinutes(this.material, referenceMin, this.film, air, by);
    const aged = this.endMin + ageAcross(this.spans, this.endMin, minutes);
    this.ages[by].set(referenceMin, aged);
    return aged;
  }
}
