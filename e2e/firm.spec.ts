import type { Page } from '@playwright/test';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { addStep, clearTheBench, expect, go, make, more, openPiece, openStep, saved, test } from './fixtures.js';

const PHOTO = join(fileURLToPath(new URL('../demo/pictures/', import.meta.url)), '9c37bd82b2d3e318f8cbf16dbaeb1e76.jpg');
const note = (page: Page) => page.getByRole('region', { name: 'Sequence' }).getByLabel('Note').first();

test('photographs on their way come to the piece they were sent for, though another is opened meanwhile', async ({ bench: page }) => {
  await page.route('**/api/pictures', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500));
    await route.continue();
  });
  await openPiece(page, 'Field lorry in estuary mud');
  await page.getByLabel('Photographs to add').setInputFiles(PHOTO);
  await go(page, 'Pieces');
  await openPiece(page, 'Quay wall casting');
  const captions = page.getByLabel('Caption');
  const before = await captions.count();
  await go(page, 'Pieces');
  await openPiece(page, 'Field lorry in estuary mud');
  await expect(captions).toHaveCount(1);
  // a caption written while another is on its way stays
  await page.getByLabel('Photographs to add').setInputFiles(PHOTO);
  await captions.first().fill('Mud up to the axle');
  await expect(captions).toHaveCount(2);
  await expect(captions.first()).toHaveValue('Mud up to the axle');
  await saved(page);
  await go(page, 'Pieces');
  await openPiece(page, 'Quay wall casting');
  await expect(captions).toHaveCount(before);
});

test('what was typed right before the tab was closed is sent at the next start, whatever is opened then', async ({
  bench: page,
  server,
}) => {
  await openPiece(page, 'Salt van No. 14');
  await openStep(page, 1);
  await more(page);
  await note(page).fill('typed right before closing');
  const context = page.context();
  await page.close();
  const next = await context.newPage();
  await next.goto(`${server.url}/shelf`);
  const kept = async () => JSON.stringify(await (await next.request.get(`${server.url}/api/pieces/salt-van-14`)).json());
  await expect.poll(kept).toContain('typed right before closing');
});

test.describe('with nothing deleted before', () => {
  // what other tests deleted outlasts the plan file that puts the demo back
  test.use({ ownServer: true });

  test('what is deleted can be brought back, or goes for good', async ({ bench: page }) => {
    await page.getByRole('button', { name: 'Delete Quay wall casting' }).click();
    await expect(page.getByText('It stays for 30 days under Recently deleted.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('link', { name: 'Quay wall casting', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Delete Quay wall casting' }).click();
    await page.getByRole('link', { name: 'Recently deleted' }).click();
    await expect(page.getByRole('row', { name: /Piece Quay wall casting/ })).toContainText('30 days more');
    await page.getByRole('button', { name: 'Bring Quay wall casting back' }).click();
    await expect(page.getByText('Nothing was deleted')).toBeVisible();
    // with it back there is nothing to take back any more
    await expect(page.getByText('Quay wall casting is back')).toBeVisible();
    await expect(page.getByText('Quay wall casting deleted')).toHaveCount(0);
    await go(page, 'Pieces');
    await page.getByRole('button', { name: 'Delete Quay wall casting' }).click();
    await page.getByRole('link', { name: 'Recently deleted' }).click();
    await page.getByRole('button', { name: 'Delete Quay wall casting for good' }).click();
    await page.getByRole('button', { name: 'Delete for good', exact: true }).click();
    await expect(page.getByText('Nothing was deleted')).toBeVisible();
    await go(page, 'Pieces');
    await expect(page.getByRole('link', { name: 'Quay wall casting', exact: true })).toHaveCount(0);
  });
});

test('a beginner with one piece asks what if, and improves a plan in which a step fits nowhere', async ({ bench: page }) => {
  await clearTheBench(page);
  await make(page, 'First van', 'Covered van');
  await addStep(page, 'Brush coat', 'Acrylic, matt');
  await saved(page);
  await go(page, 'Evenings');
  await page.getByRole('tab', { name: 'What if' }).click();
  await expect(page.getByRole('row', { name: /^Without First van/ })).toContainText('nothing to do', { timeout: 60_000 });
  await expect(page.getByRole('row', { name: /^As it is/ })).toContainText(/\d\d:\d\d/);

  await go(page, 'Pieces');
  await make(page, 'Rock face', 'Rock face');
  await addStep(page, 'Flood with glue', 'White glue');
  await more(page);
  await page.getByRole('region', { name: 'Sequence' }).getByLabel('Minutes', { exact: true }).fill('300');
  await saved(page);
  await expect(page.getByText('1 step without an evening')).toBeVisible();
  await go(page, 'Evenings');
  await expect(page.getByText('1 step without an evening')).toBeVisible();
  // what no plan can beat is not said beside a plan that leaves something out
  await expect(page.getByText(/at least \d/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Improve' }).click();
  await expect(page.getByText(/1 steps? find no evening/).first()).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
});

test('a view that breaks leaves the rail, and says how the data are carried out', async ({ bench: page }) => {
  await page.route('**/assets/workshop-view*', (route) =>
    route.fulfill({ contentType: 'text/javascript', body: 'throw new Error("it broke");' }),
  );
  await go(page, 'Workshop');
  await expect(page.getByRole('alert')).toContainText('This view broke.');
  await expect(page.getByRole('link', { name: 'Save everything as a plan file' })).toHaveAttribute('href', '/api/plan-file');
  await go(page, 'Shelf');
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
});

test('an evening that ends before it begins is a slip where it would last almost a day', async ({ bench: page }) => {
  await go(page, 'Workshop');
  const evenings = page.getByRole('region', { name: 'Evenings' });
  await evenings.getByLabel('Tuesday from').fill('22:00');
  await evenings.getByLabel('Tuesday to').fill('21:30');
  await expect(evenings.getByText('22:00–21:30 is too long')).toBeVisible();
  await expect(page.getByText('Not saved: look at the evenings')).toBeVisible();
  await evenings.getByLabel('Tuesday to').fill('01:30');
  await expect(page.getByText('All saved')).toBeVisible();
});
