import { arched, at, posts, rect } from '../shape/geometry.js';
import {
  GLAZING_PART,
  MACHINERY,
  PLANKED,
  RAIL_CHECKS,
  RAIL_PARTS,
  RUNNING_ZONES,
  SHEET,
  after,
  before,
  clean,
  patch,
  runningGear,
  shown,
  zone,
} from './parts.js';
import { BOGIES, RAIL, ROOF_STRETCH } from './rail.js';
import type { Template } from './types.js';

const coach: Template = {
  ...RAIL,
  id: 'coach',
  parts: [...RAIL_PARTS, GLAZING_PART],
  name: 'Coach',
  substrate: 'polystyrene',
  size: { lengthMm: 140, widthMm: 32, heightMm: 48 },
  zones: [
    zone('roof', 'Roof', 'body', SHEET),
    zone('side-upper', 'Side, window band', 'body', SHEET),
    zone('side-lower', 'Side, below the windows', 'body', PLANKED, { of: 'steel' }),
    zone('ends', 'Ends', 'body', SHEET),
    clean('glazing', 'Windows', 'glazing', 'glazing', 'clear-plastic'),
    ...RUNNING_ZONES,
  ],
  features: [
    { zone: 'roof', kind: 'vent', label: 'Roof vent', xShare: 0.25, yShare: 0.5 },
    { zone: 'roof', kind: 'drip edge', label: 'Rain strip', xShare: 0.5, yShare: 1 },
    { zone: 'side-lower', kind: 'step', label: 'Footboard', xShare: 0.1, yShare: 1 },
  ],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const [eaves, waist, floor] = [h * 0.12, h * 0.42, h * 0.72];
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: BOGIES });
    const panes = Array.from({ length: 7 }, (_, i) => rect(l * (0.06 + i * 0.128), eaves + h * 0.05, l * 0.09, waist - eaves - h * 0.09));
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
            ...panes.map((outline) => patch('glazing', outline)),
            patch('side-lower', rect(0, waist, l, floor - waist)),
            ...gear.patches,
          ],
          lines: [...posts(0, eaves, l, floor - eaves, 8), ...gear.lines],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [patch('ends', arched(0, 0, w, floor, eaves)), ...gear.endPatches],
          lines: [],
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [patch('roof', rect(0, 0, l, w), 1, ROOF_STRETCH)],
          lines: posts(0, 0, l, w, 6),
        },
      ],
      hidden: gear.hidden,
    };
  },
};

const locomotive: Template = {
  ...RAIL,
  id: 'locomotive',
  parts: [...RAIL_PARTS, GLAZING_PART],
  name: 'Locomotive, bonnet and cab',
  substrate: 'abs',
  size: { lengthMm: 96, widthMm: 32, heightMm: 48 },
  zones: [
    zone('roof', 'Cab roof and bonnet top', 'body', SHEET),
    zone('side-upper', 'Cab sides', 'body', SHEET),
    zone('side-lower', 'Bonnet sides', 'body', SHEET),
    zone('ends', 'Ends', 'body', SHEET),
    zone('floor', 'Footplate', 'body', SHEET),
    clean('glazing', 'Cab windows', 'glazing', 'glazing', 'clear-plastic'),
    zone('underframe', 'Frame and steps', 'underframe', MACHINERY),
    zone('wheels', 'Wheels', 'wheelsets', SHEET),
    clean('wheel-treads', 'Wheel treads', 'wheelsets', 'wheel-treads', 'brass'),
    clean('pick-ups', 'Current pick-ups', 'underframe', 'pick-ups', 'brass'),
  ],
  features: [
    { zone: 'roof', kind: 'exhaust', label: 'Exhaust', xShare: 0.3, yShare: 0.5 },
    { zone: 'side-lower', kind: 'intake', label: 'Air intake', xShare: 0.15, yShare: 0.35 },
    { zone: 'underframe', kind: 'stair tread', label: 'Cab step', xShare: 0.8, yShare: 0.8 },
    { zone: 'side-upper', kind: 'handrail', label: 'Cab handrail', xShare: 0.1, yShare: 0.6 },
  ],
  checks: [...RAIL_CHECKS, before('Lamps fitted, holes drilled'), after('Current flows: pick-ups and the backs of the wheels clean')],
  shape: ({ lengthMm: l, widthMm: w, heightMm: h }) => {
    const [bonnet, floor, cab] = [h * 0.26, h * 0.66, l * 0.6];
    const gear = runningGear({ lengthMm: l, widthMm: w, frameTopMm: floor, heightMm: h, axles: [0.2, 0.5, 0.8] });
    const pane = rect(cab + l * 0.08, h * 0.1, l * 0.2, h * 0.18);
    const frontPane = (x: number) => rect(x, h * 0.1, w * 0.24, h * 0.16);
    return {
      views: [
        {
          id: 'side',
          name: 'Side',
          widthMm: l,
          heightMm: h,
          patches: [
            shown('roof', rect(cab - l * 0.02, 0, l * 0.4, h * 0.05)),
            patch('side-upper', rect(cab, h * 0.05, l * 0.36, floor - h * 0.05)),
            patch('glazing', pane),
            patch('side-lower', rect(l * 0.04, bonnet, cab - l * 0.04, floor - bonnet)),
            ...gear.patches,
          ],
          lines: [...posts(l * 0.04, bonnet, cab - l * 0.04, floor - bonnet, 5), ...gear.lines],
        },
        {
          id: 'end',
          name: 'End',
          widthMm: w,
          heightMm: h,
          patches: [
            patch('ends', arched(w * 0.04, 0, w * 0.92, floor, h * 0.05)),
            patch('glazing', frontPane(w * 0.16)),
            patch('glazing', frontPane(w * 0.6)),
            ...gear.endPatches,
          ],
          lines: [[at(w * 0.2, floor), at(w * 0.2, bonnet), at(w * 0.8, bonnet), at(w * 0.8, floor)]],
        },
        {
          id: 'top',
          name: 'Top',
          widthMm: l,
          heightMm: w,
          patches: [
            patch('floor', rect(0, 0, l, w * 0.2), 1),
            patch('floor', rect(0, w * 0.8, cab, w * 0.2), 1),
            patch('roof', rect(l * 0.04, w * 0.2, cab - l * 0.04, w * 0.6), 1),
            patch('roof', rect(cab, 0, l * 0.4, w), 1, ROOF_STRETCH),
          ],
          lines: [],
        },
      ],
      hidden: [...gear.hidden, { zoneId: 'pick-ups', areaMm2: 60 }],
    };
  },
};

export const COACHES_AND_ENGINES: readonly Template[] = [coach, locomotive];
