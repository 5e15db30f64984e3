import { describe, expect, test } from '@jest/globals';
import { learntMinutes } from '../calibration/index.js';
import { CATALOGUE, EMPTY_SHELF } from '../materials/index.js';
import { DEFAULT_WORKSHOP, benchOf, planPieces, type PieceOutlook } from '../schedule/index.js';
import { asItComes, pieceFromTemplate, plainStep, templateById, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { OLD_AGES, OLD_LAYERS, alreadyOnIt, budFinds, type OldAge } from './index.js';

const TODAY = '2026-11-24';
const bench = { workshop: DEFAULT_WORKSHOP, shelf: EMPTY_SHELF, originDate: TODAY };
const wagon = asItComes(pieceFromTemplate(templateById('open-wagon'), { id: 'wagon', name: 'Wagon', scaleRatio: 76 }), {
  comes: 'painted',
  colour: '#5d4a38',
  sheen: 'satin',
});

const found = (layers: readonly string[], age: OldAge = 'long') => {
  let n = 0;
  return alreadyOnIt(wagon, layers, { ...bench, age, ids: () => `id${String(n++)}` });
};

/** The wagon with what is on it, and steps that are to come. */
function planned(layers: readonly string[], age: OldAge, coming: readonly Step[]): PieceOutlook {
  const { steps, entries, waivers } = found(layers, age);
  const piece = { ...wagon, waivers, steps: [...steps, ...coming] };
  return planPieces({ ...bench, pieces: [piece], log: entries, nowMin: 1020 }).pieces[0]!;
}
const told = ({ findings }: PieceOutlook): string[] =>
  findings.filter(({ waived }) => waived === null).map(({ rule, stepIndex }) => `${rule}@${String(stepIndex)}`);

describe('what is on a piece already', () => {
  test('every old layer is of the catalogue, laid by a technique that takes it', () => {
    for (const { technique, material } of OLD_LAYERS) expect(techniqueById(technique).roles).toContain(CATALOGUE.material(material).role);
  });

  test('its steps lie below, in the order of things, and are done: no evening is taken for them', () => {
    const { steps, entries } = found(['powder', 'acrylic-wash']);
    expect(steps.map(({ technique }) => technique)).toEqual(['wash', 'powder-dry']);
    expect(entries.map(({ stepId, endedAt }) => [stepId, endedAt])).toEqual([
      ['id0', '2025-11-22T20:00:00'],
      ['id1', '2025-11-23T20:00:00'],
    ]);
    const coming = plainStep({ id: 'new', technique: 'drybrush', material: 'acrylic-matt', zones: ['all'] });
    const { sittings } = planned(['powder', 'acrylic-wash'], 'long', [coming]);
    expect(sittings.map((all) => all.every(({ begun }) => begun !== null))).toEqual([true, true, false]);
  });

  test('how it was done is let stand, what follows from it is told', () => {
    const clear = plainStep({ id: 'new', technique: 'clear-coat', material: 'clear-matt-acrylic', zones: ['all'] });
    expect(told(planned(['clear-acrylic'], 'long', [clear]))).toEqual(
      told(planned([], 'long', [clear])).map((one) => one.replace('@0', '@1')),
    );
    const wash = plainStep({ id: 'new', technique: 'wash', material: 'wash-acrylic', zones: ['all'] });
    expect(told(planned(['powder'], 'long', [wash]))).toContain('powder-left-loose@1');
    expect(told(planned(['powder'], 'long', []))).toContain('powder-left-loose@0');
    // alcohol softens acrylic however old it is; an enamel coat has long got past it
    const alcohol = plainStep({ id: 'new', technique: 'clean', material: 'isopropanol-70', zones: ['all'] });
    expect(told(planned(['acrylic-coat'], 'long', [alcohol]))).toContain('solvent-lifts-layer@1');
    expect(told(planned(['enamel-coat'], 'long', [alcohol]))).not.toContain('solvent-lifts-layer@1');
  });

  test('nothing is learnt from it', () => {
    const { steps, entries } = found(OLD_LAYERS.map(({ id }) => id));
    const lessons = learntMinutes(entries, [{ ...wagon, steps }], benchOf(DEFAULT_WORKSHOP, CATALOGUE));
    expect(lessons.map(({ used }) => used)).toEqual(lessons.map(() => 0));
  });

  test('what is not known is refused by name', () => {
    expect(() => found(['varnish'])).toThrow(/layerIds.*'varnish'/);
    expect(() => found(['powder'], 'ages' as OldAge)).toThrow(/age must be one of long, weeks, days/);
    expect(OLD_AGES.map(({ id }) => id)).toContain('long');
  });
});

describe('a damp bud', () => {
  const finds = (id: string, days: number) =>
    budFinds(
      OLD_LAYERS.find((layer) => layer.id === id)!,
      days,
    );

  test('tells binders apart, the mildest liquid first', () => {
    expect(Object.fromEntries(OLD_LAYERS.map(({ id }) => [id, finds(id, 365)]))).toEqual({
      'enamel-coat': null,
      'acrylic-coat': 'alcohol',
      decal: null,
      drybrushing: 'alcohol',
      'acrylic-wash': 'alcohol',
      'enamel-wash': null,
      'clear-acrylic': 'alcohol',
      'clear-enamel': null,
      powder: 'dry',
    });
    // what is young gives way to its own thinner
    expect(['enamel-coat', 'enamel-wash'].map((id) => finds(id, 1))).toEqual(['spirit', 'spirit']);
  });

  test('what it finds lifts in the check as well, and what it does not find stands', () => {
    for (const liquid of ['white-spirit', 'isopropanol-70'] as const)
      for (const { id } of OLD_LAYERS.filter((layer) => layer.id !== 'powder')) {
        const rub = plainStep({ id: 'new', technique: 'clean', material: liquid, zones: ['all'] });
        const taken = finds(id, 365) === (liquid === 'white-spirit' ? 'spirit' : 'alcohol');
        expect([id, liquid, told(planned([id], 'long', [rub])).includes('solvent-lifts-layer@1')]).toEqual([id, liquid, taken]);
      }
  });
});
