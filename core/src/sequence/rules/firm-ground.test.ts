import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainBottle, suppliesOf } from '../../materials/index.js';
import { checkSequence, checkWithFixes, type Finding, type Severity } from '../index.js';
import { problem, subject, type Short, type SubjectGiven } from '../example.js';

/** What one rule says of a sequence: step numbers from 1, with severities. */
function told(rule: string, steps: readonly Short[], on: SubjectGiven = {}, more: object = {}): string[] {
  const { findings } = checkSequence({ ...problem(steps, subject(on)), ...more });
  return findings.filter((f) => f.rule === rule).map((f) => `${f.severity}@${String(f.stepIndex + 1)}`);
}

describe('powder under clear coats', () => {
  const under = (colour: string, binder: Short, allowance?: number): string[] =>
    told('clear-mutes-powder', [['powder-dry', 'pigment-dry', { colour, ...(allowance ? { allowance } : {}) }], binder]);
  const CLEAR: Short = ['clear-coat', 'clear-matt-acrylic'];
  const FIX: Short = ['fix', 'fixer-alcohol'];

  test('clear coat and fixer alike take from mid and pale tones, and leave dark ones', () => {
    for (const binder of [CLEAR, FIX]) {
      expect(under('#b5622a', binder)).toEqual(['caution@2']);
      expect(under('#d9d4c6', binder)).toEqual(['caution@2']);
      expect(under('#1c1a19', binder)).toEqual([]);
    }
  });

  test('what was put on stronger, or holds by itself, is not told', () => {
    expect(under('#b5622a', CLEAR, 2)).toEqual([]);
    expect(told('clear-mutes-powder', [['powder-dry', 'pigment-self-adhesive', { colour: '#b5622a' }], CLEAR])).toEqual([]);
  });

  test('powder that is bound already is not taken a second time', () => {
    const twice: Short[] = [['powder-dry', 'pigment-dry', { colour: '#b5622a' }], FIX, CLEAR];
    expect(told('clear-mutes-powder', twice)).toEqual(['caution@2']);
  });

  test('a bottle’s own colour counts', () => {
    const bottles = [plainBottle({ id: 'soot', name: 'Soot', material: 'pigment-dry', colour: '#1c1a19' })];
    const supplies = suppliesOf({ bottles, materials: [] });
    expect(told('clear-mutes-powder', [['powder-dry', 'pigment-dry', { bottleId: 'soot' }], CLEAR], {}, { supplies })).toEqual([]);
  });

  test('the allowance that is offered is enough, whatever the tone', () => {
    const tone = fc.integer({ min: 0, max: 255 }).map((n) => `#${n.toString(16).padStart(2, '0').repeat(3)}`);
    fc.assert(
      fc.property(tone, (colour) => {
        const { findings } = checkWithFixes(problem([['powder-dry', 'pigment-dry', { colour }], CLEAR]));
        const muted = findings.find((f) => f.rule === 'clear-mutes-powder');
        if (muted) expect(muted.fixes.map((fix) => fix.way)).toContain('adjust');
      }),
    );
  });
});

describe('places to keep clean', () => {
  const spray: Short = ['spray-coat', 'primer-lacquer-aerosol'];
  test('treads, bearings and pick-ups are told apart, couplers are left to the painter', () => {
    for (const place of ['wheel-treads', 'bearings', 'pick-ups'] as const)
      expect(told('keep-clean-unprotected', [spray], { keepClean: [place] })).toEqual(['caution@1']);
    expect(told('keep-clean-unprotected', [spray], { keepClean: ['couplers'] })).toEqual([]);
  });

  test('a mask or a part taken off protects; cleaning later helps treads only', () => {
    const masked: Short[] = [['mask', 'masking-tape', { zones: ['pick-ups'] }], spray, ['unmask', null, { zones: ['pick-ups'] }]];
    expect(told('keep-clean-unprotected', masked, { keepClean: ['pick-ups'] })).toEqual([]);
    const cleaned = (place: 'wheel-treads' | 'pick-ups'): string[] =>
      told('keep-clean-unprotected', [spray, ['clean-treads', null, { zones: [place] }]], { keepClean: [place] });
    expect(cleaned('wheel-treads')).toEqual([]);
    expect(cleaned('pick-ups')).toEqual(['caution@1']);
  });

  test('a brush does not reach them, nor a spray on the roof', () => {
    expect(told('keep-clean-unprotected', [['brush-coat', 'acrylic-matt']], { keepClean: ['wheel-treads'] })).toEqual([]);
    expect(
      told('keep-clean-unprotected', [['spray-coat', 'primer-lacquer-aerosol', { zones: ['roof'] }]], { keepClean: ['wheel-treads'] }),
    ).toEqual([]);
  });
});

describe('parts that come off', () => {
  test('take all their zones with them, and `all` does not reach what is off', () => {
    const wheels = { zones: ['wheels'], partId: 'wheelsets' };
    const { steps } = checkSequence(
      problem(
        [
          ['take-off', null, { zones: ['wheels'] }],
          ['brush-coat', 'enamel-matt', { startMin: 10 }],
          ['refit', null, { zones: ['wheels'], startMin: 20 }],
        ],
        subject(wheels),
      ),
    );
    // nothing was laid on the wheels while they were off, so the refit waits for nothing
    expect(steps[2]?.heldUpBy).toBeNull();
  });
});

describe('tape', () => {
  const on = (minutes: number, mask: string): string[] =>
    told(
      'mask-left-long',
      [
        ['mask', mask, { zones: ['glazing'], startMin: 0 }],
        ['unmask', null, { zones: ['glazing'], startMin: minutes }],
      ],
      { keepClean: ['glazing'] },
    );
  test.each([
    ['masking-tape', 2 * 1440],
    ['masking-tape-fine', 1440],
    ['masking-putty', 720],
    ['masking-fluid', 1440],
  ])('%s comes off clean for %i minutes', (mask, mostMin) => {
    expect(on(mostMin, mask)).toEqual([]);
    expect(on(mostMin + 1, mask)).toEqual(['caution@2']);
  });
  test('a mask that stays on is a hint, with its cure', () => {
    const { findings } = checkWithFixes(problem([['mask', 'masking-tape', { zones: ['roof'] }]]));
    const stays = findings.find((f) => f.rule === 'mask-left-long');
    expect(stays).toMatchObject({ severity: 'hint', stepIndex: 0 });
    expect(stays?.fixes[0]?.label).toBe('Unmask at the end');
  });
});

describe('a hot-air gun', () => {
  const after = (material: string, minutes: number): string[] =>
    told(
      'heat-gun-near-vapour',
      [
        ['brush-coat', 'acrylic-matt', { startMin: 0 }],
        ['clean', material, { startMin: 5000 }],
        ['force-dry', null, { drying: 'heat-gun', startMin: 5000 + minutes }],
      ],
      { substrate: 'brass' },
    );
  test('minds what burns for half an hour, also what leaves no layer', () => {
    expect(after('isopropanol-90', 10)).toEqual(['snag@3']);
    expect(after('isopropanol-90', 29)).toEqual(['snag@3']);
    expect(after('isopropanol-90', 30)).toEqual([]);
    expect(after('water', 10)).toEqual([]);
  });
});

describe('what lies bare', () => {
  const first = (substrate: 'brass' | 'card' | 'resin-pu' | 'plaster' | 'polystyrene', step: Short): string[] =>
    told('prime-first', [step], { substrate, startSheen: 'bare' });
  test('metal wants a primer, card no water, plaster and plastic nothing', () => {
    expect(first('brass', ['airbrush-coat', 'lacquer-matt'])).toEqual(['caution@1']);
    expect(first('brass', ['spray-coat', 'primer-etch-aerosol'])).toEqual([]);
    expect(first('card', ['brush-coat', 'acrylic-matt'])).toEqual(['caution@1']);
    expect(first('card', ['brush-coat', 'enamel-matt'])).toEqual([]);
    for (const substrate of ['plaster', 'polystyrene'] as const) expect(first(substrate, ['brush-coat', 'acrylic-matt'])).toEqual([]);
  });
  test('resin wants washing where nobody said that it is clean', () => {
    const piece = { ...subject({ substrate: 'resin-pu', startSheen: 'bare' }), cleaned: false };
    const rules = (steps: Short[]) => checkSequence(problem(steps, piece)).findings.map((f) => f.rule);
    expect(rules([['spray-coat', 'primer-lacquer-aerosol']])).toContain('prime-first');
    expect(
      rules([
        ['clean', 'water-detergent'],
        ['spray-coat', 'primer-lacquer-aerosol'],
      ]),
    ).not.toContain('prime-first');
  });
  test('what came painted is not bare', () => {
    expect(told('prime-first', [['brush-coat', 'acrylic-matt']], { substrate: 'brass', startSheen: 'matt' })).toEqual([]);
  });
});

describe('film over detail', () => {
  const relief = { grooveDepthUm: 100, grooveWidthUm: 100, crestHeightUm: 0 };
  const after = (dryUm: number, technique = 'airbrush-coat', coats = 1): Severity | null => {
    const [said] = told('build-over-detail', [[technique, 'acrylic-matt', { dryUm, coats }]], { relief });
    return (said?.split('@')[0] as Severity | undefined) ?? null;
  };
  test('a spray takes twice its film of the width, a brush its film of the depth', () => {
    expect([24, 25, 37, 38].map((um) => after(um))).toEqual([null, 'caution', 'caution', 'snag']);
    expect([49, 50, 74, 75].map((um) => after(um, 'brush-coat'))).toEqual([null, 'caution', 'caution', 'snag']);
    expect(after(13, 'airbrush-coat', 3)).toBe('snag');
  });
  test('is told where it is crossed, once each', () => {
    const coats: Short[] = Array.from({ length: 8 }, () => ['brush-coat', 'acrylic-matt', { dryUm: 10 }]);
    expect(told('build-over-detail', coats, { relief })).toEqual(['caution@5', 'snag@8']);
  });
  test('patches, glue and what is never seen do not count', () => {
    expect(told('build-over-detail', [['stipple-paste', 'texture-paste-acrylic', { coverPct: 40 }]], { relief })).toEqual([]);
    expect(told('build-over-detail', [['glue', 'white-glue', { coverPct: 100 }]], { relief })).toEqual([]);
    expect(told('build-over-detail', [['brush-coat', 'acrylic-matt', { dryUm: 90 }]], { relief, seen: 'never' })).toEqual([]);
  });
});

describe('order of the last things', () => {
  test('a highlight is told only while an opaque coat comes over its own zone', () => {
    const later = (zone: string, more: object = {}): string[] =>
      told('highlight-before-colour', [
        ['drybrush', 'acrylic-matt', { zones: ['roof'] }],
        ['brush-coat', 'acrylic-matt', { zones: [zone], ...more }],
      ]);
    expect(later('roof')).toEqual(['caution@1']);
    expect(later('side-lower')).toEqual([]);
    expect(later('roof', { coverPct: 20 })).toEqual([]);
  });
  test('crests under a chipping layer are meant to be covered', () => {
    const chips: Short[] = [
      ['drybrush', 'acrylic-metallic'],
      ['spray-coat', 'chipping-medium'],
      ['airbrush-coat', 'acrylic-matt'],
    ];
    expect(told('highlight-before-colour', chips)).toEqual([]);
  });
  test('the sheen of the last wide coat counts, and what is never seen does not', () => {
    const gloss: Short[] = [['clear-coat', 'clear-gloss-acrylic']];
    expect(told('sheen-at-end', gloss)).toEqual(['caution@1']);
    expect(told('sheen-at-end', gloss, { sheenWanted: 'gloss' })).toEqual([]);
    expect(told('sheen-at-end', gloss, { seen: 'never' })).toEqual([]);
    expect(told('sheen-at-end', [...gloss, ['powder-dry', 'pigment-self-adhesive']])).toEqual(['caution@1']);
  });
  test('a load ends dull under its aggregate, whatever the glue', () => {
    const load: Short[] = [
      ['glue', 'white-glue', { coverPct: 100 }],
      ['scatter', 'aggregate'],
      ['flood-glue', 'white-glue-dilute'],
    ];
    expect(told('sheen-at-end', load)).toEqual([]);
  });
  test('mechanics are told on the whole piece, scribing too', () => {
    const late = (technique: string): string[] =>
      told('mechanics-after-finish', [
        ['brush-coat', 'acrylic-matt', { zones: ['roof'] }],
        [technique, null, { zones: ['side-lower'] }],
      ]);
    expect(late('prep-mechanical')).toEqual(['caution@2']);
    expect(late('scribe')).toEqual(['caution@2']);
    expect(late('inspect')).toEqual([]);
  });
});

describe('streaks', () => {
  const features = [
    { label: 'Hinge', zoneId: 'side-upper' },
    { label: 'Axle box', zoneId: 'underframe' },
  ];
  const from = (source: string): string[] =>
    told('streak-without-source', [['streak', 'wash-oil', { source, zones: ['side-lower'] }]], {
      zones: ['side-upper', 'side-lower', 'underframe'],
      features,
    });
  test('run from what is above, not from what is below', () => {
    expect(from('Hinge')).toEqual([]);
    expect(from('axle box')).toEqual(['caution@1']);
    expect(from('rain off the load')).toEqual([]);
  });
});

describe('decals', () => {
  const GLOSS: Short = ['clear-coat', 'clear-gloss-acrylic'];
  const DECAL: Short = ['decal', 'decal-waterslide', { zones: ['roof'] }];
  test('are spoiled by solvent, powder and rubbing; water and a coat do no harm', () => {
    const over = (step: Short): string[] => told('decal-unsealed', [GLOSS, DECAL, step, ['clear-coat', 'clear-matt-acrylic']]);
    expect(over(['wash', 'wash-enamel'])).toEqual(['snag@3']);
    expect(over(['powder-dry', 'pigment-dry', { allowance: 2 }])).toEqual(['snag@3']);
    expect(over(['mask', 'masking-tape', { zones: ['roof'] }])).toEqual(['snag@3']);
    expect(over(['wash', 'wash-acrylic'])).toEqual([]);
    expect(over(['clear-coat', 'clear-satin-lacquer-aerosol'])).toEqual([]);
  });
  test('on another zone nothing happens', () => {
    expect(told('decal-unsealed', [GLOSS, DECAL, ['wash', 'wash-enamel', { zones: ['side-lower'] }]])).toEqual([]);
  });
  test('left open at the end matters where the piece is handled', () => {
    expect(told('decal-unsealed', [GLOSS, DECAL], { handled: true })).toEqual(['snag@2']);
    expect(told('decal-unsealed', [GLOSS, DECAL])).toEqual([]);
  });
});

describe('bottles', () => {
  const months = (n: number): string[] => told('old-bottle', [['brush-coat', 'acrylic-matt']], {}, { bottleAgesDays: [n * 30.4375] });
  test('past their life they are told once, at their first use', () => {
    expect(months(24)).toEqual([]);
    expect(months(24.1)).toEqual(['caution@1']);
    const twice = told(
      'old-bottle',
      [
        ['brush-coat', 'acrylic-matt'],
        ['drybrush', 'acrylic-matt'],
      ],
      {},
      { bottleAgesDays: [2000, 2000] },
    );
    expect(twice).toEqual(['caution@1']);
  });
  test('a bottle ages while the sequence runs', () => {
    const late = told('old-bottle', [['brush-coat', 'acrylic-matt', { startMin: 10 * 1440 }]], {}, { bottleAgesDays: [725] });
    expect(late).toEqual(['caution@1']);
  });
  test('a good bottle of the same kind is offered instead', () => {
    const bottle = (id: string, openedOn: string | null) =>
      plainBottle({ id, name: id, material: 'acrylic-matt', colour: '#888888', openedOn });
    const supplies = suppliesOf({ bottles: [bottle('old', '2020-01-01'), bottle('new', null)], materials: [] });
    const p = { ...problem([['brush-coat', 'acrylic-matt', { bottleId: 'old' }]]), supplies, bottleAgesDays: [2000] };
    const [finding] = checkSequence(p, { propose: true }).findings.filter((f: Finding) => f.rule === 'old-bottle');
    expect(finding?.message).toContain('old has been open longer');
    expect(finding?.fixes.map((fix) => fix.label)).toEqual(['Take new instead']);
  });
  test('a trial noted on the bottle counts, and lasts', () => {
    const tried = (triedOn: string | null) =>
      plainBottle({ id: 'can', name: 'Can', material: 'clear-matt-hardware-aerosol', colour: '#eeeeee', triedOn });
    const said = (triedOn: string | null) =>
      told(
        'test-first',
        [['clear-coat', 'clear-matt-hardware-aerosol', { bottleId: 'can' }]],
        {},
        { supplies: suppliesOf({ bottles: [tried(triedOn)], materials: [] }) },
      );
    expect(said(null)).toEqual(['caution@1']);
    expect(said('2025-02-01')).toEqual([]);
  });
});

describe('whatever is laid down', () => {
  test('a fix that is offered never adds a snag', () => {
    const step = fc.constantFrom<Short>(
      ['powder-dry', 'pigment-dry'],
      ['clear-coat', 'clear-gloss-acrylic'],
      ['clear-coat', 'clear-matt-hardware-aerosol'],
      ['decal', 'decal-waterslide', { zones: ['roof'] }],
      ['wash', 'wash-enamel'],
      ['drybrush', 'acrylic-matt'],
      ['brush-coat', 'enamel-matt'],
      ['spray-coat', 'primer-lacquer-aerosol'],
      ['streak', 'wash-oil', { direction: 'sideways' }],
      ['fix', 'fixer-spirit'],
    );
    const snags = (findings: readonly Finding[]): number => findings.filter((f) => f.severity === 'snag').length;
    fc.assert(
      fc.property(fc.array(step, { minLength: 1, maxLength: 5 }), fc.boolean(), (steps, handled) => {
        const p = problem(steps, subject({ handled, keepClean: ['glazing', 'wheel-treads'] }));
        const report = checkWithFixes(p);
        for (const finding of report.findings)
          for (const fix of finding.fixes) {
            const changed = p.steps.flatMap((s, at) => {
              const before = fix.edits.flatMap((edit) =>
                edit.kind === 'insert' && edit.at === at ? [{ ...edit.step, id: `n${String(at)}` }] : [],
              );
              const patched = fix.edits.reduce(
                (now, edit) => (edit.kind === 'patch' && edit.at === at ? { ...now, ...edit.patch } : now),
                s,
              );
              return fix.edits.some((edit) => edit.kind === 'remove' && edit.at === at) ? before : [...before, patched];
            });
            const end = fix.edits.flatMap((edit) =>
              edit.kind === 'insert' && edit.at === p.steps.length ? [{ ...edit.step, id: 'end' }] : [],
            );
            const all = [...changed, ...end];
            const after = checkSequence({ ...p, steps: all, startsMin: all.map(() => null), durationsMin: all.map(() => 0) });
            expect(snags(after.findings)).toBeLessThanOrEqual(snags(report.findings));
          }
      }),
      { numRuns: 60 },
    );
  });
});
