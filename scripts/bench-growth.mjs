// `npm run bench -- growth`: how the app stands with what a long life of painting brings: 200 pieces of 20 steps, 5,000 entries, 300 bottles.
import { readFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { join } from 'node:path';
import { buildAll } from './lib/build.mjs';
import { BROWSER_FLAGS, chromiumPath } from './lib/browser.mjs';
import { installIfNeeded } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';
import { startServer } from './lib/server.mjs';

const [PIECES, STEPS, ENTRIES, BOTTLES, RUNS] = [200, 20, 5000, 300, 3];
const TODAY = '2026-11-24';
const DAY_MS = 86_400_000;

await installIfNeeded();
await buildAll();
const { chromium } = await import('@playwright/test');
const demo = JSON.parse(readFileSync(join(ROOT, 'demo', 'marram-and-holm.eveningtide.json'), 'utf8'));
const open = demo.pieces.filter(({ archivedOn, steps }) => archivedOn === null && steps.length > 0);

const pieces = Array.from({ length: PIECES }, (_, i) => {
  const from = open[i % open.length];
  const steps = Array.from({ length: STEPS }, (_, k) => ({
    ...from.steps[k % from.steps.length],
    ...{ id: `s${k}`, groupId: null, pinnedAt: null, mixId: null, fromWish: null },
  }));
  return {
    ...from,
    id: `p${i}`,
    name: `${from.name} ${i}`,
    ...{ doneBy: null, intent: null, waivers: [], pictures: [], groups: [], finish: null },
    steps,
  };
});
const bottles = Array.from({ length: BOTTLES }, (_, i) => {
  const bottle = demo.bottles[i % demo.bottles.length];
  return i < demo.bottles.length ? bottle : { ...bottle, id: `b${i}`, name: `${bottle.name} ${i}` };
});
/** Sittings of steps that were done again and again over the last years, five an evening. */
const log = Array.from({ length: ENTRIES }, (_, i) => {
  const piece = pieces[i % PIECES];
  const turn = Math.floor(i / PIECES);
  const step = piece.steps[turn % STEPS];
  const id = `${step.id}~${20 + Math.floor(turn / STEPS)}`;
  const at = Date.UTC(2022, 0, 3, 19) + Math.floor(i / 5) * DAY_MS + (i % 5) * 25 * 60_000;
  const moment = (ms) => new Date(ms).toISOString().slice(0, 19);
  return {
    ...{ id: `l${i}`, kind: 'work', pieceId: piece.id, stepId: id, sitting: 0, step: { ...step, id }, plannedMin: 10, tookMin: null },
    ...{ startedAt: moment(at), endedAt: moment(at + (8 + (i % 13)) * 60_000), air: { tempC: 18 + (i % 5), rhPct: 55 }, airFrom: 'typed' },
    ...{ mix: '', marks: [], note: '', met: null, dryTest: null, pictures: [], setAside: null },
  };
});
const plan = {
  ...demo,
  anchorDate: null,
  bottles,
  pieces,
  log,
  mixes: [],
  finishes: [],
  workshop: { ...demo.workshop, planning: { ...demo.workshop.planning, kept: null } },
};

const server = await startServer({ demo: false, env: { EVENINGTIDE_NOW: `${TODAY}T17:05:00`, EVENINGTIDE_BACKUPS: 'none', TZ: 'UTC' } });
const put = async (path, body) => {
  const began = performance.now();
  const answer = await fetch(server.url + path, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${text.slice(0, 300)}`);
  return performance.now() - began;
};
const middle = (times) => times.toSorted((a, b) => a - b)[times.length >> 1];
const rows = [];
const row = (what, value, target, unit) => rows.push({ what, value, target, unit });
const empty = { ...plan, pieces: pieces.slice(0, 10), log: log.filter(({ pieceId }) => Number(pieceId.slice(1)) < 10) };

async function logWrites(name) {
  const times = [];
  for (let i = 0; i < 20; i++) {
    const entry = { ...log[i % 10], id: `${name}${i}`, stepId: `s1~${80 + (i % 19)}`, sitting: 1, pieceId: `p${i % 10}` };
    times.push(await put(`/api/log/${entry.id}`, { version: 0, entry }));
  }
  return middle(times);
}
await put(`/api/plan-file?today=${TODAY}`, empty);
const withTen = await logWrites('ten');
row('a plan file of 7 MB is read', await put(`/api/plan-file?today=${TODAY}`, plan), 6000, 'ms');
const withAll = await logWrites('all');
row('an entry of the log is written, 10 pieces', withTen, 50, 'ms');
row('the same with 200 pieces', withAll, 2 * withTen, 'ms');
for (const path of ['pieces', 'log']) {
  const times = [];
  for (let i = 0; i < 5; i++) {
    const began = performance.now();
    await (await fetch(`${server.url}/api/${path}`)).text();
    times.push(performance.now() - began);
  }
  row(`all of ${path} is answered`, middle(times), 300, 'ms');
}

const browser = await chromium.launch({ executablePath: await chromiumPath(), args: BROWSER_FLAGS });
async function fresh() {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, timezoneId: 'UTC' })).newPage();
  // the page itself says when a thing is there: asked from outside it would be told up to half a second late
  await page.exposeFunction('isThere', () => page.emit('there', performance.now()));
  await page.clock.install({ time: new Date(`${TODAY}T17:05:00Z`) });
  await page.addInitScript(() => {
    window.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) window.longest = Math.max(window.longest, duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  return page;
}
/** What each view is there for, and when that must be seen. */
const VIEWS = {
  Pieces: ['/pieces', 'main li a', 1500],
  Tonight: ['/tonight', 'section[aria-label="The step"] h1', 1500],
  Shelf: ['/shelf', 'main table, main ul', 1500],
  Evenings: ['/evenings', 'main dl dd', 3000],
};
for (const [name, [path, ready, target]] of Object.entries(VIEWS)) {
  const [times, tasks] = [[], []];
  for (let i = 0; i < RUNS; i++) {
    const page = await fresh();
    await page.addInitScript((selector) => {
      const { port1, port2 } = new MessageChannel();
      const watch = new MutationObserver(() => document.querySelector(selector) && port2.postMessage(''));
      // asked where it stands after the page's own task, which would otherwise be charged with the answer
      port1.onmessage = () => {
        if (!document.querySelector(selector)?.getClientRects().length) return;
        watch.disconnect();
        port1.close();
        window.isThere();
      };
      watch.observe(document, { childList: true, subtree: true });
    }, ready);
    const there = new Promise((resolve) => page.once('there', resolve));
    const began = performance.now();
    await page.goto(server.url + path, { waitUntil: 'commit' });
    times.push((await there) - began);
    await page.waitForTimeout(2000);
    tasks.push(await page.evaluate(() => window.longest));
    await page.context().close();
  }
  row(`${name} is usable`, middle(times), target, 'ms');
  row(`${name}: longest task of the page`, middle(tasks), 100, 'ms');
}
{
  const page = await fresh();
  await page.goto(`${server.url}/pieces/p0`);
  const sequence = page.getByRole('region', { name: 'Sequence' });
  await sequence.getByRole('listitem').nth(2).locator('button[id^=step-]').click();
  const more = sequence.getByRole('button', { name: /^More/ });
  if ((await more.getAttribute('aria-expanded')) === 'false') await more.click();
  const note = sequence.getByLabel('Note', { exact: true });
  await page.waitForTimeout(6000);
  await note.click();
  await page.evaluate(() => {
    window.longest = 0;
  });
  await page.keyboard.type('quickly done', { delay: 60 });
  await page.waitForTimeout(5000);
  row('typing: longest task of the page', await page.evaluate(() => window.longest), 100, 'ms');
}
row('memory of the server', Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1] ?? 0) / 1024, 250, 'MB');
await browser.close();
await server.stop();

const cell = (value, width) => String(value).padStart(width);
console.log(`${cpus().length} × ${cpus()[0].model}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.versions.node}`);
console.log(`${PIECES} pieces of ${STEPS} steps, ${ENTRIES} entries, ${BOTTLES} bottles\n`);
console.log(`${'what'.padEnd(44)}${cell('median', 10)}${cell('target', 12)}${cell('ratio', 8)}`);
for (const { what, value, target, unit } of rows)
  console.log(
    `${what.padEnd(44)}${cell(value.toFixed(0), 10)}${cell(`${target.toFixed(0)} ${unit}`, 12)}${cell((value / target).toFixed(2), 8)}`,
  );
