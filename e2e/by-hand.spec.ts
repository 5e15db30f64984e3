import { asPlannedInTheLog, throughTheEvenings } from './at-the-bench.js';
import { clearTheBench, expect, make, pasteNotes, rows, saved, test } from './fixtures.js';

/** Jobs of the line as a seasoned painter writes them down, step by step, without a wish: nothing sound is called a fault. */
const JOBS = [
  {
    job: 'J02 concrete slipway',
    kind: 'Slab or slipway',
    lines: [
      'clean all',
      'quay stone emulsion 2 coats',
      'seal matt',
      'wash tide 1:4',
      'seal matt',
      'wash umber 1:4 face 30%',
      'weed dark sponge ends 15%',
      'drybrush pale lichen 10%',
    ],
  },
  {
    job: 'J09 rusted dredger bucket',
    kind: 'Box, to be put together further',
    lines: [
      'shellac seal',
      'slate dark brush coat 2 coats',
      'sponge peat brown 20%',
      'streak iron streak top 10%',
      'seal matt all',
      'rust ochre powder sides 15%',
      'fix sides',
      'glue top 20%',
      'scatter static grass top 20%',
    ],
  },
  {
    job: 'J15 scrap gondola',
    kind: 'Open wagon',
    lines: [
      'take off wheel treads',
      'clean all',
      'lacquer primer',
      'airbrush matt acrylic #7a3b22 2 coats',
      'seal gloss sides',
      'decals sides',
      'seal matt sides',
      'scrape peat brown sides 8%',
      'graphite lines sides 3%',
      'rust ochre powder interior 40%',
      'fix interior',
      'put back wheel treads',
    ],
  },
  {
    job: 'J17 harbour shunter',
    kind: 'Locomotive, bonnet and cab',
    lines: [
      'take out glazing',
      'mask wheel treads and pick-ups',
      'clean all',
      'lacquer primer',
      'airbrush matt acrylic #3d4a39 2 coats',
      'seal gloss all',
      'wash umber 1:4 sides 35%',
      'take tape off wheel treads and pick-ups',
      'brush coat matt clear all but glazing',
      'peat dust powder underframe 20%',
      'black powder roof 25%',
      'fix roof underframe',
      'graphite edges floor 4%',
      'put back glazing',
    ],
  },
];

for (const { job, kind, lines } of JOBS)
  test(`${job}: by hand, from notes to the log`, async ({ bench: page }) => {
    test.slow();
    await clearTheBench(page);
    await make(page, job, kind);
    const notes = await pasteNotes(page, lines);
    await notes.getByRole('button', { name: `Add ${String(lines.length)} steps` }).click();
    await expect(notes).toHaveCount(0);
    await expect(rows(page)).toHaveCount(lines.length);
    await saved(page);
    await expect(page.getByRole('group', { name: /^Snag at step/ })).toHaveCount(0);
    let done = 0;
    await throughTheEvenings(page, () => {
      done++;
      return Promise.resolve();
    });
    expect(done).toBeGreaterThanOrEqual(lines.length);
    await asPlannedInTheLog(page, job);
  });
