import { at, circle, courses, posts, rect } from '../shape/geometry.js';
import { GLAZING_PART, MACHINERY, PLANKED, SHEET, after, before, clean, patch, shown, zone } from './parts.js';
import type { Template } from './types.js';

const ROAD = { kind: 'vehicle', startSheen: 'matt', handled: false, scaleRatio: 76 } as const;

const lorry: Template = {
  ...ROAD,
  id: 'lorry',
  name: 'Lorry',
  substrate: 'resin-pu',
  size: { lengthMm: 80, widthMm: 30, heightMm: 36 },
  parts: [{ id: 'body', name: 'Body and cab', removable: false }, { id: 'chassis', name: 'Chassis', removable: false }, GLAZING_PART],
  zones: [
    zone('roof', 'Cab roof and bonnet', 'body', SHEET),
    zone('side-upper', 'Cab sides', 'body', SHEET),
    zone('side-lower', 'Bed sides', 'body', PLANKED),
    zone('ends', 'Front and tailboard', 'body', SHEET),
    zone('floor', 'Bed', 'body', PLANKED, { carries: true }),
    clean('glazing', 'Cab glazing', 'glazing', 'glazing', 'clear-plastic'),
    zone('underframe', 'Chassis and mudguards', 'chassis', MACHINERY),
    zone('wheels', 'Wheels', 'chassis', SHEET),
  ],
  features: [
    { zone: 'underframe', kind: 'mudguard', label: 'Front mudguard', xShare: 0.18, yShare: 0.2 },
    { zone: 'side-upper', kind: 'step', label: 'Cab step', xShare: 0.5, yShare: 1 },
    { zone: 'ends', kind: 'filler', label: 'Radiator cap', xShare: 0.5, yShare: 0.35 },
  ],
  checks: [before('Resin washed, seams filled'), before('Wheels turn or are fixed, as wanted'), after('Look at it in daylight')],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const [bed, frame, cab] = [h * 0.4, h * 0.68, l * 0.38];
    const radius = h * 0.16;
    const wheels = [0.18, 0.66, 0.82].map((share) => circle(l * share, h - radius, radius));
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [
            patch('side-upper', [
              at(l * 0.14, h * 0.04),
              at(cab, h * 0.04),
              at(cab, frame),
              at(0, frame),
              at(0, h * 0.36),
              at(l * 0.12, h * 0.32),
            ]),
            patch('glazing', rect(l * 0.19, h * 0.09, l * 0.14, h * 0.18)),
            patch('side-lower', rect(cab + 1, bed, l - cab - 1, frame - bed)),
            patch('underframe', rect(l * 0.02, frame, l * 0.96, h * 0.12)),
            // twin faces: tyre and hub
            ...wheels.map((outline) => patch('wheels', outline, 2, 1.6)),
          ],
          lines: courses(cab + 1, bed, l - cab - 1, frame - bed, 3),
        },
        {
          id: 'end',
          name: 'Front and rear',
          widthMm: w,
          heightMm: h,
          patches: [
            patch('ends', rect(w * 0.04, h * 0.04, w * 0.92, frame - h * 0.04)),
            patch('glazing', rect(w * 0.14, h * 0.09, w * 0.72, h * 0.17), 1),
            shown('wheels', rect(w * 0.06, h - 2 * radius, w * 0.16, 2 * radius)),
            shown('wheels', rect(w * 0.78, h - 2 * radius, w * 0.16, 2 * radius)),
          ],
          lines: posts(w * 0.3, h * 0.38, w * 0.4, h * 0.26, 6),
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [patch('roof', rect(0, w * 0.04, cab, w * 0.92), 1), patch('floor', rect(cab + 1, 0, l - cab - 1, w), 1)],
          lines: posts(cab + 1, 0, l - cab - 1, w, 9),
        },
      ],
      hidden: [
        { zoneId: 'underframe', areaMm2: l * w },
        { zoneId: 'floor', areaMm2: 2 * (l - cab - 1 + w) * (frame - bed) },
      ],
    };
  },
};

const tracked: Template = {
  ...ROAD,
  id: 'tracked',
  name: 'Tracked vehicle',
  substrate: 'polystyrene',
  size: { lengthMm: 84, widthMm: 38, heightMm: 34 },
  parts: [
    { id: 'body', name: 'Hull', removable: false },
    { id: 'chassis', name: 'Running gear', removable: true },
  ],
  zones: [
    zone('roof', 'Deck', 'body', SHEET),
    zone('side-upper', 'Sides, upper', 'body', SHEET),
    zone('ends', 'Front and rear', 'body', SHEET),
    zone('running-gear', 'Tracks', 'chassis', MACHINERY),
    zone('wheels', 'Road wheels', 'chassis', SHEET),
    zone('underframe', 'Hull, between the tracks', 'body', MACHINERY, { seen: 'glimpsed' }),
  ],
  features: [
    { zone: 'roof', kind: 'hatch', label: 'Hatch', xShare: 0.4, yShare: 0.5 },
    { zone: 'side-upper', kind: 'exhaust', label: 'Exhaust', xShare: 0.85, yShare: 0.4 },
    { zone: 'roof', kind: 'intake', label: 'Engine grille', xShare: 0.8, yShare: 0.5 },
  ],
  checks: [before('Tracks fit, wheels in line'), after('Look at it in daylight')],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const skirt = h * 0.5;
    const gearHeight = h - skirt;
    const radius = gearHeight * 0.3;
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [
            patch('side-upper', [at(l * 0.1, 0), at(l * 0.9, 0), at(l, skirt), at(0, skirt)]),
            // outer, upper and lower run of the track
            patch(
              'running-gear',
              [
                at(l * 0.06, skirt),
                at(l * 0.94, skirt),
                at(l, skirt + gearHeight / 2),
                at(l * 0.9, h),
                at(l * 0.1, h),
                at(0, skirt + gearHeight / 2),
              ],
              2,
              1.5,
            ),
            ...[0.2, 0.35, 0.5, 0.65, 0.8].map((share) => patch('wheels', circle(l * share, h - radius * 1.25, radius))),
          ],
          lines: [],
        },
        {
          id: 'end',
          name: 'Front and rear',
          widthMm: w,
          heightMm: h,
          patches: [
            patch('ends', rect(w * 0.08, 0, w * 0.84, skirt)),
            shown('running-gear', rect(0, skirt, w * 0.24, gearHeight)),
            shown('running-gear', rect(w * 0.76, skirt, w * 0.24, gearHeight)),
            patch('underframe', rect(w * 0.24, skirt, w * 0.52, gearHeight * 0.6)),
          ],
          lines: [],
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [patch('roof', rect(0, w * 0.08, l, w * 0.84), 1)],
          lines: posts(l * 0.6, w * 0.2, l * 0.3, w * 0.6, 7),
        },
      ],
      hidden: [{ zoneId: 'underframe', areaMm2: l * w * 0.52 }],
    };
  },
};

export const ROAD_VEHICLES: readonly Template[] = [lorry, tracked];
