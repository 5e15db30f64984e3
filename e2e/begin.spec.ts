import type { Locator, Page } from '@playwright/test';
import { startServer, type RunningServer } from '../scripts/lib/server.mjs';
import { NOW, expect, expectAccessible, go, newPiece, openPiece, printed, rows, saved, test } from './fixtures.js';

/** The first hour of somebody new: a bench with nothing on it. */

const empty = (): Promise<RunningServer> =>
  startServer({ demo: false, env: { TZ: process.env['TZ'] ?? 'UTC', EVENINGTIDE_NOW: NOW, EVENINGTIDE_BACKUPS: 'none' } });

/** Presses and fields that are filled in, counted. */
class Hand {
  presses = 0;
  fields = 0;

  async press(what: Locator): Promise<void> {
    await what.click();
    this.presses++;
  }

  async fill(what: Locator, text: string): Promise<void> {
    await what.fill(text);
    this.fields++;
  }
}

async function onEmptyBench(page: Page, does: (url: string) => Promise<void>): Promise<void> {
  const server = await empty();
  try {
    await page.clock.install({ time: new Date(NOW) });
    await page.goto(server.url);
    await does(server.url);
  } finally {
    await server.stop();
  }
}

test('a newcomer’s coal wagon: from nothing to print in at most 30 presses and 4 fields, brushes only', async ({ page }) => {
  await onEmptyBench(page, async () => {
    const hand = new Hand();
    // three questions with usual answers
    await expect(page.getByRole('heading', { name: 'First steps' })).toBeVisible();
    await expectAccessible(page);
    await hand.press(page.getByText('Brushes only', { exact: true }));
    await hand.press(page.getByText('Sat', { exact: true }));
    await hand.press(page.getByRole('button', { name: 'Type, paste or read a list' }));
    await hand.fill(page.getByLabel(/^One paint a line/), 'Dark wash enamel 35 ml\nMatt varnish acrylic 60 ml\nRust brown acrylic 17 ml');
    await hand.press(page.getByRole('button', { name: 'Read the list' }));
    await hand.press(page.getByRole('button', { name: 'Put 3 bottles on the shelf' }));
    await expect(page.getByText('3 bottles on the shelf.')).toBeVisible();
    await hand.press(page.getByRole('button', { name: 'A piece of my own' }));
    const dialog = page.getByRole('dialog', { name: 'New piece' });
    await hand.press(dialog.getByRole('button', { name: 'Open wagon', exact: true }));
    await hand.fill(dialog.getByLabel('Name', { exact: true }), 'Coal wagon 12');
    await hand.press(dialog.getByText('Rusty', { exact: true }));
    await hand.press(dialog.getByRole('button', { name: 'Create' }));
    await expect(page.getByRole('region', { name: 'Sequence' })).toBeVisible();
    await expect(rows(page).filter({ hasText: 'Wash' }).first()).toContainText('Dark wash');
    const clear = rows(page).filter({ hasText: 'Clear coat' }).last();
    // nothing is sprayed where there is nothing to spray with
    await expect(clear).toContainText('flat brush');
    await expect(page.getByText('airbrush', { exact: true })).toHaveCount(0);
    await expect(page.getByRole('group', { name: /^(Snag|Caution) at step/ })).toHaveCount(0);
    await saved(page);
    await hand.press(page.getByRole('button', { name: 'More for Coal wagon 12' }));
    await hand.press(page.getByRole('menuitem', { name: 'Piece card' }));
    await expect(page.getByRole('heading', { name: 'Coal wagon 12', level: 1 })).toBeVisible();
    expect(await printed(page)).toBe(1);
    expect(hand.presses).toBeLessThanOrEqual(30);
    expect(hand.fields).toBeLessThanOrEqual(4);
    // its evenings stand, and the first steps are not asked again
    await go(page, 'Evenings');
    await expect(page.getByRole('link', { name: /Coal wagon 12, step 1/ })).toBeVisible();
    await go(page, 'Pieces');
    await expect(page.getByRole('link', { name: 'Coal wagon 12', exact: true })).toBeVisible();
  });
});

test('skipped and found again, a worked example copied, the tour by keys', async ({ page }) => {
  await onEmptyBench(page, async (url) => {
    await page.getByRole('button', { name: 'Skip this' }).click();
    await expect(page.getByText('No piece yet')).toBeVisible();
    await page.reload();
    await expect(page.getByText('No piece yet')).toBeVisible();
    await go(page, 'Workshop');
    await page.getByRole('link', { name: 'First steps' }).click();
    await page.getByRole('button', { name: /^Peat wagon No\. 7/ }).click();
    // with something to show the tour comes by itself, once, and leads back
    const tour = page.getByRole('region', { name: 'Tour' });
    await expect(tour).toContainText('1 of 7');
    await page.keyboard.press('Escape');
    await expect(tour).toHaveCount(0);
    await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Peat wagon No. 7');
    await expect(rows(page)).not.toHaveCount(0);
    await page.goto(`${url}/begin`);
    await page.getByRole('button', { name: 'Show me around first' }).focus();
    await page.keyboard.press('Enter');
    const seen: string[] = [];
    for (let stop = 0; stop < 7; stop++) {
      await expect(tour).toContainText(`${String(stop + 1)} of 7`);
      await expect(tour.getByRole('button', { name: /Next|Done/ })).toBeFocused();
      if (stop === 0) await expectAccessible(page);
      seen.push(await tour.getByRole('heading').innerText());
      await page.keyboard.press('Enter');
    }
    expect(seen).toEqual(['Pieces', 'A piece', 'Wishes', 'Evenings', 'Tonight', 'Shelf', 'Handbook']);
    await expect(tour).toHaveCount(0);
    await expect(page.getByRole('heading', { name: 'Pieces', level: 1 })).toBeVisible();
    // not a second time by itself
    await page.goto(`${url}/begin`);
    await page.getByRole('button', { name: /^Fish van No\. 3/ }).click();
    await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Fish van No. 3');
    await expect(tour).toHaveCount(0);
  });
});

test('a batch of four that comes primed, with its photograph; castings are alike, stock is each its own', async ({ bench: page }) => {
  const dialog = await newPiece(page, 'Wall arch');
  await dialog.getByLabel('Name', { exact: true }).fill('Arches 1 to 4');
  await dialog.getByLabel('How many').fill('4');
  await expect(dialog.getByLabel('As a batch')).toHaveValue('alike');
  await dialog.getByLabel('As it comes').selectOption({ label: 'primed' });
  await dialog.getByLabel('Colour to be').fill('#7a6f5c');
  await dialog.getByLabel('Old stone').check();
  await dialog.getByLabel(/^Photographs/).setInputFiles('demo/pictures/9c37bd82b2d3e318f8cbf16dbaeb1e76.jpg');
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Arches 1 to 4');
  await expect(page.getByLabel('Caption')).toHaveCount(1);
  await expect(rows(page)).not.toHaveCount(0);
  await expect(page.getByRole('group', { name: /^(Snag|Caution) at step/ })).toHaveCount(0);
  await page
    .getByRole('navigation', { name: 'Of this piece' })
    .getByRole('link', { name: /^Wishes/ })
    .click();
  await expect(page.getByRole('region', { name: 'Wishes' })).toContainText('Body colour');
  await go(page, 'Pieces');
  await openPiece(page, 'Arches 1 to 4');
  const stock = async () => {
    await go(page, 'Pieces');
    const other = await newPiece(page, 'Covered van');
    await other.getByLabel('How many').fill('2');
    await expect(other.getByLabel('As a batch')).toHaveValue('own');
  };
  await stock();
});

test('a list of paints: pasted from a spreadsheet, put right in one table, all on the shelf at once and back again', async ({
  bench: page,
}) => {
  await go(page, 'Shelf');
  await page.getByRole('button', { name: 'Paste a list' }).click();
  const dialog = page.getByRole('dialog', { name: 'A list of paints' });
  await dialog
    .getByLabel(/^One paint a line/)
    .fill('Paint\tType\tml\nSlip grey\tenamel\t14\nHarbour mist\t\t17\nWhite spirit\t\t500\n\t\t3');
  await dialog.getByRole('button', { name: 'Read the list' }).click();
  await expect(dialog.getByRole('row')).toHaveCount(4);
  await expectAccessible(page);
  // one is on the shelf already, of one no word tells the kind
  await expect(dialog.getByLabel('Take White spirit')).not.toBeChecked();
  await expect(dialog).toContainText('no word tells the kind');
  await dialog.getByLabel('Kind of Harbour mist').selectOption({ label: 'Acrylic wash' });
  await expect(dialog).not.toContainText('no word tells the kind');
  await dialog.getByRole('button', { name: 'Put 2 bottles on the shelf' }).click();
  await page.getByLabel('Search the bottles').fill('harbour mist');
  await expect(page.getByRole('row').filter({ hasText: 'Harbour mist' })).toContainText('Acrylic wash');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Nothing found')).toBeVisible();
});

test('a finished wagon: what is on it is told by its looks, lies below its steps as done, and says what a new coat does to it', async ({
  bench: page,
}) => {
  await page.getByRole('link', { name: 'Pieces' }).click();
  const dialog = await newPiece(page, 'Open wagon');
  await dialog.getByLabel('Name', { exact: true }).fill('Old peat wagon');
  await dialog.getByLabel('As it comes').selectOption({ label: 'painted already' });
  await dialog.getByRole('checkbox', { name: 'weathered already' }).check();
  await dialog.getByRole('button', { name: 'Create' }).click();

  const asked = page.getByRole('dialog', { name: 'What is on Old peat wagon already' });
  await expectAccessible(page);
  await asked.getByRole('checkbox', { name: /^A wash of enamel or oil/ }).check();
  await asked.getByRole('checkbox', { name: /^Powder that was never sealed/ }).check();
  await asked.getByRole('button', { name: 'Put it below the steps' }).click();
  await expect(rows(page)).toHaveCount(2);
  await expect(rows(page).nth(0)).toContainText('done');
  await expect(rows(page).nth(1)).toContainText('done');
  await expect(page.getByText(/Nothing holds the powder|loose/).first()).toBeVisible();

  // asked once, not again when the page is read anew; and it comes back from the menu
  await saved(page);
  await page.reload();
  await expect(rows(page)).toHaveCount(2);
  await expect(asked).toBeHidden();
  await page.getByRole('button', { name: 'More for Old peat wagon' }).click();
  await page.getByRole('menuitem', { name: 'What is on it already …' }).click();
  await asked.getByRole('checkbox', { name: /^Acrylic paint/ }).check();
  await asked.getByRole('button', { name: 'Put it below the steps' }).click();
  await expect(rows(page)).toHaveCount(3);
  await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(rows(page)).toHaveCount(2);
});
