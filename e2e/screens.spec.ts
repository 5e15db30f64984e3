import type { Page } from '@playwright/test';
import { startServer, type RunningServer } from '../scripts/lib/server.mjs';
import { NOW, expect, expectAccessible, go, test } from './fixtures.js';

/**
 * The second screen. An address of this machine that is not one of its own names stands for the network: whoever asks there must be paired like any
 * other.
 */
const LAN = '127.0.0.2';

/** The bench's clock in these tests: the evening of the demo is on. */
const EVENING = `${NOW.slice(0, 10)}T19:30:00`;
const env = { TZ: process.env['TZ'] ?? 'UTC', EVENINGTIDE_NOW: EVENING, EVENINGTIDE_BACKUPS: 'none' };

const start = (page: Page) => page.getByRole('button', { name: /^Start( anyway)?$/ });
const done = (page: Page) => page.getByRole('button', { name: 'Done', exact: true });
const codeIn = (said: string): string => [...said.matchAll(/Pairing code: (\d{3}) (\d{3})/g)].at(-1)!.slice(1).join('');
const addressOf = ({ port }: RunningServer): string => `http://${LAN}:${String(port)}`;

let server: RunningServer;
test.beforeEach(async () => {
  server = await startServer({ env, args: [`--lan=${LAN}`] });
  await expect.poll(server.said).toContain('Pairing code');
});
test.afterEach(() => server.stop());

async function typeCode(page: Page, code: string, name: string): Promise<void> {
  await page.getByLabel('Six-digit code').fill(code);
  await page.getByLabel('What this screen is called').fill(name);
  await page.getByRole('button', { name: 'Pair this screen' }).click();
}

test('the terminal shows the way; what is not paired sees nothing but the form; wrong codes are slow', async ({ page }) => {
  expect(server.said()).toContain(`Second screen: ${addressOf(server)}/pair`);
  // the QR code is drawn in blocks
  expect(server.said()).toMatch(/[▀▄█]{10}/);
  await page.goto(`${addressOf(server)}/pieces/salt-van-14`);
  await expect(page).toHaveURL(/\/pair$/);
  await expect(page.getByRole('heading', { name: 'Pair this screen' })).toBeVisible();
  await expectAccessible(page);
  expect((await page.request.get(`${addressOf(server)}/api/pieces`)).status()).toBe(401);
  const code = codeIn(server.said());
  const began = Date.now();
  await typeCode(page, code === '000000' ? '000001' : '000000', 'Tablet');
  await expect(page.getByRole('alert')).toContainText('That is not the code. 4 more tries');
  expect(Date.now() - began).toBeGreaterThan(900);
  await expectAccessible(page);
  await typeCode(page, code, 'Tablet');
  await expect(page).toHaveURL(/\/tonight$/);
  await expect(start(page)).toBeVisible();
  // a code pairs once
  await expect.poll(() => codeIn(server.said())).not.toBe(code);
});

test('two paired screens show the same timers within a second, though the clock of one is wrong, and a press at the bench at once', async ({
  page,
  browser,
}) => {
  await page.clock.install({ time: new Date(EVENING) });
  await page.goto(`${server.url}/tonight`);
  await expect(start(page)).toBeVisible();
  const screens: Page[] = [];
  for (const [name, ahead] of [
    ['Tablet', 0],
    ['Phone', 7],
  ] as const) {
    const screen = await (await browser.newContext()).newPage();
    await screen.clock.install({ time: new Date(new Date(EVENING).getTime() + ahead * 60_000) });
    // as scanned: the code stands in the form
    await screen.goto(`${addressOf(server)}/pair?code=${codeIn(server.said())}`);
    await screen.getByLabel('What this screen is called').fill(name);
    await screen.getByRole('button', { name: 'Pair this screen' }).click();
    await expect(start(screen)).toBeVisible();
    screens.push(screen);
  }
  const [tablet, phone] = screens as [Page, Page];
  await start(page).click();
  await expect(done(tablet)).toBeVisible();
  await expect(done(phone)).toBeVisible();
  const seconds = async (screen: Page): Promise<number> => {
    const [minutes = NaN, rest = NaN] = (await screen.getByRole('timer', { name: 'Since the start' }).innerText()).split(':').map(Number);
    return minutes * 60 + rest;
  };
  const apart = async (): Promise<number> => {
    const [one, other] = await Promise.all([seconds(tablet), seconds(phone)]);
    return Math.abs(one - other);
  };
  // the one whose clock is wrong is not seven minutes ahead; asked again where the machine was busy between two looks
  await expect.poll(apart).toBeLessThanOrEqual(1);
  await tablet.waitForTimeout(2500);
  expect(await seconds(tablet)).toBeGreaterThanOrEqual(2);
  await expect.poll(apart).toBeLessThanOrEqual(1);
  await done(tablet).click();
  await expect(start(page)).toBeVisible();
  await expect(start(phone)).toBeVisible();
  for (const screen of screens) await screen.context().close();
});

test('paired screens are listed at the bench and sent away: from then on they see nothing', async ({ page, browser }) => {
  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(`${addressOf(server)}/pair`);
  await typeCode(tablet, codeIn(server.said()), 'Tablet by the booth');
  await expect(start(tablet)).toBeVisible();
  await go(tablet, 'Workshop');
  await expect(tablet.getByRole('region', { name: 'Second screen' })).toContainText('This is a second screen');
  await page.goto(`${server.url}/workshop`);
  const section = page.getByRole('region', { name: 'Second screen' });
  await expect(section.getByRole('img', { name: /QR code/ })).toBeVisible();
  const code = section.getByRole('status', { name: 'Pairing code' });
  const before = await code.innerText();
  await section.getByRole('button', { name: 'Another code' }).click();
  await expect(code).not.toHaveText(before);
  await expectAccessible(page);
  await section.getByRole('button', { name: 'Send Tablet by the booth away' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Send it away' }).click();
  await expect(section.getByRole('list', { name: 'Paired screens' })).toHaveCount(0);
  await expect(tablet.getByRole('heading', { name: 'Pair this screen' })).toBeVisible();
  await tablet.goto(`${addressOf(server)}/tonight`);
  await expect(tablet.getByRole('heading', { name: 'Pair this screen' })).toBeVisible();
  await tablet.context().close();
});

test('without being asked for, the network is not answered; it is switched on and off in Workshop', async ({ page, browser }) => {
  const alone = await startServer({ env: { ...env, EVENINGTIDE_ADDRESS: LAN } });
  const refused = () => expect(page.request.get(`http://${LAN}:${String(alone.port)}/`, { timeout: 5000 })).rejects.toThrow(/ECONNREFUSED/);
  await refused();
  await page.goto(`${alone.url}/workshop`);
  const section = page.getByRole('region', { name: 'Second screen' });
  await section.getByRole('button', { name: 'Switch it on' }).click();
  const code = (await section.getByRole('status', { name: 'Pairing code' }).innerText()).replace(' ', '');
  const tablet = await (await browser.newContext()).newPage();
  await tablet.goto(`${addressOf(alone)}/pair`);
  await typeCode(tablet, code, 'Tablet');
  await expect(start(tablet)).toBeVisible();
  await expect(section.getByRole('list', { name: 'Paired screens' })).toContainText('Tablet');
  await section.getByRole('button', { name: 'Switch it off' }).click();
  await expect(section.getByRole('button', { name: 'Switch it on' })).toBeVisible();
  await refused();
  await tablet.context().close();
  await alone.stop();
});

test('on a phone the evening has the whole width, and what is pressed stays in reach', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install({ time: new Date(EVENING) });
  await page.goto(`${server.url}/tonight`);
  await expect(start(page)).toBeInViewport();
  const [step, button] = [await page.getByRole('region', { name: 'The step' }).boundingBox(), await start(page).boundingBox()];
  // all but the bar that scrolls
  expect(step!.width).toBeGreaterThan(370);
  expect(Math.min(button!.width, button!.height)).toBeGreaterThanOrEqual(64);
  // nothing sticks out to the side
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);
  // what is told does not lie over what is pressed next
  await page.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.locator('[data-sonner-toast]')).toHaveCSS('opacity', '1');
  await start(page).click({ trial: true, timeout: 3000 });
  await start(page).click();
  await expect(done(page)).toBeInViewport();
  await page.getByRole('link', { name: /^Log/ }).click();
  await expect(page.getByRole('heading', { name: 'Log', exact: true })).toBeVisible();
});
