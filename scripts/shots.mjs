// Pictures of the main views from the demo data, at 1280×800, on a fixed evening.
import { mkdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { BROWSER_FLAGS, chromiumPath } from './lib/browser.mjs';
import { installIfNeeded } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';
import { startServer } from './lib/server.mjs';

await installIfNeeded();
await buildAll();
const { chromium } = await import('@playwright/test');
const sharp = createRequire(join(ROOT, 'server', 'package.json'))('sharp');
// a day of its own, so that pictures differ only where the views do
const DAY = '2026-11-24';
const server = await startServer({ env: { EVENINGTIDE_NOW: `${DAY}T18:30:00`, EVENINGTIDE_BACKUPS: 'none' } });
const browser = await chromium.launch({ executablePath: await chromiumPath(), args: BROWSER_FLAGS });
const folder = process.argv[2] ?? join(ROOT, 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });

const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
await page.clock.setFixedTime(new Date(`${DAY}T19:30:00`));

async function shot(name, path, ready, prepare) {
  await page.goto(`${server.url}${path}`);
  await page.getByText(ready).first().waitFor();
  await prepare?.();
  await page.waitForTimeout(400);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  console.log(name);
}

await shot('pieces', '/pieces', /no problems found/, async () => {
  await page.locator('canvas[data-painted]').nth(4).waitFor();
});
await shot('piece', '/pieces/salt-van-14', /White spirit softens/, async () => {
  await page.locator('canvas[data-painted]').nth(2).waitFor();
});
await shot('evenings', '/evenings', 'Your hands');
await shot('look', '/pieces/salt-van-14/surface', /Hold/, async () => {
  await page.getByLabel('Along the steps', { exact: true }).fill('11');
  await page.locator('canvas[data-painted]').nth(2).waitFor();
  await page.waitForTimeout(1500);
});
await shot('test-card', '/pieces/quay-wall/surface?part=card', /As planned/, async () => {
  await page.locator('canvas[data-painted]').nth(1).waitFor();
});
await shot('shape', '/pieces/quay-wall', 'Change the shape', async () => {
  await page.getByRole('button', { name: 'Change the shape …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: /^Face/ }).check();
  await dialog.getByLabel('Height above its foot (mm)').fill('30');
  await dialog.getByText('of what is ticked').waitFor();
});
/** An evening that is on: four steps done, the fifth begun. */
async function workTonight() {
  let at = new Date(`${DAY}T19:30:00`).getTime();
  for (const minutes of [8, 39, 8, 2]) {
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await page.getByRole('button', { name: 'Done', exact: true }).waitFor();
    await page.clock.setFixedTime((at += minutes * 60_000));
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
  }
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.clock.setFixedTime(at + 150_000);
  await page.getByRole('button', { name: 'Done', exact: true }).waitFor();
  // the page's clock goes by the second
  await page.waitForTimeout(1500);
}
await shot('shelf', '/shelf', 'Lichen green');
await shot('mixing', '/mixing', /drops/);
await shot('cutting', '/cutting', /fewer will not do/);
await shot('loads', '/loads', /How it is built/);
await shot('planting', '/planting', /How it is laid/);
await shot('needs', '/shelf?part=needs', 'Taken by the plan');
await shot('handbook', '/handbook/rules/powder-needs-tooth', 'Here it stays quiet', () =>
  page.locator('canvas[data-painted]').nth(1).waitFor(),
);
await shot('wishes', '/pieces/quay-stores/wishes', /every other order was ruled out|hands-on/);
await shot('workshop', '/workshop', 'Droppers');
await shot('tonight', '/tonight', /Start/, workTonight);
await shot('remedies', '/tonight', /What really happened/, async () => {
  await page.getByRole('button', { name: 'Went wrong …' }).click();
  await page.getByRole('button', { name: /^Fingerprint/ }).click();
  await page.getByText('Next time').waitFor();
});
await shot('log', '/log', 'the telephone rang');
// the bench card as it is printed: A4 upright at 96 dpi
await page.setViewportSize({ width: 794, height: 1123 });
await page.emulateMedia({ media: 'print' });
const sheets = [];
const sheet = async () =>
  sheets.push(
    await sharp(await page.screenshot())
      .resize({ width: 410 })
      .toBuffer(),
  );
for (const [path, ready] of [
  ['/tonight?part=card', /Leave alone overnight/],
  ['/tonight?part=cautions', /licensed people decide/],
]) {
  await page.goto(`${server.url}${path}`);
  await page.getByText(ready).first().waitFor();
  await page.waitForTimeout(400);
  await sheet();
}
await page.emulateMedia({ media: 'screen' });
await page.goto(`${server.url}/log?piece=spring-wall`);
const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Dossier' }).click()]);
await page.setContent(readFileSync(await file.path(), 'utf8'));
await page.waitForTimeout(400);
await sheet();
await sharp({ create: { width: 1280, height: 600, channels: 3, background: '#8a8a8a' } })
  .composite(sheets.map((input, i) => ({ input, left: 12 + i * 423, top: 10 })))
  .png()
  .toFile(join(folder, 'papers.png'));
console.log('papers');
await browser.close();
await server.stop();
