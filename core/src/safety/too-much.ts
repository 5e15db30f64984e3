import type { RoomAir } from './room-air.js';
import { AIRBORNE, type Airborne, type AirborneClass } from './solvents.js';

export interface AirFigure extends RoomAir, Pick<Airborne, 'name' | 'day' | 'strictestDay' | 'short'> {
  kind: AirborneClass;
  grams: number;
}

/** What the least that can be in the air is too much for; a share of 1 is the limit itself, all that is in the air taken together. */
export interface TooMuch {
  of: 'explosive' | 'short' | 'day' | 'strictest-day';
  share: number;
}

const WORKING_DAY_H = 8;
/** Nobody works where a tenth of what can explode is in the air (the alarm of gas meters; common practice). */
const OF_EXPLOSIVE = 0.1;
const MG_PER_G = 1000;

/**
 * What is in the air together, each against its own limit and the shares added up (the mixture formula of OSHA, 29 CFR 1910.1000(d)(2)). A limit for
 * a working day is one of eight hours, and an evening is a part of it.
 */
export function tooMuchOf(air: readonly AirFigure[], hours: number): TooMuch[] {
  const sum = (share: (figure: AirFigure) => number): number => air.reduce((all, figure) => all + share(figure), 0);
  const ofDay = Math.min(hours, WORKING_DAY_H) / WORKING_DAY_H;
  const shares: TooMuch[] = [
    { of: 'explosive', share: sum((one) => one.peakMgPerM3 / (AIRBORNE[one.kind].explosiveFromGPerM3 * MG_PER_G * OF_EXPLOSIVE)) },
    { of: 'short', share: sum((one) => one.quarterMgPerM3 / one.short.mgPerM3) },
    { of: 'day', share: sum((one) => one.meanMgPerM3 / one.day.mgPerM3) * ofDay },
    { of: 'strictest-day', share: sum((one) => one.meanMgPerM3 / one.strictestDay.mgPerM3) * ofDay },
  ];
  return shares.filter(({ share }) => share > 1);
}

/** The strictest limit wants more air; the others nobody should work beyond. */
export const isNotInThisRoom = (tooMuch: readonly TooMuch[]): boolean => tooMuch.some(({ of }) => of !== 'strictest-day');
