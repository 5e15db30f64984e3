import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import {
  addStep,
  clearTheBench,
  expect,
  expectAccessible,
  go,
  make,
  more,
  onlyOn,
  openPiece,
  printed,
  rows,
  saved,
  test,
} from './fixtures.js';

/** Mixing, needs and the shelf that counts. */

const part = (page: Page, name: string) => page.getByRole('tab', { name: new RegExp(`^${name}`) }).click();
const told = (page: Page, text: string | RegExp) => page.getByRole('status').filter({ hasText: text });

/** A kept mix as it is listed; a toast may speak of it too. */
const keptMix = (page: Page, name: string) =>
  page
    .getByRole('tabpanel')
    .getByRole('listitem')
    .filter({ hasText: name })
    .filter({ has: page.getByRole('button') });

async function countStock(page: Page, bottle: string, amount: string): Promise<void> {
  await part(page, 'Count');
  await page.getByLabel(`Left in ${bottle}`).fill(amount);
  await page.getByRole('button', { name: 'Save the counts' }).click();
  await expect(told(page, '0 counted')).toBeVisible();
}

test('the plan needs more white spirit than there is: it is on the list, is counted, and the need is gone', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await part(page, 'Needs');
  const toBuy = page.getByRole('region', { name: 'To buy' });
  await expect(toBuy.getByRole('row', { name: /White spirit/ })).toContainText(/[\d.]+ ml/);
  const spirit = page.getByRole('region', { name: 'Taken by the plan' }).getByRole('row', { name: /White spirit/ });
  await expect(spirit).toContainText('runs out');
  expect(await printed(page)).toBe(1);
  // row after row by keyboard; what is not understood is told and nothing is kept
  await part(page, 'Count');
  await page.getByLabel('Left in Acrylic thinner').focus();
  await page.keyboard.type('1/2');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Left in Bare plank')).toBeFocused();
  await page.keyboard.type('a lot');
  await expect(page.getByRole('alert')).toContainText('Allowed: an amount, a share such as 40 % or 1/2');
  await expect(page.getByRole('button', { name: 'Save the counts' })).toBeDisabled();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Shift+Enter');
  await expect(page.getByLabel('Left in Acrylic thinner')).toBeFocused();
  await page.getByLabel('Left in White spirit').fill('full');
  await expect(told(page, '2 counted')).toBeVisible();
  await page.getByRole('button', { name: 'Save the counts' }).click();
  await expect(page.getByRole('row', { name: /White spirit/ })).toContainText('500 ml');
  await part(page, 'Needs');
  await expect(toBuy.getByRole('row', { name: /White spirit/ })).toHaveCount(0);
  await expect(spirit).not.toContainText('runs out');
  // and taken back
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(toBuy.getByRole('row', { name: /White spirit/ })).toBeVisible();
});

test('a bottle that is nearly empty: what on the shelf could do instead', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await countStock(page, 'Lichen green', '0.1');
  await part(page, 'Needs');
  const row = page.getByRole('region', { name: 'To buy' }).getByRole('row', { name: /Lichen green/ });
  await expect(row).toContainText('Salt van No. 14');
  await expect(row).toContainText(/1 bottle of 30 ml, 4\.20/);
  await expect(row).toContainText(/ΔE₀₀ [\d.]+/);
});

test('one mix for three wagons: counted out, scaled, kept with a number, its label printed', async ({ bench: page }) => {
  await go(page, 'Mixing');
  const cup = page.getByRole('listitem').filter({ hasText: 'Peat wagons 22, 23, 27' }).filter({ hasText: 'Peat brown' }).first();
  await expect(cup).toContainText(/\d+ drops/);
  await cup.getByRole('button', { name: 'Open in the cup' }).click();
  const result = page.getByRole('region', { name: 'What it comes to' });
  await expect(page.getByLabel('Ratio by volume')).toHaveValue('3 : 2');
  // freely from one measure into another
  await page.getByLabel('Told in').selectOption({ label: 'per cent' });
  await expect(page.getByLabel('%', { exact: true }).first()).toHaveValue('60');
  await page.getByLabel('Make (ml)').fill('4');
  await page.getByLabel('Told in').selectOption({ label: 'drops' });
  await expect(page.getByRole('textbox', { name: 'drops' }).first()).toHaveValue('48');
  // the three wagons, two coats of it
  await page.getByRole('button', { name: 'As much as pieces need' }).click();
  await page.getByRole('checkbox', { name: /^Peat wagons/ }).check();
  await page.getByLabel('Coats').fill('2');
  await expect(told(page, /They need [\d.]+ ml/)).toBeVisible();
  await page.getByRole('button', { name: 'Make that much' }).click();
  await expect(page.getByLabel('Make (ml)')).not.toHaveValue('4');
  await expect(result).toContainText(/flowslike cream · 1\.3–1\.8 bar/);
  await expect(result).toContainText(/keeps, closed2 d/);
  await page.getByLabel('Count in').selectOption({ label: 'marks of the syringe' });
  await expect(result.getByRole('row', { name: /Peat brown/ })).toContainText(/[\d.]+ ml/);
  // gone too thin: what is really in the cup, and what to add
  await page.getByText('The cup went wrong').click();
  await page.getByLabel('Acrylic thinner (ml)').fill('6');
  await expect(told(page, /Add [\d.]+ ml Peat brown/)).toBeVisible();
  await page.getByLabel('Name of the mix').fill('Wagon brown');
  await page.getByRole('button', { name: 'It is made: no. 3' }).click();
  await expect(page.getByText('Wagon brown kept as mix no. 3')).toBeVisible();
  // nothing is lost on reload
  await page.reload();
  await expect(page.getByLabel('Name of the mix')).toHaveValue('Wagon brown');
  await part(page, 'Kept mixes');
  const kept = keptMix(page, 'Wagon brown');
  await expect(kept).toContainText(/made Tue 24 Nov, [\d.]+ ml/);
  await page.emulateMedia({ media: 'print' });
  const labels = page.getByRole('region', { name: 'Labels' });
  await expect(labels.getByRole('listitem').filter({ hasText: 'Wagon brown' }).first()).toContainText('keeps 2 d');
  expect(await printed(page)).toBe(1);
  await page.emulateMedia({ media: 'screen' });
  // a little darker, written down
  await kept.getByRole('button', { name: 'Change the cup' }).click();
  await page.getByRole('button', { name: 'Added: Soot black' }).click();
  await expect(kept).toContainText(/a little darker; \+ [\d.]+ ml Soot black/);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(kept).not.toContainText('a little darker');
});

test('a table with three bad lines: each is named with its reason, the good ones are taken and taken back', async ({ bench: page }) => {
  await go(page, 'Shelf');
  const csv = [
    'Name,Kind,Colour,Holds ml,Left ml,Opened on,Price',
    'Harbour teal,"Acrylic, matt",#2f6f74,17,12,2026-10-01,3.20',
    'Jam,jam,#aa2233,17,12,,',
    'Overfull,"Acrylic, matt",#445566,17,18,,',
    'Lichen green,"Acrylic, matt",,,5,,',
    'Yesterday,"Acrylic, matt",#445566,17,3,31.1.2026,',
  ].join('\n');
  await page.getByLabel('Shelf file to read').setInputFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('3 lines are not understood and left out');
  await expect(dialog.getByRole('row', { name: /^3 kind jam/ })).toContainText('a kind of the catalogue');
  await expect(dialog.getByRole('row', { name: /^4 left_ml 18/ })).toContainText('at most what the bottle holds, 17');
  await expect(dialog.getByRole('row', { name: /^6 opened_on 31\.1\.2026/ })).toContainText('a date such as 2026-11-25');
  await expect(dialog).toContainText('1 new bottles, 1 that you have');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Take the 2 good ones' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Lichen green/ })).toContainText('5 ml');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toHaveCount(0);
  await expect(page.getByRole('row', { name: /Lichen green/ })).toContainText('21 ml');
  // out and in again: the same shelf
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Shelf file' }).click();
  await page.getByRole('menuitem', { name: /as a table/ }).click();
  const saved_ = readFileSync(await (await download).path(), 'utf8');
  expect(saved_.split('\n')[0]).toBe('name,kind,colour,holds_ml,left_ml,opened_on,tried_on,price,stands,note');
  await page.getByLabel('Shelf file to read').setInputFiles({ name: 'again.csv', mimeType: 'text/csv', buffer: Buffer.from(saved_) });
  await expect(dialog).toContainText('0 new bottles, 31 that you have');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  // a file that is none
  await page
    .getByLabel('Shelf file to read')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') });
  await expect(dialog).toContainText('eveningtide-shelf, with a list of bottles');
  await expect(dialog.getByRole('button', { name: 'Nothing to take' })).toBeDisabled();
});

test('film builds up along a sequence: chart and table, and the step that goes too far', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  await page.getByRole('link', { name: 'Film', exact: true }).click();
  const brushed = page.getByRole('row', { name: /^3 Brush coat/ });
  await expect(brushed).toContainText('80');
  await expect(page.getByText(/reads as [\d.]+ mm of paint/)).toBeVisible();
  await expect(
    page
      .getByRole('figure', { name: /Film build/ })
      .locator('svg')
      .first(),
  ).toBeVisible();
  // four more coats of it fill the joints
  await page.getByRole('link', { name: 'Sequence' }).click();
  await rows(page).nth(2).getByRole('button', { expanded: false }).first().click();
  await more(page);
  await page.getByLabel('Coats').fill('9');
  await saved(page);
  const finding = page.getByRole('group', { name: /at step 3/ }).filter({ hasText: /groove|joint|detail/i });
  await expect(finding.first()).toBeVisible();
  await page.getByRole('link', { name: 'Film', exact: true }).click();
  await expect(page.getByText(/it goes too far at/)).toContainText('step 3, brush coat');
});

test('J04 Heronry mound: a tone ladder of five crests, sealants compared, an old can told', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Heronry mound', 'Ground');
  await addStep(page, 'Brush coat', 'Wall primer');
  await addStep(page, 'Brush coat', 'Peat brown');
  await saved(page);
  await go(page, 'Mixing');
  await part(page, 'Tone ladder');
  await page.getByLabel('From').selectOption({ label: 'Peat brown' });
  await page.getByLabel('To', { exact: true }).selectOption({ label: 'Chalk white' });
  const tones = page.getByRole('row', { name: /neat|of tone/ });
  await expect(tones).toHaveCount(5);
  await expect(tones.nth(1)).toContainText(/ΔE₀₀ [\d.]+ *± [\d.]+/);
  await page.getByRole('button', { name: 'Add 5 steps' }).click();
  await expect(rows(page)).toHaveCount(7);
  await expect(rows(page).last()).toContainText('8 %');
  await expect(rows(page).nth(2)).toContainText('60 %');
  // which sealant shifts the colour least, at what price
  await go(page, 'Shelf');
  await part(page, 'Sealants');
  const sealants = page.getByRole('row').filter({ hasText: 'GU' });
  await expect(sealants.first()).toContainText('Matt clear');
  await expect(page.getByRole('row', { name: /^Satin clear (a little|plainly)/ })).toContainText('darker');
  await expect(sealants.first()).toContainText(/\d\.\d\d/);
  // the old can is on the list of those to look at, and told where it is used
  await go(page, 'Pieces');
  await openPiece(page, 'Heronry mound');
  await addStep(page, 'Clear coat', 'Matt clear from the yard shop');
  await expect(page.getByRole('group', { name: /^Caution at step 8/ }).filter({ hasText: 'open longer' })).toBeVisible();
  await saved(page);
  await go(page, 'Shelf');
  await part(page, 'Needs');
  await expect(page.getByRole('region', { name: 'Bottles to look at' })).toContainText(/yard shop.*past its life/);
});

test('J10 Spilled fish-meal on six vans: one slurry for all six, thickened to cream', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Fish-meal vans', 'Covered van', '6');
  await addStep(page, 'Powder slurry', 'Pigment in water');
  await onlyOn(page, 'side, lower');
  await saved(page);
  await go(page, 'Mixing');
  await part(page, 'A cup');
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByLabel('Component 1').selectOption({ label: 'Dry mud powder' });
  await page.getByRole('button', { name: 'Add a component' }).click();
  await page.getByLabel('Component 2').selectOption({ label: 'Water' });
  await page.getByLabel('Ratio by volume').fill('1 : 6');
  await expect(page.getByText('Consistency: about thin')).toBeVisible();
  await page.getByLabel('It should be like').selectOption({ label: 'cream' });
  await expect(told(page, /Add [\d.]+ ml of loose powder: it then stays where it is put/)).toBeVisible();
  await page.getByRole('button', { name: 'Mix it like cream from the start' }).click();
  await expect(page.getByText('Consistency: about cream')).toBeVisible();
  await page.getByLabel('Told in').selectOption({ label: 'level spoons' });
  const result = page.getByRole('region', { name: 'What it comes to' });
  await expect(result.getByRole('row', { name: /Dry mud powder/ })).toContainText(/level spoon/);
  await page.getByLabel('Put on by').selectOption({ label: 'Powder slurry' });
  await page.getByRole('button', { name: 'As much as pieces need' }).click();
  await page.getByRole('checkbox', { name: 'Fish-meal vans (6)' }).check();
  await expect(told(page, /They need [\d.]+ ml/)).toBeVisible();
  await page.getByRole('button', { name: 'Make that much' }).click();
  await page.getByLabel('Name of the mix').fill('Fish-meal');
  await page.getByRole('button', { name: 'It is made' }).click();
  await expect(page.getByText('Fish-meal kept as mix no. 3')).toBeVisible();
});

test('J13 Limestone cutting: rounds of brown with a look between, too dark is put right from the cup', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Limestone cutting', 'Rock face');
  await addStep(page, 'Wash', 'Tide wash', '1 : 4 water');
  await more(page);
  await rows(page).last().getByRole('combobox', { name: 'Repeat group' }).selectOption({ label: 'a new one' });
  await expect(page.getByRole('group', { name: /^Repeat group/ }).getByLabel('Rounds')).toHaveValue('2');
  await addStep(page, 'Drybrush', 'Chalk white');
  await saved(page);
  // both rounds from one cup
  await go(page, 'Mixing');
  const cup = page.getByRole('listitem').filter({ hasText: 'Tide wash' }).first();
  await expect(cup).toContainText('For Limestone cutting, Limestone cutting');
  await cup.getByRole('button', { name: 'Open in the cup' }).click();
  await page.getByLabel('Name of the mix').fill('Rock brown');
  await page.getByRole('button', { name: 'It is made' }).click();
  await part(page, 'Kept mixes');
  const kept = keptMix(page, 'Rock brown');
  await kept.getByRole('button', { name: 'Change the cup' }).click();
  await page.getByLabel('It should be').selectOption({ label: 'a little lighter' });
  await page
    .getByRole('button', { name: /^Added: (Chalk white|Pale lichen)/ })
    .first()
    .click();
  await expect(kept).toContainText('a little lighter');
  // the piece tells when a wash that dries lighter may be judged
  await go(page, 'Pieces');
  await openPiece(page, 'Limestone cutting');
  await rows(page).first().getByRole('button', { expanded: false }).click();
  await expect(page.getByText('do not judge before')).toBeVisible();
});

test('J16 One more wall arch: matched to last spring’s mix, mixed, used, sealed, printed', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'Harbour arch 6', 'Wall casting');
  await go(page, 'Mixing');
  await part(page, 'Kept mixes');
  await page.getByRole('listitem').filter({ hasText: 'Quay wall of last spring' }).getByRole('button', { name: 'Match it again' }).click();
  await expect(page.getByText('Nearest to Quay wall of last spring')).toBeVisible();
  const recipe = page.getByRole('region', { name: 'Recipes' }).getByRole('listitem').filter({ hasText: 'Chalk white' }).first();
  // never a bare number: the ± is beside it
  await expect(recipe).toContainText(/ΔE₀₀ [\d.]+ ± [\d.]+/);
  await recipe.getByRole('button', { name: 'Into the cup' }).click();
  await expect(page.getByLabel('Name of the mix')).toHaveValue('As Quay wall of last spring');
  await page.getByLabel('Put on by').selectOption({ label: 'Brush coat' });
  await page.getByRole('button', { name: 'As much as pieces need' }).click();
  await page.getByRole('checkbox', { name: 'Harbour arch 6' }).check();
  await page.getByRole('button', { name: 'Make that much' }).click();
  await page.getByRole('button', { name: 'It is made: no. 3' }).click();
  await expect(page.getByText('kept as mix no. 3')).toBeVisible();
  await go(page, 'Pieces');
  await openPiece(page, 'Harbour arch 6');
  await addStep(page, 'Brush coat', 'Wall primer');
  await addStep(page, 'Brush coat', 'no. 3, As Quay wall of last spring');
  await expect(rows(page).last().getByRole('combobox', { name: 'Material' })).toContainText('no. 3, As Quay wall of last spring');
  await addStep(page, 'Wash', 'Ink in alcohol');
  const caution = page.getByRole('group', { name: /at step 3/ }).filter({ hasText: /lift|soften/ });
  await caution
    .first()
    .getByRole('button', { name: /Add a seal first/ })
    .click();
  await expect(rows(page)).toHaveCount(4);
  await saved(page);
  // taken away and brought back, the step has it again
  await go(page, 'Mixing');
  await part(page, 'Kept mixes');
  await keptMix(page, 'As Quay wall of last spring').getByRole('button', { name: 'Delete it' }).click();
  await expect(keptMix(page, 'As Quay wall of last spring')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(keptMix(page, 'As Quay wall of last spring')).toContainText('Used on Harbour arch 6');
  // what the mix is made of is what the shelf is asked for
  await go(page, 'Shelf');
  await part(page, 'Needs');
  await expect(page.getByRole('region', { name: 'Taken by the plan' }).getByRole('row', { name: /Chalk white/ })).toBeVisible();
  await page.goto(`${new URL(page.url()).origin}/pieces`);
  await openPiece(page, 'Harbour arch 6');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: /card/i }).click();
  await expect(page.getByRole('heading', { name: 'Harbour arch 6' })).toBeVisible();
  expect(await printed(page)).toBeGreaterThan(0);
});

test('a cup is thought out and kept by keyboard alone', async ({ bench: page }) => {
  /** Tab until this control has the focus. */
  const reach = async (name: string | RegExp, role: 'button' | 'textbox' | 'combobox' | 'tab' = 'button') => {
    const wanted = page.getByRole(role, { name }).first();
    for (let i = 0; i < 60; i++) {
      if (await wanted.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press('Tab');
    }
    throw new Error(`${String(name)} is not reached by Tab`);
  };
  await page.getByRole('link', { name: 'Mixing' }).focus();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.type('a cup');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tab', { name: 'A cup' })).toHaveAttribute('aria-selected', 'true');
  await reach('Add a component');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await reach('Component 1', 'combobox');
  await page.keyboard.type('Slate d');
  await reach('parts', 'textbox');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('3');
  await expect(page.getByLabel('Ratio by volume')).toHaveValue('3 : 1');
  await reach('Make (ml)', 'textbox');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('4');
  const result = page.getByRole('region', { name: 'What it comes to' });
  await expect(result.getByRole('row', { name: /Slate dark/ })).toContainText('60 drops');
  await reach('Name of the mix', 'textbox');
  await page.keyboard.type('Slate shade');
  await reach(/It is made/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Slate shade kept as mix no. 3')).toBeVisible();
  // on to the kept ones by the arrows of the tabs
  await page.getByRole('tab', { name: 'A cup' }).focus();
  for (const name of [/^Tone ladder/, /^Find a recipe/, /^Kept mixes/]) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('tab', { name })).toBeFocused();
  }
  await expect(keptMix(page, 'Slate shade')).toContainText('3 Slate dark : 1 Acrylic thinner');
});
