import { describe, expect, test } from '@jest/globals';
import { applyFix, checkSequence, checkWithFixes, expandRounds, fixForPlanned, stepIdOf, type SequenceProblem } from './index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { problem, subject, type Short } from './example.js';

const cured = (p: SequenceProblem) => checkWithFixes(p).findings;

/** The problem after pressing a fix, started as soon as it may. */
function pressed(p: SequenceProblem, index = 0): SequenceProblem {
  const fix = cured(p)[0]?.fixes[index];
  if (!fix) throw new Error('no fix is offered');
  const steps = applyFix(p.steps, fix, (n) => `new${String(n)}`);
  return { ...p, steps, startsMin: steps.map(() => null), durationsMin: steps.map(() => 0) };
}

const SNAGS: [string, Short[], Parameters<typeof subject>[0]][] = [
  [
    'spirit wash on enamel of yesterday',
    [
      ['brush-coat', 'enamel-matt'],
      ['wash', 'wash-enamel'],
    ],
    {},
  ],
  [
    'ink over acrylic',
    [
      ['airbrush-coat', 'acrylic-matt'],
      ['wash', 'ink-in-alcohol'],
    ],
    {},
  ],
  [
    'spirit wash on chalky emulsion',
    [
      ['brush-coat', 'emulsion-matt'],
      ['wash', 'wash-oil'],
    ],
    { substrate: 'plaster', startSheen: 'bare' },
  ],
  ['aerosol on foam', [['spray-coat', 'primer-lacquer-aerosol']], { substrate: 'foam-xps', startSheen: 'bare' }],
  ['superglue on foam', [['glue', 'cyanoacrylate']], { substrate: 'foam-xps', startSheen: 'bare' }],
  ['powder on gloss', [['powder-dry', 'pigment-dry']], { startSheen: 'gloss' }],
  ['powder left loose on a handled piece', [['powder-dry', 'pigment-dry']], { handled: true }],
  [
    'wash over unfixed powder',
    [
      ['powder-dry', 'pigment-dry'],
      ['wash', 'wash-oil'],
    ],
    {},
  ],
  ['decal on matt paint', [['decal', 'decal-waterslide']], {}],
  [
    'streak after its spill',
    [
      ['glue', 'spill-slurry'],
      ['streak', 'acrylic-matt', { source: 'spill on roof' }],
    ],
    {},
  ],
  ['heat gun on plastic', [['brush-coat', 'acrylic-matt', { drying: 'heat-gun' }]], {}],
  ['powder on gloss beside windows', [['powder-dry', 'pigment-dry']], { startSheen: 'gloss', keepClean: ['glazing'] }],
  ['clear coat over windows', [['clear-coat', 'clear-matt-acrylic']], { keepClean: ['glazing'] }],
  [
    'clear coats over windows, twice',
    [
      ['clear-coat', 'clear-gloss-acrylic'],
      ['wash', 'wash-oil'],
      ['clear-coat', 'clear-matt-acrylic'],
    ],
    { keepClean: ['glazing'] },
  ],
];

describe('fixes', () => {
  test.each(SNAGS)('%s: the fixes that are offered cure it', (_name, steps, on) => {
    const p = problem(steps, subject(on));
    const [finding] = cured(p);
    expect(finding?.fixes.length).toBeGreaterThan(0);
    finding?.fixes.forEach((_, i) => {
      const after = checkSequence(pressed(p, i));
      expect(after.findings.filter((f) => f.rule === finding.rule)).toEqual([]);
      expect(after.findings.filter((f) => f.severity === 'snag')).toEqual([]);
    });
  });

  test('a seal lands right before the step, with the windows masked for it', () => {
    const p = problem(
      [
        ['brush-coat', 'enamel-matt', { zones: ['roof'] }],
        ['filter', 'filter-enamel', { zones: ['all'] }],
      ],
      subject({ keepClean: ['glazing'] }),
    );
    const after = pressed(p);
    expect(after.steps.map((s) => s.technique)).toEqual(['brush-coat', 'mask', 'clear-coat', 'unmask', 'filter']);
  });

  test('a swap keeps the ratio and takes the thinner that fits', () => {
    const p = problem([
      ['brush-coat', 'enamel-matt'],
      ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 3] } }],
    ]);
    const swap = cured(p)[0]?.fixes.find((fix) => fix.label.startsWith('Use'));
    const [, wash] = applyFix(p.steps, swap!, () => 'x');
    expect(wash).toMatchObject({ material: 'wash-acrylic', dilution: { thinner: 'water', parts: [1, 3] } });
  });

  test('too soon: a pinned step is given back to the plan', () => {
    const p = problem([
      ['brush-coat', 'enamel-matt', { startMin: 0 }],
      ['drybrush', 'acrylic-matt', { startMin: 60, pinnedAt: '2026-11-24T20:30' }],
    ]);
    const [finding] = cured(p);
    expect(finding?.rule).toBe('too-soon');
    const [, after] = applyFix(p.steps, finding!.fixes[0]!, () => 'x');
    expect(after?.pinnedAt).toBeNull();
  });

  test('between windows: waiting is long enough', () => {
    const p = problem([
      ['airbrush-coat', 'enamel-matt', { startMin: 0 }],
      ['airbrush-coat', 'enamel-matt', { startMin: 480 }],
    ]);
    const finding = cured(p).find((f) => f.rule === 'between-windows');
    const wait = finding!.fixes.find((fix) => fix.label.startsWith('Wait'))!;
    const steps = applyFix(p.steps, wait, () => 'x');
    const { findings, steps: reports } = checkSequence({ ...p, steps, startsMin: [0, null] });
    expect(findings).toEqual([]);
    expect(reports[1]!.startMin).toBeGreaterThanOrEqual(0.65 * 2880);
  });

  test('powder is bound the painter’s own way first', () => {
    const p = problem([['powder-dry', 'pigment-dry']], subject({ handled: true }));
    const first = (fixingPowders: 'fixer' | 'clear') =>
      checkWithFixes({ ...p, schools: { ...USUAL_SCHOOLS, fixingPowders } }).findings.find((f) => f.rule === 'powder-left-loose')?.fixes[0]
        ?.label;
    expect(first('fixer')).toContain('fixer');
    expect(first('clear')).toContain('matt clear');
  });

  test('one rule tells of two places at one step: each has a fix of its own', () => {
    const p = problem([['spray-coat', 'primer-lacquer-aerosol']], subject({ keepClean: ['wheel-treads', 'pick-ups'] }));
    const told = cured(p).filter((f) => f.rule === 'keep-clean-unprotected');
    expect(told.map((f) => f.zones)).toEqual([['wheel-treads'], ['pick-ups']]);
    for (const finding of told) expect(finding.fixes.map((fix) => fix.way)).toContain('mask');
    expect(told[0]?.fixes.map((fix) => fix.label)).toContain('Clean the treads at the end');
  });

  test('what nothing can cure gets no button', () => {
    const p = problem([['airbrush-coat', 'acrylic-matt']], subject(), { tempC: 3, rhPct: 60 });
    const [finding] = cured(p);
    expect(finding?.rule).toBe('climate');
    expect(finding?.fixes).toEqual([]);
  });

  test('the sequence that a fix is made of is left as it was', () => {
    const p = problem(SNAGS[0]![1]);
    const before = JSON.stringify(p.steps);
    pressed(p);
    expect(JSON.stringify(p.steps)).toBe(before);
  });
});

describe('rounds', () => {
  const { steps } = problem([
    ['clean', 'water-detergent'],
    ['powder-dry', 'pigment-dry', { groupId: 'g' }],
    ['fix', 'fixer-alcohol', { groupId: 'g' }],
    ['clear-coat', 'clear-matt-acrylic'],
  ]);
  const done = expandRounds(steps, [{ id: 'g', name: 'Mud', rounds: 2, gate: 'Enough?' }]);

  test('a group is done as often as it has rounds', () => {
    expect(done.map((s) => s.id)).toEqual(['s1', 's2', 's3', 's2~2', 's3~2', 's4']);
    expect(done.map((s) => stepIdOf(s.id))).toEqual(['s1', 's2', 's3', 's2', 's3', 's4']);
  });

  test('a fix in a later round changes the step once', () => {
    const patch = (at: number) => ({ kind: 'patch' as const, at, patch: { coats: 2 } });
    const fix = fixForPlanned({ way: 'swap', label: '', edits: [patch(1), patch(3)] }, done, steps);
    expect(fix.edits).toEqual([patch(1)]);
    expect(fixForPlanned({ way: 'swap', label: '', edits: [{ kind: 'remove', at: 6 }] }, done, steps).edits[0]?.at).toBe(4);
  });
});
