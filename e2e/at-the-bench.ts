import type { Locator, Page } from '@playwright/test';
import { expect, go } from './fixtures.js';

const MINUTE_MS = 60_000;
const DAY_MIN = 24 * 60;
/** When the evenings of the demo begin. */
const BEGINS_MIN = 19 * 60 + 30;

export interface AtTheBench {
  step: Locator;
  timers: Locator;
  /** What is on, in words. */
  words: string;
}

const minuteOfDay = async (page: Page): Promise<number> =>
  page.evaluate(() => {
    const now = new Date();
    return now.getHours() * 60 + now.getMinutes() + now.getSeconds() / 60;
  });

/** The clock goes on, and what hangs on it is told anew. */
async function pass(page: Page, minutes: number): Promise<void> {
  await page.clock.fastForward(minutes * MINUTE_MS);
  await page.clock.runFor(1000);
}

/** Minutes that what is begun was planned to take, as the server was told. */
async function plannedMin(page: Page): Promise<number> {
  const open = async (): Promise<number | undefined> => {
    const log = (await (await page.request.get(`${new URL(page.url()).origin}/api/log`)).json()) as {
      entry: { endedAt: string | null; plannedMin: number };
    }[];
    return log.find(({ entry }) => entry.endedAt === null)?.entry.plannedMin;
  };
  await expect.poll(open).toBeDefined();
  return (await open()) ?? 0;
}

/**
 * Works as a painter does until nothing is left: evening after evening, each step begun, done after as many minutes as planned, what dries waited for.
 * `atStep` is asked before each step is begun, and may begin it itself.
 */
export async function throughTheEvenings(page: Page, atStep: (at: AtTheBench) => Promise<void> = () => Promise.resolve()): Promise<void> {
  await go(page, 'Tonight');
  const step = page.getByRole('region', { name: 'The step' });
  const timers = page.getByRole('region', { name: 'Timers' });
  const start = step.getByRole('button', { name: /^Start( anyway)?$/ });
  const done = step.getByRole('button', { name: 'Done', exact: true });
  const over = page.getByText('Nothing to do');
  const left = page.getByText(/left tonight$/);
  for (let presses = 0; presses < 200; presses++) {
    await expect(step.or(over)).toBeVisible();
    if (await over.isVisible()) return;
    if (!(await left.isVisible()) || (await step.getByText('All done for tonight').isVisible())) {
      const now = await minuteOfDay(page);
      await pass(page, now < BEGINS_MIN ? BEGINS_MIN - now : DAY_MIN - now + BEGINS_MIN);
      continue;
    }
    const words = await step.innerText();
    const waits = /is ready at (\d\d):(\d\d): not before/.exec(words);
    if (waits) {
      await pass(page, Math.max(1, Number(waits[1]) * 60 + Number(waits[2]) - (await minuteOfDay(page))));
      continue;
    }
    await atStep({ step, timers, words });
    // what `atStep` has begun already only ends
    if (!(await done.isVisible())) await start.click();
    await expect(done).toBeVisible();
    await pass(page, await plannedMin(page));
    await done.click();
    await expect(done).toHaveCount(0);
  }
  throw new Error('the evenings do not end');
}

/** What was done stands in the log as it was planned. */
export async function asPlannedInTheLog(page: Page, piece: string): Promise<void> {
  await go(page, 'Log');
  await page.getByLabel('Piece', { exact: true }).selectOption({ label: piece });
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText('All of it was done as planned.')).toBeVisible();
}

/** By the plan as it stands every evening goes well in three runs of four, and the day that is shown is the likely one. */
export async function everyEveningHolds(page: Page): Promise<void> {
  await go(page, 'Evenings');
  await page.getByRole('tab', { name: 'How sure' }).click();
  const chances = page.getByRole('row').filter({ hasText: /\d %/ });
  await expect(chances.first()).toBeVisible();
  const words = await chances.allInnerTexts();
  expect(words.filter((text) => Number(/(\d+) %/.exec(text)?.[1]) < 75)).toEqual([]);
  await expect(page.getByText(/all likely done/)).toBeVisible();
  await expect(page.getByText(/at the earliest/)).toHaveCount(0);
}
