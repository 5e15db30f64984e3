import { addStep, expect, facts, go, openPiece, rows, saved, test } from './fixtures.js';

test('the shelf is searched by keyboard; a bottle that is too old is told on the piece that uses it', async ({ bench: page }) => {
  await go(page, 'Shelf');
  await expect(page.getByRole('row')).toHaveCount(32);
  await page.keyboard.press('/');
  await page.keyboard.type('spirit box');
  await expect(page.getByRole('status').filter({ hasText: 'of 31' })).toHaveText('6 of 31');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('lichen green');
  await page.getByRole('button', { name: 'Change Lichen green' }).press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('region', { name: 'What a change touches' })).toContainText('Salt van No. 14, step 4');
  await dialog.getByLabel('Left').fill('99');
  await expect(dialog.getByRole('alert')).toHaveText('More than it holds');
  await expect(dialog.getByRole('button', { name: 'Save', exact: true })).toBeDisabled();
  await dialog.getByLabel('Left').fill('3');
  await dialog.getByLabel('Opened on').fill('2023-01-05');
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
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
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toContainText('Enamel, matt');
  await page.getByRole('button', { name: 'Change Harbour teal' }).click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Harbour teal/ })).toBeVisible();

  // one that is in use comes back to the steps that have it
  await page.getByRole('button', { name: 'Change Lichen green' }).click();
  await page.getByRole('button', { name: 'Take it off the shelf' }).click();
  await expect(page.getByRole('row', { name: /Lichen green/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
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
  await dialog.getByRole('button', { name: 'Save', exact: true }).click();
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
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText('is used by Slate load for flat No. 3')).toBeVisible();
});
