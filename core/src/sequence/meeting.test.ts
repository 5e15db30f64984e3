import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { TECHNIQUES } from '../techniques/index.js';
import { plainStep } from '../subjects/index.js';
import { problem, subject, type Short } from './example.js';
import { checkSequence, incomingOf, relativeOpenings } from './index.js';

const ROOM = { tempC: 20, rhPct: 50 };
const rules = (steps: readonly Short[]): string[] =>
  checkSequence(problem(steps)).findings.map(({ rule, stepIndex, severity }) => `${rule}@${String(stepIndex + 1)} ${severity}`);
/** Minutes that the last step waits for the one before it; null where it asks nothing. */
const waitOf = (before: Short, after: Short): number | null => {
  const lag = relativeOpenings(subject(), problem([before, after]).steps, ROOM).find(({ toIndex }) => toIndex === 1);
  return lag?.list[0]?.fromMin ?? null;
};

const COAT: Short = ['brush-coat', 'acrylic-matt'];

describe('what a step asks of what lies below', () => {
  test('goes by the touch of its tool: light before working before rubbing', () => {
    expect(waitOf(COAT, ['drybrush', 'acrylic-satin'])).toBeCloseTo(15);
    expect(waitOf(COAT, ['wash', 'wash-acrylic'])).toBeCloseTo(30);
    expect(waitOf(COAT, ['mask', 'masking-tape'])).toBeCloseTo(60);
    expect(waitOf(COAT, ['inspect', null])).toBeNull();
  });

  test('goes by what it would lock in, though nothing touches it', () => {
    expect(waitOf(COAT, ['airbrush-coat', 'acrylic-satin'])).toBeCloseTo(30);
    expect(waitOf(COAT, ['airbrush-zenithal', 'acrylic-satin'])).toBeCloseTo(15);
  });

  test('the same can again waits as between coats', () => {
    const can: Short = ['clear-coat', 'clear-matt-lacquer-aerosol', { tool: 'aerosol' }];
    expect(waitOf(can, can)).toBeCloseTo(10);
    expect(
      waitOf(
        ['spray-coat', 'primer-lacquer-aerosol', { colour: '#111111' }],
        ['spray-coat', 'primer-lacquer-aerosol', { colour: '#eeeeee' }],
      ),
    ).toBeCloseTo(15);
  });

  test('thinned twice it is hard sooner and wet for longer; sprayed it is dry in half the time', () => {
    const thinned: Short = ['brush-coat', 'acrylic-matt', { dilution: { thinner: 'water', parts: [1, 1] } }];
    expect(waitOf(thinned, ['drybrush', 'acrylic-satin'])!).toBeGreaterThan(15);
    expect(waitOf(thinned, ['mask', 'masking-tape'])!).toBeLessThan(60);
    expect(waitOf(['airbrush-coat', 'acrylic-matt'], ['drybrush', 'acrylic-satin'])!).toBeLessThan(8);
  });

  test('a heavy hand waits longer than a light one', () => {
    const dabbed = (strength: number): Short => ['wash', 'wash-oil', { strength }];
    expect(waitOf(dabbed(1), ['drybrush', 'acrylic-matt'])!).toBeGreaterThan(waitOf(dabbed(0), ['drybrush', 'acrylic-matt'])! * 2);
  });
});

describe('where steps meet', () => {
  const dots = (coverPct: number, more = {}): Short => ['speckle', 'oil-artist', { coverPct, startMin: 0, ...more }];

  test('dots beside dots do not wait for each other, for the same place they do', () => {
    const later: Short = ['drybrush', 'acrylic-matt', { coverPct: 8, startMin: 60 }];
    expect(rules([dots(5), later])).toEqual([]);
    expect(rules([dots(5, { place: 'hatch' }), ['drybrush', 'acrylic-matt', { coverPct: 8, startMin: 60, place: 'hatch' }]])).toContain(
      'too-soon@2 snag',
    );
    expect(rules([dots(5, { place: 'hatch' }), ['drybrush', 'acrylic-matt', { coverPct: 8, startMin: 60, place: 'step' }]])).toEqual([]);
  });

  test('what goes over all of them meets all of them', () => {
    expect(rules([dots(5), ['wash', 'wash-acrylic', { startMin: 60 }]])).toContain('too-soon@2 snag');
  });

  test('a spirit over a twentieth is a hint, over the whole a snag', () => {
    const line = (coverPct: number): Short => [
      'streak',
      'wash-enamel',
      { coverPct, source: 'rivet', startMin: 700, dilution: { thinner: 'white-spirit', parts: [1, 1] } },
    ];
    const patch: Short = ['brush-coat', 'enamel-matt', { coverPct: 4, startMin: 0 }];
    expect(rules([patch, line(5)]).filter((told) => told.startsWith('solvent'))).toEqual(['solvent-lifts-layer@2 hint']);
    const wash = checkSequence(problem([patch, ['wash', 'wash-enamel', { startMin: 800 }]])).findings.find(
      ({ rule }) => rule === 'solvent-lifts-layer',
    );
    expect(wash?.severity).toBe('snag');
  });

  test('findings say how much they concern, where it is not all', () => {
    const [told] = checkSequence(
      problem([
        ['brush-coat', 'acrylic-matt', { startMin: 0, coverPct: 40 }],
        ['drybrush', 'acrylic-satin', { startMin: 2, coverPct: 20 }],
      ]),
    ).findings;
    expect(told?.evidence).toContain('Concerns about 40 % of it.');
  });

  test('under an unbroken dry coat a layer asks nothing more', () => {
    expect(
      rules([
        ['brush-coat', 'enamel-matt', { startMin: 0 }],
        ['clear-coat', 'clear-matt-acrylic', { startMin: 660 }],
        ['mask', 'masking-tape', { startMin: 760, zones: ['roof'] }],
        ['unmask', null, { startMin: 780, zones: ['roof'] }],
      ]),
    ).toEqual([]);
  });

  test('how much meets never makes a wait shorter (property)', () => {
    const cover = fc.integer({ min: 1, max: 100 });
    fc.assert(
      fc.property(cover, cover, cover, (layer, step, more) => {
        const wait = (at: number) =>
          waitOf(['brush-coat', 'acrylic-matt', { coverPct: 60 }], ['drybrush', 'acrylic-satin', { coverPct: at }]) ?? 0;
        expect(wait(Math.min(100, step + more))).toBeGreaterThanOrEqual(wait(step));
        const small = waitOf(['speckle', 'acrylic-matt', { coverPct: layer }], ['drybrush', 'acrylic-satin', { coverPct: step }]);
        expect(small === null).toBe(Math.max(layer, step) < 10);
      }),
    );
  });
});

describe('wet on purpose', () => {
  const again = (startMin: number, more = {}): Short => [
    'brush-coat',
    'enamel-matt',
    { startMin, coverPct: 60, colour: '#4d3526', ...more },
  ];
  const first: Short = ['brush-coat', 'enamel-matt', { startMin: 0, colour: '#6e4a32' }];

  test('is usual for a brush of the same kind, while it is open; told, it must come inside', () => {
    expect(rules([first, again(5)])).toEqual([]);
    expect(rules([first, again(300)])).toContain('between-windows@2 snag');
    expect(rules([first, again(300, { intoWet: true })])).toContain('too-late@2 caution');
    expect(rules([first, again(5, { intoWet: false })]).length).toBeGreaterThan(0);
  });

  test('is nothing that a plan does by itself', () => {
    expect(waitOf(COAT, ['brush-coat', 'acrylic-satin', { coverPct: 60 }])).toBeGreaterThan(20);
    expect(waitOf(COAT, ['brush-coat', 'acrylic-satin', { coverPct: 60, intoWet: true }])).toBe(0);
  });

  test('nobody works into dots: a wash dissolves them', () => {
    expect(
      rules([
        ['speckle', 'acrylic-matt', { startMin: 0, coverPct: 4 }],
        ['wash', 'wash-acrylic', { startMin: 1 }],
      ]),
    ).toContain('too-soon@2 snag');
  });

  test('wiped back while it is wet a thin film is left, which is dry sooner', () => {
    const brushed: Short = ['brush-coat', 'acrylic-matt', { startMin: 0 }];
    expect(rules([brushed, ['wipe-back', 'water', { startMin: 1 }], ['wash', 'wash-acrylic', { startMin: 20 }]])).toEqual([]);
    expect(rules([brushed, ['wash', 'wash-acrylic', { startMin: 20 }]])).toContain('too-soon@2 snag');
  });

  test('what is sticky holds dust on its own share only', () => {
    const spill: Short = ['glue', 'spill-slurry', { coverPct: 5, startMin: 0 }];
    const dust = (coverPct: number, more = {}): Short => [
      'powder-dry',
      'pigment-dry',
      { coverPct, startMin: 5, colour: '#6e4a32', allowance: 2, ...more },
    ];
    const loose = (steps: Short[]) =>
      checkSequence(problem(steps, subject({ handled: true }))).findings.some(({ rule }) => rule === 'powder-left-loose');
    expect(loose([spill, dust(40)])).toBe(true);
    expect(loose([spill, dust(5)])).toBe(false);
    expect(loose([spill, dust(40, { intoWet: true })])).toBe(false);
    expect(loose([spill, dust(5, { intoWet: false })])).toBe(true);
  });
});

test('each technique says what it asks, and its tool says it too', () => {
  for (const technique of TECHNIQUES) {
    const incoming = incomingOf(plainStep({ id: 's', technique: technique.id, zones: ['all'] }));
    expect(['none', 'light', 'working', 'rubbing']).toContain(incoming.touch);
    if (incoming.sprayed) expect([incoming.touch, incoming.dose]).toEqual(['light', 'mist']);
  }
});
