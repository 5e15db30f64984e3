import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { asPlannedInTheLog, throughTheEvenings } from './at-the-bench.js';
import { clearTheBench, expect, facts, go, make, openPiece, openStep, pasteNotes, rows, saved, test } from './fixtures.js';

/** Jobs with loads and shapes of their own, from the piece to the log. */

/** The one that was open before stays until the new one stands there. */
const newLoad = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: 'New load' }).click();
  await expect(page.getByLabel('Name of the load')).toHaveValue('New load');
};

/** It is a piece, and open: until then the load says that all is saved. */
const planned = async (page: Page, load: string): Promise<void> => {
  await page.getByRole('button', { name: 'Plan it as a piece' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue(load);
};

const noSnags = async (page: Page): Promise<void> => {
  await saved(page);
  await expect(page.getByRole('group', { name: /^Snag at step/ })).toHaveCount(0);
};

test('J08 Lime and pipe loads: burnt lime for its tipper, three pipes, to the log, the table and the dossier', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Lime tipper', 'Open wagon');
  const tipper = await pasteNotes(page, ['airbrush matt acrylic #6f6f6b', 'wash umber 1:4 sides 35%', 'seal matt all']);
  await tipper.getByRole('button', { name: 'Add 3 steps' }).click();
  await noSnags(page);

  await go(page, 'Pieces');
  await make(page, 'Three pipes, chained', 'Pipe', '3');
  const pipes = await pasteNotes(page, ['lacquer primer', 'brush coat slate dark', 'drybrush bare plank 8%', 'graphite lines 3%']);
  await pipes.getByRole('button', { name: 'Add 4 steps' }).click();
  await noSnags(page);

  await go(page, 'Loads');
  await newLoad(page);
  await page.getByLabel('Name of the load').fill('Burnt lime');
  await page.getByLabel('Its wagon').selectOption({ label: 'Lime tipper' });
  const grain = page.getByRole('listitem').filter({ has: page.getByLabel('Grain (mm)') });
  await grain.getByLabel('Stuff').selectOption({ label: 'Limestone' });
  await grain.getByLabel('Name').fill('Lime');
  await page.getByLabel('Wagon empty (g)').fill('41');
  await page.getByLabel('What for').fill('To the kiln on Thursdays');
  const takes = page.getByRole('region', { name: 'What it takes' });
  await expect(takes).toContainText(/It may be handled after \d days?/);
  await expect(takes).toContainText(/The wagon weighs 41 g empty and \d\d g loaded; recommended are \d\d g \(RP-20.1\)/);
  // the crest is dragged up, and more goes onto it
  const ring = takes.getByRole('slider', { name: 'How high it stands over the edge' });
  await ring.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Crest over the edge (mm)')).toHaveValue('4.5');
  const table = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Amounts as CSV' }).click();
  expect(readFileSync(await (await table).path(), 'utf8')).toMatch(
    /^sheet,what,size mm,number,mL,g\r?\nBurnt lime,Lime,1\.5,,[\d.]+,[\d.]+/,
  );
  await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
  await planned(page, 'Burnt lime');
  await noSnags(page);

  // it is seen in the cut through its wagon
  await go(page, 'Pieces');
  await openPiece(page, 'Lime tipper');
  await facts(page).getByRole('combobox', { name: 'at' }).selectOption({ label: 'interior' });
  await expect(facts(page).getByRole('img', { name: /^Seen from the end/ })).toBeVisible();

  const order: string[] = [];
  await throughTheEvenings(page, async ({ words }) => {
    order.push(words.split('\n')[0]!);
    return Promise.resolve();
  });
  expect(order.indexOf('Scatter')).toBe(order.indexOf('Glue') + 1);
  expect(order.filter((name) => name === 'Drybrush')).not.toEqual([]);
  for (const piece of ['Lime tipper', 'Three pipes, chained', 'Burnt lime']) await asPlannedInTheLog(page, piece);
  await page.getByLabel('Piece', { exact: true }).selectOption({ label: 'Lime tipper' });
  const dossier = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Dossier' }).click();
  const html = readFileSync(await (await dossier).path(), 'utf8');
  expect(html).toContain('<h2>Burnt lime</h2>');
  expect(html).toContain('White glue');
});

test('J15 Scrap gondola: a patch of its own, scrapes along the bulges, boulders that hide the inside, then its log', async ({
  bench: page,
}) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Scrap gondola', 'Bogie gondola, ribbed');
  await facts(page).getByRole('button', { name: 'Change the shape …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: /^Tub, sides/ }).check();
  await dialog.getByLabel('Cut', { exact: true }).selectOption({ label: 'A rectangle' });
  for (const [label, mm] of [
    ['One corner, from the left', '30'],
    ['One corner, from above', '4'],
    ['Across, from the left', '60'],
    ['Across, from above', '14'],
  ] as const)
    await dialog.getByLabel(`${label} (mm)`).fill(mm);
  await dialog.getByLabel('The new zone is called').fill('Patch');
  await dialog.getByRole('button', { name: 'Cut it off' }).click();
  await page.keyboard.press('Escape');

  const notes = await pasteNotes(page, [
    'clean all',
    'lacquer primer',
    'airbrush matt acrylic #7a3b22 2 coats',
    'brush coat slate dark patch',
    'seal gloss patch',
    'decals patch',
    'seal matt patch',
    'scrape bare plank tub sides 8% sideways',
    'graphite lines patch 3%',
  ]);
  await notes.getByRole('button', { name: 'Add 9 steps' }).click();
  await expect(rows(page)).toHaveCount(9);
  await openStep(page, 5);
  await expect(rows(page).nth(5).getByRole('group', { name: 'Zones' }).getByRole('checkbox', { name: 'patch' })).toBeChecked();
  await noSnags(page);

  await go(page, 'Loads');
  await newLoad(page);
  await page.getByLabel('Name of the load').fill('Boulders');
  await page.getByLabel('Its wagon').selectOption({ label: 'Scrap gondola' });
  const grain = page.getByRole('listitem').filter({ has: page.getByLabel('Grain (mm)') });
  await grain.getByLabel('Stuff').selectOption({ label: 'Plaster rock' });
  await grain.getByLabel('Grain (mm)').fill('6');
  await page.getByText('It lifts out').click();
  await expect(page.getByRole('region', { name: 'What it takes' })).toContainText('reads as 0.46 m');
  await page.getByRole('button', { name: 'No work where it is never seen' }).click();
  await expect(page.getByText('is never seen under it: no work there')).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
  await planned(page, 'Boulders');
  await noSnags(page);

  await throughTheEvenings(page);
  await asPlannedInTheLog(page, 'Scrap gondola');
  await asPlannedInTheLog(page, 'Boulders');
});
