/** Stripwood of the harbour line's joiner, and the planks that are stacked in the quay shed. */
export const STRIPS = [
  { id: 'strip-6x4', name: 'Limewood strip 6 × 4', widthMm: 6, heightMm: 4, lengthMm: 500, have: 1, offcutsMm: [212.5, 96] },
  { id: 'strip-4x4', name: 'Limewood strip 4 × 4', widthMm: 4, heightMm: 4, lengthMm: 500, have: 0, offcutsMm: [] },
  { id: 'strip-sleeper', name: 'Sleeper strip 3.3 × 1.7', widthMm: 3.3, heightMm: 1.7, lengthMm: 900, have: 2, offcutsMm: [] },
];

const bundle = { of: 'prototype', boardsWide: 4, boardsHigh: 3, seen: ['top', 'left', 'front'], bands: 2 };
const FOOT_MM = 304.8;

export const CUTLISTS = [
  {
    id: 'shed-timber',
    name: 'Deals for the quay shed',
    scaleRatio: 76,
    kerfMm: 0.5,
    lines: [
      { id: 'l1', name: 'Deals, 21 ft', stripId: 'strip-6x4', lengthMm: 21 * FOOT_MM, count: 8, ...bundle },
      { id: 'l2', name: 'Deals, 14 ft', stripId: 'strip-6x4', lengthMm: 14 * FOOT_MM, count: 6, ...bundle },
      {
        id: 'l3',
        name: 'Battens, 12 ft',
        stripId: 'strip-4x4',
        lengthMm: 12 * FOOT_MM,
        count: 9,
        ...bundle,
        boardsWide: 2,
        boardsHigh: 4,
        bands: 1,
      },
      {
        ...{ id: 'l4', name: 'Sleepers for the yard', stripId: 'strip-sleeper', lengthMm: 34, count: 24, of: 'model' },
        ...{ boardsWide: 1, boardsHigh: 1, seen: [], bands: 0 },
      },
    ],
    bin: { widthMm: 26, heightMm: 30, depthMm: 90 },
    note: 'Ends to the gangway are seen, the backs are not.',
    cutOn: null,
  },
];
