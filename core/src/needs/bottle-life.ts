import { DAYS_PER_MONTH, type Bottle, type Supplies } from '../materials/index.js';
import { daysBetween } from '../units/index.js';
import type { Holding } from './stock.js';

/** How a bottle stands in its life. `dying`: it will be past it before its last planned use, or within two months. */
export type Life = 'closed' | 'good' | 'dying' | 'dead' | 'not known';

/** Within so many days a bottle is dying (our number). */
const SOON_DAYS = 60;

export interface BottleLife {
  life: Life;
  /** Months open past its life; 0 while it is good. */
  monthsOver: number;
  /** Days until its life is over, below 0 when it is; null where that cannot be said. */
  daysLeft: number | null;
  /** It is planned for an evening at which it will be past its life. */
  plannedPast: string | null;
}

/** How a bottle stands on a day, and with what is planned from it. Lives are those of its kind once opened. */
export function lifeOf(bottle: Bottle, supplies: Supplies, today: string, draws: Holding['draws'] = []): BottleLife {
  const { lifeMonths } = supplies.material(bottle.material);
  const monthsOver = 0;
  if (lifeMonths === null) return { life: 'not known', monthsOver, daysLeft: null, plannedPast: null };
  if (bottle.openedOn === null) return { life: 'closed', monthsOver, daysLeft: null, plannedPast: null };
  const daysLeft = Math.round(lifeMonths * DAYS_PER_MONTH) - daysBetween(bottle.openedOn, today);
  const past = draws.find(({ use }) => use.date !== null && daysBetween(today, use.date) > daysLeft)?.use.date ?? null;
  if (daysLeft < 0) return { life: 'dead', monthsOver: -daysLeft / DAYS_PER_MONTH, daysLeft, plannedPast: past };
  return { life: past !== null || daysLeft <= SOON_DAYS ? 'dying' : 'good', monthsOver, daysLeft, plannedPast: past };
}
