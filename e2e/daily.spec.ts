import {
  addStep,
  clearTheBench,
  expect,
  expectAccessible,
  facts,
  make,
  more,
  openPiece,
  pinTo,
  rows,
  saved,
  setStep,
  test,
} from './fixtures.js';

test('a step pinned too soon is told, and given back to the plan', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await rows(page)
    .nth(9)
    .getByRole('button', { name: /Drybrush/ })
    .click();
  await rows(page)
    .nth(8)
    .getByRole('button', { name: /Filter/ })
    .click();
  await more(page);
  // the filter right after the wash of the same evening
  await pinTo(rows(page).nth(8), '26 Nov 2026', '21:20');
  const early = page.getByRole('group', { name: 'Snag at step 9' }).filter({ hasText: 'Too soon' });
  await expect(early).toContainText('the enamel wash of step 8');
  await early.getByRole('button', { name: 'Let the plan choose the evening' }).click();
  await expect(early).toHaveCount(0);
  await expect(
    rows(page)
      .nth(8)
      .getByLabel(/^Done at.*day$/),
  ).toHaveValue('');
});

test('a second colour waits for the first, or goes into it wet when that is told; a dryer held by hand costs minutes', async ({
  bench: page,
}) => {
  await make(page, 'Tarpaulin', 'Wagon load');
  await addStep(page, 'Brush coat', 'Lichen green');
  await addStep(page, 'Brush coat', 'Slate pale');
  const waits = facts(page).getByText(/^It waits /);
  await expect(waits).toHaveText('It waits until it takes what comes over it.');
  await expect(facts(page)).toContainText('waits for');
  const row = rows(page).last();
  await more(page);
  await row.getByLabel('Goes onto').selectOption({ label: 'what is still wet, on purpose' });
  await expect(waits).toHaveCount(0);
  await expect(facts(page)).not.toContainText('waits for');
  await expect(page.getByRole('group', { name: /^(Snag|Caution)/ })).toHaveCount(0);
  // how its minutes come about
  const inPlan = facts(page).locator('dt', { hasText: 'in the plan' }).locator('xpath=following-sibling::dd');
  const still = parseFloat(await inPlan.innerText());
  await expect(facts(page)).not.toContainText('dryer in hand');
  await row.getByLabel('Drying').selectOption({ label: 'warm dryer' });
  await expect(facts(page)).toContainText('dryer in hand');
  await expect.poll(async () => parseFloat(await inPlan.innerText())).toBeGreaterThan(still + 2);
  await saved(page);
  await page.reload();
  await expect(rows(page).last().getByLabel('Goes onto')).toHaveValue('wet');
});

test('drying in the airing cupboard brings the next coat forward', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  await rows(page)
    .nth(2)
    .getByRole('button', { name: /Brush coat/ })
    .click();
  const facts = page.getByRole('complementary', { name: 'Facts of the open step' });
  const ready = facts.locator('dt', { hasText: 'next coat from' }).locator('xpath=following-sibling::dd');
  const before = await ready.innerText();
  await more(page);
  await rows(page).nth(2).getByLabel('Dries at').selectOption({ label: 'airing cupboard' });
  await expect(ready).not.toHaveText(before);
  await saved(page);
  await page.reload();
  await expect(rows(page).nth(2).getByLabel('Dries at')).toHaveValue('airing-cupboard');
});

test('a step’s fields: zones, the source of a streak, what another technique brings, and a step that is new', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  const row = rows(page).nth(1);
  await row.getByRole('button', { name: /Brush coat/ }).click();
  const zone = (name: string) => row.getByRole('checkbox', { name, exact: true });
  await expect(zone('all')).toBeChecked();
  await zone('crown').uncheck();
  await expect(row).toContainText('all but crown');
  await zone('face').uncheck();
  await expect(zone('foot')).toBeChecked();
  await zone('foot').click();
  await expect(zone('foot')).toBeChecked();
  await zone('face').check();
  await zone('crown').check();
  await expect(zone('all')).toBeChecked();

  // a streak whose source is taken away is told
  await rows(page)
    .nth(6)
    .getByRole('button', { name: /Streak/ })
    .click();
  await expect(rows(page).nth(6).getByLabel('Runs from')).toHaveValue('Mooring ring');
  await rows(page).nth(6).getByLabel('Runs from').fill('');
  await expect(page.getByRole('group', { name: 'Caution at step 7' })).toContainText('Nothing above it is named');
  await rows(page).nth(6).getByLabel('Runs from').fill('Drain mouth');
  await expect(page.getByRole('group', { name: /^Caution/ })).toHaveCount(0);

  // another technique brings its own tools and drops what does not fit it
  const powder = rows(page).nth(6);
  await powder.getByRole('combobox', { name: 'Technique' }).click();
  await page.getByRole('option', { name: 'Dry powder' }).click();
  await expect(powder.getByLabel('Runs from')).toHaveCount(0);
  await expect(powder.getByLabel('Dilution')).toHaveCount(0);
  await expect(powder.getByRole('combobox', { name: 'Material' })).toContainText('choose …');
  // which is asked for at once
  await expect(page.getByRole('option', { name: 'Rust ochre powder' })).toBeVisible();
  await expect(page.getByRole('option', { name: 'Lichen green' })).toHaveCount(0);
  await page.keyboard.press('Escape');

  // of a new step, all can be unticked
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  await page.keyboard.press('Escape');
  const chips = page.getByRole('region', { name: 'Sequence' }).getByRole('group', { name: 'Zones' });
  const all = chips.getByRole('checkbox', { name: 'all', exact: true });
  // it goes on where the one before was
  await expect(all).not.toBeChecked();
  await all.check();
  const count = await chips.getByRole('checkbox').count();
  await all.uncheck();
  await expect(all).not.toBeChecked();
  // nothing but the word has changed: each zone is still ticked, and can be taken out
  await expect(chips.locator('input:checked')).toHaveCount(count - 1);
  await all.check();
  await expect(all).toBeChecked();
  await page.keyboard.press('Escape');
});

test('a draft of an older version is not thrown away after a reload', async ({ bench: first, server }) => {
  await openPiece(first, 'Salt van No. 14');
  await first.route('**/api/pieces/**', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await first.getByRole('textbox', { name: 'Name of the piece' }).fill('Typed here');
  await expect(first.getByText('Server away; kept here, trying again')).toBeVisible();
  const second = await first.context().newPage();
  await second.goto(`${server.url}/pieces/quay-wall`);
  // someone else saves the same piece meanwhile
  const { version, piece } = (await (await fetch(`${server.url}/api/pieces/salt-van-14`)).json()) as { version: number; piece: object };
  await fetch(`${server.url}/api/pieces/salt-van-14`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version, piece: { ...piece, name: 'Saved elsewhere' } }),
  });
  await first.unroute('**/api/pieces/**');
  await first.reload();
  const asked = first.getByRole('alert').filter({ hasText: 'changed elsewhere' });
  await expect(asked).toContainText('Saved elsewhere');
  await expect(first.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Typed here');
  await asked.getByRole('button', { name: 'Take the other' }).click();
  await expect(first.getByRole('textbox', { name: 'Name of the piece' })).toHaveValue('Saved elsewhere');
  await first.reload();
  await expect(first.getByText('changed elsewhere')).toHaveCount(0);
});

test('a block in the evenings and its step lead to each other', async ({ bench: page }) => {
  await openPiece(page, 'Salt van No. 14');
  await rows(page)
    .nth(8)
    .getByRole('button', { name: /Filter/ })
    .click();
  await page
    .getByRole('complementary')
    .getByRole('link', { name: /Nov \d\d:\d\d/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Evenings' })).toBeVisible();
  const block = page.getByRole('link', { name: /Salt van No. 14, step 9, Filter/ });
  await expect(block).toBeInViewport();
  await page.getByRole('button', { name: 'Wider' }).click();
  await block.press('Enter');
  await expect(rows(page).nth(8).getByLabel('Dilution')).toHaveValue('1 : 9 white spirit');
});

test('hands are never in two places: blocks of all lanes follow one another', async ({ bench: page }) => {
  await page.getByRole('link', { name: /^Evenings/ }).click();
  const blocks = page.getByRole('region', { name: 'Timetable' }).getByRole('link');
  await expect(blocks.first()).toBeVisible();
  const labels = await blocks.evaluateAll((links) => links.map((link) => link.getAttribute('aria-label') ?? ''));
  const spans = labels.map((label) => {
    const [, day = '', hour = '', minute = '', takes = ''] = /(\d+ \w{3}) (\d\d):(\d\d), (\d+) min/.exec(label) ?? [];
    const start = Number(hour) * 60 + Number(minute);
    return { day, start, end: start + Number(takes) };
  });
  expect(spans.length).toBeGreaterThan(20);
  for (const a of spans)
    for (const b of spans) if (a !== b && a.day === b.day && a.start < b.start) expect(a.end).toBeLessThanOrEqual(b.start);
});

test('an empty bench teaches, and an address that leads nowhere says so', async ({ bench: page, server }) => {
  await clearTheBench(page);
  await expect(page.getByText('No piece yet')).toBeVisible();
  await page.getByRole('link', { name: /^Tonight/ }).click();
  await expect(page.getByText('Nothing to do')).toBeVisible();
  await page.getByRole('link', { name: /^Evenings/ }).click();
  await expect(page.getByText('Nothing is planned')).toBeVisible();
  await page.goto(`${server.url}/pieces/nobody`);
  await expect(page.getByText('This piece is not here')).toBeVisible();
  await page.goto(`${server.url}/attic`);
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
});

test('a step too long for any evening is told with the reason', async ({ bench: page }) => {
  await openPiece(page, 'Quay wall casting');
  await rows(page).nth(0).getByRole('button', { name: /Clean/ }).click();
  await setStep(page, 'Flood with glue', 'White glue');
  await more(page);
  await rows(page).nth(0).getByLabel('Minutes').fill('300');
  await page.getByRole('link', { name: /^Evenings/ }).click();
  const alert = page.getByRole('alert').filter({ hasText: 'Quay wall casting, step 1: flood with glue' });
  await expect(alert).toContainText('the longest evening has 120 min');
  await expect(alert).toContainText('on fewer zones or pieces at a time');
});

test('messages, dialogs and menus are accessible too', async ({ bench: page, server }) => {
  await openPiece(page, 'Quay wall casting');
  const row = rows(page).nth(4);
  await row.getByRole('button', { name: /Wash/ }).click();
  await row.getByLabel('Dilution').fill('1 : 2 lemonade');
  await more(page);
  await row.getByLabel('Coats').fill('99');
  await expect(page.getByRole('alert')).toHaveCount(2);
  await expectAccessible(page);

  await page.goto(`${server.url}/evenings`);
  await page.getByRole('button', { name: 'My evenings …' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');

  await page.goto(`${server.url}/pieces`);
  await page.getByRole('button', { name: 'Set the air …' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'New piece' }).click();
  await expectAccessible(page);
  await page.getByRole('dialog').getByRole('button', { name: 'Lorry', exact: true }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Plan file' }).click();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Delete Quay wall casting' }).click();
  // a message that fades in is faint for a moment
  await expect(page.locator('[data-sonner-toast]').filter({ hasText: 'Quay wall casting deleted' })).toHaveCSS('opacity', '1');
  await expectAccessible(page);
});

test('works at 1024 pixels: nothing lies over anything else', async ({ bench: page }) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await openPiece(page, 'Salt van No. 14');
  const inside = await page.getByRole('region', { name: 'Sequence' }).evaluate((region) => {
    const { right } = region.getBoundingClientRect();
    return [...region.querySelectorAll('li *')].every((element) => element.getBoundingClientRect().right <= right + 1);
  });
  expect(inside).toBe(true);
  await expectAccessible(page);
});
