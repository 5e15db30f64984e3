import { describe, expect, test } from '@jest/globals';
import { deltaE00, type Linear } from '../colour/index.js';
import { TestCard, exampleStrokes, meanOf, type CardGround } from './index.js';

const GROUND: CardGround = { of: 'timber', relief: { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 }, pxPerMm: 3, seed: 1 };
const PRIMER = { technique: 'spray-coat', material: 'primer-lacquer-aerosol', colour: '#b9b4a8' };
const COAT = { technique: 'brush-coat', material: 'enamel-matt', colour: '#5d6f45' };
const SEAL = { technique: 'clear-coat', material: 'clear-matt-acrylic' };
const WASH = { technique: 'wash', material: 'wash-enamel', colour: '#2e2620' };
/** A wash on a coat of the same evening, when that can no longer be worked into. */
const HASTY = exampleStrokes([PRIMER, COAT, WASH], [0, 3000, 3200]);
const paint = (strokes = HASTY) => new TestCard(GROUND).after(strokes);
const lightAt = (light: Float32Array, i: number): Linear => [
  light[i] ?? 0,
  light[i + light.length / 3] ?? 0,
  light[i + (2 * light.length) / 3] ?? 0,
];

describe('a layer that comes up', () => {
  test('is told by the check alone: in time, or under a seal, nothing does', () => {
    expect(HASTY.strokes.at(-1)!.lifts).toBe(1);
    expect(exampleStrokes([PRIMER, COAT, WASH], [0, 3000, 60_000]).strokes.at(-1)!.lifts).toBeNull();
    expect(exampleStrokes([PRIMER, COAT, SEAL, WASH], [0, 3000, 6000, 9000]).strokes.at(-1)!.lifts).toBeNull();
  });

  test('leaves what lay below it bare in patches, and is dragged about between them', () => {
    const holds = { ...HASTY, strokes: HASTY.strokes.map((stroke) => ({ ...stroke, lifts: null })) };
    const [spoilt, sound] = [paint(), paint(holds)];
    const primed = new TestCard(GROUND).after(HASTY, 1);
    const n = spoilt.light.length / 3;
    let bare = 0;
    for (let i = 0; i < n; i++) if (deltaE00(lightAt(spoilt.light, i), lightAt(primed.light, i)) < 8) bare++;
    expect(bare / n).toBeGreaterThan(0.15);
    expect(bare / n).toBeLessThan(0.45);
    // between them it is the same paint, only elsewhere: the whole stands between what was sound and what lies bare
    const [is, was, below] = [spoilt, sound, primed].map(({ light }) => meanOf(light)[1]);
    expect(is).toBeGreaterThan(was!);
    expect(is).toBeLessThan(below!);
    expect(paint().light).toEqual(spoilt.light);
  });

  test('kept layers are what fresh ones are, before and after it', () => {
    const card = new TestCard(GROUND);
    const later = exampleStrokes(
      [PRIMER, COAT, WASH, { technique: 'drybrush', material: 'acrylic-matt', colour: '#d8cdb4' }],
      [0, 3000, 3200, 9000],
    );
    card.after(later);
    expect(card.after(HASTY).light).toEqual(paint().light);
    expect(card.after(later).light).toEqual(new TestCard(GROUND).after(later).light);
  });
});
