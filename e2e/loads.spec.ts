import { throughTheEvenings } from './at-the-bench.js';
import { clearTheBench, expect, facts, go, more, openPiece, openStep, printed, rows, test } from './fixtures.js';

test('a load from the inside of a wagon: grains, glue, days, weight, to the printed card', async ({ bench: page }) => {
  await go(page, 'Loads');
  await page.getByRole('button', { name: 'New load' }).click();
  // gone on with at once: its name has the keys
  await expect(page.getByLabel('Name of the load')).toBeFocused();
  await page.keyboard.type('Lime for the kiln');
  await page.getByLabel('Length inside (mm)').fill('70');
  await page.getByLabel('Width inside (mm)').fill('30');
  await page.getByLabel('Floor to edge (mm)').fill('15');
  await page.getByLabel('Shape').selectOption('flat on top');
  await page.getByLabel('Over the edge (mm)').fill('0');
  await page.getByLabel('Filled with').selectOption({ label: 'none: of one stuff right through' });
  const grain = page.getByRole('listitem').filter({ has: page.getByLabel('Grain (mm)') });
  await grain.getByLabel('Name').fill('Limestone');
  await page.getByRole('listitem', { name: 'Limestone' }).getByLabel('Stuff').selectOption({ label: 'Limestone' });
  const takes = page.getByRole('region', { name: 'What it takes' });
  // 70 × 30 × 15 mm are 31.5 ml, of which six tenths are stone
  await expect(takes.getByRole('row', { name: /^Limestone/ })).toContainText('31.5 ml, 49 g');
  await expect(takes.getByRole('row', { name: 'White glue' })).toContainText('3.15 ml');
  // a ratio of one's own: a millimetre and a half at 1 : 40
  await page.getByLabel('Scale').selectOption('another …');
  await page.getByLabel('one to').fill('40');
  await expect(takes.getByRole('row', { name: /^Limestone/ })).toContainText('reads as 0.06 m');
  await page.getByLabel('Scale').selectOption('1 : 76');
  await expect(takes.getByRole('row', { name: 'Water into the glue' })).toContainText('9.45 ml');
  await expect(takes).toContainText('15 mm thick, in 2 layers');
  await expect(takes).toContainText('Tell length and weight of the wagon');
  // a former saves stone, weight and days
  await page.getByLabel('Filled with').selectOption({ label: 'carved foam' });
  await expect(takes.getByRole('row', { name: /^Limestone/ })).toContainText('6.3 ml, 9.8 g');
  await page.getByLabel('Wagon over its body (mm)').fill('76');
  await page.getByLabel('Wagon empty (g)').fill('60');
  await expect(takes).toContainText(/The wagon weighs 60 g empty and 7\d g loaded; recommended are 71 g \(RP-20.1\): good/);
  // what is fine falls through the doors
  await page.getByText('There are doors or hatches below').click();
  await grain.getByLabel('Grain (mm)').fill('0.5');
  await expect(takes).toContainText('limestone falls through');
  await page.getByLabel('Shape').selectOption('a heap');
  await page.getByLabel('Crest over the edge (mm)').fill('30');
  await expect(takes).toContainText('grains lie no steeper');
  expect(await printed(page)).toBe(1);
  await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
  await page.reload();
  await page.getByLabel('Load', { exact: true }).selectOption('Lime for the kiln');
  await expect(page.getByLabel('Wagon empty (g)')).toHaveValue('60');
  // tied to its wagons: their scale and length, and no work on what lies under it
  await page.getByLabel('Load', { exact: true }).selectOption('Cut peat for the three wagons');
  await expect(page.getByLabel('Its wagon')).toHaveValue('peat-wagons');
  await page.getByRole('button', { name: 'No work where it is never seen' }).click();
  await expect(page.getByText('is never seen under it: no work there')).toBeVisible();
  await go(page, 'Pieces');
  await openPiece(page, 'Peat wagons 22, 23, 27');
  await expect(facts(page).getByRole('button', { name: 'Interior, never seen' })).toBeVisible();
  await go(page, 'Loads');
  // it is planned like any other piece: its steps, in order, with nothing against them
  await page.getByLabel('Load', { exact: true }).selectOption('Cut peat for the three wagons');
  await page.getByRole('button', { name: 'Plan it as a piece' }).click();
  await expect(page.getByRole('heading', { name: 'Cut peat for the three wagons' })).toBeVisible();
  await expect(rows(page)).toHaveCount(7);
  await expect(rows(page).nth(2)).toContainText('Scatter');
  await expect(rows(page).nth(5)).toContainText('Flood with glue');
  await expect(rows(page).nth(6)).toContainText('Look');
  await go(page, 'Pieces');
  await expect(page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Cut peat for the three wagons' }) })).toContainText(
    'no problems found',
  );
  await go(page, 'Loads');
  await page.getByLabel('Load', { exact: true }).selectOption('Lime for the kiln');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByLabel('Name of the load')).toHaveValue('Cut peat for the three wagons');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByLabel('Load', { exact: true })).toContainText('Lime for the kiln');
});

test('J14 Engineer’s train: spoil on its former, three alike, glued over nights, then its log', async ({ bench: page }) => {
  test.slow();
  await clearTheBench(page);
  await go(page, 'Loads');
  await page.getByLabel('Name of the load').fill('Spoil for the engineer’s train');
  await page.getByLabel('Filled with').selectOption({ label: 'tissue in damp layers' });
  const takes = page.getByRole('region', { name: 'What it takes' });
  const glue = await takes.getByRole('row', { name: 'White glue' }).innerText();
  await expect(page.getByRole('status').filter({ hasText: 'All saved' })).toBeVisible();
  await page.getByRole('button', { name: 'Plan it as a piece' }).click();
  await expect(page.getByRole('heading', { name: 'Spoil for the engineer’s train' })).toBeVisible();
  // the plan takes what the load says: glue and water of the flood, for all three
  const [, ml = ''] = /([\d.]+) ml/.exec(glue) ?? [];
  await openStep(page, 5);
  await more(page);
  const amount = Number(await rows(page).nth(5).getByLabel('Takes, on each (ml)').inputValue());
  expect(amount).toBeCloseTo(4 * Number(ml), 0);
  const order: string[] = [];
  await throughTheEvenings(page, async ({ words }) => {
    order.push(words.split('\n')[0]!);
    return Promise.resolve();
  });
  expect(order.slice(-3)).toEqual(['Wet', 'Flood with glue', 'Look']);
  await go(page, 'Log');
  await page.getByLabel('Piece', { exact: true }).selectOption({ label: 'Spoil for the engineer’s train' });
  await page.getByRole('tab', { name: 'History' }).click();
  await expect(page.getByText('All of it was done as planned.')).toBeVisible();
});
