import { readFileSync } from 'node:fs';
import { ARCHIVED, PIECES, addStep, expect, make, more, newPiece, openPiece, rows, saved, test } from './fixtures.js';
import type { Page } from '@playwright/test';

async function makeVan(page: Page, name: string): Promise<void> {
  await make(page, name, 'Covered van');
}

test('from a bare van to a printed evening', async ({ bench: page, server }) => {
  await makeVan(page, 'Fish van 31');
  await addStep(page, 'Clean', 'Water with a little detergent');
  await addStep(page, 'Brush coat', 'Wall primer');
  await addStep(page, 'Brush coat', 'Enamel, matt');
  await addStep(page, 'Wash', 'Umber enamel wash', '1 : 2 white spirit');
  await addStep(page, 'Drybrush', 'Pale lichen');
  await addStep(page, 'Dry powder', 'Rust ochre powder');
  await expect(rows(page)).toHaveCount(6);

  // the snag stands at the wash, with its reason
  const snag = page.getByRole('group', { name: 'Snag at step 4' });
  await expect(snag).toContainText('lifts the enamel, matt of step 3');
  await snag.getByRole('button', { name: /Add a seal first/ }).click();
  await expect(page.getByRole('group', { name: /^Snag/ })).toHaveCount(0);
  // the seal, and the windows masked for it
  await expect(rows(page)).toHaveCount(9);
  await expect(rows(page).nth(3)).toContainText('Mask');
  await expect(rows(page).nth(4)).toContainText('Clear coat');
  await expect(rows(page).nth(5)).toContainText('Unmask');
  await saved(page);

  await page.getByRole('link', { name: /^Evenings/ }).click();
  await expect(page.getByText('Fish van 31')).toBeVisible();
  await expect(page.getByRole('link', { name: /Fish van 31, step 7, Wash/ })).toBeVisible();

  await page.getByRole('link', { name: /^Tonight/ }).click();
  await page.getByRole('link', { name: 'On one page' }).click();
  await expect(page.getByRole('heading', { name: 'Tonight, Tue 24 Nov' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Fish van 31' }).first()).toBeVisible();
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);

  // everything is still there after the browser forgot all
  await page.reload();
  await page.goto(`${server.url}/pieces`);
  await openPiece(page, 'Fish van 31');
  await expect(rows(page)).toHaveCount(9);
  await expect(rows(page).nth(6)).toContainText('1 : 2 white spirit');
});

test('one more wall arch: household paint, barrier, spirit wash, to the bench card', async ({ bench: page }) => {
  // the bench is cleared, so that tonight belongs to the arch
  for (const other of PIECES) {
    await page.getByRole('button', { name: `Delete ${other}` }).click();
    await expect(page.getByRole('link', { name: other })).toHaveCount(0);
  }
  const dialog = await newPiece(page, 'Wall casting');
  await dialog.getByLabel('Name', { exact: true }).fill('Harbour arch 5');
  await dialog.locator('summary', { hasText: 'Size' }).click();
  await page.getByLabel('Length (mm)').fill('5000');
  await page.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByText('Allowed: above 0, up to 2000 mm on the model')).toBeVisible();
  await page.getByLabel('Length (mm)').fill('140');
  await page.getByRole('button', { name: 'Create' }).click();
  await addStep(page, 'Brush coat', 'Wall primer');
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  await addStep(page, 'Wash', 'Iron streak oil wash', '1 : 4 white spirit');
  const caution = page.getByRole('group', { name: 'Caution at step 3' });
  await expect(caution).toContainText('chalky');
  await caution.getByRole('button', { name: /Add a seal first/ }).click();
  await expect(page.getByRole('group', { name: /^Caution/ })).toHaveCount(0);
  await expect(rows(page)).toHaveCount(4);
  // what to mix, in millilitres and drops
  await expect(page.getByRole('complementary', { name: 'Facts of the open step' })).toContainText(
    /\d drops Iron streak oil wash \+ [\d.]+ (ml|drops) White spirit/,
  );
  await page.getByRole('link', { name: /^Tonight/ }).click();
  await page.getByRole('link', { name: 'On one page' }).click();
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: 'Harbour arch 5' })
      .filter({ hasText: /\d+ drops Wall primer \+ \d+ drops Water/ }),
  ).toBeVisible();
});

test('the demo’s snag, its fix, undo and redo', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  const snag = page.getByRole('group', { name: 'Caution at step 9' });
  await expect(snag).toContainText('White spirit softens the enamel wash of step 8');
  await snag.getByRole('button', { name: 'Use acrylic wash instead' }).press('Enter');
  await expect(snag).toHaveCount(0);
  await expect(
    rows(page)
      .nth(8)
      .getByRole('button', { name: /Filter/ }),
  ).toBeFocused();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(snag).toBeVisible();
  await page.keyboard.press('Control+Shift+Z');
  await expect(snag).toHaveCount(0);
  await saved(page);
});

test('steps are moved, opened and taken out by keyboard alone', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  const third = rows(page)
    .nth(2)
    .getByRole('button', { name: /Brush coat/ });
  await expect(third).toContainText('Quay stone');
  await third.focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(rows(page).nth(1)).toContainText('Quay stone');
  await expect(
    rows(page)
      .nth(1)
      .getByRole('button', { name: /Brush coat/ }),
  ).toBeFocused();
  await page.keyboard.press('Enter');
  await more(page);
  await expect(rows(page).nth(1).getByLabel('Coats')).toHaveValue('2');
  await page.keyboard.press('Escape');
  await expect(rows(page).nth(1).getByLabel('Coats')).toHaveCount(0);
  await page.keyboard.press('Delete');
  await expect(rows(page)).toHaveCount(9);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(rows(page)).toHaveCount(10);
  // the handle: pick up, move down, put down
  await rows(page).nth(0).getByRole('button', { name: 'Move step 1', exact: true }).focus();
  await page.keyboard.press('Space');
  // what a screen reader is told; a person waits for it as well
  await expect(page.getByText(/over droppable area s1/)).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/was moved over droppable area (?!s1\.)/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(rows(page).nth(1)).toContainText('Clean');
  await saved(page);
});

test('steps are dragged with the mouse', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  const from = await rows(page).nth(0).getByRole('button', { name: 'Move step 1', exact: true }).boundingBox();
  const to = await rows(page).nth(2).boundingBox();
  if (!from || !to) throw new Error('rows have no place');
  await page.mouse.move(from.x + 5, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 5, from.y + 30, { steps: 4 });
  await page.mouse.move(from.x + 5, to.y + to.height / 2 + 8, { steps: 8 });
  await page.mouse.up();
  await expect(rows(page).nth(2)).toContainText('Clean');
});

test('what is typed is checked as it is typed, and the focus stays', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await rows(page).nth(7).getByRole('button', { name: /Wash/ }).click();
  const dilution = rows(page).nth(7).getByLabel('Dilution');
  await dilution.fill('1 : 2 lemonade');
  await expect(page.getByRole('alert').filter({ hasText: 'thinner: lemonade' })).toContainText('white spirit');
  await expect(dilution).toBeFocused();
  await dilution.fill('9 drops in 20 ml white spirit');
  await expect(rows(page).nth(7)).toContainText('9 drops in 20 ml white spirit');
  await more(page);
  const coats = rows(page).nth(7).getByLabel('Coats');
  await coats.fill('99');
  await expect(page.getByRole('alert').filter({ hasText: 'Allowed: whole numbers 1–10' })).toBeVisible();
  await coats.fill('2');
  await expect(coats).toBeFocused();
  await expect(rows(page).nth(7)).toContainText('× 2');
});

test('colder air tells at once what goes wrong', async ({ bench: page }) => {
  await page.getByRole('button', { name: 'Set the air …' }).click();
  await page.getByLabel('Evening, temperature').fill('6');
  await page.getByLabel('Evening, humidity').fill('140');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Allowed: a number from 1 to 100')).toBeVisible();
  await page.getByLabel('Evening, humidity').fill('60');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await openPiece(page, 'Salt van No. 14');
  await expect(page.getByRole('group', { name: 'Snag at step 4' })).toContainText('Too cold for acrylic, matt to form a film');
});

test('two tabs editing one piece: the second is asked, nothing is lost', async ({ bench: first, server }) => {
  const second = await first.context().newPage();
  // it hears nothing of the other before it types itself
  await second.route('**/api/live', (route) => route.abort());
  await second.goto(`${server.url}/pieces/salt-van-14`);
  await openPiece(first, 'Salt van No. 14');
  await expect(second.getByRole('textbox', { name: 'Name of the piece' })).toBeVisible();
  await first.getByRole('textbox', { name: 'Name of the piece' }).fill('Salt van, first tab');
  await saved(first);
  await second.getByRole('textbox', { name: 'Name of the piece' }).fill('Salt van, second tab');
  const asked = second.getByRole('alert').filter({ hasText: 'changed elsewhere' });
  await expect(asked).toContainText('Salt van, first tab');
  await asked.getByRole('button', { name: 'Keep mine' }).click();
  await saved(second);
  await first.goto(`${server.url}/pieces/salt-van-14`);
  await expect(first.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Salt van, second tab');
});

test('a plan file goes out, a broken one is refused whole, a good one comes in and can be taken back', async ({ bench: page }) => {
  await page.getByRole('button', { name: 'Plan file' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Save everything to a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('workshop.eveningtide.json');
  const plan = JSON.parse(readFileSync(await download.path(), 'utf8')) as { pieces: { name: string; steps: { drying: string }[] }[] };
  expect(plan.pieces.map((p) => p.name)).toEqual([...PIECES, ...ARCHIVED]);

  const give = async (content: string) => {
    await page
      .getByLabel('Plan file to open')
      .setInputFiles({ name: 'mine.eveningtide.json', mimeType: 'application/json', buffer: Buffer.from(content) });
  };
  await give('{ not json');
  await expect(page.getByRole('dialog')).toContainText('It is not JSON');
  await page.keyboard.press('Escape');

  const broken = structuredClone(plan);
  broken.pieces[1]!.steps[3]!.drying = 'oven';
  await give(JSON.stringify(broken));
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('pieces[1].steps[3].drying');
  await expect(page.getByRole('dialog')).toContainText('oven');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('link', { name: 'Salt van No. 14' })).toBeVisible();

  plan.pieces = plan.pieces.slice(1);
  await give(JSON.stringify(plan));
  await page.getByRole('button', { name: 'Replace', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Salt van No. 14' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Salt van No. 14' })).toBeVisible();
});

test('nothing is lost while the server is away', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await page.route('**/api/pieces/**', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Name of the piece' }).fill('Salt van, typed in the dark');
  await expect(page.getByText('Server away; kept here, trying again')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Salt van, typed in the dark');
  await page.unroute('**/api/pieces/**');
  await page.clock.runFor(4000);
  await saved(page);
});

test('evenings can be taken off, and the plan moves', async ({ bench: page }) => {
  await page.getByRole('link', { name: /^Evenings/ }).click();
  await expect(page.getByText('Tue 24 Nov').first()).toBeVisible();
  await page.getByRole('button', { name: 'My evenings …' }).click();
  await page.getByRole('button', { name: 'Take date 1 out' }).click();
  await page.getByRole('checkbox', { name: 'Tuesday' }).uncheck();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Tue 24 Nov')).toHaveCount(0);
  await expect(page.getByText('Thu 26 Nov').first()).toBeVisible();
  // a block leads to its step
  await page.getByRole('link', { name: /Salt van No. 14, step 3, Spray coat/ }).click();
  await expect(rows(page).nth(2).getByLabel('Technique')).toBeVisible();
});

test('a change made right before leaving is saved and planned', async ({ bench: page, server }) => {
  await openPiece(page, 'Quay wall casting');
  await rows(page).nth(0).getByRole('button', { name: /Clean/ }).press('Delete');
  await page.getByRole('link', { name: /^Pieces/ }).click();
  await openPiece(page, 'Salt van No. 14');
  await expect(page.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Salt van No. 14');
  await expect(rows(page)).toHaveCount(13);
  const wall = (await (await fetch(`${server.url}/api/pieces/quay-wall`)).json()) as { piece: { steps: unknown[] } };
  expect(wall.piece.steps).toHaveLength(9);
});
