import { airAt, type Air, type AirSpan } from '../climate/index.js';
import { ageAcross, heldMinutes, isHeld, scaledMinutes, stageMinutes, type Airflow, type Film } from '../drying/index.js';
import type { Material, DryingStage } from '../materials/index.js';

/** A dryer held over what lies there, for so long, from a minute on. */
export interface Blowing {
  fromMin: number;
  minutes: number;
  airflow: Airflow;
}

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
    private readonly blown: readonly Blowing[] = [],
  ) {}

  /** The clock of the same coat with a share of its film. */
  withFilm(share: number): DryingClock {
    const { dryUm, liquidUm, softUm, airflow } = this.film;
    const film = {
      dryUm: dryUm * share,
      airflow,
      ...(liquidUm === undefined ? {} : { liquidUm: liquidUm * share }),
      ...(softUm === undefined ? {} : { softUm: softUm * share }),
    };
    return new DryingClock(this.material, film, this.spans, this.endMin, this.blown);
  }

  /** The clock of the same coat, over which a dryer is held later. */
  withBlowing(blowing: Blowing): DryingClock {
    return new DryingClock(this.material, this.film, this.spans, this.endMin, [...this.blown, blowing]);
  }

  /** Absolute minute at which a stage is reached; Infinity when it never is in this air. */
  readyMin(stage: DryingStage): number {
    const known = this.stages[stage];
    if (known !== undefined) return known;
    const ready = this.doneMin((film, air) => stageMinutes(this.material, stage, film, air));
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
      const wrinkles = windows?.wrinkle
        ? Math.max(this.agedMin(windows.wrinkle.hardFromMin, 'dryHard'), this.readyMin('solventProof'))
        : -Infinity;
      this.settled = windows?.recoatUntilMin !== undefined ? Infinity : Math.max(this.readyMin('dryHard'), wrinkles);
    }
    return this.settled;
  }

  /** Absolute minute at which an age given where the ages hold is reached: by the liquid that has gone, or by how hard it is. */
  agedMin(referenceMin: number, by: 'recoatFrom' | 'dryHard'): number {
    const known = this.ages[by].get(referenceMin);
    if (known !== undefined) return known;
    const aged = this.doneMin((film, air) => scaledMinutes(this.material, referenceMin, film, air, by));
    this.ages[by].set(referenceMin, aged);
    return aged;
  }

  /** Absolute minute at which drying that takes so long in unchanging air is done, with what dryers gain on the way. */
  private doneMin(minutes: (film: Film, air: Air) => number): number {
    const { film, spans, endMin } = this;
    const left: Film = isHeld(film.airflow) ? { ...film, airflow: 'still' } : film;
    // the hand that laid it held the dryer over it before it put the piece down
    const held = heldMinutes(this.material, film);
    const done = held > 0 ? Math.min(1, held / minutes(film, airAt(spans, endMin))) : 0;
    if (done === 1) return endMin;
    let at = endMin + ageAcross(spans, endMin, (air) => minutes(left, air) * (1 - done));
    for (const { fromMin, minutes: blownMin, airflow } of this.blown) {
      const air = airAt(spans, fromMin);
      const gain = minutes(left, air) / minutes({ ...film, airflow }, air);
      if (!(at > fromMin) || !(gain > 1)) continue;
      const restMin = (at - fromMin) / gain;
      at = restMin <= blownMin ? fromMin + restMin : at - blownMin * (gain - 1);
    }
    return at;
  }
}
