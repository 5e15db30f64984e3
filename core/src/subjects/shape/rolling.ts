import { views, type BodyKind, type BodyZone } from './body-kind.js';
import { patch, posts, rect } from './geometry.js';
import { runningGear } from './running-gear.js';

const UNDER_ZONES: readonly BodyZone[] = [
  { key: 'frame', name: 'beams and gear', role: 'underframe' },
  { key: 'wheels', name: 'wheels', role: 'wheels' },
  { key: 'treads', name: 'wheel treads', role: 'wheel-treads', keepClean: 'wheel-treads' },
];

const GEAR_KEYS = new Map([
  ['underframe', 'frame'],
  ['wheels', 'wheels'],
  ['wheel-treads', 'treads'],
]);

export const frame = (id: string, name: string, axles: readonly number[]): BodyKind => ({
  id,
  name,
  note: 'Goes below all else: its height is from rail to floor.',
  zones: UNDER_ZONES,
  shape: (size) => {
    const gear = runningGear({ ...size, frameTopMm: 0, axles });
    const keyed = <T extends { zoneId: string }>(list: readonly T[]): T[] =>
      list.map((one) => ({ ...one, zoneId: GEAR_KEYS.get(one.zoneId) ?? one.zoneId }));
    return views(size, {
      side: keyed(gear.patches),
      end: keyed(gear.endPatches),
      top: [],
      hidden: keyed(gear.hidden),
      lines: { side: gear.lines },
    });
  },
});

export const RIBBED: BodyKind = {
  id: 'ribbed',
  name: 'Ribbed sides, open',
  note: 'A tub with upright ribs, open above: its inside is counted.',
  zones: [
    { key: 'sides', name: 'sides', role: 'side-upper' },
    { key: 'ribs', name: 'ribs', role: 'side-lower' },
    { key: 'edge', name: 'top edge', role: 'roof' },
    { key: 'ends', name: 'ends', role: 'ends' },
    { key: 'inside', name: 'inside', role: 'interior', bears: true },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const count = Math.max(2, Math.round(l / Math.max(1, 0.6 * h)));
    const [wide, deep, edge] = [l / (count * 8), Math.min(l, w) * 0.04, h * 0.06];
    const ribs = Array.from({ length: count }, (_, i) => rect(((i + 0.5) * l) / count - wide / 2, edge, wide, h - edge));
    return views(size, {
      side: [
        patch('sides', rect(0, edge, l, h - edge)),
        patch('edge', rect(0, 0, l, edge)),
        // a rib has its face and two flanks; what it covers of the side is its own foot
        ...ribs.map((rib) => patch('ribs', rib, 2, 1 + (2 * deep) / wide)),
      ],
      end: [patch('ends', rect(0, edge, w, h - edge)), patch('edge', rect(0, 0, w, edge))],
      top: [patch('inside', rect(deep, deep, l - 2 * deep, w - 2 * deep), 1)],
      hidden: [{ zoneId: 'inside', areaMm2: 2 * (l - 2 * deep + w - 2 * deep) * h }],
      lines: { top: posts(0, 0, l, w, count) },
    });
  },
};
