// Numbers that matter, as a table with ratios to their targets and the machine they were taken on; `growth`: those with many pieces.
import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { buildAll } from './lib/build.mjs';
import { installIfNeeded } from './lib/install.mjs';
import { ROOT } from './lib/run.mjs';

if (process.argv.includes('growth')) {
  await import('./bench-growth.mjs');
  process.exit();
}
await installIfNeeded();
await buildAll();
const { checkSequence, strokesAlong, strokesOfAll } = await import('../core/dist/sequence/index.js');
const { PaintedElevation, TestCard, lit } = await import('../core/dist/surface/index.js');
const { planOf, planPieces, sequenceProblem, DEFAULT_WORKSHOP } = await import('../core/dist/schedule/index.js');
const { suppliesOf, EMPTY_SHELF } = await import('../core/dist/materials/index.js');
const { sectionOf } = await import('../core/dist/section/index.js');
const { needsOf, stockOf } = await import('../core/dist/needs/index.js');
const { findRecipes, opticsOfColour } = await import('../core/dist/matching/index.js');
const { solveSchedule, planEvenings, placesFor } = await import('../core/dist/solver/index.js');
const { simulate } = await import('../core/dist/chances/index.js');
const { labOf } = await import('../core/dist/colour/index.js');
const { arrange } = await import('../core/dist/arrange/index.js');
const { EFFECTS, suits } = await import('../core/dist/effects/index.js');
const { NO_INTENT, USUAL_STORY, elevationsOf, madeLike, pieceFromTemplate, templateById } = await import('../core/dist/subjects/index.js');

const demo = JSON.parse(readFileSync(join(ROOT, 'demo', 'marram-and-holm.eveningtide.json'), 'utf8'));
const van = demo.pieces.find((piece) => piece.id === 'salt-van-14');
const wall = demo.pieces.find((piece) => piece.id === 'quay-wall');
const supplies = suppliesOf(demo);
const DAY = '2026-11-24';

/** The planning problem of some pieces on the demo's shelf. */
const problemOf = (pieces, workshop, nowMin) => planOf({ pieces, workshop, shelf: demo, log: [], originDate: DAY, nowMin }).problem;

/** A piece with so many steps: the demo's, over and over. */
const stretched = (piece, id, count) => ({
  ...piece,
  id,
  steps: Array.from({ length: count }, (_, i) => ({ ...piece.steps[i % piece.steps.length], id: `${id}-${i}` })),
});

function median(runs, work) {
  for (let i = 0; i < Math.max(5, runs / 10); i++) work();
  const times = Array.from({ length: runs }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return { median: times[runs >> 1], min: times[0], max: times[runs - 1] };
}

const { evenings } = planPieces({ pieces: [], workshop: DEFAULT_WORKSHOP, shelf: EMPTY_SHELF, log: [], originDate: DAY, nowMin: 0 });
const nothingPlaced = { workshop: DEFAULT_WORKSHOP, supplies, originDate: DAY, evenings, placed: new Map() };
const forty = sequenceProblem(stretched(van, 'forty', 40), nothingPlaced);
const dozen = Array.from({ length: 12 }, (_, i) => stretched(i % 2 ? van : wall, `piece-${i}`, 15));
const placing = problemOf(dozen, DEFAULT_WORKSHOP, 0);
const wholeVan = sequenceProblem(van, nothingPlaced);

/** What the first view (the list of pieces) loads, gzip, kB: page, its scripts and styles; fonts and worker apart. */
function firstView() {
  const folder = join(ROOT, 'web', 'dist', 'assets');
  const page = readFileSync(join(ROOT, 'web', 'dist', 'index.html'), 'utf8');
  const files = readdirSync(folder);
  const reached = new Set();
  const follow = (name) => {
    if (reached.has(name)) return;
    reached.add(name);
    const text = readFileSync(join(folder, name), 'utf8');
    for (const [, other] of text.matchAll(/(?:from|import)\s*["']\.\/([\w-]+\.js)["']/g)) follow(other);
  };
  for (const name of files) if (name.endsWith('.js') && (page.includes(name) || /^(app|pieces-view)-/.test(name))) follow(name);
  for (const name of files) if (name.endsWith('.css')) reached.add(name);
  return [...reached].reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, name))).length, gzipSync(page).length) / 1000;
}

/** So many effects wished for on a piece, in the order of the handbook. */
function wished(template, count) {
  const piece = pieceFromTemplate(templateById(template), { id: 'bench', name: 'Bench', scaleRatio: 76 });
  const wishes = EFFECTS.filter((effect) => suits(effect, piece))
    .filter((effect) => effect.id !== 'soluble-chips')
    .slice(0, count)
    .map(({ id, needsFeature, features }) => ({
      id,
      effect: id,
      way: null,
      zones: null,
      featureId: needsFeature ? piece.features.find(({ kind }) => features.includes(kind)).id : null,
      intensity: 0.5,
      priority: 'must',
      colour: null,
    }));
  const { schools, climate } = DEFAULT_WORKSHOP;
  return { piece, story: USUAL_STORY, supplies, schools, today: DAY, air: climate.evening, intent: { ...NO_INTENT, wishes } };
}
const five = wished('wall', 5);
const twenty = wished('van', 20);
const sixty = sequenceProblem(stretched(van, 'sixty', 60), nothingPlaced);

/** Fifty pieces of fifteen steps, with the plan they got. */
const fifty = Array.from({ length: 50 }, (_, i) => stretched(i % 2 ? van : wall, `piece-${i}`, 15));
const fiftyPlanned = {
  originDate: DAY,
  plan: {
    placed: fifty.flatMap(({ id }, p) => Array.from({ length: 15 }, (_, i) => ({ id: `${id}/${i}/0`, startMin: 1170 + 1440 * i + p }))),
  },
  pieces: fifty.map(({ id, steps }) => ({
    pieceId: id,
    steps,
    sittings: steps.map(() => [{ sitting: 0, part: { from: 0, to: 1 }, upTo: null, minutes: 10, begun: null }]),
  })),
};
/** Sixty paints that all stir into each other: the most recipes there can be. */
const sixtyPaints = Array.from({ length: 60 }, (_, i) => {
  const channel = (k) => (40 + ((i * k * 37) % 180)).toString(16).padStart(2, '0');
  return {
    id: `paint-${i}`,
    material: { carrier: 'water', family: 'acrylic' },
    optics: opticsOfColour(`#${channel(3)}${channel(5)}${channel(7)}`),
  };
});
const wantedColour = labOf('#7a6a52');

/** The reference's job-shops and how near the best known each comes in two seconds; the target is the best itself. */
const shops = JSON.parse(readFileSync(join(ROOT, 'reference', 'jobshop.json'), 'utf8')).rows.map(({ name, jobs, optimum }) => {
  const id = (j, k) => `${j}.${k}`;
  const problem = {
    operations: jobs.flatMap((job, j) =>
      job.map(([machine, durationMin], k) => ({ id: id(j, k), durationMin, resources: [`m${machine}`] })),
    ),
    lags: jobs.flatMap((job, j) => job.slice(1).map((_, k) => ({ from: id(j, k), to: id(j, k + 1), minMin: 0, maxMin: null }))),
    setup: null,
  };
  const ends = [1, 2, 3].map(
    (seed) => solveSchedule(problem, { timeLimitMs: 2000, seed, now: () => performance.now() }).schedule.makespanMin,
  );
  ends.sort((a, b) => a - b);
  return { what: `job-shop ${name}, makespan after 2 s`, unit: '', target: optimum, median: ends[1], min: ends[0], max: ends[2] };
});

/** Plans of three sizes: evenings by simple rules, after a second and after ten, against what no plan can beat. */
const plans = [
  ['demo', demo.pieces, demo.workshop],
  ['12 × 15', dozen, DEFAULT_WORKSHOP],
  ['40 × 20', Array.from({ length: 40 }, (_, i) => stretched(i % 2 ? van : wall, `piece-${i}`, 20)), DEFAULT_WORKSHOP],
].map(([name, pieces, workshop]) => {
  // no dates: what is due and cannot be met would drown the rest
  const undated = pieces.map((piece) => ({ ...piece, doneBy: null }));
  const problem = problemOf(undated, workshop, 1110);
  const rules = planEvenings(problem);
  const [second, ten] = [1000, 10_000].map((timeLimitMs) => solveSchedule(problem, { timeLimitMs, now: () => performance.now() }).evenings);
  return { name, operations: problem.operations.length, bound: rules.bounds, rules, second, ten };
});
const demoProblem = problemOf(demo.pieces, demo.workshop, 1110);
const demoPlan = planEvenings(demoProblem);

/** A card of the quay wall, 480 × 320, and its strokes with the last as planned or on more of it. */
const cardGround = { of: 'stone', relief: wall.zones.find(({ id }) => id === 'face').relief, pxPerMm: 8, seed: 1 };
const cardOf = (coverPct) => {
  const steps = stretched(wall, 'card', 16);
  steps.steps = steps.steps.map((step, i) => (i === 15 ? { ...step, coverPct } : { ...step, zones: ['all'] }));
  const zone = strokesAlong(sequenceProblem(steps, nothingPlaced), 'face');
  return { ...zone, strokes: zone.strokes.slice(-12) };
};
const [cardPlanned, cardTried] = [cardOf(10), cardOf(40)];
const keptCard = new TestCard(cardGround);
/** The side of the van along 15 steps, 900 px wide and as a picture in a list. */
const sideSteps = strokesOfAll(sequenceProblem(stretched(van, 'side', 15), nothingPlaced));
const sideOf = (widthPx) => {
  const [view] = elevationsOf(van);
  const made = madeLike(van);
  const zones = van.zones.map(({ id, relief }) => ({ zoneId: id, of: made.get(id)?.of ?? null, relief }));
  return new PaintedElevation({ view, zones, pxPerMm: widthPx / view.widthMm, seed: 1 }).after(sideSteps, Infinity, 'day');
};
let turn = 0;

const rows = [
  ...shops,
  {
    what: 'needs and stock of 50 pieces × 15 steps',
    unit: 'ms',
    target: 50,
    ...median(20, () => stockOf(needsOf(fifty, fiftyPlanned, { supplies }).uses, supplies)),
  },
  {
    what: 'find a recipe among 60 bottles',
    unit: 'ms',
    target: 1000,
    ...median(5, () => findRecipes({ target: wantedColour, candidates: sixtyPaints })),
  },
  { what: 'check a sequence of 60 steps', unit: 'ms', target: 1, ...median(400, () => checkSequence(sixty)) },
  { what: 'arrange 5 effects, all orders', unit: 'ms', target: 300, ...median(15, () => arrange(five)) },
  { what: 'arrange 20 effects', unit: 'ms', target: 300, ...median(15, () => arrange(twenty)) },
  { what: 'check a sequence of 40 steps', unit: 'ms', target: 1, ...median(400, () => checkSequence(forty)) },
  { what: 'place 12 pieces × 15 steps', unit: 'ms', target: 200, ...median(20, () => planEvenings(placing)) },
  {
    what: 'carry the demo out 2000 times',
    unit: 'ms',
    target: 2000,
    ...median(5, () => simulate(demoProblem, demoPlan.plan, { runs: 2000, seed: 1 })),
  },
  {
    what: 'legal places of a block, one evening',
    unit: 'ms',
    target: 300,
    ...median(5, () => placesFor(demoProblem, demoPlan, demoPlan.plan.placed[8].id, demoProblem.calendar.evenings[0], 5)),
  },
  { what: 'paint a side along 15 steps, 900 px wide', unit: 'ms', target: 700, ...median(5, () => sideOf(900)) },
  { what: 'the same for a list, 126 px wide at twice that', unit: 'ms', target: 60, ...median(15, () => sideOf(252)) },
  {
    what: 'paint a test card of 12 steps, 480 × 320',
    unit: 'ms',
    target: 150,
    ...median(7, () => new TestCard(cardGround).after(cardPlanned)),
  },
  {
    what: 'the same with one step changed, and lit',
    unit: 'ms',
    target: 60,
    ...median(12, () => lit(keptCard.after(turn++ % 2 ? cardPlanned : cardTried), keptCard.fields.map, 'day')),
  },
  { what: 'draw the section of a van', unit: 'ms', target: 16, ...median(40, () => sectionOf(wholeVan, 'side-lower')) },
  {
    what: 'plan and check the demo',
    unit: 'ms',
    target: 50,
    ...median(40, () => planPieces({ pieces: demo.pieces, workshop: demo.workshop, shelf: demo, log: [], originDate: DAY, nowMin: 0 })),
  },
  {
    what: 'the same for 12 pieces × 15 steps',
    unit: 'ms',
    target: 500,
    ...median(10, () => planPieces({ pieces: dozen, workshop: DEFAULT_WORKSHOP, shelf: demo, log: [], originDate: DAY, nowMin: 0 })),
  },
];
/** A loop that does nothing of ours, so that tables of different machines can be compared. */
const yardstick = median(5, () => {
  let sum = 0;
  for (let i = 0; i < 3e7; i++) sum += i % 7;
  return sum;
});
const size = firstView();

/** Seconds from `npm run demo` on a built project to the printed address. */
async function secondStart() {
  const folder = mkdtempSync(join(tmpdir(), 'eveningtide-bench-'));
  const env = { ...process.env, EVENINGTIDE_DATA: folder, EVENINGTIDE_PORT: '4996' };
  const once = async () => {
    const began = performance.now();
    const child = spawn(process.execPath, ['scripts/start.mjs', '--demo'], { cwd: ROOT, env });
    await new Promise((resolve) => child.stdout.on('data', (said) => String(said).includes('http://') && resolve()));
    const seconds = (performance.now() - began) / 1000;
    child.kill();
    await new Promise((resolve) => child.once('close', resolve));
    return seconds;
  };
  await once();
  const times = [await once(), await once(), await once()].sort((a, b) => a - b);
  rmSync(folder, { recursive: true, force: true });
  return { what: 'second start of the demo', unit: 's', target: 5, median: times[1], min: times[0], max: times[2] };
}
rows.push(await secondStart());

/** The longest task on the page while the plan is improved in its thread. */
async function longestTask() {
  const { BROWSER_FLAGS, chromiumPath } = await import('./lib/browser.mjs');
  const { startServer } = await import('./lib/server.mjs');
  const { chromium } = await import('@playwright/test');
  const server = await startServer({ env: { EVENINGTIDE_NOW: `${DAY}T18:30:00`, EVENINGTIDE_BACKUPS: 'none' } });
  const browser = await chromium.launch({ executablePath: await chromiumPath(), args: BROWSER_FLAGS });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.url}/evenings`);
  await page.getByRole('button', { name: 'Improve' }).waitFor();
  const times = [];
  for (let i = 0; i < 3; i++) {
    await page.waitForTimeout(500);
    await page.evaluate(() => {
      globalThis.longest = 0;
      globalThis.watch?.disconnect();
      globalThis.watch = new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) globalThis.longest = Math.max(globalThis.longest, duration);
      });
      globalThis.watch.observe({ type: 'longtask' });
    });
    await page.getByRole('button', { name: 'Improve' }).click();
    await page.waitForTimeout(4000);
    times.push(await page.evaluate(() => globalThis.longest));
    await page.getByRole('button', { name: 'Cancel' }).click();
  }
  await browser.close();
  await server.stop();
  times.sort((a, b) => a - b);
  // the browser tells of tasks from 50 ms on: 0 is none
  return { what: 'longest page task over 50 ms while improving', unit: 'ms', target: 50, median: times[1], min: times[0], max: times[2] };
}
rows.push(await longestTask());

/** From a press on one screen until the other shows it. */
async function otherScreen() {
  const { BROWSER_FLAGS, chromiumPath } = await import('./lib/browser.mjs');
  const { startServer } = await import('./lib/server.mjs');
  const { chromium } = await import('@playwright/test');
  const server = await startServer({ env: { EVENINGTIDE_NOW: `${DAY}T19:30:00`, EVENINGTIDE_BACKUPS: 'none' } });
  const browser = await chromium.launch({ executablePath: await chromiumPath(), args: BROWSER_FLAGS });
  const screens = [];
  for (let i = 0; i < 2; i++) {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await page.clock.install({ time: new Date(`${DAY}T19:30:00`) });
    await page.goto(`${server.url}/tonight`);
    await page.getByRole('button', { name: 'Start', exact: true }).waitFor();
    await page.waitForTimeout(1500);
    screens.push(page);
  }
  const [one, other] = screens;
  const times = [];
  for (let i = 0; i < 6; i++) {
    const [press, shows] = i % 2 === 0 ? ['Start', 'Done'] : ['Done', 'Start'];
    const button = one.getByRole('button', { name: press, exact: true });
    await button.waitFor();
    const began = performance.now();
    await Promise.all([
      button.click(),
      other
        .getByRole('button', { name: shows, exact: true })
        .waitFor()
        .then(() => times.push((performance.now() - began) / 1000)),
    ]);
    await other.waitForTimeout(1500);
  }
  await browser.close();
  await server.stop();
  times.sort((a, b) => a - b);
  return { what: 'a press is shown on another screen', unit: 's', target: 1, median: times[3], min: times[0], max: times[5] };
}
rows.push(await otherScreen());

const cell = (value, width) => String(value).padStart(width);
console.log(
  `${cpus().length} × ${cpus()[0].model}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.versions.node}; a plain loop of 30 million takes ${yardstick.median.toFixed(0)} ms\n`,
);
console.log(`${'what'.padEnd(44)}${cell('median', 10)}${cell('min', 10)}${cell('max', 10)}${cell('target', 10)}${cell('ratio', 8)}`);
for (const row of rows)
  console.log(
    `${row.what.padEnd(44)}${cell(`${row.median.toFixed(3)}`, 10)}${cell(row.min.toFixed(3), 10)}${cell(row.max.toFixed(3), 10)}${cell(`${row.target} ${row.unit}`, 10)}${cell((row.median / row.target).toFixed(2), 8)}`,
  );
console.log(
  `${'first view, gzip'.padEnd(44)}${cell(size.toFixed(1), 10)}${cell('', 20)}${cell('200 kB', 10)}${cell((size / 200).toFixed(2), 8)}`,
);

const day = (minute) => (minute === null ? '–' : `day ${(minute / 1440).toFixed(1)}`);
console.log(
  `\n${'plan'.padEnd(10)}${cell('steps', 8)}${cell('rules', 18)}${cell('after 1 s', 18)}${cell('after 10 s', 18)}${cell('no plan beats', 18)}${cell('ratio', 8)}`,
);
for (const { name, operations, bound, rules, second, ten } of plans) {
  const of = ({ plan }) => `${plan.eveningsUsed}, ${day(plan.finishMin)}`;
  console.log(
    `${name.padEnd(10)}${cell(operations, 8)}${cell(of(rules), 18)}${cell(of(second), 18)}${cell(of(ten), 18)}${cell(`${bound.evenings}, ${day(bound.finishMin)}`, 18)}${cell((ten.plan.eveningsUsed / bound.evenings).toFixed(2), 8)}`,
  );
}
