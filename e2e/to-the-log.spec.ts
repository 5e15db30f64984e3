import type { Page } from '@playwright/test';
import { addStep, clearTheBench, expect, go, make, onlyOn, openPiece, putOn, rows, saved, test, wishFor } from './fixtures.js';
import { everyEveningHolds, throughTheEvenings } from './at-the-bench.js';
import { terrace } from './terrace.js';

/** Jobs of the line carried through real evenings, to what the log then tells. */

const YEAR_MS = 365 * 24 * 3_600_000;

/** From wishes to the sequence, each in the way that is named. */
async function wished(page: Page, wishes: readonly string[], ways: Record<string, string> = {}): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Of this piece' })
    .getByRole('link', { name: /^Wishes/ })
    .click();
  await wishFor(page, ...wishes);
  for (const [effect, way] of Object.entries(ways)) {
    const wish = page.getByRole('region', { name: 'Wishes' }).getByRole('listitem').filter({ hasText: effect }).first();
    await wish.locator('summary').click();
    await wish.getByLabel('Way').selectOption({ label: way });
  }
  const order = page.getByRole('region', { name: 'Arranged order' });
  await expect(order.getByRole('status')).toContainText('hands-on');
  await order.getByRole('button', { name: 'Use this order' }).click();
  await expect(page.getByRole('region', { name: 'Sequence' })).toBeVisible();
  await saved(page);
}

async function historyOf(page: Page, piece: string): Promise<void> {
  await go(page, 'Log');
  await page.getByLabel('Piece', { exact: true }).selectOption({ label: piece });
}

const entry = (page: Page, ...words: string[]) =>
  words.reduce((found, text) => found.filter({ hasText: text }), page.getByRole('main').getByRole('listitem')).first();

test('J03 Terrace of block-built stores: inked in drops, a tide mark put right with the thinner, the next casting a year later', async ({
  bench: page,
}) => {
  test.slow();
  await clearTheBench(page);
  await terrace(page, 'Terrace stores', '4');
  await saved(page);
  const order: string[] = [];
  let wentWrong = false;
  await everyEveningHolds(page);
  await throughTheEvenings(page, async ({ step, words }) => {
    order.push(words.split('\n')[0]!);
    if (words.startsWith('Wash')) await expect(step).toContainText(/\d+ drops Ink in alcohol/);
    if (!wentWrong && words.startsWith('Wash')) {
      // the first round leaves a ring: its thinner helps while it is wet
      wentWrong = true;
      await step.getByRole('button', { name: 'Start', exact: true }).click();
      await page.clock.fastForward(4 * 60_000);
      await step.getByRole('button', { name: 'Went wrong' }).click();
      const dialog = page.getByRole('dialog');
      await dialog.getByRole('button', { name: /^Tide mark/ }).click();
      await expect(dialog.getByRole('heading', { name: 'Next time' })).toBeVisible();
      await dialog.getByRole('button', { name: /Helps.*brush damp with its own thinner/ }).click();
      await expect(page.getByText('Written down: tide mark')).toBeVisible();
    }
  });
  expect(wentWrong).toBe(true);
  // doors before the crests that are picked out
  expect(order.lastIndexOf('Brush coat')).toBeLessThan(order.indexOf('Drybrush'));
  await historyOf(page, 'Terrace stores');
  await expect(entry(page, 'Tide mark')).toBeVisible();
  await expect(entry(page, 'Wash', 'Ink in alcohol')).toContainText(/\d+ drops/);
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText(/trouble: tide mark/)).toBeVisible();
  // a year later one more casting was bought
  await page.clock.fastForward(YEAR_MS);
  await page.getByRole('button', { name: 'Do it again …' }).click();
  const again = page.getByRole('dialog');
  await again.getByLabel('Name of the finish').fill('Terrace, all alike');
  await again.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Terrace, all alike kept as version 1')).toBeVisible();
  await go(page, 'Pieces');
  await make(page, 'Terrace store 5', 'Block-built store or tower');
  await saved(page);
  await putOn(page, 'Terrace, all alike', 'Terrace store 5');
  await go(page, 'Pieces');
  await openPiece(page, 'Terrace store 5');
  await expect(rows(page).filter({ hasText: 'Ink in alcohol' }).first()).toContainText('9 drops in 20 ml isopropanol 70 %');
});

test('J10 Spilled fish-meal on six vans: streak first, dry meal into the wet, sealed when it is hard', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Fish-meal vans', 'Covered van', '6');
  await wished(page, ['Undercoat', 'Body colour', 'Spilled load with its streak']);
  await addStep(page, 'Clear coat', 'Matt clear');
  await onlyOn(page, 'side, upper', 'side, lower');
  const alarms = page.getByRole('group', { name: /^(Snag|Caution) at step/ });
  await alarms.filter({ hasText: 'fogs it' }).getByRole('button', { name: 'Mask before, unmask after' }).click();
  await expect(alarms).toHaveCount(0);
  await saved(page);
  const order: string[] = [];
  let intoTheWet = '';
  await everyEveningHolds(page);
  await throughTheEvenings(page, async ({ timers, words }) => {
    order.push(words.split('\n')[0]!);
    // the meal has minutes: its window counts down beside the step
    if (!words.startsWith('Scatter')) return;
    await expect(timers).toHaveAttribute('aria-busy', 'false');
    intoTheWet = await timers.innerText();
  });
  expect(order.filter((step) => ['Streak', 'Glue', 'Scatter', 'Clear coat'].includes(step))).toEqual(
    expect.arrayContaining(['Streak', 'Glue', 'Scatter', 'Clear coat']),
  );
  expect(order.indexOf('Streak')).toBeLessThan(order.indexOf('Glue'));
  expect(order.indexOf('Glue')).toBe(order.indexOf('Scatter') - 1);
  expect(intoTheWet).toMatch(/scatter by then/);
  expect(order.lastIndexOf('Clear coat')).toBeGreaterThan(order.indexOf('Scatter'));
  await historyOf(page, 'Fish-meal vans');
  // one slurry for all six: more than anybody drops
  await expect(entry(page, 'Glue', 'Spill slurry')).toContainText(/[4-9] ml/);
  const at = async (technique: string): Promise<string> => /\d\d:\d\d/.exec(await entry(page, technique).innerText())![0];
  expect(Number((await at('Scatter')).slice(3)) - Number((await at('Glue')).slice(3))).toBeLessThan(20);
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText('All of it was done as planned.')).toBeVisible();
});

test('J12 Chipped tipper with a replaced plate: chips and blending watched to the minute, then its log', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Tipper', 'Hopper wagon');
  await wished(
    page,
    ['Undercoat', 'Chips through to rust', 'Replaced plate or plank', 'Shade in the recesses', 'Rust streaks', 'Dust of the region'],
    { 'Rust streaks': 'Oil wash, drawn down and blended', 'Dust of the region': 'Dry powder, brushed on' },
  );
  const order: string[] = [];
  const windows: Record<string, string> = {};
  await everyEveningHolds(page);
  await throughTheEvenings(page, async ({ timers, words }) => {
    const name = words.split('\n')[0]!;
    order.push(name);
    if (name === 'Chip' || name === 'Blend') windows[name] = await timers.innerText();
  });
  // what has minutes counts down while it may still be done
  expect(windows['Chip']).toMatch(/chip by then/);
  expect(windows['Blend']).toMatch(/blend by then/);
  const thin = order.findIndex((name) => name.startsWith('Airbrush coat'));
  expect(thin).toBeGreaterThan(0);
  expect(order.indexOf('Chip')).toBeGreaterThan(thin);
  expect(order.slice(order.indexOf('Streak') + 1)[0]).toBe('Blend');
  await historyOf(page, 'Tipper');
  await expect(entry(page, 'Chip')).toBeVisible();
  await expect(entry(page, 'Fix')).toBeVisible();
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText('All of it was done as planned.')).toBeVisible();
});

/** Minutes of all that the log has of a piece. */
async function minutesInLog(page: Page): Promise<number[]> {
  const entries = await page.getByRole('main').getByRole('listitem').allInnerTexts();
  return entries.flatMap((text) => /(\d+) min of/.exec(text)?.[1] ?? []).map(Number);
}

test('J18 One wagon, one sitting: sprayed, washed, drybrushed and dusted against the clock, then its log', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Open wagon 31', 'Open wagon');
  await addStep(page, 'Airbrush coat', 'Peat brown', '3 : 2 acrylic thinner');
  await onlyOn(page, 'side, upper', 'side, lower', 'ends');
  await addStep(page, 'Wash', 'Tide wash');
  await onlyOn(page, 'side, upper', 'side, lower', 'ends');
  await addStep(page, 'Drybrush', 'Bare plank');
  await onlyOn(page, 'side, upper', 'side, lower', 'ends');
  await addStep(page, 'Dry powder', 'Peat dust');
  await onlyOn(page, 'underframe');
  const alarms = page.getByRole('group', { name: /^Snag at step/ });
  await saved(page);
  // none of it comes too soon, all in one evening
  await expect(alarms.filter({ hasText: 'Too soon' })).toHaveCount(0);
  const evenings = new Set<string>();
  await everyEveningHolds(page);
  await throughTheEvenings(page, async () => {
    evenings.add(await page.evaluate(() => new Date().toDateString()));
  });
  expect(evenings.size).toBe(1);
  await historyOf(page, 'Open wagon 31');
  // the log of all pieces is shown until it is that of this one
  let minutes: number[] = [];
  await expect.poll(async () => (minutes = await minutesInLog(page)).length).toBe(4);
  const whole = minutes.reduce((sum, one) => sum + one, 0);
  expect(whole).toBeGreaterThanOrEqual(10);
  expect(whole).toBeLessThanOrEqual(20);
});

test('J21 Quarry face: a filled seam, a base overnight, four tones, greens and grass over several evenings, then its log', async ({
  bench: page,
}) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Quarry face', 'Rock face');
  await addStep(page, 'Stipple paste', 'Filler, acrylic');
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  for (const bottle of ['Slate dark', 'Weed dark', 'Bare plank', 'Pale lichen']) await addStep(page, 'Drybrush', bottle);
  await addStep(page, 'Glue', 'White glue');
  await addStep(page, 'Scatter', 'Static grass');
  await saved(page);
  // nothing of it comes too soon, and no step is without an evening
  await expect(page.getByRole('group', { name: /^Snag at step/ }).filter({ hasText: /Too (soon|late)/ })).toHaveCount(0);
  await expect(page.getByText('without an evening')).toHaveCount(0);
  const order: string[] = [];
  await everyEveningHolds(page);
  await throughTheEvenings(page, async ({ words }) => {
    order.push(words.split('\n')[0]!);
    return Promise.resolve();
  });
  // the tones follow each other; grass falls into its glue
  expect(order.filter((step) => step.startsWith('Drybrush')).length).toBeGreaterThanOrEqual(4);
  expect(order.indexOf('Scatter')).toBe(order.indexOf('Glue') + 1);
  await historyOf(page, 'Quarry face');
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText('All of it was done as planned.')).toBeVisible();
});
