import type { Patch, Point } from '../drawing.js';
import { views, type BodyKind } from './body-kind.js';
import { areaOf, at, ellipse, girthOf, patch, rect, shown } from './geometry.js';

/**
 * Skin of a person against the square of the height: 1.9 m² at 1.75 m (D. and E. F. Du Bois 1916, from memory), a fifth more for clothes and what is carried
 * (our number).
 */
const SKIN_SHARE = (1.9 / 1.75 ** 2) * 1.2;

export const FIGURE: BodyKind = {
  id: 'figure',
  name: 'Figure, standing',
  note: 'A person; the height alone makes the surface.',
  realMm: { lengthMm: 790, widthMm: 490, heightMm: 1750 },
  zones: [
    { key: 'clothes', name: 'coat and shirt', role: 'face' },
    { key: 'legs', name: 'trousers and boots', role: 'base' },
    { key: 'skin', name: 'face and hands', role: 'crown' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const from = (across: number): Patch[] => [
      shown('skin', ellipse(across / 2, h * 0.07, Math.min(across * 0.22, h * 0.06), h * 0.07)),
      shown('clothes', [
        at(across * 0.3, h * 0.15),
        at(across * 0.7, h * 0.15),
        at(across, h * 0.28),
        at(across * 0.9, h * 0.55),
        at(across * 0.1, h * 0.55),
        at(0, h * 0.28),
      ]),
      shown('legs', [at(across * 0.2, h * 0.55), at(across * 0.8, h * 0.55), at(across * 0.85, h), at(across * 0.15, h)]),
    ];
    const side = from(l);
    const all = SKIN_SHARE * h * h;
    // of the skin of a person: head and hands a seventh, legs and feet two fifths (rule of nines, from memory)
    const share = { skin: 0.14, legs: 0.4, clothes: 0.46 };
    const counted = side.map((one) => ({
      ...one,
      count: 1,
      stretch: (all * share[one.zoneId as keyof typeof share]) / areaOf(one.outline),
    }));
    return views(size, { side: counted, end: from(w), top: [shown('clothes', ellipse(l / 2, w / 2, l / 2, w / 2))] });
  },
};

/** Hide of a beast on four legs against length × height: Meeh's 0.1 · kg^⅔ m² for a cow of 600 kg, 2.4 m long and 1.4 m high (from memory). */
const HIDE_SHARE = (0.1 * 600 ** (2 / 3)) / (2.4 * 1.4);

export const ANIMAL: BodyKind = {
  id: 'animal',
  name: 'Animal on four legs',
  note: 'Cow, horse, sheep: length and height make the surface.',
  realMm: { lengthMm: 2400, widthMm: 700, heightMm: 1400 },
  zones: [
    { key: 'back', name: 'back and head', role: 'crown' },
    { key: 'belly', name: 'belly and legs', role: 'base' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const back = [
      at(0, h * 0.12),
      at(l * 0.16, 0),
      at(l * 0.3, h * 0.14),
      at(l, h * 0.16),
      at(l, h * 0.4),
      at(l * 0.2, h * 0.4),
      at(l * 0.06, h * 0.3),
    ];
    const belly = [
      at(l * 0.2, h * 0.4),
      at(l, h * 0.4),
      at(l, h),
      at(l * 0.9, h),
      at(l * 0.88, h * 0.66),
      at(l * 0.36, h * 0.66),
      at(l * 0.34, h),
      at(l * 0.24, h),
    ];
    const all = HIDE_SHARE * l * h;
    return views(size, {
      side: [patch('back', back, 1, (all * 0.5) / areaOf(back)), patch('belly', belly, 1, (all * 0.5) / areaOf(belly))],
      end: [shown('back', rect(0, 0, w, h * 0.4)), shown('belly', rect(w * 0.1, h * 0.4, w * 0.8, h * 0.6))],
      top: [shown('back', ellipse(l / 2, w / 2, l / 2, w / 2))],
    });
  },
};

/** How much wider a stump is at its foot than at its top (from memory). */
const STUMP_TAPER = 0.75;

export const STUMP: BodyKind = {
  id: 'stump',
  name: 'Stump',
  note: 'A trunk that widens to its foot, sawn off.',
  zones: [
    { key: 'bark', name: 'bark', role: 'face' },
    { key: 'rings', name: 'rings', role: 'crown' },
  ],
  shape: (size) => {
    const { lengthMm: l, widthMm: w, heightMm: h } = size;
    const trunk = (across: number): Point[] => {
      const in_ = (across * (1 - STUMP_TAPER)) / 2;
      return [at(in_, 0), at(across - in_, 0), at(across, h), at(0, h)];
    };
    // a cut cone: half the girths together, along its slope
    const slope = Math.hypot(h, (l * (1 - STUMP_TAPER)) / 2);
    const bark = ((girthOf(l, w) * (1 + STUMP_TAPER)) / 2) * slope;
    return views(size, {
      side: [patch('bark', trunk(l), 1, bark / areaOf(trunk(l)))],
      end: [shown('bark', trunk(w))],
      top: [
        shown('bark', ellipse(l / 2, w / 2, l / 2, w / 2)),
        patch('rings', ellipse(l / 2, w / 2, (l * STUMP_TAPER) / 2, (w * STUMP_TAPER) / 2), 1),
      ],
    });
  },
};
