import { readFileSync } from 'node:fs';
import { addStep, clearTheBench, expect, make, more, onlyOn, printed, rows, saved, test } from './fixtures.js';
import type { Page } from '@playwright/test';
import { terrace } from './terrace.js';

/** Jobs of the line, from the bare piece to the printed evening. */

const alarms = (page: Page) => page.getByRole('group', { name: /^(Snag|Caution) at step/ });

test('a terrace of four stores that must match: inked twice, stones in three tones, doors before crests', async ({ bench: page }) => {
  await clearTheBench(page);
  await terrace(page, 'Terrace stores', '4');
  await expect(alarms(page)).toHaveCount(0);
  await saved(page);

  await page.getByRole('button', { name: 'More for Terrace stores' }).click();
  await page.getByRole('menuitem', { name: 'Piece card' }).click();
  await expect(page.getByText('No. 1 · No. 2 · No. 3 · No. 4')).toBeVisible();
  await expect(page.getByRole('row', { name: /Ink in alcohol/ })).toContainText('9 drops in 20 ml isopropanol 70 %');
  await expect(page.getByRole('row', { name: /Ink in alcohol/ })).toContainText('2 rounds');
  expect(await printed(page)).toBe(1);
  await page.getByRole('link', { name: /^Tonight/ }).click();
  await page.getByRole('link', { name: 'On one page' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Terrace stores' }).first()).toBeVisible();
  expect(await printed(page)).toBe(1);
});

test('the harbour shunter: effects pinned on a picture, windows and pick-ups kept clean, looked at in daylight', async ({
  bench: page,
}) => {
  await clearTheBench(page);
  await make(page, 'Harbour shunter', 'Locomotive, bonnet and cab');
  const facts = page.getByRole('complementary', { name: /^Facts/ });
  const demo = JSON.parse(readFileSync(new URL('../demo/marram-and-holm.eveningtide.json', import.meta.url), 'utf8')) as {
    pieces: { pictures: { fileName: string }[] }[];
  };
  await facts.getByRole('heading', { name: 'Pictures' }).click();
  await page.getByLabel('Photographs to add').setInputFiles({
    name: 'shunter.jpg',
    mimeType: 'image/jpeg',
    buffer: readFileSync(new URL(`../demo/pictures/${demo.pieces[0]!.pictures[0]!.fileName}`, import.meta.url)),
  });
  await facts.getByLabel('Caption').fill('At the coaling stage');
  await facts.getByRole('button', { name: 'Pin', exact: true }).click();
  await facts.getByRole('button', { name: 'in the middle' }).click();
  await facts.getByLabel('Pin 1: place').selectOption({ label: 'Exhaust' });
  await facts.getByLabel('Pin 1: wish').fill('Soot around the exhaust, none at the intake');

  await addStep(page, 'Finish the mechanics');
  await addStep(page, 'Clean', 'Water with a little detergent');
  await addStep(page, 'Clear coat', 'Matt clear');
  // windows and pick-ups lie open, treads are not cleaned
  await alarms(page).filter({ hasText: 'fogs it' }).getByRole('button', { name: 'Mask before, unmask after' }).click();
  await alarms(page).filter({ hasText: 'the current pick-ups' }).getByRole('button', { name: 'Mask before, unmask after' }).click();
  await addStep(page, 'Clean treads');
  await rows(page).last().getByRole('checkbox', { name: 'wheel treads' }).check();
  await expect(alarms(page)).toHaveCount(0);

  await addStep(page, 'Dry powder', 'Peat dust');
  await onlyOn(page, 'cab roof and bonnet top');
  await expect(facts.getByText('Soot around the exhaust, none at the intake')).toBeVisible();
  await addStep(page, 'Dry powder', 'Rust ochre powder');
  await onlyOn(page, 'frame and steps');
  await addStep(page, 'Fix', 'Quick fixer');
  await onlyOn(page, 'cab roof and bonnet top', 'frame and steps');
  // a clear coat takes half of the rust and hardly any of the soot
  const muted = alarms(page).filter({ hasText: 'It mutes the dry pigment' });
  await expect(muted).toHaveCount(1);
  await muted.getByRole('button', { name: /twice as strong/ }).click();
  await expect(muted).toHaveCount(0);
  // pick-ups, once more: the fixer is misted over the frame
  for (const place of ['fogs it', 'the current pick-ups']) {
    const open = alarms(page).filter({ hasText: place });
    if ((await open.count()) > 0) await open.getByRole('button', { name: /^Mask before/ }).click();
  }
  // the treads were cleaned before the mist of the fixer: once more at the end
  await alarms(page).filter({ hasText: 'the wheel treads' }).getByRole('button', { name: 'Clean the treads at the end' }).click();
  await addStep(page, 'Look');
  await more(page);
  await rows(page).last().getByLabel('only in daylight').check();
  await expect(alarms(page)).toHaveCount(0);
  await saved(page);

  // no evening lies in daylight: told, with the reason; a Saturday morning helps
  await page.getByRole('link', { name: /^Evenings/ }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'look found no evening' })).toBeVisible();
  await page.getByRole('button', { name: 'My evenings …' }).click();
  await page.getByRole('button', { name: 'Add a date' }).click();
  await page.getByLabel('Date 2', { exact: true }).fill('2026-12-05');
  await page.getByLabel('Date 2 from').fill('10:00');
  await page.getByLabel('Date 2 to').fill('12:00');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByText('Sat 5 Dec').first()).toBeVisible();

  await page.getByRole('link', { name: /^Tonight/ }).click();
  await page.getByRole('link', { name: 'On one page' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Harbour shunter' }).first()).toBeVisible();
  expect(await printed(page)).toBe(1);
});
