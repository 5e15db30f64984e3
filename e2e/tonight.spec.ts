import type { Page } from '@playwright/test';
import { startServer } from '../scripts/lib/server.mjs';
import { NOW, addStep, clearTheBench, expect, expectAccessible, go, make, more, openPiece, saved, test } from './fixtures.js';

/** The evening at the bench, with a clock that the test turns. */

const start = (page: Page) => page.getByRole('button', { name: /^Start( anyway)?$/ });
const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });
const step = (page: Page) => page.getByRole('region', { name: 'The step' });
const timers = (page: Page) => page.getByRole('region', { name: 'Timers' });
const happened = (page: Page) => page.getByRole('region', { name: 'What really happened' });
const minutes = (page: Page, count: number) => page.clock.fastForward(count * 60_000);

async function toBench(page: Page, first?: RegExp): Promise<void> {
  // half past six to half past seven
  await minutes(page, 60);
  await go(page, 'Tonight');
  await expect(start(page)).toBeVisible();
  if (first) await choose(page, first);
}

const MECHANICS = /Finish the mechanics.*Peat wagons/s;

/** What is to be done next, whatever the plan has first. */
async function choose(page: Page, name: RegExp): Promise<void> {
  await page.getByRole('region', { name: 'Next up' }).getByRole('button', { name }).first().click();
  await expect(start(page)).toBeVisible();
}

/** What is on is begun, lasts so long, and is done. */
async function work(page: Page, count: number): Promise<void> {
  await start(page).click();
  await expect(done(page)).toBeVisible();
  await minutes(page, count);
  await done(page).click();
  await expect(start(page)).toBeVisible();
}

test('step by step: begun, done, put right, and the next stands there', async ({ bench: page }) => {
  await toBench(page, MECHANICS);
  await expect(step(page)).toContainText('Finish the mechanics');
  await expect(step(page)).toContainText('Peat wagons 22, 23, 27');
  await expectAccessible(page);
  await work(page, 9);
  await expect(step(page)).toContainText('Clean');
  await expect(happened(page)).toContainText('took 9 min');
  await happened(page).getByRole('button', { name: 'A minute less' }).click();
  await happened(page).getByRole('button', { name: 'thinned more' }).click();
  await expect(happened(page)).toContainText('took 8 min');
  await page.reload();
  await expect(happened(page)).toContainText('took 8 min');
  await expect(happened(page).getByRole('button', { name: 'thinned more' })).toHaveAttribute('aria-pressed', 'true');
  await happened(page)
    .getByRole('button', { name: /It was not done: undo/ })
    .click();
  await expect(page.getByRole('region', { name: 'Next up' })).toContainText('Finish the mechanics');
  await expect(happened(page)).toHaveCount(0);
});

test('by keys alone: space begins and ends, arrows choose', async ({ bench: page }) => {
  await toBench(page);
  await page.locator('body').press('ArrowDown');
  await expect(step(page)).toContainText('Finish the mechanics');
  await page.locator('body').press('ArrowUp');
  await expect(step(page)).toContainText('Clean');
  await page.locator('body').press(' ');
  await expect(done(page)).toBeVisible();
  await page.locator('body').press(' ');
  await expect(start(page)).toBeVisible();
  await expect(step(page)).toContainText('Finish the mechanics');
});

test('timers: what dries, when the next may come, and what to do meanwhile', async ({ bench: page }) => {
  await toBench(page);
  await choose(page, /Clean.*Quay wall/s);
  await work(page, 7);
  await choose(page, /Brush coat.*Quay wall/s);
  await work(page, 4);
  const wall = timers(page).getByRole('listitem').filter({ hasText: 'Quay wall' });
  await expect(wall).toContainText(/\d\d:\d\d · brush coat from then on/);
  const left = wall.getByRole('timer');
  const before = await left.innerText();
  await page.clock.runFor(3000);
  expect(await left.innerText()).not.toBe(before);
  // the wait is offered for other work
  await page.getByRole('button', { name: /Brush coat.*Quay wall/s }).click();
  await expect(step(page)).toContainText(/What lies below is ready at \d\d:\d\d: not before/);
  await expect(page.getByRole('region', { name: 'While this dries' }).getByRole('button').first()).toBeVisible();
  // it opens, and that is said
  await minutes(page, 60);
  await expect(page.getByRole('status').filter({ hasText: 'Quay wall casting: brush coat may come now.' })).toHaveCount(1);
});

test('a late start plans the rest anew at once and says what it costs', async ({ bench: page }) => {
  await toBench(page, MECHANICS);
  await minutes(page, 45);
  await expect(page.getByRole('status').filter({ hasText: 'Against the plan the evening began with:' })).toContainText(
    /put off to another evening|later tonight/,
  );
  await expect(step(page)).toContainText('Finish the mechanics');
});

test('left out, once more, and undone', async ({ bench: page }) => {
  await toBench(page, MECHANICS);
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('Peat wagons 22, 23, 27: finish the mechanics is left out')).toBeVisible();
  await expect(step(page)).not.toContainText('Finish the mechanics');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(step(page)).toContainText('Finish the mechanics');
  await work(page, 8);
  await happened(page).getByRole('button', { name: 'Once more' }).click();
  await expect(page.getByText('One more round is planned')).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: 'Next up' })
      .getByRole('button', { name: /Finish the mechanics.*Peat wagons/s })
      .or(step(page).getByRole('heading', { name: 'Finish the mechanics' })),
  ).toBeVisible();
});

test('what went wrong is judged by what lies under it, written down, and the sequence goes on with the remedy', async ({ bench: page }) => {
  await toBench(page);
  await choose(page, /Brush coat.*Slate load/s);
  await work(page, 4);
  await happened(page).getByRole('button', { name: 'Went wrong …' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('What went wrong?');
  await expectAccessible(page);
  // it opens at its first trouble, not at the field below them all
  await expect(dialog.getByRole('listitem').first().getByRole('button')).toBeFocused();
  // what has no name here is told in one's own words
  await dialog.getByLabel('Something else').fill('A cat hair, and it has dried in');
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('Written down: something else')).toBeVisible();
  await expect(dialog).toHaveCount(0);
  await happened(page).getByRole('button', { name: 'Went wrong …' }).first().click();
  await dialog.getByRole('button', { name: /^Fingerprint/ }).click();
  await expect(dialog).toContainText('What was laid is still wet');
  await expect(dialog.getByText('Not now.')).not.toHaveCount(0);
  await expect(dialog.getByRole('heading', { name: 'Next time' })).toBeVisible();
  await dialog.getByRole('button', { name: /Take it off again/ }).click();
  await expect(page.getByText('Written down: fingerprint')).toBeVisible();
  // it was taken off: it is to be done again
  await expect(page.getByRole('button', { name: /Brush coat.*Slate load/s }).or(step(page).getByText('Slate load'))).not.toHaveCount(0);
});

/** When what was begun tonight ended, in the order in which it was begun. */
async function endsTonight(page: Page, url: string): Promise<(string | null)[]> {
  const log = (await (await page.request.get(`${url}/api/log`)).json()) as { entry: { startedAt: string; endedAt: string | null } }[];
  return log.filter(({ entry }) => entry.startedAt.startsWith('2026-11-24')).map(({ entry }) => entry.endedAt);
}

test('the server dies in the middle of a step: nothing is lost, nothing is written twice', async ({ page }) => {
  const env = { EVENINGTIDE_NOW: NOW, EVENINGTIDE_BACKUPS: 'none' };
  const first = await startServer({ env });
  const port = new URL(first.url).port;
  await page.clock.install({ time: new Date('2026-11-24T19:30:00') });
  await page.goto(`${first.url}/tonight`);
  await start(page).click();
  await expect(done(page)).toBeVisible();
  await expect.poll(() => endsTonight(page, first.url)).toEqual([null]);
  await first.kill();
  await minutes(page, 8);
  await done(page).click();
  await expect(step(page)).toContainText('Finish the mechanics');
  await start(page).click();
  // the page goes as well, while nothing is sent yet
  const second = await startServer({ env: { ...env, EVENINGTIDE_PORT: port }, folder: first.folder });
  await page.reload();
  await page.clock.runFor(5000);
  await expect(done(page)).toBeVisible();
  await expect.poll(() => endsTonight(page, first.url)).toEqual([expect.stringContaining('2026-11-24T19:38'), null]);
  await second.stop();
});

test('two screens: what one does the other shows, also what was done before its line was open', async ({
  bench: page,
  server,
  browser,
}) => {
  const before = ((await (await page.request.get(`${server.url}/api/log`)).json()) as unknown[]).length;
  await toBench(page);
  const other = await browser.newPage();
  await other.clock.install({ time: new Date('2026-11-24T19:30:00') });
  await other.goto(`${server.url}/tonight`);
  await expect(start(other)).toBeVisible();
  await start(page).click();
  await expect(done(other)).toBeVisible();
  await done(other).click();
  await expect(start(page)).toBeVisible();
  await expect(step(page)).toContainText('Finish the mechanics');
  // a third screen has read everything, but its line opens late
  let open = (): void => undefined;
  const opened = new Promise<void>((resolve) => (open = resolve));
  await other.route('**/api/live', async (route) => {
    await opened;
    await route.continue();
  });
  await other.reload();
  await expect(step(other)).toContainText('Finish the mechanics');
  await expect(start(other)).toBeVisible();
  await start(page).click();
  await expect(done(page)).toBeVisible();
  await expect.poll(async () => ((await (await page.request.get(`${server.url}/api/log`)).json()) as unknown[]).length).toBe(before + 2);
  await expect(start(other)).toBeVisible();
  open();
  await expect(done(other)).toBeVisible();
  await other.close();
});

test('the simulated hygrometer feeds the bench and the log; fallen silent, its last word stands', async ({ bench: page }) => {
  await go(page, 'Workshop');
  await expect(page.getByRole('region', { name: 'Devices' })).toContainText('Simulated stand-ins');
  const devices = page.getByRole('group', { name: 'Bench hygrometer' });
  await devices.getByLabel(/^On: it reads/).click();
  await expect(devices.getByRole('status')).toContainText(/Read at \d\d:\d\d: \d+\.\d °C, \d+ %RH/);
  const climate = page.getByRole('region', { name: 'Bench climate' });
  await expect(climate).toContainText('simulated hygrometer');
  await expectAccessible(page);
  await devices.getByLabel(/^Let it fall silent/).click();
  await expect(devices.getByRole('status')).toContainText('Silent. Last read');
  await expect(climate).toContainText('hygrometer silent: its last word');
  await minutes(page, 60);
  await go(page, 'Tonight');
  await work(page, 8);
  await expect
    .poll(async () => {
      const log = (await (await page.request.get(`${new URL(page.url()).origin}/api/log`)).json()) as {
        entry: { airFrom: string };
      }[];
      // which step is on depends on the air, and that on the hour of the server's clock
      return log.filter(({ entry }) => entry.airFrom === 'hygrometer').length;
    })
    .toBe(1);
  await go(page, 'Workshop');
  await devices.getByLabel(/^On: it reads/).click();
  await expect(climate).toContainText('typed');
});

test('the gate of a step is looked at before going on, and remembered', async ({ bench: page, server }) => {
  // the wall with nothing but its wash, which has a gate
  const all = (await (await page.request.get(`${server.url}/api/pieces`)).json()) as {
    version: number;
    piece: { id: string; steps: { technique: string }[] };
  }[];
  const wall = all.find(({ piece }) => piece.id === 'quay-wall')!;
  const piece = { ...wall.piece, steps: wall.piece.steps.filter(({ technique }) => technique === 'wash') };
  await page.request.put(`${server.url}/api/pieces/quay-wall`, { data: { version: wall.version, piece } });
  await toBench(page);
  await page
    .getByRole('region', { name: 'Next up' })
    .getByRole('button', { name: /Wash.*Quay wall/s })
    .click();
  await expect(step(page)).toContainText('Joints dark, faces clean');
  await work(page, 9);
  await expect(happened(page)).toContainText('Before going on, look: Joints dark, faces clean');
  await happened(page).getByRole('button', { name: 'It is so' }).click();
  await expect(happened(page)).toContainText('Looked: it is so.');
  await page.reload();
  await expect(happened(page)).toContainText('Looked: it is so.');
});

test('a window is missed: it is said beforehand and then, the rest goes on, and the check says what it spoils', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Spilled meal', 'Wagon load');
  await addStep(page, 'Glue', 'Spill slurry');
  await addStep(page, 'Scatter', 'Dry pigment');
  await saved(page);
  await toBench(page);
  await work(page, 5);
  await expect(step(page)).toContainText('Scatter');
  await expect(timers(page)).toContainText('scatter by then');
  const told = (words: string) => page.getByRole('status').filter({ hasText: words });
  // to two minutes before it closes, however long it is open in this air
  const left = Number((await timers(page).getByRole('timer').first().innerText()).split(':')[0]);
  await minutes(page, left - 2);
  await page.clock.runFor(2000);
  await expect(told('the window for scatter is about to close')).toHaveCount(1);
  await minutes(page, 6);
  await page.clock.runFor(2000);
  await expect(told('the window for scatter has closed')).toHaveCount(1);
  // it is still there, to be done too late or to be left out
  await expect(start(page)).toBeVisible();
  await expect(step(page)).toContainText('Scatter');
  await go(page, 'Pieces');
  await openPiece(page, 'Spilled meal');
  await expect(page.getByRole('group', { name: /^Snag at step 2/ })).toContainText('Too late');
});

test('a snag is told from the sequence to the printed card, and the step can be begun all the same', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Ruin on the mound', 'Block-built store or tower', '1', 'Extruded polystyrene foam');
  await addStep(page, 'Spray coat', 'Mid-grey primer');
  const melts = /attacks extruded polystyrene foam/;
  await expect(page.getByRole('group', { name: 'Snag at step 1' })).toContainText(melts);
  await saved(page);
  await page.getByRole('button', { name: 'More for Ruin on the mound' }).click();
  await page.getByRole('menuitem', { name: 'Piece card' }).click();
  await expect(page.getByRole('list', { name: 'Open at this step' })).toContainText(melts);
  await toBench(page);
  await expect(step(page).getByRole('list', { name: 'Open at this step' })).toContainText(melts);
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toHaveCount(0);
  await expectAccessible(page);
  // space does not begin what is held back
  await page.keyboard.press('Space');
  await expect(done(page)).toHaveCount(0);
  for (const card of ['On one page', 'Cautions']) {
    await page
      .getByRole('link', { name: card })
      .or(page.getByRole('button', { name: card }))
      .first()
      .click();
    await expect(page.getByRole('list', { name: 'Open at this step' })).toContainText(melts);
    await page.getByText('Step by step').click();
  }
  await go(page, 'Evenings');
  await page.getByRole('tab', { name: 'One evening' }).click();
  await page
    .getByRole('button', { name: /^Ruin on the mound/ })
    .first()
    .click();
  await expect(page.getByRole('list', { name: 'Open at this step' })).toContainText(melts);
  await go(page, 'Tonight');
  await page.getByRole('button', { name: 'Start anyway' }).click();
  await expect(done(page)).toBeVisible();
});

test('what was sprayed is cleaned away before the next step, and the plan reckons with it', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Salt box', 'Wagon load');
  await addStep(page, 'Airbrush coat', 'Slate pale');
  await saved(page);
  await go(page, 'Pieces');
  await make(page, 'Lime box', 'Wagon load');
  await addStep(page, 'Brush coat', 'Chalk white');
  await saved(page);
  await toBench(page);
  // whichever comes first: the sprayed one is done before the other here
  if (!(await step(page).innerText()).startsWith('Airbrush coat')) await page.locator('body').press('ArrowDown');
  await expect(step(page)).toContainText('Airbrush coat');
  await start(page).click();
  await expect(step(page)).toContainText('Then clean the airbrush, 5 min');
  await minutes(page, 5);
  await done(page).click();
  await expect(step(page)).toContainText('Brush coat');
  await expect(step(page)).toContainText(/First clean the airbrush, until about 19:\d\d/);
  await minutes(page, 7);
  await page.clock.runFor(2000);
  await expect(step(page)).not.toContainText('First clean the airbrush');
});

test('a step longer than an evening: in parts, put down in the middle, gone on with the next evening', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Rock face', 'Wagon load');
  await addStep(page, 'Drybrush', 'Chalk white');
  const sequence = page.getByRole('region', { name: 'Sequence' });
  await more(page);
  await sequence.getByLabel(/^Minutes/).fill('200');
  await saved(page);
  // told as parts where the sequence is read
  await expect(sequence).toContainText(/Over nights: part 1 .*, part 2 /);
  await toBench(page);
  await expect(step(page)).toContainText('part 1 of 2');
  await start(page).click();
  await minutes(page, 50);
  await step(page).getByRole('button', { name: 'Put it down here' }).click();
  const dialog = page.getByRole('dialog', { name: 'Put it down here' });
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'a quarter' }).click();
  await expect(happened(page)).toContainText('took 50 min');
  // the rest is not done: it is planned anew, for evenings that have room for it
  await expect(page.getByText('All done for tonight')).toBeVisible();
  await go(page, 'Log');
  await expect(page.getByRole('main')).toContainText('0 to 25 %');
  await go(page, 'Pieces');
  await openPiece(page, 'Rock face');
  await expect(sequence).toContainText(/Over nights: part 1 .*, part 2 .*, part 3 /);
  // next evening the rest of it, all of it
  await minutes(page, 2 * 24 * 60 - 50);
  await go(page, 'Tonight');
  await expect(step(page)).toContainText(/Drybrush\s+part 2 of 3/);
  await start(page).click();
  await minutes(page, 60);
  await step(page).getByRole('button', { name: 'Put it down here' }).click();
  await dialog.getByRole('button', { name: 'all of it' }).click();
  await expect(page.getByText('All done for tonight')).toBeVisible();
});
