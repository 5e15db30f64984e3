import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { exampleProblem, type Example } from '../sequence/index.js';
import { TECHNIQUES } from '../techniques/index.js';
import { MATERIALS } from '../materials/index.js';
import { sectionOf, type Section } from './index.js';

const relief = { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 200 };
const cut = (steps: Example['steps'], more: Partial<typeof relief> = {}) =>
  sectionOf(exampleProblem({ steps, on: { relief: { ...relief, ...more } } }), 'roof');
const top = ({ base, bands }: Section) => bands.at(-1)?.high ?? base;
/** A column in the middle of the left face, of the groove, of the crest. */
const columns = (section: Section) => ({
  face: Math.round((section.groove?.from ?? 200) / 2),
  groove: Math.round(((section.groove?.from ?? 0) + (section.groove?.to ?? 0)) / 2),
  crest: Math.round(((section.crest?.from ?? 0) + (section.crest?.to ?? 0)) / 2),
});
/** Width of the groove at half its bare depth, µm. */
const grooveWidth = (section: Section) =>
  top(section).filter((height, i) => section.groove && i >= section.groove.from && i <= section.groove.to && height < -150).length *
  section.columnUm;

describe('a cut through the surface', () => {
  test('a sprayed coat is as thick everywhere; the groove keeps its depth and loses twice the film of its width', () => {
    const bare = cut([]);
    const painted = cut([['airbrush-coat', 'acrylic-matt', { dryUm: 25, coats: 2 }]]);
    const at = columns(painted);
    for (const place of ['face', 'groove', 'crest'] as const) expect(top(painted)[at[place]]! - bare.base[at[place]]!).toBeCloseTo(50, 0);
    expect(grooveWidth(bare) - grooveWidth(painted)).toBeGreaterThan(90);
    expect(grooveWidth(bare) - grooveWidth(painted)).toBeLessThan(115);
    expect(painted.lost).toEqual({ share: 100 / 300, by: 'width' });
  });

  test('a brushed coat fills the depth, and lies thinner on crests', () => {
    const painted = cut([['brush-coat', 'emulsion-matt', { dryUm: 30 }]]);
    const at = columns(painted);
    const film = (column: number) => top(painted)[column]! - painted.base[column]!;
    expect(film(at.groove)).toBeGreaterThanOrEqual(30);
    expect(film(at.crest)).toBeLessThan(film(at.face));
    expect(painted.lost).toEqual({ share: 0.1, by: 'depth' });
  });

  test('a wash pools in the groove, a drybrush touches the crest', () => {
    const washed = cut([['wash', 'wash-enamel', { dryUm: 10 }]]);
    const brushed = cut([['drybrush', 'acrylic-matt', { dryUm: 10, coverPct: 100 }]]);
    const at = columns(washed);
    const film = (section: Section, column: number) => top(section)[column]! - section.base[column]!;
    expect(film(washed, at.groove)).toBeGreaterThan(4 * film(washed, at.face));
    expect(film(brushed, at.crest)).toBeGreaterThan(4 * film(brushed, at.face));
    expect(film(brushed, at.groove)).toBe(0);
  });

  test('a smooth zone has no groove and loses none', () => {
    const flat = cut([['airbrush-coat', 'acrylic-matt']], { grooveDepthUm: 0, grooveWidthUm: 0, crestHeightUm: 0 });
    expect(flat.groove).toBeNull();
    expect(flat.lost.share).toBe(0);
    expect(new Set(flat.base)).toEqual(new Set([0]));
  });

  test('glue between boards lies between them: no film on what is seen', () => {
    const glued = cut([['laminate', 'white-glue']]);
    expect(glued.bands).toEqual([]);
    expect(glued.build.faceUm).toBe(0);
    // glue that something is scattered into lies there
    expect(cut([['glue', 'white-glue']]).bands).toHaveLength(1);
  });

  test('layers never sink into each other, lie in the order of the steps, and are drawn the same again', () => {
    const step = fc.constantFrom(...TECHNIQUES).chain((technique) =>
      fc
        .record({
          material: fc.constantFrom(null, ...MATERIALS.filter((m) => technique.roles.includes(m.role)).map((m) => m.id)),
          coverPct: fc.integer({ min: 1, max: 100 }),
          coats: fc.integer({ min: 1, max: 3 }),
        })
        .map(({ material, ...more }): Example['steps'][number] => [technique.id, material, more]),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 6 }), (steps) => {
        const section = cut(steps);
        let below = section.base;
        let last = -1;
        for (const band of section.bands) {
          expect(band.low).toEqual(below);
          expect(band.high.every((height, i) => height >= band.low[i]! && Number.isFinite(height))).toBe(true);
          expect(band.stepIndex).toBeGreaterThanOrEqual(last);
          below = band.high;
          last = band.stepIndex;
        }
        expect(cut(steps)).toEqual(section);
      }),
      { numRuns: 25 },
    );
  });

  test('an unknown zone is named', () => {
    expect(() => sectionOf(exampleProblem({ steps: [] }), 'attic')).toThrow("zone 'attic' is not one of this piece");
  });
});
