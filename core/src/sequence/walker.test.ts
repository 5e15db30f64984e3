import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MATERIALS } from '../materials/index.js';
import { TECHNIQUES } from '../techniques/index.js';
import { checkSequence, type Finding } from './index.js';
import { problem, subject, type Short } from './example.js';

const told = (findings: readonly Finding[]): string[] => findings.map((f) => `${f.rule}@${String(f.stepIndex + 1)}`);
const check = (...args: Parameters<typeof problem>) => checkSequence(problem(...args));

const technique = fc.constantFrom(...TECHNIQUES.map((t) => t.id));
const anyShort: fc.Arbitrary<Short> = technique.chain((id) => {
  const roles = TECHNIQUES.find((t) => t.id === id)!.roles;
  const fitting = MATERIALS.filter((m) => roles.includes(m.role)).map((m) => m.id);
  const material = fitting.length > 0 ? fc.constantFrom<string | null>(...fitting) : fc.constant(null);
  return fc.tuple(
    fc.constant(id),
    material,
    fc.record({ zones: fc.constantFrom(['all'], ['roof'], ['side-lower']), coats: fc.integer({ min: 1, max: 3 }) }),
  );
});
const anySequence = fc.array(anyShort, { minLength: 1, maxLength: 14 });

describe('the walk', () => {
  test('same input, same report', () => {
    fc.assert(fc.property(anySequence, (steps) => expect(check(steps)).toEqual(check(steps))));
  });

  test('started as soon as it may, nothing comes too soon or between windows', () => {
    fc.assert(
      fc.property(anySequence, (steps) => {
        const rules = check(steps).findings.map((f) => f.rule);
        expect(rules).not.toContain('too-soon');
        expect(rules).not.toContain('between-windows');
      }),
      { numRuns: 300 },
    );
  });

  test('steps follow one another, and stages their layer', () => {
    fc.assert(
      fc.property(anySequence, (steps) => {
        const { steps: reports } = check(steps);
        reports.forEach((report, i) => {
          expect(report.startMin).toBeGreaterThanOrEqual(reports[i - 1]?.endMin ?? 0);
          if (report.ripening) expect(report.ripening.touchMin).toBeGreaterThanOrEqual(report.endMin);
        });
      }),
    );
  });

  test('what is done on one zone does not touch another', () => {
    fc.assert(
      fc.property(anySequence, (steps) => {
        const elsewhere = steps.map(([t, m, more]): Short => [t, m, { ...more, zones: ['roof'] }]);
        const found = check([['brush-coat', 'enamel-matt', { zones: ['side-lower'], startMin: 0 }], ...elsewhere]).findings;
        // a firm grip is on the whole piece
        expect(found.filter((f) => f.causeIndex === 0 && f.rule !== 'mechanics-after-finish')).toEqual([]);
      }),
    );
  });

  test('an unknown technique, material or thinner is named', () => {
    expect(() => check([['sneeze', null]])).toThrow("technique 'sneeze' is not known");
    expect(() => check([['brush-coat', 'jam']])).toThrow("material 'jam' is not in the catalogue");
    expect(() => check([['brush-coat', 'acrylic-matt', { dilution: { thinner: 'tea', parts: [1, 1] } }]])).toThrow("'tea'");
  });

  test('a layer under a mask is not reached', () => {
    const masked = check([
      ['mask', 'masking-tape', { zones: ['roof'] }],
      ['airbrush-coat', 'acrylic-matt'],
      ['unmask', null, { zones: ['roof'] }],
      ['wash', 'ink-in-alcohol', { zones: ['roof'] }],
    ]);
    expect(told(masked.findings)).toEqual([]);
  });

  test('a mask over part of a zone leaves the rest open', () => {
    const part = check([
      ['mask', 'masking-tape', { zones: ['roof'], coverPct: 10 }],
      ['airbrush-coat', 'acrylic-matt'],
      ['wash', 'ink-in-alcohol', { zones: ['roof'] }],
    ]);
    expect(told(part.findings)).toEqual(['solvent-lifts-layer@3']);
  });

  test('says what holds a step up', () => {
    const { steps } = check([
      ['airbrush-coat', 'acrylic-matt'],
      ['airbrush-coat', 'acrylic-satin'],
    ]);
    expect(steps[1]?.heldUpBy).toBe(0);
    expect(steps[1]?.earliestMin).toBeCloseTo(steps[0]!.ripening!.recoatFromMin, 6);
  });

  test('tape comes off while the last coat over it gives way, else within two days', () => {
    const pulled = (startMin: number) =>
      check([
        ['mask', 'masking-tape', { zones: ['roof'], startMin: 0 }],
        ['airbrush-coat', 'acrylic-matt', { startMin: 30 }],
        ['unmask', null, { zones: ['roof'], startMin }],
      ]).steps;
    const [mask, coat, soon] = pulled(60);
    expect(soon?.closesMin).toBe(coat!.ripening!.dryHardMin);
    expect(pulled(1500)[2]?.closesMin).toBe(mask!.endMin + 2 * 24 * 60);
    expect(check([['unmask', null, { zones: ['roof'], startMin: 0 }]]).steps[0]?.closesMin).toBeNull();
  });

  test('coats of one step harden together, and are dry to the touch as one is', () => {
    fc.assert(
      fc.property(fc.constantFrom(...MATERIALS.filter((m) => m.role === 'paint' && m.drying && !m.aerosol).map((m) => m.id)), (id) => {
        const [one, two, three] = [1, 2, 3].map((coats) => {
          const { ripening, endMin } = check([['brush-coat', id, { coats, startMin: 0 }]]).steps[0]!;
          return { hard: ripening!.dryHardMin - endMin, touch: ripening!.touchMin - endMin };
        });
        expect(two!.touch).toBeCloseTo(one!.touch, 6);
        expect(two!.hard).toBeGreaterThanOrEqual(one!.hard);
        expect(three!.hard).toBeGreaterThanOrEqual(two!.hard);
      }),
    );
    const hard = (coats: number) => check([['brush-coat', 'acrylic-matt', { coats, startMin: 0 }]]).steps[0]!.ripening!.dryHardMin;
    expect(hard(2)).toBeGreaterThan(1.5 * hard(1));
  });
});

describe('what can be taken back', () => {
  test('a wash with its thinner until it is proof, over a film that holds', () => {
    const { steps } = check([
      ['clear-coat', 'clear-matt-acrylic'],
      ['wash', 'wash-enamel'],
    ]);
    expect(steps[1]?.takeBack?.withSolvent).toBe('spirit');
    expect(steps[1]?.takeBack?.untilMin).toBe(steps[1]?.ripening?.solventProofMin);
    const overEnamel = check([
      ['brush-coat', 'enamel-matt'],
      ['wash', 'wash-acrylic'],
    ]);
    expect(overEnamel.steps[1]?.takeBack?.withSolvent).toBe('water');
  });

  test('not at all where the layer below would come off too', () => {
    const { steps } = check([
      ['brush-coat', 'acrylic-matt', { startMin: 0 }],
      ['brush-coat', 'acrylic-satin', { startMin: 1 }],
    ]);
    expect(steps[1]?.takeBack).toBeNull();
  });
});

describe('a dryer', () => {
  const readyAfter = (steps: Short[]): number => check(steps).steps.at(-1)!.earliestMin;

  test('held over a thin waterborne coat has done its work when the piece is put down', () => {
    expect(
      readyAfter([
        ['brush-coat', 'acrylic-matt', { drying: 'warm-dryer' }],
        ['brush-coat', 'acrylic-satin'],
      ]),
    ).toBe(0);
    expect(
      readyAfter([
        ['brush-coat', 'acrylic-matt'],
        ['brush-coat', 'acrylic-satin'],
      ]),
    ).toBeCloseTo(30);
  });

  test('cures no enamel and hardly helps paste', () => {
    const [enamel, blown] = (['still', 'warm-dryer'] as const).map((drying) =>
      readyAfter([
        ['brush-coat', 'enamel-matt', { drying }],
        ['mask', 'masking-tape', { zones: ['roof'] }],
      ]),
    );
    // no more is gained than the minutes it was held
    expect(enamel! - blown!).toBeLessThanOrEqual(15);
    const paste = readyAfter([
      ['stipple-paste', 'texture-paste-acrylic', { drying: 'warm-dryer', coverPct: 100 }],
      ['brush-coat', 'acrylic-matt'],
    ]);
    expect(paste).toBeGreaterThan(120);
  });

  test('as a step of its own acts on what lies below, for its minutes', () => {
    const dried = (handsOnMin: number) =>
      readyAfter([
        ['brush-coat', 'acrylic-matt'],
        ['force-dry', null, { handsOnMin, waitMin: 5 }],
        ['brush-coat', 'acrylic-satin'],
      ]);
    expect(dried(2)).toBeLessThan(22);
    expect(dried(4)).toBeLessThan(dried(2));
    expect(dried(2)).toBeGreaterThan(5);
    const paste = readyAfter([
      ['stipple-paste', 'texture-paste-acrylic'],
      ['force-dry', null, { handsOnMin: 5 }],
      ['brush-coat', 'acrylic-matt'],
    ]);
    expect(paste).toBeGreaterThan(150);
  });
});

describe('rules in figures', () => {
  test('the same cause is told once', () => {
    const { findings } = check(
      [
        ['powder-dry', 'pigment-dry'],
        ['powder-dry', 'chalk-dry'],
      ],
      subject({ startSheen: 'gloss' }),
    );
    expect(told(findings)).toEqual(['powder-needs-tooth@1']);
    expect(findings[0]?.zones).toEqual(['side-lower', 'roof']);
  });

  test('softening is a caution, lifting a snag, a chalky film a caution', () => {
    const severity = (steps: Short[]) => check(steps).findings[0]?.severity;
    expect(
      severity([
        ['airbrush-coat', 'acrylic-matt'],
        ['wash', 'ink-in-alcohol'],
      ]),
    ).toBe('caution');
    expect(
      severity([
        ['airbrush-coat', 'acrylic-matt'],
        ['wipe-back', 'isopropanol-90'],
      ]),
    ).toBe('snag');
    expect(
      severity([
        ['brush-coat', 'emulsion-matt'],
        ['wash', 'wash-enamel'],
      ]),
    ).toBe('caution');
  });

  test('evidence names the layer and the time', () => {
    const [finding] = check([
      ['brush-coat', 'enamel-matt', { startMin: 0 }],
      ['wash', 'wash-enamel', { startMin: 1600 }],
    ]).findings;
    expect(finding?.message).toBe('Enamel wash lifts the enamel, matt of step 1.');
    expect(finding?.evidence).toContain('dry-hard, not solvent-proof before');
    expect(finding?.causeIndex).toBe(0);
  });

  test('climate is judged by the air at the bench when the step is done', () => {
    const cold = {
      ...problem([
        ['airbrush-coat', 'acrylic-matt', { startMin: 0 }],
        ['airbrush-coat', 'acrylic-satin', { startMin: 600 }],
      ]),
      bench: [
        { fromMin: -Infinity, toMin: 300, air: { tempC: 20, rhPct: 50 } },
        { fromMin: 300, toMin: Infinity, air: { tempC: 7, rhPct: 50 } },
      ],
    };
    expect(told(checkSequence(cold).findings)).toContain('climate@2');
    expect(told(checkSequence(cold).findings)).not.toContain('climate@1');
  });

  test('a film that dries in a warm cupboard is ready sooner', () => {
    const steps: Short[] = [
      ['brush-coat', 'enamel-matt', { dryingPlace: 'cupboard' }],
      ['brush-coat', 'acrylic-matt'],
    ];
    const places = { cupboard: { tempC: 30, rhPct: 30 } };
    const there = checkSequence({ ...problem(steps), places }).steps[1]!.startMin;
    const here = checkSequence(problem(steps)).steps[1]!.startMin;
    expect(there).toBeLessThan(0.6 * here);
  });
});
