import { expect, go, printed, test } from './fixtures.js';

test('J05 timber at 1 : 160: lengths in feet, fewest strips, stops, lines where they are seen, to the shop and to print', async ({
  bench: page,
}) => {
  await go(page, 'Cutting');
  await page.getByRole('button', { name: 'New cut list' }).click();
  await expect(page.getByLabel('Name of the list')).toBeFocused();
  await page.keyboard.type('Planks for the tide mill');
  await page.getByLabel('Scale').selectOption('1 : 160');
  await page.getByLabel('The saw takes (mm)').fill('0');
  await page.getByRole('button', { name: 'Add a length' }).click();
  const first = page.getByRole('listitem', { name: /^A: / });
  await expect(first.getByLabel('What')).toBeFocused();
  await page.keyboard.type('Planks');
  await first.getByLabel('Length').fill('twenty');
  await first.getByLabel('Length').press('Tab');
  await expect(first.getByRole('alert')).toHaveText('Allowed: a length such as 20 ft, 6.1 m or 38 mm');
  await first.getByLabel('Length').fill("20'");
  await first.getByLabel('How many').fill('13');
  await expect(first).toContainText('= 38.1 mm');
  const cut = page.getByRole('region', { name: 'What to cut' });
  // thirteen times 38.1 mm are 495.3 of 500: with a saw that takes nothing they come from one strip, and the offcuts are used up first
  await expect(cut).toContainText('1 new strip, fewer will not do');
  await expect(cut).toContainText('Stop of the mitre box: 38.1 mm for 13');
  await expect(cut.getByRole('img', { name: /^Offcut of 212.5 mm: 5 × A 38.1 mm/ })).toBeVisible();
  await expect(cut.getByRole('img', { name: /^Offcut of 96 mm: 2 × A 38.1 mm/ })).toBeVisible();

  // what the saw takes is reckoned with
  await page.getByLabel('The saw takes (mm)').fill('0.5');
  await expect(cut).toContainText('(38.35 mm from the middle of the slot)');
  await first.getByText('a bundle of boards').click();
  await first.locator('summary').click();
  await first.getByLabel('left').uncheck();
  await first.getByLabel('front').uncheck();
  // three lines along the top of each: 3 × 38.1 × 13
  await expect(first.locator('summary')).toContainText('lines on top; 2 straps; 1.49 m of lines');
  await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();

  // twelve go on a strip with what the saw takes: the rest of sixty wants five, and one is there
  await first.getByLabel('How many').fill('60');
  await expect(cut).toContainText('To buy: 4 × Limewood strip 6 × 4');
  await expect(page.getByRole('button', { name: 'It is cut' })).toBeDisabled();
  expect(await printed(page)).toBe(1);
  await go(page, 'Shelf');
  await page.getByRole('tab', { name: 'Needs' }).click();
  await expect(page.getByRole('region', { name: 'Strips to buy' }).getByRole('row', { name: /Limewood strip 6 × 4/ })).toContainText(
    'Planks for the tide mill',
  );
});

test('once it is cut the shelf has what is left; it can be taken back, and a strip that is used stays', async ({ bench: page }) => {
  await go(page, 'Cutting');
  await page.getByRole('tab', { name: 'Strips' }).click();
  await page.getByLabel('New ones of Limewood strip 6 × 4').fill('2');
  await page.getByLabel('New ones of Limewood strip 4 × 4').fill('1');
  await page.getByLabel('Offcuts of Limewood strip 4 × 4').fill('900');
  await page.getByLabel('Offcuts of Limewood strip 4 × 4').press('Tab');
  await expect(page.getByRole('alert')).toHaveText('Allowed: lengths up to 500 mm with commas between them');
  await page.getByLabel('Offcuts of Limewood strip 4 × 4').fill('');
  await page.getByRole('button', { name: 'Delete Limewood strip 4 × 4' }).click();
  await expect(page.getByText('Limewood strip 4 × 4 stays')).toBeVisible();
  await page.getByRole('tab', { name: 'Cut lists' }).click();
  await page.getByRole('button', { name: 'It is cut' }).click();
  await expect(page.getByText('Cut on Tue 24 Nov')).toBeVisible();
  await page.getByRole('tab', { name: 'Strips' }).click();
  await expect(page.getByLabel('New ones of Limewood strip 6 × 4')).toHaveValue('0');
  await expect(page.getByLabel('Offcuts of Limewood strip 6 × 4')).toHaveValue('245, 19.5');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByLabel('New ones of Limewood strip 6 × 4')).toHaveValue('2');
  await expect(page.getByLabel('Offcuts of Limewood strip 6 × 4')).toHaveValue('212.5, 96');
});
