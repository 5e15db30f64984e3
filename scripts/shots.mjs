// Pictures of the main views from the demo data, at 1280×800, on a fixed evening.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { BROWSER_FLAGS, chromiumPath } from './lib/browser.mjs';
import { installIfNeeded } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';
import { startServer } from './lib/server.mjs';

await installIfNeeded();
await buildAll();
const { chromium } = await import('@playwright/test');
// a day of its own, so that pictures differ only where the views do
const DAY = '2026-11-24';
const server = await startServer({ env: { EVENINGTIDE_TODAY: DAY, EVENINGTIDE_BACKUPS: 'none' } });
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

/** The browser remembers theme and text size; each picture says its own. */
async function display(theme, textPct = 100) {
  await page.goto(`${server.url}/pieces`);
  await page.evaluate((chosen) => localStorage.setItem('eveningtide.display', JSON.stringify(chosen)), { theme, textPct });
}

await shot('pieces', '/pieces', /nothing stands against/);
await shot('piece', '/pieces/salt-van-14', /White spirit lifts/);
await shot('piece-step', '/pieces/quay-wall?step=s7', /While it dries/);
await shot('evenings', '/evenings', 'Your hands');
await shot('evenings-one', '/evenings?part=one', 'Salt van No. 14', async () => {
  await page
    .getByRole('group', { name: 'Lanes of the evening' })
    .getByRole('button', { name: /^Field lorry.*Brush coat/ })
    .click();
  await page.getByText(/Why not earlier\? (What|It|Your)/).waitFor();
  await page.keyboard.press('m');
  await page.locator('[data-place=free]').first().waitFor();
});
await shot('evenings-what-if', '/evenings?part=if', 'Heating left on');
await shot('evenings-improving', '/evenings', 'Your hands', async () => {
  await page.getByRole('button', { name: 'Improve' }).click();
  await page.getByText(/To another evening/).waitFor();
  await page.waitForTimeout(1500);
});
await shot('tonight', '/tonight', /Print the bench card/);
await shot('shelf', '/shelf', 'Lichen green');
await shot('mixing', '/mixing', /drops/);
await shot('needs', '/shelf?part=needs', 'Taken by the plan');
await shot('finder', '/mixing?part=find&mix=quay-spring', /ΔE₀₀/);
await shot('film', '/pieces/quay-wall/film', /reads as/);
await shot('wishes', '/pieces/quay-stores/wishes', /every other order was ruled out|hands-on/);
await shot('rule-help', '/handbook/rules/chip-stack-incomplete', 'Here it is silent');
await shot('workshop', '/workshop', 'Droppers');
await display('dusk');
await shot('dusk', '/pieces/salt-van-14', /White spirit lifts/);
await display('day');
// the bench card as it is printed: A4 upright at 96 dpi
await page.setViewportSize({ width: 794, height: 1123 });
await page.emulateMedia({ media: 'print' });
await shot('bench-card', '/tonight', /Leave alone overnight/);
await shot('piece-card', '/pieces/salt-van-14/card', 'Before');
await browser.close();
await server.stop();
