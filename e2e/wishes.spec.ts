import type { Piece } from '@eveningtide/core/subjects';
import { asPlannedInTheLog, everyEveningHolds, throughTheEvenings } from './at-the-bench.js';
import { addStep, clearTheBench, expect, expectAccessible, facts, go, make, openPiece, rows, saved, test, wishFor } from './fixtures.js';
import type { Page } from '@playwright/test';

/** What a piece should look like, said as wishes; the order, its reasons, and the way to the printed card. */

const alarms = (page: Page) => page.getByRole('group', { name: /^(Snag|Caution) at step/ });
const order = (page: Page) => page.getByRole('region', { name: 'Arranged order' });
const arranged = (page: Page) => expect(order(page).getByRole('status')).toContainText('hands-on');
const toWishes = (page: Page) =>
  page
    .getByRole('navigation', { name: 'Of this piece' })
    .getByRole('link', { name: /^Wishes/ })
    .click();

const wish = (page: Page, effect: string) =>
  page.getByRole('region', { name: 'Wishes' }).getByRole('listitem').filter({ hasText: effect }).first();

/** Chooses the way of a wish, by the school it belongs to. */
async function inWay(page: Page, effect: string, way: string): Promise<void> {
  const row = wish(page, effect);
  await row.locator('summary').click();
  await row.getByLabel('Way').selectOption({ label: way });
}

async function take(page: Page): Promise<void> {
  await arranged(page);
  await order(page).getByRole('button', { name: 'Use this order' }).click();
  await expect(page.getByRole('region', { name: 'Sequence' })).toBeVisible();
  await saved(page);
}

/** From the sequence to the printed card: it holds every step, on at most two pages. */
async function toPrint(page: Page, name: string): Promise<void> {
  const count = await rows(page).count();
  await page.getByRole('button', { name: `More for ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Piece card' }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(count + 1);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0).toBeLessThanOrEqual(2);
}

interface Job {
  job: string;
  name: string;
  kind: string;
  count?: string;
  madeOf?: string;
  wishes: string[];
  ways?: Record<string, string>;
  /** What the sequence must show, in its order. */
  shows: RegExp[];
  /** Carried through its evenings, to what the log tells. */
  toTheLog?: true;
}

const JOBS: Job[] = [
  {
    job: 'J01 field lorry in estuary mud',
    name: 'Field lorry 2',
    kind: 'Lorry',
    wishes: ['Undercoat', 'Body colour', 'Running gear colour', 'Dried mud', 'Drier mud higher up', 'Fresh wet mud'],
    ways: { 'Dried mud': 'Texture paste, stippled' },
    shows: [/Clean/, /Brush coat/, /Stipple paste/, /Dry powder/, /Dry powder/, /Dry powder/, /Sponge/],
  },
  {
    job: 'J02 concrete slipway',
    name: 'Slipway',
    kind: 'Slab or slipway',
    wishes: ['Undercoat', 'Body colour', 'Mottled concrete or plaster', 'Rust streaks', 'Joints inked', 'Pastel that ties all together'],
    ways: { 'Joints inked': 'Enamel wash', 'Mottled concrete or plaster': 'Pigment and water, dabbed' },
    shows: [/Brush coat/, /Powder slurry/, /Wash/, /Streak/, /Dry powder/],
    toTheLog: true,
  },
  {
    job: 'J06 foam ruin',
    name: 'Foam ruin',
    kind: 'Rock face',
    madeOf: 'Extruded polystyrene foam',
    wishes: ['Undercoat', 'Body colour', 'Shade in the recesses', 'Edges picked out', 'Grass and turf'],
    ways: { Undercoat: 'Brushed acrylic primer', 'Shade in the recesses': 'Enamel wash, blended after minutes' },
    shows: [/Brush coat/, /Brush coat/, /Wash/, /Drybrush/, /Glue/, /Scatter/],
    toTheLog: true,
  },
  {
    job: 'J07 harbour figures in stone',
    name: 'Harbour figures',
    kind: 'Rock face',
    wishes: ['Undercoat', 'Body colour', 'Light from above', 'Speckles', 'Edges picked out', 'Moss'],
    ways: { 'Edges picked out': 'Edge by edge', Moss: 'Sponged green' },
    shows: [/Brush coat/, /Airbrush from above/, /Edge highlight/],
  },
  {
    job: 'J09 rusted dredger bucket',
    name: 'Dredger bucket',
    kind: 'Wagon load',
    wishes: ['Undercoat', 'Rust', 'Grass and turf'],
    ways: { Rust: 'Five tones, sponged dark to light' },
    shows: [/Brush coat/, /Sponge/, /Sponge/, /Sponge/, /Sponge/, /Sponge/, /Glue/, /Scatter/],
    toTheLog: true,
  },
  {
    job: 'J10 spilled fish-meal on six vans',
    name: 'Fish vans',
    kind: 'Covered van',
    count: '6',
    wishes: ['Undercoat', 'Body colour', 'Shade in the recesses', 'Spilled load with its streak'],
    shows: [/Wash/, /Streak/, /Powder slurry|Glue/, /Scatter/, /Clear coat/],
  },
  {
    job: 'J12 chipped tipper with a replaced plate',
    name: 'Tipper',
    kind: 'Hopper wagon',
    wishes: [
      'Undercoat',
      'Chips through to rust',
      'Replaced plate or plank',
      'Shade in the recesses',
      'Rust streaks',
      'Dust of the region',
    ],
    ways: { 'Dust of the region': 'Dry powder, brushed on' },
    shows: [/Spray coat.*Chipping medium/s, /Airbrush coat/, /Chip/, /Wash/, /Dry powder/, /Fix/],
  },
  {
    job: 'J15 scrap gondola',
    name: 'Scrap gondola',
    kind: 'Open wagon',
    wishes: ['Undercoat', 'Body colour', 'Lettering by decal', 'Scrapes', 'Tags and chalk marks', 'Rust', 'Loose load'],
    ways: { Rust: 'Powders, bright then earthy' },
    shows: [/Scatter/, /Clear coat/, /Decal/, /Clear coat/, /Dry powder/],
    toTheLog: true,
  },
  {
    job: 'J17 harbour shunter',
    name: 'Harbour shunter',
    kind: 'Locomotive, bonnet and cab',
    wishes: ['Undercoat', 'Body colour', 'Shade in the recesses', 'Dust of the region', 'Soot', 'Bright worn metal'],
    ways: { Soot: 'Black powder', 'Bright worn metal': 'Soft graphite pencil' },
    shows: [/coat/, /Wash/, /Dry powder/, /Dry powder/, /Edge highlight|Draw lines|Scrape/],
    toTheLog: true,
  },
  {
    job: 'J20 stump on the saltings',
    name: 'Stump',
    kind: 'Ground',
    wishes: ['Body colour', 'Grass and turf', 'Moss'],
    ways: { 'Body colour': 'Water-mixable oil, worked wet in wet' },
    shows: [/Brush coat/, /Blend/, /Glue/, /Scatter/],
  },
];

for (const { job, name, kind, count, madeOf, wishes, ways = {}, shows, toTheLog } of JOBS)
  test(`${job}: from wishes to print${toTheLog ? ' and to the log' : ''}`, async ({ bench: page }) => {
    test.slow();
    await clearTheBench(page);
    await make(page, name, kind, count, madeOf);
    await toWishes(page);
    await wishFor(page, ...wishes);
    for (const [effect, way] of Object.entries(ways)) await inWay(page, effect, way);
    await take(page);
    await expect(alarms(page)).toHaveCount(0);
    // the steps stand in the order of the trade
    const texts = await rows(page).allInnerTexts();
    let from = 0;
    for (const wanted of shows) {
      const at = texts.findIndex((text, i) => i >= from && wanted.test(text));
      expect(
        at,
        `${String(wanted)} after row ${String(from)} of ${texts.map((text) => text.split('\n').slice(0, 4).join(' ')).join(' | ')}`,
      ).toBeGreaterThanOrEqual(0);
      from = at + 1;
    }
    await toPrint(page, name);
    await everyEveningHolds(page);
    if (!toTheLog) return;
    const done: string[] = [];
    await throughTheEvenings(page, ({ words }) => {
      done.push(words.split('\n')[0] ?? '');
      return Promise.resolve();
    });
    expect(done.length).toBeGreaterThanOrEqual(texts.length);
    await asPlannedInTheLog(page, name);
  });

test('every decision has its reason, undo brings the old sequence back, and arranging again changes nothing', async ({ bench: page }) => {
  await openPiece(page, 'Quay stores 1 to 4');
  await toWishes(page);
  await arranged(page);
  const steps = order(page).getByRole('listitem');
  await expect(steps.filter({ hasText: 'added' }).filter({ hasText: 'Without it:' })).not.toHaveCount(0);
  await expect(steps.filter({ hasText: 'After body colour:' })).not.toHaveCount(0);
  await take(page);
  const count = await rows(page).count();
  expect(count).toBeGreaterThan(8);
  await expect(alarms(page)).toHaveCount(0);
  await toWishes(page);
  await expect(order(page).getByRole('button', { name: 'In use' })).toBeDisabled();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await page
    .getByRole('navigation', { name: 'Of this piece' })
    .getByRole('link', { name: /^Sequence/ })
    .click();
  await expect(page.getByText('No step yet')).toBeVisible();
});

test('a story proposes, a slider and a colour change the order, and nothing is lost on reload', async ({ bench: page }) => {
  await make(page, 'Lime van', 'Covered van');
  await toWishes(page);
  await expect(page.getByText('Wish for something')).toBeVisible();
  await wishFor(page, 'Undercoat', 'Body colour');
  await page.getByLabel('Upkeep').selectOption({ label: 'Neglected' });
  await page.getByRole('button', { name: 'Propose from the story' }).click();
  await expect(page.getByText(/effects added/)).toBeVisible();
  await expect(wish(page, 'Dust of the region')).toBeVisible();
  // what else the story would bring is one press away
  await page.getByRole('group', { name: 'Also possible' }).getByRole('button', { name: 'Faded paint' }).click();
  await expect(wish(page, 'Faded paint')).toBeVisible();
  await arranged(page);
  const slider = page.getByRole('slider', { name: 'How strong: Dust of the region' });
  await slider.focus();
  await page.keyboard.press('End');
  await expect(slider).toHaveAttribute('aria-valuetext', 'all it may be');
  await page.getByRole('button', { name: 'Not Faded paint after all' }).click();
  await expect(wish(page, 'Faded paint')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('slider', { name: 'How strong: Dust of the region' })).toHaveValue('100');
  await expect(wish(page, 'Faded paint')).toHaveCount(0);
  // twenty minutes are not enough for all of it: what may be left out is
  await page.getByLabel('Minutes at the bench there are').fill('30');
  await expect(order(page).getByRole('heading', { name: 'Left out' })).toBeVisible();
});

test('a caution keeps no order back; wishes that collide are named, and a button frees them', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  await toWishes(page);
  // the crests are picked out already: a new body colour would cover them
  await page.getByLabel('Steps done already').fill('9');
  await wishFor(page, 'Body colour', 'Grass and turf');
  // in the colour it has, nothing is to be done
  await expect(order(page)).toContainText('Body colour. Your own steps do it already.');
  await wish(page, 'Body colour').locator('summary').click();
  await page.getByLabel('Colour of Body colour').fill('#7a3b2e');
  await expect(order(page).getByRole('note')).toContainText('No order is without a caution');
  await expect(order(page).getByRole('note')).toContainText('highlights before the last colour');
  await saved(page);
  // who takes that for a snag gets no such order
  await go(page, 'Handbook');
  await page.getByRole('link', { name: 'Highlights before the last colour' }).click();
  await page.getByLabel('How serious: Highlights before the last colour').selectOption({ label: 'always a snag' });
  await go(page, 'Pieces');
  await openPiece(page, 'Quay wall casting');
  await toWishes(page);
  const collision = order(page).getByRole('alert');
  await expect(collision).toContainText('These do not go together: body colour.');
  await expectAccessible(page);
  await collision.getByRole('button', { name: 'Without body colour' }).click();
  await expect(collision).toHaveCount(0);
  await arranged(page);
});

test('a finding is let stand with a reason that stays on the piece, and taken seriously again', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const snag = alarms(page).filter({ hasText: 'White spirit softens' });
  await snag.getByRole('button', { name: 'Ignore this …' }).click();
  await snag.getByLabel('Why it may stand').fill('Tried on the lid: holds');
  await snag.getByRole('button', { name: 'Ignore this', exact: true }).click();
  await expect(snag).toHaveCount(0);
  await expect(page.getByRole('note').filter({ hasText: 'Tried on the lid: holds' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('note').filter({ hasText: 'Tried on the lid: holds' })).toBeVisible();
  await expect(page.getByText('1 caution')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it seriously again' }).click();
  await expect(snag).toBeVisible();
});

test('a rule explains itself by its own examples, and is taken as seriously as the painter wants', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const softened = alarms(page).filter({ hasText: 'White spirit softens' });
  await softened.getByRole('button', { name: 'Why?' }).click();
  await expect(softened).toContainText('Source: common practice');
  await softened.getByRole('link', { name: 'With examples' }).click();
  await expect(page.getByRole('heading', { name: 'Solvent lifts a layer', level: 1 })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Here it warns' })).toContainText('Snag:');
  await expect(page.getByRole('region', { name: 'Here it stays quiet' })).toContainText('No problems found.');
  await page.getByLabel('How serious: Solvent lifts a layer').selectOption({ label: 'only a hint' });
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(page.getByRole('group', { name: /^Hint at step/ }).filter({ hasText: 'White spirit softens' })).toBeVisible();
  await go(page, 'Handbook');
  await expect(page.getByRole('listitem').filter({ hasText: 'Solvent lifts a layer' })).toContainText('only a hint');
  await page.getByRole('link', { name: 'Solvent lifts a layer' }).click();
  await expect(page.getByLabel('How serious: Solvent lifts a layer')).toHaveValue('hint');
  await page.getByLabel('How serious: Solvent lifts a layer').selectOption({ label: 'default' });
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(alarms(page).filter({ hasText: 'White spirit softens' })).toBeVisible();
});

test('the look goes along the sequence: before, after each step, and in the end', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const slider = facts(page).getByRole('slider', { name: 'Along the sequence' });
  await expect(slider).toHaveAttribute('aria-valuetext', /^after step 13/);
  const side = facts(page).getByRole('row', { name: /^Side, lower/ });
  await facts(page).getByRole('button', { name: 'Before', exact: true }).click();
  await expect(slider).toHaveAttribute('aria-valuetext', 'as it came');
  const bare = await side.innerText();
  for (let n = 0; n < 4; n++) await slider.press('ArrowRight');
  await expect(slider).toHaveAttribute('aria-valuetext', /^after step 4, airbrush coat/);
  const green = await side.innerText();
  await facts(page).getByRole('button', { name: 'After', exact: true }).click();
  await expect(slider).toHaveAttribute('aria-valuetext', /^after step 13/);
  expect(new Set([bare, green]).size).toBe(2);
});

test('a finish is saved, put on two pieces each its own, undone, and held side by side', async ({ bench: page, server }) => {
  test.slow();
  await openPiece(page, 'Peat wagons 22, 23, 27');
  await page.getByRole('button', { name: 'More for Peat wagons 22, 23, 27' }).click();
  await page.getByRole('menuitem', { name: 'Save as a finish …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Save as a finish' });
  await dialog.getByLabel('Name of the finish').fill('Salt van, bleached and rusted');
  await expect(dialog.getByRole('alert')).toContainText('There is a finish of that name');
  await dialog.getByLabel('Name of the finish').fill('Peat train');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Peat train kept as version 1')).toBeVisible();

  await go(page, 'Pieces');
  await page.getByRole('link', { name: 'Finishes' }).click();
  const item = page.getByRole('listitem').filter({ hasText: 'Peat train' }).first();
  await item.getByRole('button', { name: 'Put it on …' }).click();
  const put = page.getByRole('dialog', { name: 'Put “Peat train” on' });
  await put.getByLabel('Salt van No. 14').check();
  await put.getByLabel('Field lorry in estuary mud').check();
  await put.getByLabel('How alike').selectOption({ label: 'each its own: cover, strength and tone differ a little' });
  // another kind of piece: what it does otherwise there is told
  await expect(put.getByRole('region', { name: 'On Field lorry in estuary mud' })).toContainText('Interior becomes');
  await expectAccessible(page);
  await put.getByRole('button', { name: 'Put it on' }).click();
  await expect(page.getByText('Peat train is on 2 pieces')).toBeVisible();
  const stepsBy = async (...techniques: string[]) => {
    const pieces = (await (await page.request.get(`${server.url}/api/pieces`)).json()) as { piece: Piece }[];
    const of = (id: string) =>
      pieces.find(({ piece }) => piece.id === id)!.piece.steps.filter(({ technique }) => techniques.includes(technique));
    return [of('salt-van-14'), of('field-lorry')] as const;
  };
  const covers = async () => (await stepsBy('drybrush')).map((steps) => steps.map(({ coverPct }) => coverPct));
  // one step alone may be the same by chance
  const varied = await stepsBy('drybrush', 'powder-dry', 'wash');
  const [van, lorry] = varied.map((steps) =>
    steps.map(({ technique, coverPct, strength, colour }) => [technique, coverPct, strength, colour]),
  );
  expect(van).toHaveLength(lorry!.length);
  expect(van).not.toEqual(lorry);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(async () => {
    expect(await covers()).toEqual([[8], []]);
  }).toPass();

  await page.getByRole('checkbox', { name: /^Version 1, .* from Peat wagons/ }).check();
  await page.getByRole('checkbox', { name: /^Version 2, .* from Salt van/ }).check();
  await page.getByRole('button', { name: 'Side by side' }).click();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'only on the left' })).not.toHaveCount(0);
  const all = await page.getByRole('row').count();
  await page.getByLabel('only what differs').check();
  expect(await page.getByRole('row').count()).toBeLessThan(all);
});

test('a batch where each is to be its own: told when they are twins, numbers thrown for each', async ({ bench: page }) => {
  await openPiece(page, 'Quay stores 1 to 4');
  await addStep(page, 'Dry powder', 'Salt dust');
  await rows(page)
    .last()
    .getByRole('button', { name: /Dry powder/ })
    .click();
  await facts(page).getByLabel('How alike').selectOption({ label: 'each its own: no two age alike' });
  await expect(page.getByRole('group', { name: /^Hint at step 1/ }).filter({ hasText: 'All 4 pieces get the same numbers' })).toBeVisible();
  await facts(page).getByRole('button', { name: 'Let them differ' }).click();
  await expect(page.getByText('All 4 pieces get the same numbers')).toHaveCount(0);
  await rows(page)
    .last()
    .getByRole('button', { name: /Dry powder/ })
    .click();
  await expect(facts(page).getByText('Each its own', { exact: true })).toBeVisible();
  const figures = await Promise.all(
    ['Store 1', 'Store 2', 'Store 3', 'Store 4'].map((label) => facts(page).locator('dl > div').filter({ hasText: label }).innerText()),
  );
  expect(new Set(figures.map((text) => text.replace(/Store \d/, ''))).size).toBeGreaterThan(1);
});

test('every figure of a material is told with its source', async ({ bench: page }) => {
  await go(page, 'Handbook');
  await page.getByRole('tab', { name: 'Materials' }).click();
  await page.getByRole('link', { name: 'Enamel, matt', exact: true }).click();
  for (const [what, value] of [
    ['Solvent-proof', '3 d'],
    ['Wrinkles under its own solvent', 'from 1 h to 2 d'],
    ['Hides', '92 %'],
    ['Tooth', 'good'],
  ] as const)
    await expect(page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: what, exact: true }) })).toContainText(value);
  const sources = await page.locator('tbody tr td:last-child').allInnerTexts();
  expect(sources.every((source) => /common practice|from memory/.test(source))).toBe(true);
});
