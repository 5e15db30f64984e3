import { describe, expect, test } from '@jest/globals';
import { ROOM_AIR } from '../climate/index.js';
import { pieceFromTemplate, plainStep, templateById } from '../subjects/index.js';
import { chainsOf, maskedMin } from './chains.js';
import { subjectOf } from './subject.js';

const van = pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 });
type Short = [technique: string, material: string | null, zones: string[]];
const chains = (...steps: Short[]) =>
  chainsOf(
    subjectOf(van),
    steps.map(([technique, material, zones], i) => plainStep({ id: `s${String(i)}`, technique, material, zones })),
    ROOM_AIR,
  );

describe('chains', () => {
  test('tape comes off within two days, and while the last coat over it gives way', () => {
    const found = chains(
      ['mask', 'masking-tape', ['roof']],
      ['brush-coat', 'enamel-matt', ['ends']],
      ['brush-coat', 'acrylic-matt', ['ends']],
      ['unmask', null, ['roof']],
    );
    expect(found).toEqual([
      { fromIndex: 0, toIndex: 3, withinMin: maskedMin(null), holds: true },
      // acrylic is dry-hard after an hour where its age holds
      { fromIndex: 2, toIndex: 3, withinMin: expect.closeTo(60), holds: false },
    ]);
  });

  test('only tape on the same place; without a coat between nothing is soft', () => {
    expect(chains(['mask', 'masking-tape', ['roof']], ['unmask', null, ['ends']])).toEqual([]);
    expect(chains(['mask', 'masking-tape', ['roof']], ['wash', 'wash-acrylic', ['ends']], ['unmask', null, ['roof']])).toMatchObject([
      { fromIndex: 0, toIndex: 2 },
    ]);
  });

  test('glue floods what was wetted for it there, not what stays dry', () => {
    const flood: Short = ['flood-glue', 'white-glue-dilute', ['roof']];
    expect(chains(['wet', 'isopropanol-70', ['roof']], flood)).toEqual([{ fromIndex: 0, toIndex: 1, withinMin: 20, holds: true }]);
    expect(chains(['wet', 'isopropanol-70', ['ends']], flood)).toEqual([]);
    // a flood is no wetting for another
    expect(chains(flood, flood)).toEqual([]);
  });
});
