import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { constantAir } from '../climate/index.js';
import { deltaE00, linearOf, type Linear } from '../colour/index.js';
import { strokesOfAll, strokesAlong, subjectOf, type SequenceProblem } from '../sequence/index.js';
import {
  TEMPLATES,
  areaOf,
  elevationsOf,
  madeLike,
  pieceFromTemplate,
  plainStep,
  templateById,
  type Piece,
  type Step,
} from '../subjects/index.js';
import { PaintedElevation, type ElevationGround, type Picture } from './index.js';
import { alongLine, insideOf, type PixelGrid } from './rasterise.js';

const van = (): Piece => pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
const stepsOf = (...steps: (Partial<Step> & Pick<Step, 'technique'>)[]): Step[] =>
  steps.map((step, i) => plainStep({ zones: ['all'], ...step, id: `s${String(i)}` }));
const problemOf = (piece: Piece, steps: Step[]): SequenceProblem => ({
  ...{ subject: subjectOf(piece), steps, startsMin: [], durationsMin: [], bench: constantAir({ tempC: 20, rhPct: 50 }) },
});
const groundOf = (piece: Piece, given: Partial<ElevationGround> = {}): ElevationGround => {
  const made = madeLike(piece);
  const zones = piece.zones.filter(({ seen }) => seen !== 'never');
  return {
    view: elevationsOf(piece)[0]!,
    zones: zones.map(({ id, relief }) => ({ zoneId: id, of: made.get(id)?.of ?? null, relief })),
    ...{ pxPerMm: 3, seed: 1, ...given },
  };
};
const RUSTED = stepsOf(
  { technique: 'airbrush-coat', material: 'acrylic-matt', colour: '#5d6f45' },
  { technique: 'wash', material: 'wash-enamel', colour: '#2e2620', zones: ['side-lower'] },
  { technique: 'drybrush', material: 'acrylic-matt', colour: '#d8cdb4', zones: ['side-upper'] },
);
const painted = (given: Partial<ElevationGround> = {}, until = Infinity): Picture =>
  new PaintedElevation(groundOf(van(), given)).after(strokesOfAll(problemOf(van(), RUSTED)), until, 'flat');

/** Light at the pixels of one rectangle of the view, mm. */
function lightIn(
  { rgba, widthPx }: Picture,
  pxPerMm: number,
  box: { xMm: number; yMm: number; widthMm: number; heightMm: number },
): Linear {
  const sum: [number, number, number] = [0, 0, 0];
  let count = 0;
  const at = (mm: number): number => Math.round(mm * pxPerMm);
  for (let row = at(box.yMm) + 1; row < at(box.yMm + box.heightMm) - 1; row++)
    for (let column = at(box.xMm) + 1; column < at(box.xMm + box.widthMm) - 1; column++) {
      const k = 4 * (row * widthPx + column);
      const hex = `#${[0, 1, 2].map((c) => (rgba[k + c] ?? 0).toString(16).padStart(2, '0')).join('')}`;
      linearOf(hex).forEach((value, c) => (sum[c] = (sum[c] ?? 0) + value));
      count++;
    }
  return [sum[0] / count, sum[1] / count, sum[2] / count];
}

describe('pixels of a drawing', () => {
  const grid: PixelGrid = { xMm: -1, yMm: -1, widthPx: 240, heightPx: 240, pxPerMm: 4 };
  const corner = fc.record({ xMm: fc.double({ min: 0, max: 57, noNaN: true }), yMm: fc.double({ min: 0, max: 57, noNaN: true }) });

  test('inside is as large as the outline, what is cut out is left out', () => {
    fc.assert(
      fc.property(fc.tuple(corner, corner, corner), (triangle) => {
        const pixels = insideOf([triangle], grid).reduce((sum, one) => sum + one, 0);
        expect(Math.abs(pixels / 16 - Math.abs(areaOf(triangle)))).toBeLessThan(25);
      }),
    );
    const square = (from: number, to: number) => [
      { xMm: from, yMm: from },
      { xMm: to, yMm: from },
      { xMm: to, yMm: to },
      { xMm: from, yMm: to },
    ];
    expect(insideOf([square(0, 20), square(5, 10)], grid).reduce((sum, one) => sum + one, 0)).toBe((400 - 25) * 16);
  });

  test('along a line all pixels near it are told with how far they are', () => {
    const near = new Map<number, number>();
    alongLine(
      [
        { xMm: 5, yMm: 10 },
        { xMm: 25, yMm: 10 },
      ],
      0.5,
      grid,
      (pixel, fromMm) => near.set(pixel, fromMm),
    );
    expect(near.size).toBeGreaterThan(20 * 4 * 4);
    for (const [pixel, fromMm] of near) {
      const y = grid.yMm + (Math.floor(pixel / grid.widthPx) + 0.5) / 4;
      expect(fromMm).toBeGreaterThanOrEqual(Math.abs(y - 10) - 1e-9);
      expect(fromMm).toBeLessThanOrEqual(0.5);
    }
  });
});

describe('a piece as it will look', () => {
  test('patches that lie over each other are both painted, and a joint is cut right through a zone', () => {
    const square = (from: number, to: number) => [
      { xMm: from, yMm: from },
      { xMm: to, yMm: from },
      { xMm: to, yMm: to },
      { xMm: from, yMm: to },
    ];
    const patch = (from: number, to: number) => ({ zoneId: 'side-upper', outline: square(from, to), holes: [], count: 1, stretch: 1 });
    const view = { widthMm: 30, heightMm: 30, patches: [patch(2, 20), patch(12, 28)], lines: [] };
    const strokes = strokesOfAll(problemOf(van(), RUSTED));
    const zones = groundOf(van()).zones.filter(({ zoneId }) => zoneId === 'side-upper');
    const look = (lines: { xMm: number; yMm: number }[][]) =>
      new PaintedElevation({ view: { ...view, lines }, zones, pxPerMm: 8, seed: 1 }).after(strokes, Infinity, 'day');
    const { rgba, widthPx } = look([]);
    expect(rgba[4 * (16 * 8 * widthPx + 16 * 8) + 3]).toBe(255);
    const across = look([
      [
        { xMm: -5, yMm: 16 },
        { xMm: 40, yMm: 16 },
      ],
    ]).rgba;
    const beside = look([
      [
        { xMm: -5, yMm: 30 },
        { xMm: 40, yMm: 30 },
      ],
    ]).rgba;
    expect(across).not.toEqual(rgba);
    expect(beside).toEqual(rgba);
  });

  test('strokes of all zones at once are those of each by itself', () => {
    const problem = problemOf(van(), RUSTED);
    const all = strokesOfAll(problem);
    for (const { id } of problem.subject.zones) expect(all.get(id)).toEqual(strokesAlong(problem, id));
    expect(() => strokesAlong(problem, 'sail')).toThrow(RangeError);
  });

  test.each(TEMPLATES.map(({ id }) => id))('%s is painted where it is drawn, and nowhere else', (id) => {
    const piece = pieceFromTemplate(templateById(id), { id, name: id, scaleRatio: 76 });
    const strokes = strokesOfAll(problemOf(piece, stepsOf({ technique: 'brush-coat', material: 'acrylic-matt', colour: '#5d6f45' })));
    for (const view of elevationsOf(piece)) {
      const pxPerMm = Math.min(2, 160 / Math.max(view.widthMm, view.heightMm));
      const ground = groundOf(piece, { view, pxPerMm });
      const { rgba, widthPx, heightPx } = new PaintedElevation(ground).after(strokes, Infinity, 'day');
      const shown = new Set(ground.zones.map(({ zoneId }) => zoneId).filter((zoneId) => strokes.has(zoneId)));
      const whole: PixelGrid = { xMm: 0, yMm: 0, widthPx, heightPx, pxPerMm };
      const drawn = new Uint8Array(widthPx * heightPx);
      for (const { zoneId, outline, holes } of view.patches)
        if (shown.has(zoneId)) insideOf([outline, ...holes], whole).forEach((inside, i) => (drawn[i] = Math.max(drawn[i] ?? 0, inside)));
      let wrong = 0;
      for (let i = 0; i < drawn.length; i++) if (rgba[4 * i + 3] !== 255 * (drawn[i] ?? 0)) wrong++;
      // what lies on the very edge may be judged either way
      expect(wrong).toBeLessThanOrEqual(0.02 * drawn.length);
    }
  });

  test('each zone has the colour that is told of it', () => {
    const picture = painted();
    const strokes = strokesOfAll(problemOf(van(), RUSTED));
    const view = elevationsOf(van())[0]!;
    for (const zoneId of ['side-lower', 'side-upper', 'underframe']) {
      const { outline } = view.patches.find((patch) => patch.zoneId === zoneId)!;
      const [a, , c] = outline;
      const box = { xMm: a!.xMm, yMm: a!.yMm, widthMm: c!.xMm - a!.xMm, heightMm: c!.yMm - a!.yMm };
      expect(deltaE00(lightIn(picture, 3, box), strokes.get(zoneId)!.strokes.at(-1)!.mean)).toBeLessThan(3);
    }
  });

  test('joints stand where they are drawn: a wash lies darker there', () => {
    const view = elevationsOf(van())[0]!;
    const lower = view.patches.find((patch) => patch.zoneId === 'side-lower')!.outline;
    const [top, foot] = [Math.min(...lower.map(({ yMm }) => yMm)), Math.max(...lower.map(({ yMm }) => yMm))];
    const joint = view.lines.map(([a]) => a!.yMm).find((yMm) => yMm > top + 2 && yMm < foot - 2)!;
    const picture = painted({ pxPerMm: 8 });
    const strip = (yMm: number): number => lightIn(picture, 8, { xMm: 5, yMm: yMm - 0.25, widthMm: 12, heightMm: 0.5 })[1];
    expect(strip(joint)).toBeLessThan(0.8 * strip(joint + 1.2));
  });

  test('the same piece twice is the same to the pixel, another one like it is not; kept layers are what fresh ones are', () => {
    const strokes = strokesOfAll(problemOf(van(), RUSTED));
    const elevation = new PaintedElevation(groundOf(van()));
    const along = [3, 1, 2, 0, 3].map((until) => elevation.after(strokes, until, 'day').rgba);
    expect(along[0]).toEqual(along[4]);
    expect(along[0]).toEqual(new PaintedElevation(groundOf(van())).after(strokes, 3, 'day').rgba);
    expect(along[1]).not.toEqual(along[2]);
    expect(new PaintedElevation(groundOf(van(), { seed: 2 })).after(strokes, 3, 'day').rgba).not.toEqual(along[0]);
  });
});
