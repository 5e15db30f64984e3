import type { Page } from '@playwright/test';
import { expect, go, openPiece, rows, saved, test } from './fixtures.js';

/** Presses Tab until something of that name has the focus, as somebody without a mouse must. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  const passed: string[] = [];
  for (let presses = 0; presses < 120; presses++) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(() => {
      const at = document.activeElement as (HTMLElement & { labels?: NodeListOf<HTMLLabelElement> }) | null;
      return (at?.getAttribute('aria-label') ?? at?.labels?.[0]?.textContent ?? at?.textContent ?? '').trim();
    });
    if (name.test(here)) return;
    passed.push(here.slice(0, 40));
  }
  throw new Error(`Tab never came to ${String(name)}; it passed ${[...new Set(passed)].join(' | ')}`);
}

const press = async (page: Page, name: RegExp, key = 'Enter'): Promise<void> => {
  await tabTo(page, name);
  await page.keyboard.press(key);
};

test('from a bare van over a mended snag to its evenings, without a mouse', async ({ bench: page }) => {
  await press(page, /^New piece/);
  await expect(page.getByRole('dialog')).toBeVisible();
  await expect(page.getByRole('searchbox', { name: 'Find a kind' })).toBeFocused();
  await page.keyboard.type('van');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Lime van 7');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Lime van 7', exact: true })).toBeVisible();

  // an enamel coat, and a spirit wash on it
  await press(page, /^Add a step/);
  // asked for at once: the technique, then the material
  await expect(page.getByRole('listbox', { name: 'Technique' })).toBeVisible();
  await page.keyboard.type('brush coat');
  await expect(page.getByRole('option', { name: 'Brush coat', exact: true, selected: true })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox', { name: 'Material' })).toBeVisible();
  await page.keyboard.type('flat enamel');
  await expect(page.getByRole('option', { name: 'Enamel, matt', selected: true })).toBeVisible();
  await page.keyboard.press('Enter');
  await press(page, /^Add a step/);
  await expect(rows(page)).toHaveCount(2);
  await expect(page.getByRole('listbox', { name: 'Technique' })).toBeVisible();
  await page.keyboard.type('dark wash');
  await expect(page.getByRole('option', { name: 'Wash', exact: true, selected: true })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox', { name: 'Material' })).toBeVisible();
  await page.keyboard.type('umber enamel wash');
  await expect(page.getByRole('option', { name: 'Umber enamel wash', selected: true })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: 'Snag at step 2' })).toBeVisible();

  await press(page, /^Add a seal first/);
  await expect(page.getByRole('group', { name: /^Snag/ })).toHaveCount(0);
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('group', { name: 'Snag at step 2' })).toBeVisible();
  await page.keyboard.press('Control+Shift+Z');
  await expect(page.getByRole('group', { name: /^Snag/ })).toHaveCount(0);

  // tonight belongs to the others: the van's evenings stand in the timetable
  await page.keyboard.press('Alt+3');
  await expect(page.getByRole('link', { name: /Lime van 7, step 1/ })).toBeVisible();
});

test('a step added at the end of a long sequence comes into view with its fields', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  for (const field of ['Technique', 'Material', 'Cover']) await expect(rows(page).last().getByLabel(field)).toBeInViewport();
});

test('a dialog gives the keys back to what opened it', async ({ bench: page }) => {
  for (const [view, button] of [
    ['Log', /^Change Drybrush/],
    ['Evenings', 'My evenings …'],
    ['Shelf', 'Add a bottle'],
  ] as const) {
    await go(page, view);
    const opener = page.getByRole('button', { name: button }).first();
    await opener.focus();
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog');
    await expect(dialog).toBeVisible();
    // not on the cross: on the first thing to fill in
    await expect(dialog.locator(':focus')).toHaveCount(1);
    await expect(dialog.getByRole('button', { name: 'Close' })).not.toBeFocused();
    await page.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
    await expect(opener).toBeFocused();
  }
});

test('what is taken out of a list hands the keys to the next row, and the last one to the heading', async ({ bench: page }) => {
  const focused = page.locator(':focus');
  await page.getByRole('button', { name: 'Delete Slate load for flat No. 3' }).focus();
  await page.keyboard.press('Enter');
  await expect(focused).toHaveAccessibleName('Delete Quay wall casting');
  await page.keyboard.press('Enter');
  await expect(focused).toHaveAccessibleName('Delete Quay stores 1 to 4');
  await page.getByRole('link', { name: 'Recently deleted' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Bring Quay wall casting back' }).focus();
  await page.keyboard.press('Enter');
  await expect(focused).toHaveAccessibleName('Bring Slate load for flat No. 3 back');
  await page.keyboard.press('Enter');
  await expect(focused).toHaveText('Recently deleted');
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await page.getByRole('button', { name: 'Remove step 5' }).focus();
  await page.keyboard.press('Enter');
  await expect(focused).toHaveAccessibleName('Remove step 5');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Remove step 13' })).toBeVisible();
});
