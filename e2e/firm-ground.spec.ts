import { readFileSync } from 'node:fs';
import { addStep, expect, expectAccessible, openPiece, rows, saved, test } from './fixtures.js';
import type { Page } from '@playwright/test';

const facts = (page: Page) => page.getByRole('complementary', { name: /^Facts/ });
const go = (page: Page, name: string) => page.getByRole('link', { name: new RegExp(`^${name}`) }).click();

test('the shelf is searched by keyboard; a bottle that is too old is told on the piece that uses it', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await expect(page.getByRole('row')).toHaveCount(27);
  await page.keyboard.press('/');
  await page.keyboard.type('spirit box');
  await expect(page.getByRole('status').filter({ hasText: 'of 26' })).toHaveText('4 of 26');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('lichen green');
  await page.getByRole('button', { name: 'Change Lichen green' }).press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'What a change touches' })).toContainText('Salt van No. 14, step 4');
  await dialog.getByLabel('Left').fill('99');
  await expect(dialog.getByRole('alert')).toHaveText('More than it holds');
  await expect(dialog.getByRole('button', { name: 'Keep' })).toBeDisabled();
  await dialog.getByLabel('Left').fill('3');
  await dialog.getByLabel('Opened on').fill('2023-01-05');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('row', { name: /Lichen green/ })).toContainText('months past its life');
  await page.getByLabel('State').selectOption({ label: 'nearly empty' });
  await expect(page.getByRole('row', { name: /Lichen green/ })).toBeVisible();
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(page.getByRole('group', { name: 'Caution at step 4' })).toContainText(
    'Lichen green has been open longer than it usually lasts',
  );
});

test('a bottle is put on the shelf, used, taken off and brought back', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await page.getByRole('button', { name: 'Add a bottle' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Harbour teal');
  await dialog.getByLabel('Kind').selectOption({ label: 'Enamel, matt' });
  await dialog.getByLabel('Where it stands').fill('Spirit box');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toContainText('Enamel, matt');
  await page.getByRole('button', { name: 'Change Harbour teal' }).click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toBeVisible();
});

test('a bottle in use is taken off and brought back: the steps have it again', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await page.getByRole('button', { name: 'Change Lichen green' }).click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(page.getByRole('row', { name: /Lichen green/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Lichen green/ })).toContainText('Salt van No. 14');
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(rows(page).nth(3)).toContainText('Lichen green');
});

test('a material of one’s own differs from its kind where it says so, and nowhere else', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await page.getByRole('tab', { name: 'Own materials' }).click();
  await page.getByRole('button', { name: 'Own material', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Pan enamel');
  await dialog.getByLabel('Like').selectOption({ label: 'Enamel, matt' });
  await dialog.getByLabel('Drying times ×').fill('99');
  await expect(dialog.getByText('Allowed: 0.1–20')).toBeVisible();
  await dialog.getByLabel('Drying times ×').fill('2');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('dries 2 × as long')).toBeVisible();

  await go(page, 'Pieces');
  await openPiece(page, 'Slate load for flat No. 3');
  await addStep(page, 'Brush coat', 'Enamel, matt');
  const hard = facts(page).locator('dt', { hasText: 'dry-hard' }).locator('xpath=following-sibling::dd');
  const usual = await hard.innerText();
  await rows(page).last().getByRole('combobox', { name: 'Material' }).click();
  await page.getByRole('option', { name: 'Pan enamel' }).click();
  await expect(hard).not.toHaveText(usual);
  await saved(page);

  // in use, it cannot be taken away
  await go(page, 'Shelf');
  await page.getByRole('tab', { name: 'Own materials' }).click();
  await page.getByRole('button', { name: 'Change Pan enamel' }).click();
  await expect(page.getByRole('dialog')).toContainText('Slate load for flat No. 3, step 6');
  await page.getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByText('is used by Slate load for flat No. 3')).toBeVisible();
});

test('the workshop is described, and the plan follows', async ({ bench: page }) => {
  await go(page, 'Workshop');
  const part = (name: string) => page.getByRole('region', { name, exact: true });
  // no airbrush: its steps find no evening, with the reason
  await part('Bench and booth').getByLabel('there is an airbrush').uncheck();
  await expect(page.getByText('All saved')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByRole('alert').filter({ hasText: 'the workshop has no airbrush' }).first()).toBeVisible();
  await go(page, 'Workshop');
  await part('Bench and booth').getByLabel('there is an airbrush').check();
  // a bench that is too small is told
  await part('Bench and booth').getByLabel('Models wet on the bench at once').fill('1');
  await expect(page.getByText('All saved')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByText(/models stand wet at the bench, which has room for 1/)).toBeVisible();
  // evenings that are not complete are not kept
  await go(page, 'Workshop');
  await part('Evenings').getByLabel('Tuesday from').fill('');
  await expect(page.getByText('Not saved: the evenings are not complete')).toBeVisible();
  await part('Evenings').getByLabel('Tuesday from').fill('18:00');
  await expect(page.getByText('All saved')).toBeVisible();
  // a dropper is counted
  await part('Droppers').getByLabel('Drops counted').fill('48');
  await part('Droppers').getByLabel('Millilitres read').fill('2');
  await part('Droppers').getByRole('button', { name: 'Take 24 to the ml' }).click();
  await expect(part('Droppers').getByRole('textbox', { name: 'Waterborne' })).toHaveValue('24');
  // daylight for a latitude
  await part('Daylight').getByLabel('Hours').selectOption({ label: 'by latitude' });
  await part('Daylight').getByLabel('Latitude').fill('95');
  await expect(part('Daylight').getByText('Allowed: -90–90')).toBeVisible();
  await part('Daylight').getByLabel('Latitude').fill('80');
  await expect(part('Daylight').getByText('no daylight')).toBeVisible();
  // a school, with its difference and why the default is the default
  await part('Your way').locator('summary', { hasText: 'How is the base colour laid?' }).click();
  await expect(part('Your way').getByText('Default: brush. Everyone has a brush.')).toBeVisible();
  await part('Your way')
    .getByRole('radio', { name: /Airbrush\./ })
    .check();
  await expect(page.getByText('All saved')).toBeVisible();
  await page.reload();
  await expect(part('Daylight').getByLabel('Latitude')).toHaveValue('80');
  await go(page, 'Pieces');
  await openPiece(page, 'Quay wall casting');
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  await expect(rows(page).last().getByLabel('Technique')).toHaveValue('airbrush-coat');
});

test('units and dates are shown as wanted, everywhere, and SI is kept', async ({ bench: page, server }) => {
  await go(page, 'Workshop');
  await page.getByLabel('Units').selectOption({ label: 'US' });
  await page.getByLabel('Dates').selectOption({ label: '2026-11-26' });
  await expect(page.getByText('All saved')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bench climate' })).toContainText('65.3 °F');
  await page.getByLabel('Evening, temperature (°F)').fill('68');
  await expect(page.getByText('All saved')).toBeVisible();
  const { workshop } = (await (await fetch(`${server.url}/api/workshop`)).json()) as {
    workshop: { climate: { evening: { tempC: number } } };
  };
  expect(workshop.climate.evening.tempC).toBeCloseTo(20, 6);
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(facts(page)).toContainText('sq in');
  await expect(page.getByRole('link', { name: /^2026-1[12]-\d\d$/ })).toBeVisible();
});

test('a coach from its prototype, two lengths only: drawn, its zones changed by keyboard', async ({ bench: page }) => {
  await page.getByRole('button', { name: 'New piece' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Name', { exact: true })).toBeFocused();
  await dialog.getByLabel('Name', { exact: true }).fill('Saloon 3');
  await dialog.getByLabel('Kind').selectOption({ label: 'Coach' });
  await dialog.getByLabel('Scale').selectOption({ label: '1 : 87' });
  await dialog.getByLabel('Measured on').selectOption({ label: 'the prototype' });
  await dialog.getByLabel('Length (m)').fill('13.05');
  await dialog.getByLabel('Width (m)').fill('');
  await dialog.getByLabel('Height (m)').fill('');
  await expect(dialog.getByRole('alert')).toHaveText('Two of the three lengths are needed.');
  await expect(dialog.getByRole('button', { name: 'Make it' })).toBeDisabled();
  await dialog.getByLabel('Height (m)').fill('3.48');
  await dialog.getByRole('button', { name: 'Make it' }).click();
  // 13.05 m at 1 : 87 is 150 mm
  await expect(facts(page).getByLabel('Length (mm)')).toHaveValue('150');
  await expect(facts(page).getByLabel('Height (mm)')).toHaveValue('40');

  await facts(page)
    .getByRole('group', { name: 'Side of Saloon 3' })
    .getByRole('button', { name: 'Side, below the windows' })
    .press('Enter');
  const zone = facts(page).getByRole('group', { name: 'Zone Side, below the windows' });
  await zone.getByLabel('On the layout').selectOption({ label: 'never seen: no work' });
  await zone.getByLabel('Groove width').fill('120');
  await zone.getByRole('button', { name: 'Add a feature' }).click();
  await zone.getByLabel('Feature', { exact: true }).last().fill('Battery box');
  await zone.getByLabel('Name of the zone').fill('Waist');
  await saved(page);
  await page.reload();
  await expect(facts(page).getByRole('button', { name: 'Waist, never seen' })).toBeVisible();
  // the section knows the zone by its new name
  await facts(page).getByRole('combobox', { name: /^at/ }).selectOption({ label: 'waist' });
  await expect(facts(page)).toContainText('of the 120 µm width: detail still reads');
});

test('pressing zones puts them into the open step', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await rows(page)
    .nth(9)
    .getByRole('button', { name: /Drybrush/ })
    .click();
  const side = facts(page).getByRole('group', { name: 'Side of Salt van No. 14' });
  await expect(side.getByRole('button', { name: 'Roof' })).toHaveAttribute('aria-pressed', 'false');
  await side.getByRole('button', { name: 'Roof' }).press(' ');
  await expect(side.getByRole('button', { name: 'Roof' })).toHaveAttribute('aria-pressed', 'true');
  await expect(rows(page).nth(9).getByRole('checkbox', { name: 'roof' })).toBeChecked();
});

test('the section shows every layer; pointing at one lights its row, and the other way round', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const cut = facts(page).getByRole('img', { name: /^Cut through the surface: 3 lacquer primer, aerosol, 4 acrylic, matt/ });
  await expect(cut).toBeVisible();
  await expect(facts(page)).toContainText(/Build \d+ µm on the face/);
  const row = rows(page).nth(3);
  await cut
    .locator('g', { has: page.locator('title', { hasText: '4 Acrylic, matt' }) })
    .last()
    .hover();
  await expect(row.locator('> div').first()).toHaveClass(/bg-ground/);
  await page.mouse.move(5, 5);
  await row.hover();
  // the lit layer gets an outline of two strokes
  await expect(cut.locator('path[stroke-width="1.6"]')).toHaveCount(1);
  // thick coats fill the groove, and the same limits make it a caution in the row
  await row.getByRole('button', { name: /Airbrush coat/ }).click();
  await row.getByLabel('Coats').fill('8');
  await expect(facts(page)).toContainText('detail begins to fill');
  await expect(page.getByRole('group', { name: 'Caution at step 4' })).toContainText('begins to fill the grooves');
});

test('photographs are stored, pinned, and shown beside the step that uses them', async ({ bench: page }) => {
  await openPiece(page, 'Field lorry in estuary mud');
  const panel = facts(page);
  await panel.getByRole('heading', { name: 'Pictures' }).click();
  await page
    .getByLabel('Photographs to add')
    .setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByText('notes.jpg was not added')).toBeVisible();
  await expect(page.getByText(/allowed: a JPEG, PNG or WebP picture/)).toBeVisible();
  const demo = JSON.parse(readFileSync(new URL('../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as {
    pieces: { pictures: { fileName: string }[] }[];
  };
  const photograph = readFileSync(new URL(`../demo/pictures/${demo.pieces[0]!.pictures[0]!.fileName}`, import.meta.url));
  await page.getByLabel('Photographs to add').setInputFiles({ name: 'lorry.jpg', mimeType: 'image/jpeg', buffer: photograph });
  await expect(panel.getByRole('img', { name: 'Photograph of the prototype' })).toBeVisible();
  await panel.getByLabel('Caption').fill('At the pans');
  await panel.getByRole('button', { name: 'Pin', exact: true }).click();
  await panel.getByRole('img', { name: 'At the pans' }).click({ position: { x: 40, y: 60 } });
  await panel.getByLabel('Pin 1: place').selectOption({ label: 'Wheels' });
  await panel.getByLabel('Pin 1: wish').fill('Mud between the twin tyres');
  await saved(page);
  await page.reload();
  await rows(page)
    .nth(8)
    .getByRole('button', { name: /Stipple paste/ })
    .click();
  await expect(facts(page).getByText('Mud between the twin tyres')).toBeVisible();
  await expect(facts(page).getByRole('img', { name: 'At the pans' })).toBeVisible();
  // a step elsewhere does not show it
  await rows(page).nth(7).getByRole('button', { name: /Wash/ }).click();
  await expect(facts(page).getByText('Mud between the twin tyres')).toHaveCount(0);
});

test('a batch: wheels off and back, rounds with a look, a step for one wagon only', async ({ bench: page }) => {
  await openPiece(page, 'Peat wagons 22, 23, 27');
  const group = page.getByRole('group', { name: 'Repeat group Peat dust' });
  await expect(group.getByLabel('Rounds')).toHaveValue('2');
  await group.getByLabel('Rounds').selectOption({ label: '3 rounds' });
  await group.getByLabel('What to look for after each round').fill('Darker than the planks');
  // the drybrush joins, then leaves again
  await rows(page)
    .nth(10)
    .getByRole('button', { name: /Drybrush/ })
    .click();
  await rows(page).nth(10).getByRole('combobox', { name: 'Repeat group' }).selectOption({ label: 'a new one' });
  await expect(page.getByRole('group', { name: 'Repeat group Rounds 2' })).toBeVisible();
  await rows(page).nth(10).getByRole('combobox', { name: 'Repeat group' }).selectOption({ label: 'none' });
  await expect(page.getByRole('group', { name: 'Repeat group Rounds 2' })).toHaveCount(0);
  // on two of the three
  await rows(page).nth(10).getByRole('checkbox', { name: 'No. 23' }).uncheck();
  await expect(rows(page).nth(10)).toContainText('No. 22, No. 27');
  await expect(rows(page).nth(10).getByLabel('When it is due')).toHaveValue('should');
  await page.keyboard.press('Escape');
  // refitting too early is told: the coat on the wheels is pinned behind it
  await rows(page).nth(9).getByRole('button', { name: /Refit/ }).click();
  await expect(rows(page).nth(9).getByLabel('Part')).toHaveValue('wheelsets');
  await saved(page);
  await go(page, 'Evenings');
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: 'Wider' }).click();
  await expect(page.getByRole('link', { name: /Peat wagons 22, 23, 27, step 1[2-9], Dry powder/ })).toHaveCount(3);
});

test('checklists and members are changed, and one undo takes a change back', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const panel = facts(page);
  await panel.getByRole('checkbox', { name: 'Runs freely, nothing wobbles' }).check();
  await panel.getByLabel('Add to: before painting').fill('Lookout window fits');
  await panel.getByLabel('Add to: before painting').press('Enter');
  await expect(panel.getByRole('checkbox', { name: 'Lookout window fits' })).toBeVisible();
  await expect(panel.getByText('1 / 5')).toBeVisible();
  await panel.getByRole('heading', { name: 'Batch' }).click();
  await panel.getByRole('button', { name: 'Make it a batch' }).click();
  await panel.getByLabel('What is No. 2’s own').fill('number on the right; new door');
  await panel.getByLabel('What is No. 2’s own').blur();
  await saved(page);
  await page.reload();
  await expect(panel.getByLabel('What is No. 2’s own')).toHaveValue('number on the right; new door');
  await panel.getByRole('button', { name: 'Take No. 2 out of the batch' }).click();
  await expect(panel.getByLabel('What is No. 2’s own')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(panel.getByLabel('What is No. 2’s own')).toHaveValue('number on the right; new door');
});

test('rules of firm ground tell where they arise, and their fixes cure', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const caution = (step: number, text: string) =>
    page.getByRole('group', { name: `Caution at step ${String(step)}` }).filter({ hasText: text });
  // powder without allowance under the fixer
  await rows(page)
    .nth(10)
    .getByRole('button', { name: /Dry powder/ })
    .click();
  await rows(page).nth(10).getByLabel('Put on × wanted').fill('');
  await caution(12, 'It mutes the dry pigment').getByRole('button', { name: 'Put the powder on twice as strong' }).click();
  await expect(caution(12, 'It mutes the dry pigment')).toHaveCount(0);
  await expect(rows(page).nth(10).getByLabel('Put on × wanted')).toHaveValue('2');
  // treads that nobody cleans
  await rows(page).nth(12).getByRole('button', { name: 'Take step 13 out' }).click();
  await expect(caution(3, 'Spray reaches the wheel treads')).toBeVisible();
  await caution(3, 'Spray reaches the wheel treads').getByRole('button', { name: 'Clean the treads at the end' }).click();
  await expect(caution(3, 'Spray reaches the wheel treads')).toHaveCount(0);
  // another sheen was wanted
  await page.keyboard.press('Escape');
  await page.goto(page.url().split('?')[0]!);
  await facts(page).getByLabel('Sheen wanted').selectOption({ label: 'satin' });
  await expect(page.getByRole('group', { name: /^Caution/ }).filter({ hasText: 'It ends matt; satin is wanted' })).toBeVisible();
});

test('duplicate, archive, card: what is done with a piece as a whole', async ({ bench: page }) => {
  await page.getByRole('button', { name: 'More for Quay wall casting' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Quay wall casting (copy)');
  await expect(rows(page)).toHaveCount(10);
  await page.getByRole('button', { name: 'More for Quay wall casting (copy)' }).click();
  await page.getByRole('menuitem', { name: 'Into the archive' }).click();
  await saved(page);
  await go(page, 'Pieces');
  await expect(page.getByText('Archive (1)')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByText('Quay wall casting (copy)')).toHaveCount(0);
  await go(page, 'Pieces');
  await page.getByText('Archive (1)').click();
  await page.getByRole('button', { name: 'More for Quay wall casting (copy)' }).click();
  await page.getByRole('menuitem', { name: 'Out of the archive' }).click();
  await expect(page.getByText('Archive (1)')).toHaveCount(0);

  await page.getByRole('button', { name: 'More for Quay wall casting', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Piece card' }).click();
  await expect(page.getByRole('heading', { name: 'Quay wall casting' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Streak/ })).toContainText('1 : 1 white spirit');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test('keys: the list, the command box, theme and text size, and off for those who dictate', async ({ bench: page }) => {
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Alt ↑, Alt ↓');
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: /work without Control/ }).uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.type('dusk');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('text size 115');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-text', '115');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('open quay');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Quay wall casting');
  await page.keyboard.press('Alt+4');
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dusk');
});

test('a server that is away is told in every view', async ({ bench: page }) => {
  await page.route('**/api/**', (route) => route.abort());
  await page.clock.runFor(40_000);
  await expect(page.getByRole('alert').filter({ hasText: 'The server on this machine does not answer.' })).toBeVisible();
  await page.unroute('**/api/**');
  await page.clock.runFor(40_000);
  await expect(page.getByRole('alert').filter({ hasText: 'The server on this machine does not answer.' })).toHaveCount(0);
});

test('a backup is made, everything is put back from it, and from a file', async ({ bench: page }) => {
  await go(page, 'Workshop');
  const backups = page.getByRole('region', { name: 'Backups' });
  await backups.getByRole('button', { name: 'Make a backup now' }).click();
  await expect(backups.getByRole('listitem')).toHaveCount(1);
  const [download] = await Promise.all([page.waitForEvent('download'), backups.getByRole('link', { name: 'Save to a file' }).click()]);
  expect(download.suggestedFilename()).toMatch(/^eveningtide-.*\.tar\.gz$/);
  const file = readFileSync(await download.path());

  await go(page, 'Pieces');
  await page.getByRole('button', { name: 'Put Quay wall casting aside' }).click();
  await expect(page.getByRole('link', { name: 'Quay wall casting' })).toHaveCount(0);
  await go(page, 'Workshop');
  await backups.getByRole('button', { name: 'Put back …' }).last().click();
  await page.getByRole('button', { name: 'Put back', exact: true }).click();
  await expect(page.getByText('Everything is back as the backup has it')).toBeVisible();
  await go(page, 'Pieces');
  await expect(page.getByRole('link', { name: 'Quay wall casting' })).toBeVisible();

  await go(page, 'Workshop');
  const give = (buffer: Buffer) =>
    page.getByLabel('Backup file to put back').setInputFiles({ name: 'mine.tar.gz', mimeType: 'application/gzip', buffer });
  await give(file.subarray(0, 2000));
  await page.getByRole('button', { name: 'Put back', exact: true }).click();
  await expect(page.getByText('Nothing was changed')).toBeVisible();
  await give(file);
  await page.getByRole('button', { name: 'Put back', exact: true }).click();
  await expect(page.getByText('Everything is back as the backup has it').last()).toBeVisible();
});
