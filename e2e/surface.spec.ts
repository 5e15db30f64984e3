import type { Locator } from '@playwright/test';
import { addStep, expect, expectAccessible, make, openPiece, test } from './fixtures.js';

/** What paint will do, seen before it is laid. */

const picture = (canvas: Locator): Promise<string> => canvas.evaluate((one) => (one as HTMLCanvasElement).toDataURL());

test('a test card goes along the steps, is held beside what could be otherwise, and what was tried is taken over', async ({
  bench: page,
}) => {
  await openPiece(page, 'Quay wall casting');
  await page.getByRole('navigation', { name: 'Of this piece' }).getByRole('link', { name: 'Test card' }).click();
  const planned = page.getByRole('img', { name: /^Predicted look/ });
  const other = page.getByRole('img', { name: /^The look/ });
  await expect(planned).toHaveAttribute('data-painted', /\d/);
  await expect(other).toHaveAttribute('data-painted', /\d/);
  await expectAccessible(page);
  // back to how it comes, by keys
  const along = page.getByLabel('Along the steps of this zone');
  const ended = await picture(planned);
  await along.press('Home');
  await expect(page.getByText('as it comes').first()).toBeVisible();
  await expect.poll(() => picture(planned)).not.toBe(ended);
  await along.press('End');
  await expect.poll(() => picture(planned)).toBe(ended);
  // the same step with more cover: the picture follows, the plan stays
  await page.getByRole('button', { name: 'done otherwise' }).click();
  await expect.poll(() => picture(other)).toBe(ended);
  await page.getByLabel('Cover', { exact: true }).fill('70');
  await expect.poll(() => picture(other)).not.toBe(ended);
  await expect(page.getByText(/Against the plan: .*edges/)).toBeVisible();
  const tried = await picture(other);
  expect(await picture(planned)).toBe(ended);
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect.poll(() => picture(planned)).toBe(tried);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => picture(planned)).toBe(ended);
  // the light of the bench, and another patch
  await page.getByRole('button', { name: 'bench lamp' }).click();
  await expect.poll(() => picture(planned)).not.toBe(ended);
});

test('two steps the other way round look otherwise; where nothing is planned that is said', async ({ bench: page }) => {
  await make(page, 'Arch for the card', 'Wall casting');
  await page.getByRole('link', { name: 'Test card' }).click();
  await expect(page.getByText('Nothing is painted here yet')).toBeVisible();
  await page.getByRole('link', { name: 'To the sequence' }).click();
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  await addStep(page, 'Wash', 'Tide wash');
  await page.getByRole('link', { name: 'Test card' }).click();
  const planned = page.getByRole('img', { name: /^Predicted look/ });
  const other = page.getByRole('img', { name: /^The look/ });
  await expect(other).toHaveAttribute('data-painted', /\d/);
  const ended = await picture(planned);
  await page.getByRole('button', { name: 'before the one above it' }).click();
  await expect.poll(() => picture(other)).not.toBe(ended);
  await expect(page.getByText(/Against the plan: .*lighter/)).toBeVisible();
});
