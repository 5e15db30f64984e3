import { chromium } from '@playwright/test';
import { BROWSER_FLAGS, chromiumPath } from './lib/browser.mjs';
import { startServer } from './lib/server.mjs';
const NOW='2026-11-24T18:30:00';
const server = await startServer({ demo: true, env: { EVENINGTIDE_NOW: NOW, EVENINGTIDE_BACKUPS: 'none', TZ: 'UTC' } });
const browser = await chromium.launch({ executablePath: await chromiumPath(), args: BROWSER_FLAGS });
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, timezoneId: 'UTC' })).newPage();
await page.clock.install({ time: new Date(NOW) });
const shot = (n) => page.screenshot({ path: `/tmp/look-${n}.png` });
try { await (await import(process.argv[2])).default({ page, shot, url: server.url }); } catch (e) { console.log(String(e).slice(0, 1500)); await shot('fail'); }
await browser.close(); await server.stop();
