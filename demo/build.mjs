// Writes the demo plan file and its made-up photographs. Run it after a change here: node demo/build.mjs
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildLibraries } from '../scripts/lib/build.mjs';
import { ROOT } from '../scripts/lib/run.mjs';
import { CUTLISTS, STRIPS } from './data/cutting.mjs';
import { LOADS } from './data/loads.mjs';
import { PLANTINGS } from './data/plantings.mjs';
import { BOTTLES, MATERIALS, MIXES } from './data/shelf.mjs';
import { pieces } from './data/pieces.mjs';
import { shapes } from './data/shapes.mjs';
import { drawPictures } from './data/pictures.mjs';

await buildLibraries({ quiet: true });
const { PLAN_FORMAT, PLAN_VERSION } = await import('../core/dist/plan-file/index.js');
const { DEFAULT_WORKSHOP } = await import('../core/dist/schedule/index.js');

/** The day that all dates of the demo count from; it becomes today when the demo is loaded. */
const ANCHOR = '2026-11-24';

const workshop = {
  ...DEFAULT_WORKSHOP,
  // a new painter's plans are by the usual figures; what the bench has learnt is shown and can be switched on
  learning: { minutes: false, drying: false },
  dates: [{ date: ANCHOR, start: '19:30', end: '21:30' }],
  climate: {
    evening: { tempC: 18.5, rhPct: 58 },
    night: { tempC: 14, rhPct: 66 },
    places: [{ id: 'airing-cupboard', name: 'Airing cupboard', air: { tempC: 28, rhPct: 35 }, models: 4 }],
  },
  equipment: { airbrush: true, cans: true, boothModels: 4, benchModels: 10, brushesMm: [3, 6, 12, 25] },
  room: { volumeM3: 28, airChangesPerH: 1.5 },
};

const folder = join(ROOT, 'demo', 'pictures');
mkdirSync(folder, { recursive: true });
for (const name of readdirSync(folder)) rmSync(join(folder, name));
const pictures = await drawPictures(folder);

const { finishOf } = await import('../core/dist/finishes/index.js');
const { suppliesOf } = await import('../core/dist/materials/index.js');
const open = await pieces(pictures);
const { springLog, springWall } = await import('./data/log.mjs');
const spring = springWall(open.find(({ id }) => id === 'quay-wall'));
const made = [...open, spring];
const supplies = suppliesOf({ bottles: BOTTLES, materials: MATERIALS });
const [van] = made;

/** The salt van's finish in two versions: the first had no filter and more rust. */
const firstVan = {
  ...van,
  steps: van.steps
    .filter((step) => step.technique !== 'filter')
    .map((step) => (step.bottleId === 'rust-powder' ? { ...step, coverPct: 45, strength: 0.8 } : step)),
};
const finishes = [
  {
    id: 'salt-van',
    name: 'Salt van, bleached and rusted',
    versions: [
      finishOf(firstVan, supplies, { version: 1, savedOn: '2026-09-20', note: 'As on No. 12' }),
      finishOf(van, supplies, { version: 2, savedOn: '2026-11-02', note: 'Less rust, one filter over all' }),
    ],
  },
];

const plan = {
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  anchorDate: ANCHOR,
  workshop,
  materials: MATERIALS,
  bottles: BOTTLES,
  mixes: MIXES,
  finishes,
  strips: STRIPS,
  cutlists: CUTLISTS,
  loads: LOADS,
  plantings: PLANTINGS,
  shapes: await shapes(),
  pieces: made,
  log: springLog(spring, supplies, pictures),
};
writeFileSync(join(ROOT, 'demo', 'marram-and-holm.eveningtide.json'), `${JSON.stringify(plan, null, 2)}\n`);
console.log(
  `${plan.pieces.length} pieces, ${plan.finishes.length} finishes, ${plan.bottles.length} bottles, ${Object.keys(pictures).length} pictures`,
);
