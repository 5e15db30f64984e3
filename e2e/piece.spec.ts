import { readFileSync } from 'node:fs';
import { expect, facts, go, more, newPiece, openPiece, rows, saved, test } from './fixtures.js';

test('a coach from its prototype, two lengths only: drawn, its zones changed by keyboard', async ({ bench: page }) => {
  const dialog = await newPiece(page, 'Coach');
  await expect(dialog.getByLabel('Name', { exact: true })).toBeFocused();
  await dialog.getByLabel('Name', { exact: true }).fill('Saloon 3');
  await dialog.locator('summary', { hasText: 'Size' }).click();
  await dialog.getByLabel('Scale').selectOption({ label: '1 : 87' });
  await dialog.getByLabel('Measured on').selectOption({ label: 'the prototype' });
  await dialog.getByLabel('Length (m)').fill('13.05');
  await dialog.getByLabel('Width (m)').fill('');
  await dialog.getByLabel('Height (m)').fill('');
  await expect(dialog.getByRole('alert')).toHaveText('Two of the three lengths are needed.');
  await expect(dialog.getByRole('button', { name: 'Create' })).toBeDisabled();
  await dialog.getByLabel('Height (m)').fill('3.48');
  await dialog.getByRole('button', { name: 'Create' }).click();
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
  await more(page);
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
  await more(page);
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
  await more(page);
  await rows(page).nth(10).getByLabel('Put on × wanted').fill('');
  await caution(12, 'It mutes the dry pigment').getByRole('button', { name: 'Put the powder on twice as strong' }).click();
  await expect(caution(12, 'It mutes the dry pigment')).toHaveCount(0);
  await expect(rows(page).nth(10).getByLabel('Put on × wanted')).toHaveValue('2');
  // treads that nobody cleans
  await rows(page).nth(12).getByRole('button', { name: 'Remove step 13' }).click();
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
  await expect(page.getByText('Archive (2)')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByText('Quay wall casting (copy)')).toHaveCount(0);
  await go(page, 'Pieces');
  await page.getByText('Archive (2)').click();
  await page.getByRole('button', { name: 'More for Quay wall casting (copy)' }).click();
  await page.getByRole('menuitem', { name: 'Out of the archive' }).click();
  await expect(page.getByText('Archive (1)')).toBeVisible();

  await page.getByRole('button', { name: 'More for Quay wall casting', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Piece card' }).click();
  await expect(page.getByRole('heading', { name: 'Quay wall casting' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Streak/ })).toContainText('1 : 1 white spirit');
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
