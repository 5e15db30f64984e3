import type { Locator } from '@playwright/test';
import { addStep, expect, expectAccessible, go, make, openPiece, rows, test } from './fixtures.js';

/** What paint will do, seen before it is laid. */

/** A pixel of a browser is a ninety-sixth of an inch (CSS). */
const MM_PER_PX = 25.4 / 96;

const picture = (canvas: Locator): Promise<string> => canvas.evaluate((one) => (one as HTMLCanvasElement).toDataURL());

test('a test card goes along the steps, is held beside what could be otherwise, and what was tried is taken over', async ({
  bench: page,
}) => {
  await openPiece(page, 'Quay wall casting');
  await page.getByRole('navigation', { name: 'Of this piece' }).getByRole('link', { name: 'Look', exact: true }).click();
  await page.getByRole('button', { name: 'A test card' }).click();
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
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  await expect(page.getByText('Nothing is painted here yet')).toBeVisible();
  await page.getByRole('link', { name: 'To the sequence' }).click();
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  await addStep(page, 'Wash', 'Tide wash');
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  await page.getByRole('button', { name: 'A test card' }).click();
  const planned = page.getByRole('img', { name: /^Predicted look/ });
  const other = page.getByRole('img', { name: /^The look/ });
  await expect(other).toHaveAttribute('data-painted', /\d/);
  const ended = await picture(planned);
  await page.getByRole('button', { name: 'before the one above it' }).click();
  await expect.poll(() => picture(other)).not.toBe(ended);
  await expect(page.getByText(/Against the plan: .*lighter/)).toBeVisible();
});

test('the whole piece goes along its steps, shows what was before while a button is held, and all of a batch, no two alike', async ({
  bench: page,
}) => {
  await openPiece(page, 'Peat wagons 22, 23, 27');
  // in the panel beside the sequence it lies under the drawing
  await expect(page.locator('canvas[data-painted]').first()).toBeVisible();
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  const side = page.getByRole('img', { name: /^Side of Peat wagons/ });
  await expect(side).toHaveAttribute('data-painted', /\d/);
  await expectAccessible(page);
  const along = page.getByLabel('Along the steps', { exact: true });
  const ended = await picture(side);
  // back to a step that does something: words and picture follow
  await along.fill('5');
  await expect(page.getByText(/after step 5/).first()).toBeVisible();
  await expect.poll(() => picture(side)).not.toBe(ended);
  await expect(page.getByRole('list', { name: 'What this step changes' })).toContainText(/lighter|darker|of another hue/);
  const fifth = await picture(side);
  const hold = page.getByRole('button', { name: /^Hold/ });
  await hold.focus();
  await page.keyboard.down('Space');
  await expect(side).toHaveAttribute('aria-label', /after step 4/);
  await expect.poll(() => picture(side)).not.toBe(fifth);
  await page.keyboard.up('Space');
  await expect.poll(() => picture(side)).toBe(fifth);
  // one recipe, three wagons
  const batch = page.getByRole('region', { name: 'The batch' }).getByRole('listitem');
  await expect(batch).toHaveCount(3);
  await batch.last().scrollIntoViewIfNeeded();
  await expect(batch.locator('canvas[data-painted]')).toHaveCount(3);
  const three = await Promise.all([0, 1, 2].map((i) => picture(batch.nth(i).locator('canvas'))));
  expect(new Set(three).size).toBe(3);
  // on paper it is as large as the model
  const pieces = (await (await page.request.get(`${new URL(page.url()).origin}/api/pieces`)).json()) as {
    piece: { name: string; sizeMm: { lengthMm: number } };
  }[];
  const { lengthMm } = pieces.find(({ piece }) => piece.name.startsWith('Peat wagons'))!.piece.sizeMm;
  await page.emulateMedia({ media: 'print' });
  expect(Math.abs((await side.boundingBox())!.width * MM_PER_PX - lengthMm)).toBeLessThan(1.5);
  await page.emulateMedia({ media: 'screen' });
  // a zone is pressed: what lies on it, cut through, and from there its test card
  await side.scrollIntoViewIfNeeded();
  const stack = page.getByRole('region', { name: 'What lies there' });
  const pressed = side.locator('..').locator('path').first();
  await pressed.click();
  const name = (await pressed.locator('title').textContent())!;
  await expect(stack.getByRole('combobox')).toHaveValue(/./);
  await expect(stack.getByRole('combobox').locator('option:checked')).toHaveText(name.toLowerCase());
  await expect(stack.getByRole('img', { name: /^Cut through the surface/ })).toBeVisible();
  await stack.getByRole('button', { name: 'Try its steps on a card' }).click();
  await expect(page.getByRole('button', { name: 'A test card' })).toHaveAttribute('aria-pressed', 'true');
});

test('the seal is taken out and the wash lifts the coat: tried on the card, then in the sequence, seen and said', async ({
  bench: page,
}) => {
  await make(page, 'Van without a seal', 'Covered van');
  await addStep(page, 'Brush coat', 'Enamel, matt');
  await addStep(page, 'Clear coat', 'Matt clear');
  await addStep(page, 'Wash', 'Umber enamel wash');
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  const side = page.getByRole('img', { name: /^Side of Van without/ });
  await expect(side).toHaveAttribute('data-painted', /\d/);
  await expect(page.getByRole('list', { name: 'What this step changes' })).not.toContainText('comes up');
  const sound = await picture(side);
  // no zone was pressed: the card is of the one that is cut through
  await page.getByRole('button', { name: 'Try its steps on a card' }).click();
  await expect(page.getByRole('combobox', { name: 'Zone' }).locator('option:checked')).toHaveText('Side, lower');
  await page.getByRole('button', { name: 'without the seal below' }).click();
  await expect(page.getByText('Paint below comes up and is dragged about.')).toBeVisible();
  await page.getByRole('link', { name: /^Sequence/ }).click();
  await rows(page)
    .nth(1)
    .getByRole('button', { name: /^Remove/ })
    .click();
  await page.getByRole('link', { name: 'Look', exact: true }).click();
  await expect(page.getByRole('list', { name: 'What this step changes' })).toContainText('paint below comes up and is dragged about');
  await expect.poll(() => picture(side)).not.toBe(sound);
});

test('pieces are shown as pictures of how they will end, or as a list, as this screen remembers', async ({ bench: page }) => {
  await go(page, 'Pieces');
  const tiles = page.getByRole('main').getByRole('listitem');
  await expect(tiles.filter({ hasText: 'Salt van No. 14' }).locator('canvas[data-painted]')).toBeVisible();
  await expect(tiles.filter({ hasText: 'Salt van No. 14' })).toContainText('next: ');
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await expect(tiles.filter({ hasText: 'Salt van No. 14' })).not.toContainText('next: ');
  await page.reload();
  await expect(page.getByRole('button', { name: 'List', exact: true })).toHaveAttribute('aria-pressed', 'true');
});

test('a rule shows what it warns of, beside the same done right; an effect is seen before it is wished for', async ({ bench: page }) => {
  await go(page, 'Handbook');
  await page.getByRole('link', { name: 'Powder needs tooth' }).click();
  const [warns, quiet] = ['Here it warns', 'Here it stays quiet'].map((name) =>
    page.getByRole('region', { name }).getByRole('img', { name: /^Predicted look/ }),
  );
  for (const one of [warns!, quiet!]) await expect(one).toHaveAttribute('data-painted', /\d/);
  await expect(warns!).toHaveAttribute('aria-label', /powder falls off again/);
  await expect(quiet!).not.toHaveAttribute('aria-label', /falls off/);
  expect(await picture(warns!)).not.toBe(await picture(quiet!));
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await page.getByRole('link', { name: /^Wishes/ }).click();
  await page.getByRole('button', { name: 'Add an effect' }).click();
  const effects = page.getByRole('dialog', { name: 'Add effects' });
  await effects.getByRole('searchbox').fill('soot');
  await expect(effects.getByRole('img', { name: /^Soot, predicted: .*darker/ })).toHaveAttribute('data-painted', /\d/);
  await effects.getByRole('button', { name: 'Add Soot' }).click();
  await effects.getByRole('button', { name: 'Done' }).click();
  const wished = page.getByRole('img', { name: /^Soot, predicted/ });
  await expect(wished).toHaveAttribute('data-painted', /\d/);
  const half = await picture(wished);
  await page.getByRole('slider', { name: 'How strong: Soot' }).press('End');
  await expect.poll(() => picture(wished)).not.toBe(half);
});
