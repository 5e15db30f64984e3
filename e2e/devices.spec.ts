import type { Locator, Page } from '@playwright/test';
import { PIECES, expect, expectAccessible, go, openPiece, test } from './fixtures.js';

/** The stand-ins at the bench: read, and fallen silent in the middle of it. */

const VAN = PIECES[0]!;
const device = (page: Page, name: string) => page.getByRole('group', { name });

async function switchOn(page: Page, name: string): Promise<void> {
  await go(page, 'Workshop');
  await device(page, name).getByLabel(/^On:/).click();
  await expect(device(page, name).getByLabel(/^Let it fall silent/)).toBeVisible();
}

async function silence(page: Page, name: string): Promise<void> {
  await page.request.put(`${new URL(page.url()).origin}/api/devices/${name}`, { data: { on: true, isSilent: true } });
}

/** The scale has come to rest at so much. */
const shows = (dialog: Locator, grams: number) =>
  expect
    .poll(async () => {
      const words = await dialog.getByRole('group', { name: 'What the scale shows' }).innerText();
      return words.includes('at rest') && Math.abs(Number.parseFloat(words) - grams) < 0.025;
    })
    .toBe(true);

/** A cup of three parts paint and one part thinner. */
async function fillCup(page: Page): Promise<void> {
  await go(page, 'Mixing');
  await page.getByRole('tab', { name: 'A cup' }).click();
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByLabel('Ratio by volume').fill('3:1');
  await page.getByLabel('Ratio by volume').blur();
}

// what a stand-in reads hangs on what it read before
test.use({ ownServer: true });

test('a cup is weighed in: too much of one raises the other, and the cup becomes what is in it', async ({ bench: page }) => {
  await switchOn(page, 'Pocket scale');
  await fillCup(page);
  await page.getByRole('button', { name: 'Weigh it in' }).click();
  const dialog = page.getByRole('dialog', { name: 'Weigh it in' });
  await expect(dialog).toContainText('Simulated, no real device');
  await expectAccessible(page);
  const read = dialog.getByRole('button', { name: /^Read the scale for/ });
  const paint = dialog.getByRole('listitem').nth(0);
  const thinner = dialog.getByRole('listitem').nth(1);
  // 3.75 ml of paint and 1.25 ml of thinner, by their densities
  const wanted = async (row: typeof paint): Promise<number> => Number(/wanted ([\d.]+) g/.exec(await row.innerText())![1]);
  const [paintG, thinnerG] = [await wanted(paint), await wanted(thinner)];
  await dialog.getByLabel('On its pan (g)').fill(String(paintG * 1.2));
  await shows(dialog, paintG * 1.2);
  await read.nth(0).click();
  await expect(paint).toContainText('right');
  await expect(dialog.getByRole('alert')).toContainText('Too much of one is in');
  expect(await wanted(thinner)).toBeCloseTo(thinnerG * 1.2, 1);
  // hardly any thinner yet, then the rest
  await dialog.getByRole('button', { name: 'Pour what is wanted, about' }).click();
  await shows(dialog, 1.2 * (paintG + 0.97 * thinnerG));
  await read.nth(1).click();
  await expect(thinner).toContainText('still');
  await dialog.getByLabel('On its pan (g)').fill(String(1.2 * (paintG + thinnerG)));
  await shows(dialog, 1.2 * (paintG + thinnerG));
  await read.nth(1).click();
  await expect(thinner).toContainText('right');
  await expect(dialog).toContainText('The ratio is right');
  await dialog.getByRole('button', { name: 'Take what is in it' }).click();
  await expect(page.getByText('The cup is what was weighed')).toBeVisible();
  await expect(page.getByLabel(/^Make/)).toHaveValue(/^6(\.0\d?)?$|^5\.9\d?$/);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByLabel(/^Make/)).toHaveValue('5');
});

test('the scale falls silent in the middle: its last word is told, and typed weights go on', async ({ bench: page }) => {
  await switchOn(page, 'Pocket scale');
  await fillCup(page);
  await page.getByRole('button', { name: 'Weigh it in' }).click();
  const dialog = page.getByRole('dialog', { name: 'Weigh it in' });
  await dialog.getByLabel('On its pan (g)').fill('2');
  await shows(dialog, 2);
  await silence(page, 'scale');
  await expect(dialog.getByRole('status')).toContainText('Silent: its last word');
  await expect(dialog.getByRole('button', { name: /^Read the scale for/ }).first()).toBeDisabled();
  await dialog.getByLabel('In it (g)').nth(0).fill('6');
  await dialog.getByLabel('In it (g)').nth(1).fill('1');
  await expect(dialog).toContainText('Also when it is not as asked');
  await dialog.getByRole('button', { name: 'Take what is in it' }).click();
  await expect(page.getByLabel('Ratio by volume')).not.toHaveValue('3:1');
});

test('a wagon is weighed against the recommendation, and the weight is in the log', async ({ bench: page }) => {
  await switchOn(page, 'Pocket scale');
  await go(page, 'Pieces');
  await openPiece(page, VAN);
  await page.getByRole('button', { name: `More for ${VAN}` }).click();
  await page.getByRole('menuitem', { name: 'Weigh it' }).click();
  const dialog = page.getByRole('dialog', { name: `Weigh ${VAN}` });
  await dialog.getByLabel('On its pan (g)').fill('62');
  await shows(dialog, 62);
  await dialog.getByRole('button', { name: 'Read the scale' }).click();
  await dialog.getByLabel(/^Body length/).fill('100');
  // RP-20.1 for HO: 1 oz and half an ounce an inch, so 84.2 g for 100 mm
  await expect(dialog).toContainText('Recommended 84 g');
  await expect(dialog).toContainText('the scale nearest to 1:76');
  await expect(dialog).toContainText(/22\.\d g short of what is recommended/);
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Write it to the log' }).click();
  await go(page, 'Log');
  await expect(page.getByText(/Weighed: 6[12]\.\d\d g \(simulated scale\)/)).toBeVisible();
});

test('a colour is read several times, its mean is matched; fallen silent, what was read stands', async ({ bench: page }) => {
  await switchOn(page, 'Colour meter');
  await go(page, 'Mixing');
  await page.getByRole('tab', { name: 'Find a recipe' }).click();
  await page.getByLabel('Match').selectOption({ label: 'what the colour meter reads' });
  const wanted = page.getByRole('region', { name: 'What is wanted' });
  await wanted.getByLabel('It is held against').fill('#6f4a36');
  const read = wanted.getByRole('button', { name: 'Read', exact: true });
  await read.click();
  await expect(wanted).toContainText('how much it wavers is not known');
  for (let i = 2; i <= 5; i++) {
    await read.click();
    await expect(wanted).toContainText(`mean of ${String(i)}`);
  }
  await expect(wanted.getByRole('list', { name: 'Readings' }).getByRole('listitem')).toHaveCount(5);
  await expect(page.getByText('Nearest to the mean of 5 readings of the colour meter')).toBeVisible();
  await expectAccessible(page);
  await wanted.getByRole('button', { name: 'Drop reading 5' }).click();
  await expect(page.getByText('Nearest to the mean of 4 readings of the colour meter')).toBeVisible();
  await silence(page, 'colour-meter');
  await expect(wanted).toContainText('The colour meter does not answer');
  await expect(wanted).toContainText('Its last word');
  await expect(read).toBeDisabled();
  await expect(page.getByText('Nearest to the mean of 4 readings of the colour meter')).toBeVisible();
});

test('devices that are off stop nothing: weights are typed, and it is said where to switch them on', async ({ bench: page }) => {
  await fillCup(page);
  await page.getByRole('button', { name: 'Weigh it in' }).click();
  const dialog = page.getByRole('dialog', { name: 'Weigh it in' });
  await expect(dialog).toContainText('The scale is off');
  await dialog.getByLabel('In it (g)').nth(0).fill('4.5');
  await expect(dialog.getByRole('listitem').nth(1)).toContainText('still');
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: 'Find a recipe' }).click();
  await page.getByLabel('Match').selectOption({ label: 'what the colour meter reads' });
  await expect(page.getByRole('region', { name: 'What is wanted' })).toContainText('The colour meter is off');
  await page.getByRole('link', { name: 'switch it on in Workshop' }).click();
  await expect(page.getByRole('region', { name: 'Devices' })).toBeVisible();
});

test('what a mix dried to is read by the meter, stands in for what was reckoned, and is taken back', async ({ bench: page }) => {
  await switchOn(page, 'Colour meter');
  await go(page, 'Mixing');
  await page.getByRole('tab', { name: 'Kept mixes' }).click();
  const card = page.getByRole('main').getByRole('listitem').first();
  await card.getByRole('button', { name: 'What it dried to …' }).click();
  const dialog = page.getByRole('dialog', { name: /^What .* dried to/ });
  await dialog.getByLabel('Judged').selectOption({ label: 'by the colour meter' });
  await dialog.getByLabel('It is held against').fill('#7a3f1c');
  for (let i = 1; i <= 3; i++) {
    await dialog.getByRole('button', { name: 'Read', exact: true }).click();
    await expect(dialog).toContainText(i === 1 ? 'One reading' : `mean of ${String(i)}`);
  }
  await expectAccessible(page);
  // near to what it was held against, in the order of red, green, blue: the stand-in wavers by a few steps of each
  const read = await dialog.getByText(/^#[0-9a-f]{6}$/).textContent();
  const channels = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  for (const [i, channel] of channels('#7a3f1c').entries()) expect(Math.abs((channels(read ?? '')[i] ?? NaN) - channel)).toBeLessThan(12);
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(card).toContainText('colour as it dried');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).not.toContainText('colour as it dried');
});
