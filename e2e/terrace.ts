import type { Page } from '@playwright/test';
import { addStep, expect, make, more, onlyOn, rows } from './fixtures.js';

/** Resin stores that must match: inked twice, single stones in three tones, evened, doors before the crests, a green foot. */
export async function terrace(page: Page, name: string, count: string): Promise<void> {
  const alarms = page.getByRole('group', { name: /^(Snag|Caution) at step/ });
  await make(page, name, 'Block-built store or tower', count);
  await addStep(page, 'Spray coat', 'Mid-grey primer');
  // resin wants washing first
  const unwashed = alarms.filter({ hasText: 'Resin needs washing' });
  await unwashed.getByRole('button', { name: 'Wash it first' }).click();
  await expect(unwashed).toHaveCount(0);
  // ink, in drops that can be counted, two rounds with a look between
  await addStep(page, 'Wash', 'Ink in alcohol', '9 drops in 20 ml isopropanol 70 %');
  await more(page);
  await rows(page).last().getByRole('combobox', { name: 'Repeat group' }).selectOption({ label: 'a new one' });
  await expect(page.getByRole('group', { name: /^Repeat group/ }).getByLabel('Rounds')).toHaveValue('2');
  for (const tone of ['Slate pale', 'Bare plank', 'Pale lichen']) {
    await addStep(page, 'Sponge', tone);
    await onlyOn(page, 'long walls', 'short walls');
  }
  await addStep(page, 'Filter', 'Tide wash', '1 : 6 water');
  // the crests come too early: the doors are not painted yet
  await addStep(page, 'Drybrush', 'Slate pale');
  await addStep(page, 'Brush coat', 'Lichen green');
  await onlyOn(page, 'doors');
  const early = alarms.filter({ hasText: 'comes over these highlights' });
  await early.getByRole('button', { name: /Move it behind step/ }).click();
  await expect(early).toHaveCount(0);
  await expect(rows(page).last()).toContainText('Drybrush');
  await addStep(page, 'Sponge', 'Weed dark');
  await onlyOn(page, 'foot');
}
