import { readFileSync } from 'node:fs';
import { expect, facts, go, openPiece, rows, test } from './fixtures.js';

test('the workshop is described, and the plan follows', async ({ bench: page }) => {
  await go(page, 'Workshop');
  const part = (name: string) => page.getByRole('region', { name, exact: true });
  // no airbrush: its steps find no evening, with the reason
  await part('Bench and booth').getByLabel('there is an airbrush').uncheck();
  await expect(page.getByText('All saved')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByRole('alert').filter({ hasText: 'the workshop has no airbrush' }).first()).toBeVisible();
  await go(page, 'Workshop');
  await part('Bench and booth').getByLabel('there is an airbrush').check();
  // a bench that is too small is told
  await part('Bench and booth').getByLabel('Models wet on the bench at once').fill('1');
  await expect(page.getByText('All saved')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByText(/models stand wet at the bench, which has room for 1/)).toBeVisible();
  // evenings that are not complete are not kept
  await go(page, 'Workshop');
  await part('Evenings').getByLabel('Tuesday from').fill('');
  await expect(page.getByText('Not saved: look at the evenings')).toBeVisible();
  await part('Evenings').getByLabel('Tuesday from').fill('18:00');
  await expect(page.getByText('All saved')).toBeVisible();
  // a dropper is counted
  await part('Droppers').getByLabel('Drops counted').fill('48');
  await part('Droppers').getByLabel('Millilitres read').fill('2');
  await part('Droppers').getByRole('button', { name: 'Take 24 to the ml' }).click();
  await expect(part('Droppers').getByRole('textbox', { name: 'Waterborne' })).toHaveValue('24');
  // daylight for a latitude
  await part('Daylight').getByLabel('Hours').selectOption({ label: 'by latitude' });
  await part('Daylight').getByLabel('Latitude').fill('95');
  await expect(part('Daylight').getByText('Allowed: -90–90')).toBeVisible();
  await part('Daylight').getByLabel('Latitude').fill('80');
  await expect(part('Daylight').getByText('no daylight')).toBeVisible();
  // a school, with its difference and why the default is the default
  await part('Your way').locator('summary', { hasText: 'How is the base colour laid?' }).click();
  await expect(part('Your way').getByText('Default: brush. Everyone has a brush.')).toBeVisible();
  await part('Your way')
    .getByRole('radio', { name: /Airbrush\./ })
    .check();
  await expect(page.getByText('All saved')).toBeVisible();
  await page.reload();
  await expect(part('Daylight').getByLabel('Latitude')).toHaveValue('80');
  await go(page, 'Pieces');
  await openPiece(page, 'Quay wall casting');
  await page.getByRole('button', { name: 'Add a step', exact: true }).click();
  await expect(rows(page).last().getByLabel('Technique')).toContainText('Airbrush coat');
});

test('units and dates are shown as wanted, everywhere, and SI is kept', async ({ bench: page, server }) => {
  await go(page, 'Workshop');
  await page.getByLabel('Units').selectOption({ label: 'US' });
  await page.getByLabel('Dates').selectOption({ label: '2026-11-26' });
  await expect(page.getByText('All saved')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bench climate' })).toContainText('65.3 °F');
  await page.getByLabel('Evening, temperature (°F)').fill('68');
  await expect(page.getByText('All saved')).toBeVisible();
  const { workshop } = (await (await fetch(`${server.url}/api/workshop`)).json()) as {
    workshop: { climate: { evening: { tempC: number } } };
  };
  expect(workshop.climate.evening.tempC).toBeCloseTo(20, 6);
  await go(page, 'Pieces');
  await openPiece(page, 'Salt van No. 14');
  await expect(facts(page)).toContainText('sq in');
  await expect(page.getByRole('link', { name: /^2026-1[12]-\d\d$/ })).toBeVisible();
});

test.describe('on a server with no backup yet', () => {
  test.use({ ownServer: true });

  test('a backup is made, everything is put back from it, and from a file', async ({ bench: page }) => {
    await go(page, 'Workshop');
    const backups = page.getByRole('region', { name: 'Backups' });
    await backups.getByRole('button', { name: 'Make a backup now' }).click();
    await expect(backups.getByRole('listitem')).toHaveCount(1);
    const [download] = await Promise.all([page.waitForEvent('download'), backups.getByRole('link', { name: 'Save to a file' }).click()]);
    expect(download.suggestedFilename()).toMatch(/^eveningtide-.*\.tar\.gz$/);
    const file = readFileSync(await download.path());

    await go(page, 'Pieces');
    await page.getByRole('button', { name: 'Delete Quay wall casting' }).click();
    await expect(page.getByRole('link', { name: 'Quay wall casting' })).toHaveCount(0);
    await go(page, 'Workshop');
    await backups.getByRole('button', { name: 'Restore …' }).last().click();
    await page.getByRole('button', { name: 'Restore', exact: true }).click();
    await expect(page.getByText('Everything is back as the backup has it')).toBeVisible();
    await go(page, 'Pieces');
    await expect(page.getByRole('link', { name: 'Quay wall casting' })).toBeVisible();

    await go(page, 'Workshop');
    const give = (buffer: Buffer) =>
      page.getByLabel('Backup file to restore').setInputFiles({ name: 'mine.tar.gz', mimeType: 'application/gzip', buffer });
    await give(file.subarray(0, 2000));
    await page.getByRole('button', { name: 'Restore', exact: true }).click();
    await expect(page.getByText('Nothing was changed')).toBeVisible();
    await give(file);
    await page.getByRole('button', { name: 'Restore', exact: true }).click();
    await expect(page.getByText('Everything is back as the backup has it').last()).toBeVisible();
  });
});

test('times, dates and weeks are shown as the workshop says, everywhere and in what is typed', async ({ bench: page }) => {
  await go(page, 'Workshop');
  await page.getByLabel('Times', { exact: true }).selectOption('12');
  await page.getByLabel('Dates', { exact: true }).selectOption('month-first');
  await page.getByLabel('Weeks begin on').selectOption({ label: 'Sunday' });
  const week = page.getByRole('group', { name: 'Every week' });
  await expect(week.getByRole('checkbox').first()).toHaveAccessibleName('Sunday');
  await expect(page.getByLabel('Tuesday from')).toHaveValue('7:30 pm');
  await page.getByLabel('Tuesday to').fill('9');
  await page.getByLabel('Tuesday to').fill('21.45');
  await page.getByLabel('Tuesday to').blur();
  await expect(page.getByLabel('Tuesday to')).toHaveValue('9:45 pm');
  // ten in the morning is more often a slip than an evening
  await page.getByLabel('Tuesday to').fill('10 am');
  await page.getByLabel('Tuesday to').blur();
  await expect(page.getByText('One of these is 14.5 h long. Is that right?')).toBeVisible();
  await page.getByLabel('Tuesday to').fill('9:30 pm');
  await page.getByLabel('Tuesday to').blur();
  await expect(page.getByText('Is that right?')).toHaveCount(0);
  await go(page, 'Tonight');
  await page.getByRole('link', { name: 'On one page' }).click();
  await expect(page.getByRole('heading', { name: 'Tonight, Tue Nov 24' })).toBeVisible();
  await expect(page.getByText('7:30 pm–9:30 pm')).toBeVisible();
});
