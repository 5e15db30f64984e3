/** The bank along the harbour siding: salt grass and thorn, and the track that nothing may grow on. */
export const PLANTINGS = [
  {
    id: 'tide-bank',
    name: 'Bank at the harbour siding',
    scaleRatio: 76,
    ...{ stance: 'base', lengthMm: 290, widthMm: 180, boards: null, pieceId: null, zoneId: null },
    growths: [
      { id: 'l1', name: 'Fine turf', kind: 'turf', sharePct: 70, fibreMm: null, rounds: 2, colour: '#5f6838' },
      { id: 'l2', name: 'Salt grass', kind: 'grass', sharePct: 35, fibreMm: 4, rounds: 1, colour: '#8f8a52' },
      { id: 'l3', name: 'Moss', kind: 'moss', sharePct: 4, fibreMm: null, rounds: 3, colour: '#4d5a2c' },
      { id: 'l4', name: 'Leaf litter', kind: 'litter', sharePct: 8, fibreMm: null, rounds: 1, colour: null },
    ],
    plants: [
      { id: 'p1', name: 'Wind-bent thorns', plant: 'tree', count: 3, acrossMm: 38, heightMm: 60, inThrees: true },
      { id: 'p2', name: 'Gorse', plant: 'bush', count: 9, acrossMm: 16, heightMm: 18, inThrees: true },
      { id: 'p3', name: 'Reed tufts', plant: 'tuft', count: 18, acrossMm: 7, heightMm: 10, inThrees: false },
    ],
    keepOffs: [
      { id: 'k1', name: 'Siding', kind: 'track', fromXMm: 0, fromYMm: 140, toXMm: 290, toYMm: 110, widthMm: 32 },
      { id: 'k2', name: 'Path to the slip', kind: 'path', fromXMm: 70, fromYMm: 0, toXMm: 95, toYMm: 180, widthMm: 12 },
    ],
    ...{ seed: 5, moved: [] },
    note: 'The thorns lean away from the sea.',
  },
];
