import { PIECES, expect, expectAccessible, go, openPiece, test } from './fixtures.js';

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

test('before the plan is known nothing is claimed of it, in any view', async ({ bench: page }) => {
  await page.route('**/assets/outlook.worker*', () => undefined);
  await page.reload();
  // of the one without steps it is true
  await expect(page.getByText('nothing planned')).toHaveCount(1);
  await expect(page.getByText('being worked out …')).toHaveCount(PIECES.length - 1);
  for (const view of ['Tonight', 'Evenings']) {
    await go(page, view);
    await expect(page.getByText('Fetching the plan …')).toBeVisible();
  }
  await go(page, 'Pieces');
  await openPiece(page, PIECES[0]!);
  await expect(page.getByRole('group', { name: /^Snag/ })).toHaveCount(0);
  await expect(page.getByText('without an evening')).toHaveCount(0);
});
