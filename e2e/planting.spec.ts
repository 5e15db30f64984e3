import { expect, expectAccessible, go, printed, rows, test } from './fixtures.js';

/** What grows on a ground: said, drawn, set by hand, planned and printed. */

test('J13 the verge of a cutting: turf twice, grass, trees in threes off the track, one set by hand, planned as a piece', async ({
  bench: page,
}) => {
  await go(page, 'Planting');
  await page.getByRole('button', { name: 'New planting' }).click();
  await expect(page.getByLabel('Name of the planting')).toHaveValue('New planting');
  await page.getByLabel('Name of the planting').fill('Verge of the cutting');
  await page.getByLabel('Length (mm)').fill('300');
  await page.getByLabel('Depth (mm)').fill('200');
  const takes = page.getByRole('region', { name: 'The plan, and what it takes' });
  await expect(takes.getByRole('img')).toHaveAccessibleName(
    /Verge of the cutting, 300 × 200 mm: fine turf on 60 %, grass on 30 %, 6 bushes/,
  );
  const turf = takes.getByRole('row', { name: /Fine turf/ });
  await expect(turf).toContainText('3.6 dm²');
  // a track takes its strip out of the ground
  await page.getByRole('button', { name: 'Add a track or a path' }).click();
  await expect(turf).toContainText('3 dm²');
  await page.getByRole('button', { name: 'Add plants' }).click();
  const trees = page.getByRole('listitem', { name: 'Tufts', exact: true });
  await trees.getByLabel('What').selectOption('Tree');
  await trees.getByLabel('How many').fill('3');
  await trees.getByLabel('Across').fill('30');
  await trees.getByLabel('High').fill('70');
  await trees.getByLabel('in threes').check();
  await trees.getByLabel('Name').fill('Birches');
  await expect(takes.getByRole('row', { name: /Birches/ })).toContainText('5.32 m');
  await expect(takes.getByRole('row', { name: 'Holes of 2 mm' })).toContainText('3');
  // set by hand onto the track, that is told; then somewhere better
  await takes.getByLabel('Plant', { exact: true }).selectOption({ label: 'Birches 1' });
  await takes.getByLabel('From back (mm)').fill('100');
  await expect(takes.getByText('Nothing may grow there.')).toBeVisible();
  await takes.getByLabel('From back (mm)').fill('170');
  await takes.getByLabel('From left (mm)').fill('150');
  await expect(takes.getByText('Nothing may grow there.')).toHaveCount(0);
  await expectAccessible(page);
  await page.reload();
  await takes.getByLabel('Plant', { exact: true }).selectOption({ label: 'Birches 1' });
  await expect(takes.getByLabel('From left (mm)')).toHaveValue('150');
  // dragged, and taken back
  const birch = takes.locator('svg text', { hasText: 'B' }).first();
  const box = (await birch.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 40, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(takes.getByLabel('From left (mm)')).not.toHaveValue('150');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(takes.getByLabel('From left (mm)')).toHaveValue('150');
  // what it takes, and two sheets of the plan
  expect(await printed(page)).toBe(3);
  await page.getByRole('button', { name: 'Plan it as a piece' }).click();
  await expect(page.getByRole('heading', { name: 'Verge of the cutting' })).toBeVisible();
  await expect(rows(page).filter({ hasText: 'Scatter' })).toHaveCount(3);
  await expect(rows(page).last()).toContainText('White glue');
  // or where it grows: behind the steps of that piece
  await go(page, 'Planting');
  await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Verge of the cutting' });
  await page.getByLabel('Grows on').selectOption({ label: 'Quay wall casting' });
  await page.getByLabel('Zone', { exact: true }).selectOption({ label: 'Crown' });
  await page.getByRole('button', { name: 'Put its steps on Quay wall casting' }).click();
  await expect(rows(page).last()).toContainText('Plant');
  await go(page, 'Shelf');
  await page.getByRole('tab', { name: /Needs/ }).click();
  await expect(page.getByText('Static grass').first()).toBeVisible();
});
