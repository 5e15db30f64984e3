import { arched, at, circle, courses, posts, rect } from '../shape/geometry.js';
import { GLAZING_PART, PLANKED, RAIL_PARTS, RUNNING_ZONES, SHEET, clean, patch, runningGear, shown, zone } from './parts.js';
import { RAIL, ROOF_STRETCH, TWO_AXLES } from './rail.js';
import type { Template } from './types.js';

const van: Template = {
  ...RAIL,
  id: 'van',
  parts: [...RAIL_PARTS, GLAZING_PART],
  name: 'Covered van',
  substrate: 'polystyrene',
  size: { lengthMm: 74, widthMm: 30, heightMm: 46 },
  zones: [
    zone('roof', 'Roof', 'body', SHEET),
    zone('side-upper', 'Side, upper', 'body', PLANKED),
    zone('side-lower', 'Side, lower', 'body', PLANKED),
    zone('ends', 'Ends', 'body', PLANKED),
    clean('glazing', 'Lookout glazing', 'glazing', 'glazing', 'clear-plastic'),
    ...RUNNING_ZONES,
  ],
  features: [
    { zone: 'side-upper', kind: 'hinge', label: 'Door hinge, left', xShare: 0.36, yShare: 0.4 },
    { zone: 'side-upper', kind: 'hinge', label: 'Door hinge, right', xShare: 0.64, yShare: 0.4 },
    { zone: 'roof', kind: 'drip edge', label: 'Roof edge', xShare: 0.5, yShare: 1 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const [eaves, waist, floor] = [h * 0.08, h * 0.38, h * 0.68];
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: TWO_AXLES });
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [
            shown('roof', rect(0, 0, l, eaves)),
            patch('side-upper', rect(0, eaves, l, waist - eaves)),
            patch('side-lower', rect(0, waist, l, floor - waist)),
            ...gear.patches,
          ],
          lines: [
            ...courses(0, eaves, l, floor - eaves, 9),
            [at(l * 0.36, floor), at(l * 0.36, eaves + 1), at(l * 0.64, eaves + 1), at(l * 0.64, floor)],
            [at(l * 0.5, eaves + 1), at(l * 0.5, floor)],
            ...gear.lines,
          ],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [
            patch('ends', arched(0, 0, w, floor, eaves)),
            patch('glazing', rect(w * 0.42, h * 0.16, w * 0.16, w * 0.16), 1),
            ...gear.endPatches,
          ],
          lines: courses(0, eaves, w, floor - eaves, 9),
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [patch('roof', rect(0, 0, l, w), 1, ROOF_STRETCH)],
          lines: posts(0, 0, l, w, 4),
        },
      ],
      hidden: gear.hidden,
    };
  },
};

const openWagon: Template = {
  ...RAIL,
  id: 'open-wagon',
  name: 'Open wagon',
  substrate: 'polystyrene',
  size: { lengthMm: 66, widthMm: 28, heightMm: 28 },
  zones: [
    zone('side-upper', 'Side, upper', 'body', PLANKED),
    zone('side-lower', 'Side, lower', 'body', PLANKED),
    zone('ends', 'Ends', 'body', PLANKED),
    zone('interior', 'Interior', 'body', PLANKED, { carries: true }),
    ...RUNNING_ZONES,
  ],
  features: [
    { zone: 'side-lower', kind: 'hinge', label: 'Door hinge, left', xShare: 0.4, yShare: 0.7 },
    { zone: 'side-lower', kind: 'hinge', label: 'Door hinge, right', xShare: 0.6, yShare: 0.7 },
    { zone: 'side-upper', kind: 'edge', label: 'Top edge', xShare: 0.5, yShare: 0 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const floor = h * 0.52;
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: TWO_AXLES });
    const door = [at(l * 0.38, floor), at(l * 0.38, 0), at(l * 0.62, 0), at(l * 0.62, floor)];
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [patch('side-upper', rect(0, 0, l, floor / 2)), patch('side-lower', rect(0, floor / 2, l, floor / 2)), ...gear.patches],
          lines: [...courses(0, 0, l, floor, 5), door, ...gear.lines],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [patch('ends', rect(0, 0, w, floor)), ...gear.endPatches],
          lines: courses(0, 0, w, floor, 5),
        },
        {
          id: 'top',
          name: 'Top, inside',
          widthMm: l,
          heightMm: w,
          patches: [patch('interior', rect(0, 0, l, w), 1)],
          lines: posts(0, 0, l, w, 8),
        },
      ],
      // the inner faces of the sides and ends
      hidden: [...gear.hidden, { zoneId: 'interior', areaMm2: 2 * (l + w) * floor }],
    };
  },
};

const flat: Template = {
  ...RAIL,
  id: 'flat',
  name: 'Flat wagon',
  substrate: 'polystyrene',
  size: { lengthMm: 90, widthMm: 30, heightMm: 18 },
  zones: [
    zone('floor', 'Deck', 'body', PLANKED, { carries: true }),
    zone('side-lower', 'Side beams', 'body', SHEET),
    zone('ends', 'Ends', 'body', SHEET),
    ...RUNNING_ZONES,
  ],
  features: [{ zone: 'floor', kind: 'ring', label: 'Lashing ring', xShare: 0.1, yShare: 0.05 }],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const floor = h * 0.25;
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: TWO_AXLES });
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [patch('side-lower', rect(0, 0, l, floor)), ...gear.patches],
          lines: [...posts(0, 0, l, floor, 7), ...gear.lines],
        },
        { id: 'end', name: 'End', widthMm: w, heightMm: h, patches: [patch('ends', rect(0, 0, w, floor)), ...gear.endPatches], lines: [] },
        { id: 'top', name: 'Top', widthMm: l, heightMm: w, patches: [patch('floor', rect(0, 0, l, w), 1)], lines: posts(0, 0, l, w, 16) },
      ],
      hidden: gear.hidden,
    };
  },
};

/** A quarter of a barrel is π/2 times as large as it looks from the side. */
const BARREL_STRETCH = Math.PI / 2;

const tank: Template = {
  ...RAIL,
  id: 'tank',
  name: 'Tank wagon',
  substrate: 'polystyrene',
  size: { lengthMm: 80, widthMm: 28, heightMm: 46 },
  zones: [
    zone('side-upper', 'Barrel, upper half', 'body', SHEET),
    zone('side-lower', 'Barrel, lower half', 'body', SHEET),
    zone('ends', 'Barrel ends', 'body', SHEET),
    ...RUNNING_ZONES,
  ],
  features: [
    { zone: 'side-upper', kind: 'hatch', label: 'Filling hatch', xShare: 0.5, yShare: 0 },
    { zone: 'side-lower', kind: 'valve', label: 'Drain valve', xShare: 0.5, yShare: 1 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const diameter = Math.min(w * 0.92, h * 0.64);
    const [left, top] = [l * 0.06, h * 0.66 - diameter];
    const barrel = l - 2 * left;
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: h * 0.68, heightMm: h, axles: TWO_AXLES });
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [
            patch('side-upper', rect(left, top, barrel, diameter / 2), 2, BARREL_STRETCH),
            patch('side-lower', rect(left, top + diameter / 2, barrel, diameter / 2), 2, BARREL_STRETCH),
            ...gear.patches,
          ],
          lines: [...posts(left, top, barrel, diameter, 4), ...gear.lines],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [patch('ends', circle(w / 2, top + diameter / 2, diameter / 2)), ...gear.endPatches],
          lines: [],
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [shown('side-upper', rect(left, (w - diameter) / 2, barrel, diameter))],
          lines: posts(left, (w - diameter) / 2, barrel, diameter, 4),
        },
      ],
      hidden: gear.hidden,
    };
  },
};

const hopper: Template = {
  ...RAIL,
  id: 'hopper',
  name: 'Hopper wagon',
  substrate: 'polystyrene',
  size: { lengthMm: 76, widthMm: 30, heightMm: 44 },
  zones: [
    zone('side-upper', 'Side, upper', 'body', SHEET),
    zone('side-lower', 'Side, lower, sloping in', 'body', SHEET),
    zone('ends', 'Ends', 'body', SHEET),
    zone('interior', 'Interior', 'body', SHEET, { carries: true }),
    ...RUNNING_ZONES,
  ],
  features: [
    { zone: 'side-upper', kind: 'rib', label: 'Rib, left', xShare: 0.25, yShare: 0.5 },
    { zone: 'side-lower', kind: 'hatch', label: 'Discharge door', xShare: 0.5, yShare: 1 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const [knee, floor] = [h * 0.38, h * 0.68];
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: TWO_AXLES });
    const foot = (across: number) => [at(0, knee), at(across, knee), at(across * 0.75, floor), at(across * 0.25, floor)];
    // the slope runs in by a quarter of the width while it falls
    const slope = Math.hypot(floor - knee, w * 0.25) / (floor - knee);
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [patch('side-upper', rect(0, 0, l, knee)), patch('side-lower', foot(l), 2, slope), ...gear.patches],
          lines: [...posts(0, 0, l, knee, 7), ...gear.lines],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [patch('ends', rect(0, 0, w, knee)), patch('ends', foot(w)), ...gear.endPatches],
          lines: posts(0, 0, w, knee, 3),
        },
        {
          id: 'top',
          name: 'Top, inside',
          widthMm: l,
          heightMm: w,
          patches: [patch('interior', rect(0, 0, l, w), 1, slope)],
          lines: posts(0, 0, l, w, 3),
        },
      ],
      hidden: [...gear.hidden, { zoneId: 'interior', areaMm2: 2 * (l + w) * knee }],
    };
  },
};

export const WAGONS: readonly Template[] = [van, openWagon, flat, tank, hopper];
