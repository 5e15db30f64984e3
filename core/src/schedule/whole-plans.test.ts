import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EMPTY_SHELF, MATERIALS } from '../materials/index.js';
import { TEMPLATES, pieceFromTemplate, plainStep, type Piece, type Step } from '../subjects/index.js';
import { TECHNIQUES } from '../techniques/index.js';
import { DEFAULT_WORKSHOP, MadePlan, ownChoices, planPieces, type Outlook, type Workshop } from './index.js';
import { givenAt, vanWith, type Short } from './testing.js';

const MONDAY = '2026-11-23';

/** Any step that the editor would let a painter lay down. */
const aStep = (zones: readonly string[]): fc.Arbitrary<Omit<Step, 'id'>> =>
  fc.constantFrom(...TECHNIQUES).chain((technique) => {
    const fitting = MATERIALS.filter((m) => technique.roles.includes(m.role)).map((m) => m.id);
    return fc
      .record({
        material: fitting.length > 0 ? fc.constantFrom<string | null>(...fitting) : fc.constant(null),
        zones: fc.oneof(
          fc.constant<string[]>(['all']),
          fc.constantFrom(...zones).map((zone) => [zone]),
        ),
        coats: fc.integer({ min: 1, max: 3 }),
        coverPct: fc.option(fc.integer({ min: 1, max: 100 })),
      })
      .map((given) => plainStep({ id: '', technique: technique.id, ...given }));
  });

const aPiece = (id: string): fc.Arbitrary<Piece> =>
  fc.constantFrom(...TEMPLATES).chain((template) => {
    const bare = pieceFromTemplate(template, { id, name: id, scaleRatio: 76 });
    return fc
      .array(aStep(bare.zones.map((zone) => zone.id)), { minLength: 1, maxLength: 9 })
      .map((steps) => ({ ...bare, steps: steps.map((step, i) => ({ ...step, id: `s${String(i)}` })) }));
  });

const someAir = fc.record({ tempC: fc.integer({ min: 8, max: 28 }), rhPct: fc.integer({ min: 30, max: 85 }) });
const aWorkshop: fc.Arbitrary<Workshop> = fc
  .record({ evening: someAir, night: someAir, careful: fc.boolean() })
  .map(({ evening, night, careful }) => ({ ...DEFAULT_WORKSHOP, careful, climate: { evening, night, places: [] } }));

const anOutlook: fc.Arbitrary<Outlook> = fc
  .tuple(aPiece('a'), aPiece('b'), aWorkshop)
  .map(([a, b, workshop]) => planPieces({ pieces: [a, b], workshop, shelf: EMPTY_SHELF, log: [], originDate: MONDAY, nowMin: 0 }));

describe('whatever pieces are planned', () => {
  test('no placed step comes too soon, too late or between windows', () => {
    fc.assert(
      fc.property(anOutlook, ({ pieces }) => {
        for (const { findings, placed } of pieces) {
          const wrong = findings.filter(
            (f) => ['too-soon', 'too-late', 'between-windows'].includes(f.rule) && placed.slice(0, f.stepIndex + 1).every(Boolean),
          );
          expect(wrong.map((f) => `${f.rule}: ${f.message} ${f.evidence}`)).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });

  test('no finding is the plan’s own doing', () => {
    fc.assert(
      fc.property(aPiece('a'), aPiece('b'), aWorkshop, (a, b, workshop) => {
        expect(ownChoices({ ...givenAt([a, b], [], 0), workshop })).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  test('under tape too: it comes off in time, and while the edge of the coat gives way where that goes', () => {
    const work = fc.record({
      technique: fc.constantFrom('spray-coat', 'airbrush-coat', 'brush-coat', 'wash', 'drybrush'),
      material: fc.constantFrom('acrylic-matt', 'acrylic-satin', 'clear-matt-acrylic'),
      handsOnMin: fc.integer({ min: 3, max: 50 }),
    });
    const some = fc.array(work, { maxLength: 3 });
    fc.assert(
      fc.property(
        some,
        fc.array(work, { minLength: 1, maxLength: 3 }),
        some,
        fc.array(work, { maxLength: 6 }),
        (before, under, after, other) => {
          const [zone] = vanWith('van', []).zones;
          const short = (all: typeof other): Short[] =>
            all.map(({ technique, material, handsOnMin }) => [technique, material, { handsOnMin }]);
          const zones = [zone!.id];
          const van = vanWith('van', [
            ...short(before),
            ['mask', 'masking-tape', { zones }],
            ...short(under),
            ['unmask', null, { zones }],
            ...short(after),
          ]);
          expect(ownChoices(givenAt([van, vanWith('other', short(other))], [], 0))).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('hands are never in two places, and steps of a piece keep their order', () => {
    fc.assert(
      fc.property(anOutlook, ({ plan, pieces }) => {
        const spans = [...plan.placed, ...plan.cleanings.map((c) => ({ startMin: c.fromMin, endMin: c.toMin }))].sort(
          (x, y) => x.startMin - y.startMin,
        );
        spans.slice(1).forEach((span, i) => expect(span.startMin).toBeGreaterThanOrEqual(spans[i]!.endMin - 1e-6));
        for (const { reports, placed } of pieces)
          reports.slice(1).forEach((report, i) => {
            if (placed[i] && placed[i + 1]) expect(report.startMin).toBeGreaterThanOrEqual(reports[i]!.endMin - 1e-6);
          });
      }),
      { numRuns: 60 },
    );
  });

  test('fixes are offered one of each kind, and each changes something', () => {
    fc.assert(
      fc.property(aPiece('a'), (piece) => {
        const made = new MadePlan({
          pieces: [piece],
          workshop: DEFAULT_WORKSHOP,
          shelf: EMPTY_SHELF,
          log: [],
          originDate: MONDAY,
          nowMin: 0,
        });
        const cured = made.cured('a');
        // the same findings as without the fixes
        expect(cured.map((finding) => ({ ...finding, fixes: [] }))).toEqual(made.look('a').findings);
        for (const finding of cured) {
          expect(finding.fixes.length).toBeLessThanOrEqual(6);
          expect(new Set(finding.fixes.map((fix) => fix.way)).size).toBe(finding.fixes.length);
          for (const fix of finding.fixes) expect(fix.edits.length).toBeGreaterThan(0);
        }
      }),
      { numRuns: 40 },
    );
  });
});
