import type { PlanFile } from '@eveningtide/core/plan-file';
import { asPlannedInTheLog, throughTheEvenings } from './at-the-bench.js';
import {
  addStep,
  clearTheBench,
  expect,
  expectAccessible,
  facts,
  make,
  onlyOn,
  openPiece,
  openStep,
  rows,
  saved,
  test,
} from './fixtures.js';

test('a wall gets its odd bricks and its damp foot: cut on the drawing, planned as before, undone', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  await facts(page).getByRole('button', { name: 'Change the shape …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: /^Face/ }).check();
  await dialog.getByLabel('Height above its foot (mm)').fill('35');
  // the foot takes 10.5 of 70 mm already, so it is 24.5 of 59.5
  await expect(dialog.getByRole('status')).toHaveText(/^50\.7 cm², 41 % of what is ticked/);
  await expectAccessible(page);
  await dialog.getByLabel('The new zone is called').fill('Face, damp');
  await dialog.getByRole('button', { name: 'Cut it off' }).click();
  await expect(dialog.getByRole('checkbox', { name: /^Face, damp/ })).toBeChecked();

  // by pressing the drawing: a rectangle on what is left above
  await dialog.getByRole('checkbox', { name: /^Face, damp/ }).uncheck();
  await dialog.getByRole('checkbox', { name: /^Face 72/ }).check();
  await dialog.getByLabel('Cut', { exact: true }).selectOption({ label: 'A rectangle' });
  const drawing = await dialog.getByRole('img', { name: 'Front of Quay wall casting' }).boundingBox();
  if (!drawing) throw new Error('the wall is not drawn');
  for (const [x, y] of [
    [0.2, 0.1],
    [0.4, 0.3],
  ] as const)
    await page.mouse.click(drawing.x + x * drawing.width, drawing.y + y * drawing.height);
  await expect(dialog.getByRole('status')).toHaveText(/ 8 % of what is ticked/);
  await dialog.getByLabel('The new zone is called').fill('Odd bricks');
  await dialog.getByLabel('Things alike in it').fill('40');
  await dialog.getByRole('button', { name: 'Cut it off' }).click();

  // what is not there is told by name
  await dialog.getByRole('checkbox', { name: /^Odd bricks/ }).uncheck();
  await dialog.getByRole('checkbox', { name: /^Crown/ }).check();
  await dialog.getByLabel('Cut', { exact: true }).selectOption({ label: 'At a height: what lies below' });
  await dialog.getByLabel('Height above its foot (mm)').fill('5');
  await expect(dialog.getByRole('status')).toHaveText('Not so: nothing of Crown lies there.');
  await page.keyboard.press('Escape');

  // the streak that was on the face is on its parts as well, and can be told apart now
  await expect(rows(page).nth(6)).toContainText('all but crown, foot');
  await openStep(page, 6);
  await expect(rows(page).nth(6).getByRole('checkbox', { name: 'odd bricks' })).toBeChecked();
  await rows(page).nth(6).getByRole('checkbox', { name: 'odd bricks' }).uncheck();
  await saved(page);
  await page.reload();
  await expect(facts(page).getByRole('button', { name: 'Odd bricks', exact: true }).first()).toBeVisible();
  // the step is still open
  await expect(rows(page).nth(6).getByRole('checkbox', { name: 'odd bricks' })).not.toBeChecked();
  await expect(rows(page).nth(6).getByRole('checkbox', { name: 'face, damp' })).toBeChecked();
});

test('a van without its windows, joined sides, taken back by undo', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await facts(page).getByRole('button', { name: 'Change the shape …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Join, take away, add' }).click();
  await dialog.getByRole('checkbox', { name: /^Lookout glazing/ }).check();
  await expect(dialog.getByRole('status')).toHaveText(/steps? (is|are) done there only, and goe?s? along|No step is lost/);
  await dialog.getByRole('button', { name: 'Take them away' }).click();
  await expect(dialog.getByRole('checkbox', { name: /^Lookout glazing/ })).toHaveCount(0);
  await dialog.getByRole('checkbox', { name: /^Side, upper/ }).check();
  await dialog.getByRole('checkbox', { name: /^Side, lower/ }).check();
  await dialog.getByLabel('They become one, as').selectOption({ label: 'Side, lower' });
  await dialog.getByRole('button', { name: 'Join them' }).click();
  await expect(dialog.getByRole('checkbox', { name: /^Side, upper/ })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await saved(page);
  await expect(facts(page).getByRole('button', { name: 'Side, upper' })).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(facts(page).getByRole('button', { name: 'Side, upper' }).first()).toBeVisible();
  await expect(
    facts(page)
      .getByRole('button', { name: /^Lookout glazing/ })
      .first(),
  ).toBeVisible();
});

test('a shed is put together from bodies, kept as a shape, and begins a second piece', async ({ bench: page, server }) => {
  await page.getByRole('button', { name: 'New piece' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByPlaceholder('wagon, wall, load …').fill('put together');
  await dialog.getByRole('button', { name: /^Box, to be put together/ }).click();
  await dialog.getByLabel('Name').fill('Kipper shed');
  await dialog.getByRole('button', { name: 'Create' }).click();
  await facts(page).getByRole('button', { name: 'Change the shape …' }).click();
  await dialog.getByRole('button', { name: 'Put a body to it' }).click();
  await dialog.getByLabel('Body').selectOption({ label: 'Round roof' });
  // 60 × 40, half a circle: π · 20 · 60 is 37.7 cm²; the top of the box is covered whole
  for (const [label, mm] of [
    ['Length', '60'],
    ['Width', '40'],
    ['Height', '20'],
  ] as const)
    await dialog.getByLabel(`${label} (mm)`).fill(mm);
  await expect(dialog.getByRole('status')).toHaveText(/^Round roof, top 37\.7 cm²/);
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Put it there' }).click();
  await dialog.getByLabel('Body').selectOption({ label: 'Cylinder, standing' });
  await dialog.getByLabel('Called').fill('Smoke stack');
  await dialog.getByLabel('Length (mm)').fill('6');
  await dialog.getByLabel('Width (mm)').fill('6');
  await dialog.getByRole('button', { name: 'Put it there' }).click();
  await page.keyboard.press('Escape');
  await expect(facts(page).getByRole('button', { name: 'Smoke stack, shell' }).first()).toBeVisible();
  await expect(facts(page).getByLabel('Height (mm)')).toHaveValue('80');
  await saved(page);

  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Keep its shape' }).click();
  await expect(page.getByText('Kipper shed is kept among your own shapes')).toBeVisible();
  await page.getByRole('link', { name: /^Pieces/ }).click();
  await page.getByRole('button', { name: 'New piece' }).click();
  await dialog.getByRole('button', { name: 'Own', exact: true }).click();
  await dialog.getByRole('button', { name: 'Kipper shed', exact: true }).click();
  await dialog.getByLabel('Name').fill('Second shed');
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(facts(page).getByRole('button', { name: 'Smoke stack, shell' }).first()).toBeVisible();

  // both travel in the plan file
  const plan = (await (await fetch(`${server.url}/api/plan-file`)).json()) as PlanFile;
  expect(plan.shapes.map(({ name }) => name)).toContain('Kipper shed');
  expect(plan.pieces.find(({ name }) => name === 'Second shed')?.shape).not.toBeNull();
});

test('J19 Brick gable: its odd bricks are a zone of forty, picked out by themselves, then its log', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Brick gable', 'Wall casting');
  await facts(page).getByRole('button', { name: 'Change the shape …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: /^Face/ }).check();
  await dialog.getByLabel('Cut', { exact: true }).selectOption({ label: 'A rectangle' });
  // by keys alone: two corners, typed
  for (const [label, mm] of [
    ['One corner, from the left', '20'],
    ['One corner, from above', '10'],
    ['Across, from the left', '80'],
    ['Across, from above', '40'],
  ] as const)
    await dialog.getByLabel(`${label} (mm)`).fill(mm);
  await dialog.getByLabel('The new zone is called').fill('Odd bricks');
  await dialog.getByLabel('Things alike in it').fill('40');
  await dialog.getByRole('button', { name: 'Cut it off' }).click();
  await page.keyboard.press('Escape');
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  await addStep(page, 'Drybrush', 'Slate dark');
  await onlyOn(page, 'odd bricks');
  // forty bricks are come to one by one: it takes longer than the gable did
  await rows(page).nth(1).getByLabel('Cover (%)').fill('100');
  await expect(rows(page).nth(1)).toContainText(/100 %[12]\dTechnique/);
  await saved(page);
  const order: string[] = [];
  await throughTheEvenings(page, async ({ words }) => {
    order.push(words.split('\n')[0]!);
    return Promise.resolve();
  });
  expect(order).toEqual(['Brush coat', 'Drybrush']);
  await asPlannedInTheLog(page, 'Brick gable');
});

test('J20 Stump on the saltings: bark, rings and floor are zones of their own, worked in turn, then its log', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await make(page, 'Stump on the saltings', 'Stump on its forest floor');
  await addStep(page, 'Clean');
  await addStep(page, 'Brush coat', 'Quay stone emulsion');
  await addStep(page, 'Drybrush', 'Bare plank');
  await onlyOn(page, 'stump, rings');
  await addStep(page, 'Drybrush', 'Weed dark');
  await onlyOn(page, 'stump, bark');
  await addStep(page, 'Glue', 'White glue');
  await onlyOn(page, 'forest floor, top');
  await addStep(page, 'Scatter', 'Static grass');
  await onlyOn(page, 'forest floor, top');
  await saved(page);
  await expect(page.getByRole('group', { name: /^Snag at step/ })).toHaveCount(0);
  const order: string[] = [];
  await throughTheEvenings(page, async ({ words }) => {
    order.push(words.split('\n')[0]!);
    return Promise.resolve();
  });
  expect(order.indexOf('Scatter')).toBe(order.indexOf('Glue') + 1);
  await asPlannedInTheLog(page, 'Stump on the saltings');
});
