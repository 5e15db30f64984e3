import type { Page } from '@playwright/test';
import { expect, go, printed, test } from './fixtures.js';

/** What a painter takes to the bench on paper. */

/** 11 pt on paper: what is read while working is set no smaller. */
const LEAST_PX = (11 / 72) * 96;

/** The size in which each line of a sheet is printed, px, as found by its words. */
async function sizesOf(page: Page, words: readonly string[]): Promise<number[]> {
  await page.emulateMedia({ media: 'print' });
  const sizes = await Promise.all(
    words.map((text) =>
      page
        .locator('main')
        .getByText(text)
        .first()
        .evaluate((element) => parseFloat(getComputedStyle(element).fontSize)),
    ),
  );
  await page.emulateMedia({ media: 'screen' });
  return sizes;
}

test('any evening, the week and the whole plan go on paper, large enough to be read at the bench', async ({ bench: page }) => {
  await go(page, 'Print');
  await page.getByRole('link', { name: 'Any evening' }).click();
  await expect(page.getByRole('heading', { name: 'Tonight, Tue 24 Nov' })).toBeVisible();
  expect(await printed(page)).toBe(1);
  // a batch is ticked one by one
  const takeOff = page.getByRole('listitem').filter({ hasText: 'Take off' }).filter({ hasText: 'Peat wagons' });
  await expect(takeOff).toContainText('No. 22No. 23No. 27');
  await page.getByRole('combobox', { name: /^Evening/ }).selectOption({ label: 'Fri 27 Nov' });
  await expect(page.getByRole('heading', { name: 'Evening, Fri 27 Nov' })).toBeVisible();
  const streak = page.getByRole('listitem').filter({ hasText: 'Streak' }).first();
  await expect(streak).toContainText('Quay wall casting');
  for (const size of await sizesOf(page, ['Safety tonight', 'Streak'])) expect(size).toBeGreaterThanOrEqual(LEAST_PX - 0.01);

  await page.getByRole('link', { name: 'All that can be printed' }).click();
  await page.getByRole('link', { name: 'The week' }).click();
  await expect(page.getByRole('heading', { name: 'The week from Tue 24 Nov to Mon 30 Nov' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Fri 27 Nov' }).getByRole('row', { name: /Quay wall casting Streak/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Tue 1 Dec' })).toHaveCount(0);
  for (const size of await sizesOf(page, ['Fri 27 Nov', 'Leave alone', 'Salt van No. 14']))
    expect(size).toBeGreaterThanOrEqual(LEAST_PX - 0.01);

  await page.getByRole('link', { name: 'All that can be printed' }).click();
  await page.getByRole('link', { name: 'Plan sheet' }).click();
  await expect(page.getByRole('columnheader', { name: /^Tue 1 Dec/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Quay wall casting/ })).toContainText('Streak');
  expect(await printed(page)).toBe(1);
  // larger letters on paper too
  const [usual = 0] = await sizesOf(page, ['Quay wall casting']);
  await page.getByRole('combobox', { name: /^Text size/ }).selectOption('130 %');
  const [large = 0] = await sizesOf(page, ['Quay wall casting']);
  expect(large / usual).toBeCloseTo(1.3, 2);
});

test('the shopping list says what to ask for in a shop', async ({ bench: page }) => {
  await go(page, 'Print');
  await page.getByRole('link', { name: 'Shopping list' }).click();
  await expect(page.getByRole('row', { name: /Aggregate/ })).toContainText('1 bag of 200 ml');
  await expect(page.getByRole('row', { name: /White spirit/ }).first()).toContainText('1 bottle of 500 ml');
  expect(await printed(page)).toBe(1);
});
