import { expect, make, openPiece, rows, saved, test } from './fixtures.js';

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
  await line.evaluate((field) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text', 'prime with lacquer primer\nfrobnicate the gribble\nwash umber roof 1:4\n');
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  });
  const notes = page.getByRole('region', { name: 'Pasted notes' });
  await expect(notes.getByRole('listitem')).toHaveCount(3);
  await expect(notes).toContainText('1 not understood');
  await notes.getByRole('button', { name: 'Add 2 steps' }).click();
  // nothing is dropped in silence
  await expect(notes).toContainText('frobnicate the gribble');
  await notes.getByRole('button', { name: 'Leave out: frobnicate the gribble' }).click();
  await expect(notes).toHaveCount(0);
  await expect(rows(page)).toHaveCount(2);
  await expect(rows(page).nth(1)).toContainText('roof');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows(page)).toHaveCount(1);
});

test('the same trouble at a second step is told as at the first, and let stand once for both', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const line = page.getByLabel('Or type a step, or paste notes');
  await line.fill('wash umber 1:4 sides lower 35 %');
  await line.press('Enter');
  const again = page.getByRole('group', { name: 'Caution at step 14' }).filter({ hasText: 'as at step 9' });
  await expect(again).toBeVisible();
  const first = page.getByRole('group', { name: 'Caution at step 9' }).filter({ hasText: 'White spirit softens' });
  await first.getByRole('button', { name: 'Let it stand …' }).click();
  await first.getByLabel('Why it may stand, at steps 9, 14').fill('tried on the lid');
  await first.getByRole('button', { name: 'Let it stand', exact: true }).click();
  await expect(page.getByRole('note').filter({ hasText: 'tried on the lid' }).first()).toBeVisible();
  await expect(first).toHaveCount(0);
  await expect(again).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: 'Take it seriously again' }).first().click();
  await expect(first).toBeVisible();
  await expect(again).toBeVisible();
});
