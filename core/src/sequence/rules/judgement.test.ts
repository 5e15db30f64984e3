import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MATERIALS } from '../../materials/index.js';
import { TECHNIQUES } from '../../techniques/index.js';
import { plainStep } from '../../subjects/index.js';
import {
  ALONE,
  applyFix,
  checkSequence,
  checkWithFixes,
  looksAlong,
  mixKeyOf,
  type Finding,
  type Fix,
  type SequenceProblem,
} from '../index.js';
import { problem, subject, type Short, type SubjectGiven } from '../example.js';
import { deltaE00OfHex } from '../../colour/index.js';

const told = (rule: string, steps: readonly Short[], on: SubjectGiven = {}): string[] =>
  checkSequence(problem(steps, subject(on)))
    .findings.filter((f) => f.rule === rule)
    .map((f) => `${f.severity}@${String(f.stepIndex + 1)}`);

const GREEN: Short = ['brush-coat', 'acrylic-matt', { colour: '#5f6f47' }];
const powder = (colour: string, coverPct: number, more: object = {}): Short => ['powder-dry', 'pigment-dry', { colour, coverPct, ...more }];
const RUST = '#b5622a';
const EARTH = '#6e5a45';

describe('bright after dull', () => {
  test('a hint from a quarter of the zone, a caution from half, nothing below', () => {
    const after = (coverPct: number) => told('bright-after-dull', [powder(EARTH, 60), powder(RUST, coverPct)]);
    expect([after(24), after(25), after(49), after(50)]).toEqual([[], ['hint@2'], ['hint@2'], ['caution@2']]);
  });

  test('bright first, a weak breath of it, another zone, or no dull tone to speak of: nothing', () => {
    expect(told('bright-after-dull', [powder(RUST, 60), powder(EARTH, 60)])).toEqual([]);
    expect(told('bright-after-dull', [powder(EARTH, 60), powder(RUST, 60, { strength: 0.3 })])).toEqual([]);
    expect(told('bright-after-dull', [powder(EARTH, 60, { zones: ['roof'] }), powder(RUST, 60, { zones: ['side-lower'] })])).toEqual([]);
    expect(told('bright-after-dull', [powder(EARTH, 10), powder(RUST, 60)])).toEqual([]);
  });
});

describe('tones', () => {
  const TONE: Short = ['sponge', 'acrylic-matt', { colour: '#a39985', coverPct: 15 }];

  test('a tone is lost under powder packed on, at the step that does it', () => {
    expect(told('tone-lost', [GREEN, TONE, powder(EARTH, 30)])).toEqual([]);
    expect(told('tone-lost', [GREEN, TONE, powder(EARTH, 100), powder(EARTH, 100)])).toHaveLength(1);
  });

  test('without told colours nothing is judged; a new ground coat is meant to cover', () => {
    expect(told('tone-lost', [['brush-coat', 'acrylic-matt'], TONE, powder(EARTH, 100), powder(EARTH, 100)])).toEqual([]);
    expect(told('tone-lost', [GREEN, TONE, ['brush-coat', 'acrylic-matt', { colour: '#703020', coats: 2 }]])).toEqual([]);
  });

  test('a wash makes depth, a filter of its colour again and again takes it', () => {
    const wash: Short = ['wash', 'wash-acrylic', { colour: '#3b2f25' }];
    const filters = Array.from({ length: 24 }, (): Short => ['filter', 'wash-acrylic', { colour: '#3b2f25' }]);
    expect(told('tone-lost', [GREEN, wash])).toEqual([]);
    expect(told('tone-lost', [GREEN, wash, ...filters])).toHaveLength(1);
  });
});

describe('stop here', () => {
  test('told once, at the step that crosses what the kind usually takes', () => {
    const chips = (...covers: number[]): Short[] => covers.map((coverPct) => ['sponge', 'acrylic-matt', { colour: '#4a2f22', coverPct }]);
    expect(told('coverage-overdone', chips(10, 9))).toEqual([]);
    expect(told('coverage-overdone', chips(10, 10, 5, 5))).toEqual(['hint@3']);
  });

  test('kinds do not add up; a new ground starts anew', () => {
    expect(
      told('coverage-overdone', [
        ['sponge', 'acrylic-matt', { coverPct: 18 }],
        ['drybrush', 'acrylic-matt', { coverPct: 30 }],
      ]),
    ).toEqual([]);
    const again: Short[] = [['sponge', 'acrylic-matt', { coverPct: 18 }], GREEN, ['sponge', 'acrylic-matt', { coverPct: 18 }]];
    expect(told('coverage-overdone', again)).toEqual([]);
  });
});

describe('look before you seal', () => {
  const EFFECTS: Short[] = [
    ['wash', 'wash-acrylic'],
    ['sponge', 'acrylic-matt', { coverPct: 6 }],
  ];
  const SEAL: Short = ['clear-coat', 'clear-matt-acrylic'];

  test('a group of effects wants a look, one does not', () => {
    expect(told('look-first', [...EFFECTS, SEAL])).toEqual(['hint@3']);
    expect(told('look-first', [EFFECTS[0]!, SEAL])).toEqual([]);
  });

  test('a gate at the last effect or a look does; one before it does not', () => {
    const gated = (i: number): Short[] =>
      EFFECTS.map(([technique, material, more], at) => [technique, material, { ...more, ...(at === i ? { gate: 'Enough?' } : {}) }]);
    expect(told('look-first', [...gated(1), SEAL])).toEqual([]);
    expect(told('look-first', [...gated(0), SEAL])).toEqual(['hint@3']);
    expect(told('look-first', [...EFFECTS, ['inspect', null], SEAL])).toEqual([]);
  });
});

describe('a batch', () => {
  const mix: Short[] = [
    ['filter', 'wash-acrylic', { members: ['a'], dilution: { thinner: 'water', parts: [1, 6] } }],
    ['filter', 'wash-acrylic', { members: ['b'], dilution: { thinner: 'water', parts: [1, 6] } }],
  ];
  const company = (likeness: 'alike' | 'own', models: number, varied = false): SubjectGiven => ({
    company: { ...ALONE, likeness, models, varied },
  });

  test('the mix of another piece that does not keep until this step is told once', () => {
    const dilution = { thinner: 'water', parts: [1, 6] as [number, number] };
    const step: Short = ['filter', 'wash-acrylic', { dilution, startMin: 10_000 }];
    const mix = mixKeyOf(plainStep({ id: 's', technique: 'filter', material: 'wash-acrylic', zones: ['all'], dilution }))!;
    const after = (startMin: number, likeness: 'alike' | 'own' = 'alike'): SubjectGiven => ({
      company: { ...ALONE, likeness, models: 2, mixed: [{ name: 'Van 14', mix, technique: 'filter', startMin }] },
    });
    // thinned acrylic keeps two days, 2880 minutes
    expect(told('unmixed-batch', [step], after(10_000 - 2881))).toEqual(['hint@1']);
    expect(told('unmixed-batch', [step], after(10_000 - 2880))).toEqual([]);
    expect(told('unmixed-batch', [step], after(12_000))).toEqual([]);
    expect(told('unmixed-batch', [step], after(0, 'own'))).toEqual([]);
  });

  test('a mix made anew is told where the pieces are to match', () => {
    expect(told('unmixed-batch', mix, company('alike', 2))).toEqual(['hint@2']);
    expect(told('unmixed-batch', mix, company('own', 2))).toEqual([]);
    expect(
      told(
        'unmixed-batch',
        [mix[0]!, ['filter', 'wash-acrylic', { members: ['b'], dilution: { thinner: 'water', parts: [1, 9] } }]],
        company('alike', 2),
      ),
    ).toEqual([]);
  });

  test('twins are told where each is to be its own, at the first step, once', () => {
    expect(told('fleet-twins', [GREEN, GREEN], company('own', 3))).toEqual(['hint@1']);
    expect(told('fleet-twins', [GREEN], company('own', 3, true))).toEqual([]);
    expect(told('fleet-twins', [GREEN], company('alike', 3))).toEqual([]);
    expect(told('fleet-twins', [GREEN], company('own', 1))).toEqual([]);
  });
});

describe('how serious a rule is taken', () => {
  const steps: Short[] = [
    ['brush-coat', 'enamel-matt'],
    ['wash', 'wash-enamel'],
  ];
  const found = (more: Partial<SequenceProblem>) =>
    checkSequence({ ...problem(steps), ...more }).findings.filter((f) => f.rule === 'solvent-lifts-layer');

  test('as judged, otherwise, or not at all', () => {
    expect(found({}).map((f) => f.severity)).toEqual(['snag']);
    expect(found({ severities: { 'solvent-lifts-layer': 'hint' } }).map((f) => f.severity)).toEqual(['hint']);
    expect(found({ severities: { 'solvent-lifts-layer': 'off' } })).toEqual([]);
  });

  test('what is let stand is told with its reason, at that step only', () => {
    expect(found({ waivers: [{ rule: 'solvent-lifts-layer', stepId: 's2', reason: 'tried' }] }).map((f) => f.waived)).toEqual(['tried']);
    expect(found({ waivers: [{ rule: 'solvent-lifts-layer', stepId: 's1', reason: 'tried' }] }).map((f) => f.waived)).toEqual([null]);
  });
});

test('whatever the sequence: no fix that is offered adds a snag', () => {
  const step = fc.constantFrom(...TECHNIQUES).chain((technique) =>
    fc
      .record({
        material: fc.constantFrom(
          ...(technique.roles.length > 0 ? MATERIALS.filter((m) => technique.roles.includes(m.role)).map((m) => m.id) : [null]),
        ),
        zones: fc.constantFrom<string[]>(['all'], ['roof'], ['side-lower']),
        colour: fc.constantFrom(null, RUST, EARTH, '#d9d4c6', '#1e1c1b'),
        coverPct: fc.constantFrom(null, 8, 40, 100),
      })
      .map(({ material, ...more }): Short => [technique.id, material, more]),
  );
  const snags = (findings: readonly Finding[]) => findings.filter((f) => f.severity === 'snag');
  const after = (given: SequenceProblem, fix: Fix): SequenceProblem => {
    const changed = applyFix(given.steps, fix, (n) => `new${String(n)}`);
    return { ...given, steps: changed, startsMin: [], durationsMin: [] };
  };
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 6 }), fc.boolean(), (steps, handled) => {
      const given = problem(steps, subject({ handled, keepClean: ['glazing', 'wheel-treads'] }));
      const { findings } = checkWithFixes(given);
      for (const finding of findings)
        for (const fix of finding.fixes) {
          const added = snags(checkSequence(after(given, fix)).findings).filter(
            ({ rule, zones }) => !snags(findings).some((old) => old.rule === rule && old.zones.some((zone) => zones.includes(zone))),
          );
          expect([fix.label, added.map(({ message }) => message)]).toEqual([fix.label, []]);
        }
    }),
    { numRuns: 150 },
  );
});

describe('the predicted look', () => {
  const looks = (steps: readonly Short[], zone = 'roof') => looksAlong(problem(steps)).map((all) => all[zone]!);

  test('a coat hides, a wash darkens the recess, a drybrush lights the crest, powder veils the face', () => {
    const [, green, washed, lit, dusted] = looks([
      GREEN,
      ['wash', 'wash-acrylic', { colour: '#201a14' }],
      ['drybrush', 'acrylic-matt', { colour: '#e0e0d0', coverPct: 10 }],
      powder('#d9d4c6', 60),
    ]);
    expect(deltaE00OfHex(green!.face, '#5f6f47')).toBeLessThan(6);
    expect(deltaE00OfHex(washed!.recess, green!.recess)).toBeGreaterThan(3 * deltaE00OfHex(washed!.face, green!.face));
    expect(deltaE00OfHex(lit!.crest, washed!.crest)).toBeGreaterThan(5);
    expect(lit!.recess).toBe(washed!.recess);
    expect(deltaE00OfHex(dusted!.face, '#d9d4c6')).toBeLessThan(deltaE00OfHex(lit!.face, '#d9d4c6'));
  });

  test('a clear coat takes nearly all of a pale dust, half of a mid tone, hardly any soot', () => {
    const left = (colour: string) => {
      const [, before, dusted, sealed] = looks([GREEN, powder(colour, 60), ['clear-coat', 'clear-matt-acrylic']]);
      return deltaE00OfHex(sealed!.face, before!.face) / deltaE00OfHex(dusted!.face, before!.face);
    };
    expect(left('#e6e2d8')).toBeLessThan(0.35);
    expect(left(RUST)).toBeGreaterThan(left('#e6e2d8'));
    expect(left('#1e1c1b')).toBeGreaterThan(0.85);
  });

  test('chips show what lies under the soluble layer', () => {
    const rusty: Short[] = [
      ['airbrush-coat', 'lacquer-matt', { colour: '#6b3a22' }],
      ['spray-coat', 'chipping-medium', { coats: 2 }],
      ['airbrush-coat', 'acrylic-matt', { colour: '#5f6f47', coats: 2 }],
      ['chip', 'water', { coverPct: 15 }],
    ];
    const all = looks(rusty);
    expect(deltaE00OfHex(all[4]!.crest, all[1]!.crest)).toBeLessThan(deltaE00OfHex(all[3]!.crest, all[1]!.crest));
  });

  const channel = (hex: string, at: number): number => parseInt(hex.slice(at, at + 2), 16);

  test('light only ever moves towards what is laid over it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), fc.integer({ min: 1, max: 4 }), (coverPct, passes) => {
        const all = looks([GREEN, ...Array.from({ length: passes }, () => powder('#d9d4c6', coverPct))]);
        // each of red, green and blue by itself: near the end the three arrive one after the other, and the difference of colour may rise again for that
        const away = (face: string): number[] => [1, 3, 5].map((at) => Math.abs(channel(face, at) - channel('#d9d4c6', at)));
        for (let i = 2; i < all.length; i++)
          away(all[i]!.face).forEach((now, k) => expect(now).toBeLessThanOrEqual(away(all[i - 1]!.face)[k]!));
      }),
    );
  });
});
