import { readFileSync } from 'node:fs';
import { expect, go, openPiece, rows, test } from './fixtures.js';

test('a piece is passed on as a file of its own, added on another bench and beside one’s own', async ({ bench: page }, info) => {
  await openPiece(page, 'Salt van No. 14');
  const count = await rows(page).count();
  await page.getByRole('button', { name: 'More for Salt van No. 14' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Save to a file' }).click();
  const download = await saved;
  expect(download.suggestedFilename()).toBe('salt-van-no-14.eveningtide-part.json');
  const path = info.outputPath('van.json');
  await download.saveAs(path);

  // here all of it is known already
  const addFrom = async (file: string | { name: string; mimeType: string; buffer: Buffer }) => {
    await go(page, 'Pieces');
    await page.getByLabel('Plan file to open').setInputFiles(file);
  };
  await addFrom(path);
  const dialog = page.getByRole('dialog', { name: /^Add from/ });
  await expect(dialog.getByRole('row', { name: /piece Salt van No. 14/ })).toContainText('the same here');
  await expect(dialog.getByRole('button', { name: 'Nothing to add' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Cancel' }).click();

  // on a bench where the van is gone it is new, and its bottles are known
  await page.getByRole('button', { name: 'Delete Salt van No. 14' }).click();
  await expect(page.getByRole('link', { name: 'Salt van No. 14' })).toHaveCount(0);
  const strange = readFileSync(path, 'utf8').replaceAll('salt-van-14', 'van-of-a-friend').replaceAll('Lichen green', 'Sedge green');
  await addFrom({ name: 'friend.json', mimeType: 'application/json', buffer: Buffer.from(strange) });
  await expect(dialog.getByRole('row', { name: /piece Salt van No. 14/ })).toContainText('new here');
  await expect(dialog.getByRole('row', { name: /bottle Sedge green/ })).toContainText('different');
  await dialog.getByLabel('What to do with Sedge green').selectOption({ label: 'add it beside mine' });
  await dialog.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('friend.json: 2 added')).toBeVisible();
  await openPiece(page, 'Salt van No. 14');
  await expect(rows(page)).toHaveCount(count);
  await expect(rows(page).filter({ hasText: 'Sedge green (2)' })).not.toHaveCount(0);
  await go(page, 'Pieces');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('link', { name: 'Salt van No. 14' })).toHaveCount(0);

  // what is no such file changes nothing
  await addFrom({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"eveningtide-part","version":10}') });
  await expect(dialog).toContainText('It holds no piece, finish or mix');
});
