import { arched, at, courses, posts, rect } from '../shape/geometry.js';
import { MASONRY, PLANKED, ROUGH, after, before, patch, shown, zone } from './parts.js';
import type { Template } from './types.js';

const CASTING = {
  kind: 'structure',
  substrate: 'plaster',
  startSheen: 'bare',
  handled: false,
  scaleRatio: 76,
  parts: [{ id: 'casting', name: 'Casting', removable: false }],
  checks: [before('Dust off, cracks and seams filled'), after('Look at it in daylight')],
} as const;

/** The foot that splashes and damp reach, as a share of the height. From memory. */
const FOOT = 0.15;

const slab: Template = {
  ...CASTING,
  id: 'slab',
  name: 'Slab or slipway',
  parts: [...CASTING.parts],
  checks: [...CASTING.checks],
  size: { lengthMm: 160, widthMm: 80, heightMm: 8 },
  zones: [zone('face', 'Upper face', 'casting', MASONRY), zone('ends', 'Edges', 'casting', MASONRY)],
  features: [
    { zone: 'face', kind: 'crack', label: 'Crack', xShare: 0.4, yShare: 0.3 },
    { zone: 'face', kind: 'ring', label: 'Mooring ring', xShare: 0.8, yShare: 0.2 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => ({
    views: [
      {
        id: 'top',
        name: 'Top',
        widthMm: l,
        heightMm: w,
        patches: [patch('face', rect(0, 0, l, w), 1)],
        lines: [...posts(0, 0, l, w, 5), ...courses(0, 0, l, w, 3)],
      },
      { id: 'side', name: 'Side', widthMm: l, heightMm: h, patches: [patch('ends', rect(0, 0, l, h))], lines: [] },
      { id: 'end', name: 'End', widthMm: w, heightMm: h, patches: [patch('ends', rect(0, 0, w, h))], lines: [] },
    ],
    hidden: [],
  }),
};

const wall: Template = {
  ...CASTING,
  id: 'wall',
  name: 'Wall casting',
  parts: [...CASTING.parts],
  checks: [...CASTING.checks],
  size: { lengthMm: 180, widthMm: 14, heightMm: 70 },
  zones: [zone('face', 'Face', 'casting', MASONRY), zone('crown', 'Crown', 'casting', MASONRY), zone('base', 'Foot', 'casting', MASONRY)],
  features: [{ zone: 'face', kind: 'drain', label: 'Drain mouth', xShare: 0.3, yShare: 0.6 }],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const foot = h * (1 - FOOT);
    return {
      views: [
        {
          id: 'side',
          name: 'Front',
          widthMm: l,
          heightMm: h,
          patches: [patch('face', rect(0, 0, l, foot), 1), patch('base', rect(0, foot, l, h - foot), 1)],
          lines: courses(0, 0, l, h, 10),
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [shown('face', rect(0, 0, w, foot)), shown('base', rect(0, foot, w, h - foot))],
          lines: courses(0, 0, w, h, 10),
        },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('crown', rect(0, 0, l, w), 1)], lines: posts(0, 0, l, w, 9) },
      ],
      hidden: [],
    };
  },
};

const tower: Template = {
  ...CASTING,
  id: 'block-tower',
  name: 'Block-built store or tower',
  substrate: 'resin-pu',
  parts: [...CASTING.parts, { id: 'doors', name: 'Doors', removable: true }],
  checks: [...CASTING.checks, before('Resin washed')],
  size: { lengthMm: 70, widthMm: 60, heightMm: 90 },
  zones: [
    zone('face', 'Long walls', 'casting', MASONRY),
    zone('ends', 'Short walls', 'casting', MASONRY),
    zone('crown', 'Roof', 'casting', MASONRY),
    zone('base', 'Foot', 'casting', MASONRY),
    zone('doors', 'Doors', 'doors', PLANKED, { substrate: 'wood' }),
  ],
  features: [
    { zone: 'doors', kind: 'hinge', label: 'Door hinge', xShare: 0.1, yShare: 0.2 },
    { zone: 'face', kind: 'drip edge', label: 'Sill', xShare: 0.5, yShare: 0.4 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const foot = h * (1 - FOOT);
    return {
      views: [
        {
          id: 'side',
          name: 'Front',
          widthMm: l,
          heightMm: h,
          patches: [
            patch('face', rect(0, 0, l, foot)),
            patch('base', rect(0, foot, l, h - foot)),
            patch('doors', rect(l * 0.38, h * 0.62, l * 0.24, h * 0.38), 1),
          ],
          lines: courses(0, 0, l, h, 14),
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [patch('ends', rect(0, 0, w, foot)), patch('base', rect(0, foot, w, h - foot))],
          lines: courses(0, 0, w, h, 14),
        },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('crown', rect(0, 0, l, w), 1)], lines: [] },
      ],
      hidden: [],
    };
  },
};

const arch: Template = {
  ...CASTING,
  id: 'arch',
  name: 'Wall arch',
  parts: [...CASTING.parts],
  checks: [...CASTING.checks],
  size: { lengthMm: 90, widthMm: 24, heightMm: 80 },
  zones: [
    zone('face', 'Face', 'casting', MASONRY),
    zone('interior', 'Inside of the arch', 'casting', MASONRY, { seen: 'glimpsed' }),
    zone('crown', 'Crown', 'casting', MASONRY),
    zone('base', 'Foot', 'casting', MASONRY),
  ],
  features: [{ zone: 'face', kind: 'keystone', label: 'Keystone', xShare: 0.5, yShare: 0.25 }],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const foot = h * (1 - FOOT);
    const [left, span, rise, spring] = [l * 0.25, l * 0.5, l * 0.2, h * 0.3];
    const opening = arched(left, spring, span, h - spring, rise);
    // the face runs around the opening, down to the foot at both sides
    const head = opening.slice(0, 25);
    const face = [at(0, 0), at(l, 0), at(l, foot), at(left + span, foot), ...[...head].reverse(), at(left, foot), at(0, foot)];
    const inside = head.reduce((sum, p, i) => {
      const next = head[i + 1];
      return next ? sum + Math.hypot(next.xMm - p.xMm, next.yMm - p.yMm) : sum;
    }, 0);
    return {
      views: [
        {
          id: 'side',
          name: 'Front',
          widthMm: l,
          heightMm: h,
          patches: [
            patch('face', face, 1),
            shown('interior', opening),
            patch('base', rect(0, foot, left, h - foot), 1),
            patch('base', rect(left + span, foot, l - left - span, h - foot), 1),
          ],
          lines: [
            ...courses(0, 0, l, spring, 4),
            ...courses(0, spring, left, h - spring, 7),
            ...courses(left + span, spring, l - left - span, h - spring, 7),
          ],
        },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('crown', rect(0, 0, l, w), 1)], lines: posts(0, 0, l, w, 6) },
      ],
      hidden: [{ zoneId: 'interior', areaMm2: (inside + 2 * (h - spring - rise)) * w }],
    };
  },
};

const load: Template = {
  id: 'load',
  name: 'Wagon load',
  kind: 'load',
  substrate: 'foam-pir',
  startSheen: 'bare',
  handled: true,
  scaleRatio: 76,
  size: { lengthMm: 60, widthMm: 24, heightMm: 12 },
  parts: [{ id: 'former', name: 'Former', removable: true }],
  zones: [zone('load', 'Load', 'former', ROUGH, { of: 'load' }), zone('base', 'Underside', 'former', PLANKED, { seen: 'never' })],
  features: [],
  checks: [before('Former fits loosely, with room for the glue'), after('Lifts out again, or is fixed as wanted')],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const heap = [
      at(0, h),
      at(l * 0.06, h * 0.45),
      at(l * 0.3, h * 0.1),
      at(l * 0.55, 0),
      at(l * 0.8, h * 0.15),
      at(l * 0.95, h * 0.5),
      at(l, h),
    ];
    // the flanks fall by the height over half the width
    const slope = Math.hypot(w / 2, h) / (w / 2);
    return {
      views: [
        { id: 'side', name: 'Side', widthMm: l, heightMm: h, patches: [shown('load', heap)], lines: [] },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [shown('load', [at(0, h), at(w * 0.2, h * 0.3), at(w * 0.5, 0), at(w * 0.8, h * 0.3), at(w, h)])],
          lines: [],
        },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('load', rect(0, 0, l, w), 1, slope)], lines: [] },
      ],
      hidden: [{ zoneId: 'base', areaMm2: l * w }],
    };
  },
};

const rock: Template = {
  ...CASTING,
  kind: 'ground',
  id: 'rock',
  name: 'Rock face',
  parts: [...CASTING.parts],
  checks: [...CASTING.checks],
  size: { lengthMm: 200, widthMm: 40, heightMm: 120 },
  zones: [zone('face', 'Face', 'casting', ROUGH), zone('crown', 'Top', 'casting', ROUGH), zone('base', 'Foot and scree', 'casting', ROUGH)],
  features: [{ zone: 'face', kind: 'ledge', label: 'Ledge', xShare: 0.4, yShare: 0.45 }],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const foot = h * 0.82;
    const skyline = [
      at(0, h * 0.14),
      at(l * 0.18, h * 0.04),
      at(l * 0.36, h * 0.1),
      at(l * 0.55, 0),
      at(l * 0.78, h * 0.08),
      at(l, h * 0.02),
    ];
    const face = [...skyline, at(l, foot), at(0, foot)];
    return {
      views: [
        {
          id: 'side',
          name: 'Front',
          widthMm: l,
          heightMm: h,
          patches: [patch('face', face, 1), patch('base', rect(0, foot, l, h - foot), 1)],
          lines: [
            [at(l * 0.1, h * 0.3), at(l * 0.3, h * 0.4), at(l * 0.45, h * 0.36), at(l * 0.7, h * 0.5), at(l * 0.9, h * 0.44)],
            [at(l * 0.05, h * 0.6), at(l * 0.25, h * 0.55), at(l * 0.5, h * 0.7), at(l * 0.8, h * 0.66)],
          ],
        },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('crown', rect(0, 0, l, w), 1)], lines: [] },
      ],
      hidden: [],
    };
  },
};

const ground: Template = {
  ...CASTING,
  kind: 'ground',
  id: 'ground',
  name: 'Ground',
  substrate: 'foam-xps',
  parts: [{ id: 'ground', name: 'Ground', removable: false }],
  checks: [before('Seams filled, foam sealed')],
  size: { lengthMm: 200, widthMm: 150, heightMm: 20 },
  zones: [zone('base', 'Ground', 'ground', { ...ROUGH, reliefFactor: 1.2, of: 'earth' })],
  features: [],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const swell = [at(0, h * 0.6), at(l * 0.3, h * 0.2), at(l * 0.6, h * 0.4), at(l * 0.85, 0), at(l, h * 0.3), at(l, h), at(0, h)];
    return {
      views: [
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('base', rect(0, 0, l, w), 1)], lines: [] },
        { id: 'side', name: 'Side', widthMm: l, heightMm: h, patches: [shown('base', swell)], lines: [] },
      ],
      hidden: [],
    };
  },
};

export const STRUCTURES: readonly Template[] = [slab, wall, tower, arch, load, rock, ground];
