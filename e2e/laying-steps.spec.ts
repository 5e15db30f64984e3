import type { Locator } from '@playwright/test';
import { addStep, expect, expectAccessible, facts, make, more, onlyOn, openPiece, pasteNotes, rows, saved, test } from './fixtures.js';

/** Ten steps as a seasoned painter would say them. */
const LINES = [
  'clean all',
  'lacquer primer',
  'airbrush matt acrylic',
  'decals sides',
  'seal gloss',
  'wash umber 1:4 35%',
  'seal matt all',
  'drybrush pale lichen ends',
  'rust ochre powder roof 20%',
  'fix roof',
];

test('ten steps are typed with at most 250 keys, and stand there as said', async ({ bench: page }) => {
  await make(page, 'Lime van 9', 'Covered van');
  const line = page.getByLabel('Or type a step, or paste notes');
  await line.focus();
  let keys = 0;
  for (const said of LINES) {
    await page.keyboard.type(said);
    await page.keyboard.press('Enter');
    await expect(line).toHaveValue('');
    keys += said.length + 1;
  }
  expect(keys).toBeLessThanOrEqual(250);
  await expect(rows(page)).toHaveCount(LINES.length);
  await expect(rows(page).nth(5)).toContainText('Umber enamel wash');
  await expect(rows(page).nth(5)).toContainText('1 : 4 white spirit');
  await expect(rows(page).nth(5)).toContainText('35 %');
  await expect(rows(page).nth(8)).toContainText('roof');
  await saved(page);
  await page.reload();
  await expect(rows(page)).toHaveCount(LINES.length);
});

test('pasted notes are read line by line; what is not understood is told, put right or left out', async ({ bench: page }) => {
  await make(page, 'Lime van 10', 'Covered van');
  const line = page.getByLabel('Or type a step, or paste notes');
  await line.fill('wash umbr sides');
  await expect(page.getByText('Not understood: umbr')).toBeVisible();
  await line.fill('');
  const notes = await pasteNotes(page, ['prime with lacquer primer', 'frobnicate the gribble', 'wash umber roof 1:4']);
  await expect(notes.getByRole('listitem')).toHaveCount(3);
  await expect(notes).toContainText('1 not understood');
  await notes.getByRole('button', { name: 'Add 2 steps' }).click();
  // nothing is dropped in silence
  await expect(notes).toContainText('frobnicate the gribble');
  await notes.getByRole('button', { name: 'Leave out: frobnicate the gribble' }).click();
  await expect(notes).toHaveCount(0);
  await expect(rows(page)).toHaveCount(2);
  await expect(rows(page).nth(1)).toContainText('roof');
  // notes are taken as one, and taken back as one
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows(page)).toHaveCount(0);
});

test('the same trouble at a second step is told as at the first, and let stand once for both', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const line = page.getByLabel('Or type a step, or paste notes');
  await line.fill('wash umber 1:4 sides lower 35 %');
  await line.press('Enter');
  const again = page.getByRole('group', { name: 'Caution at step 14' }).filter({ hasText: 'as at step 9' });
  await expect(again).toBeVisible();
  const first = page.getByRole('group', { name: 'Caution at step 9' }).filter({ hasText: 'White spirit softens' });
  await first.getByRole('button', { name: 'Ignore this …' }).click();
  await first.getByLabel('Why it may stand, at steps 9, 14').fill('tried on the lid');
  await first.getByRole('button', { name: 'Ignore this', exact: true }).click();
  await expect(page.getByRole('note').filter({ hasText: 'tried on the lid' }).first()).toBeVisible();
  await expect(first).toHaveCount(0);
  await expect(again).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: 'Take it seriously again' }).first().click();
  await expect(first).toBeVisible();
  await expect(again).toBeVisible();
});

test('ten steps are laid by mouse with at most 35 presses: each asks in turn, and goes on where the one before was', async ({
  bench: page,
}) => {
  await make(page, 'Lime van 11', 'Covered van');
  let presses = 0;
  const press = async (what: Locator) => {
    await what.click();
    presses++;
  };
  const option = (name: string) => page.getByRole('option', { name, exact: true });
  const zone = (name: string) => rows(page).last().getByRole('group', { name: 'Zones' }).getByText(name, { exact: true });
  const lay = async (technique: string, material: string | null, ...zones: string[]) => {
    await press(page.getByRole('button', { name: 'Add a step', exact: true }));
    await press(option(technique));
    if (material !== null) await press(option(material));
    for (const name of zones) await press(zone(name));
  };
  await lay('Clean', 'Water with a little detergent');
  await lay('Spray coat', 'Mid-grey primer');
  await lay('Airbrush coat', 'Peat brown');
  await lay('Clear coat', 'Matt clear');
  await lay('Wash', 'Umber enamel wash', 'sides');
  await lay('Streak', 'Iron streak oil wash');
  await lay('Drybrush', 'Pale lichen');
  await lay('Dry powder', 'Rust ochre powder', 'roof');
  await lay('Fix', 'Quick fixer');
  await lay('Look', null);
  expect(presses).toBeLessThanOrEqual(35);
  await expect(rows(page)).toHaveCount(10);
  const shown = await rows(page).allInnerTexts();
  // usual dilutions are filled in; zones go on
  expect(shown[2]).toContain('3 : 2 acrylic thinner');
  for (const i of [4, 5, 6]) expect(shown[i]).toMatch(/side, upper; side, lower/);
  for (const i of [7, 8]) expect(shown[i]).toMatch(/\broof\b/);
  await saved(page);
});

test('zones are kept as a group under a name, and meant by it: with one press, in a typed line, and on the zone', async ({
  bench: page,
}) => {
  await make(page, 'Fish van 6', 'Covered van');
  await addStep(page, 'Wash', 'Umber enamel wash');
  await onlyOn(page, 'roof', 'ends');
  const zones = (row: Locator) => row.getByRole('group', { name: 'Zones' });
  await zones(rows(page).last()).getByRole('button', { name: 'Keep these as a group …' }).click();
  await page.keyboard.type('Weather side');
  await page.keyboard.press('Enter');
  await expect(zones(rows(page).last()).getByRole('checkbox', { name: 'weather side' })).toBeChecked();
  await expect(rows(page).last()).toContainText('weather side');

  await page.getByLabel('Or type a step, or paste notes').fill('drybrush pale lichen weather side 10 %');
  await page.keyboard.press('Enter');
  await expect(rows(page)).toHaveCount(2);
  await expect(rows(page).nth(1)).toContainText('weather side');

  // the roof leaves it: both steps are where they were, and say so
  await rows(page).first().locator('button[id^=step-]').click();
  await page.keyboard.press('Escape');
  await facts(page).locator('dl').getByRole('button', { name: 'Roof', exact: true }).click();
  await facts(page).getByRole('group', { name: 'Groups it belongs to' }).getByRole('checkbox', { name: 'weather side' }).uncheck();
  await expect(rows(page).nth(1)).toContainText('roof; ends');
  await saved(page);
});

test('several steps at once: zones, moving, a copy, a group, taking out and back; one is laid down twice by Control D', async ({
  bench: page,
}) => {
  await openPiece(page, 'Quay wall casting');
  const first = async () => (await rows(page).allInnerTexts()).map((text) => text.split('\n').slice(0, 3).join(' '));
  const names = async () => (await first()).map((text) => text.replace(/^\d+ /, ''));
  const before = await names();
  const bar = page.getByRole('toolbar', { name: 'Chosen steps' });
  const line = (at: number) => rows(page).nth(at).locator('button[id^=step-]');
  // with Control one more, with Shift all between
  await line(1).click({ modifiers: ['Control'] });
  await line(3).click({ modifiers: ['Shift'] });
  await expect(bar).toContainText('3 steps chosen');
  await expectAccessible(page);
  await bar.getByRole('button', { name: 'Zones …' }).click();
  await page.getByRole('dialog').getByRole('checkbox', { name: 'crown', exact: true }).uncheck();
  await page.keyboard.press('Escape');
  for (const at of [1, 2, 3]) await expect(rows(page).nth(at)).toContainText('all but crown');
  await bar.getByRole('button', { name: 'Up', exact: true }).click();
  expect(await names()).toEqual([before[1], before[2], before[3], before[0], ...before.slice(4)]);
  await page.keyboard.press('Control+z');
  await bar.getByRole('button', { name: 'Duplicate' }).click();
  await expect(rows(page)).toHaveCount(before.length + 3);
  // the copies are what is chosen now
  await bar.getByRole('button', { name: 'Repeat as a group' }).click();
  await expect(page.getByRole('group', { name: /^Repeat group Rounds/ })).not.toHaveCount(0);
  await bar.getByRole('button', { name: 'Remove' }).click();
  await expect(rows(page)).toHaveCount(before.length);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(rows(page)).toHaveCount(before.length + 3);
  await expect(bar).toHaveCount(0);

  await line(0).focus();
  await page.keyboard.press('Control+d');
  await expect(rows(page)).toHaveCount(before.length + 4);
  const after = await names();
  expect(after[1]).toBe(after[0]);
  await expect(line(1)).toBeFocused();
  await saved(page);
});

test('a colour is told without a bottle, and stands as one to buy', async ({ bench: page }) => {
  await make(page, 'Lime van 12', 'Covered van');
  await addStep(page, 'Brush coat', 'Enamel, matt');
  await more(page);
  await page.getByLabel('Hex').fill('#b54a3');
  await expect(page.getByRole('alert')).toContainText('six of 0–9');
  await page.getByLabel('Hex').fill('#b54a33');
  await expect(page.getByText('Not bought yet')).toBeVisible();
  await addStep(page, 'Drybrush', 'Acrylic, matt');
  await page.getByLabel('Colour of').selectOption({ label: 'step 1: Enamel, matt' });
  await expect(page.getByLabel('Hex')).toHaveValue('#b54a33');
  await saved(page);
});

test('a colour is taken from the piece’s own photograph, with the mouse or by keys', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await addStep(page, 'Drybrush', 'Acrylic, matt');
  await more(page);
  const before = await page.getByLabel('Hex').inputValue();
  await page.getByRole('button', { name: 'From a photograph …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Colour from a photograph' });
  const where = dialog.getByRole('button', { name: /^Where on/ });
  await expect(where.locator('img')).toHaveJSProperty('complete', true);
  await where.click({ position: { x: 150, y: 90 } });
  const taken = dialog.getByRole('status');
  await expect(taken).toContainText(/#[0-9a-f]{6}$/);
  const pressed = await taken.innerText();
  // some way down it is another part of the van
  for (let i = 0; i < 25; i++) await where.press('ArrowDown');
  await expect(taken).not.toHaveText(pressed);
  const moved = (await taken.innerText()).trim();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Take this colour' }).click();
  await expect(page.getByLabel('Hex')).toHaveValue(moved);
  expect(moved).not.toBe(before);
  await expect(page.getByText('Not bought yet')).toBeVisible();
  await saved(page);
});
