import type { Check, KeepClean, Part, Piece, PieceKind, Zone } from './piece.js';
import type { SubstrateId } from './substrates.js';

export interface Size {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
}

interface ZonePlan {
  id: string;
  name: string;
  part: string;
  /** Share of length × height, width × height, length × width that the zone covers. */
  area: (s: Size) => number;
  substrate?: SubstrateId;
  keepClean?: KeepClean;
  seen?: Zone['seen'];
}

/** A shape to start a piece from: its parts, its zones with areas from three outer dimensions, its checklists. */
export interface Template {
  id: string;
  name: string;
  kind: PieceKind;
  substrate: SubstrateId;
  startSheen: Zone['startSheen'];
  handled: boolean;
  /** Outer dimensions of the model to start with. */
  size: Size;
  parts: Part[];
  zones: ZonePlan[];
  checks: Omit<Check, 'id' | 'done'>[];
}

const before = (text: string) => ({ when: 'before' as const, text });
const after = (text: string) => ({ when: 'after' as const, text });
const side = (share: number) => (s: Size) => 2 * share * s.lengthMm * s.heightMm;
const ends = (s: Size) => 2 * s.widthMm * s.heightMm;
const top = (s: Size) => s.lengthMm * s.widthMm;

const VEHICLE_ZONES: ZonePlan[] = [
  { id: 'side-upper', name: 'Side, upper', part: 'body', area: side(0.5) },
  { id: 'side-lower', name: 'Side, lower', part: 'body', area: side(0.5) },
  { id: 'ends', name: 'Ends', part: 'body', area: ends },
];

const WAGON_PARTS: Part[] = [
  { id: 'body', name: 'Body', removable: false },
  { id: 'underframe', name: 'Underframe', removable: false },
  { id: 'wheelsets', name: 'Wheelsets', removable: true },
];

const WAGON_CHECKS = [before('Coupler height and wheel gauge right, runs freely'), after('Wheel treads clean, runs freely')];

const RUNNING: ZonePlan[] = [
  { id: 'underframe', name: 'Underframe', part: 'underframe', area: (s) => s.lengthMm * s.widthMm * 1.2 },
  { id: 'wheels', name: 'Wheels', part: 'wheelsets', area: () => 1200 },
  { id: 'wheel-treads', name: 'Wheel treads', part: 'wheelsets', area: () => 300, keepClean: 'wheel-treads', substrate: 'brass' },
];

/** Areas are those of plain boxes; a relief factor comes with the drawn templates. */
export const TEMPLATES: readonly Template[] = [
  {
    id: 'van',
    name: 'Covered van',
    kind: 'rolling-stock',
    substrate: 'polystyrene',
    startSheen: 'gloss',
    handled: true,
    size: { lengthMm: 74, widthMm: 30, heightMm: 32 },
    parts: WAGON_PARTS,
    zones: [
      { id: 'roof', name: 'Roof', part: 'body', area: (s) => top(s) * 1.1 },
      ...VEHICLE_ZONES,
      { id: 'glazing', name: 'Lookout glazing', part: 'body', area: () => 40, keepClean: 'glazing', substrate: 'clear-plastic' },
      ...RUNNING,
    ],
    checks: WAGON_CHECKS,
  },
  {
    id: 'open-wagon',
    name: 'Open wagon',
    kind: 'rolling-stock',
    substrate: 'polystyrene',
    startSheen: 'gloss',
    handled: true,
    size: { lengthMm: 66, widthMm: 28, heightMm: 16 },
    parts: WAGON_PARTS,
    zones: [...VEHICLE_ZONES, { id: 'interior', name: 'Interior', part: 'body', area: (s) => top(s) + side(1)(s) + ends(s) }, ...RUNNING],
    checks: WAGON_CHECKS,
  },
  {
    id: 'lorry',
    name: 'Lorry',
    kind: 'vehicle',
    substrate: 'resin-pu',
    startSheen: 'matt',
    handled: false,
    size: { lengthMm: 80, widthMm: 30, heightMm: 34 },
    parts: [
      { id: 'body', name: 'Body and cab', removable: false },
      { id: 'chassis', name: 'Chassis', removable: false },
    ],
    zones: [
      { id: 'roof', name: 'Roof', part: 'body', area: top },
      ...VEHICLE_ZONES,
      { id: 'glazing', name: 'Cab glazing', part: 'body', area: () => 200, keepClean: 'glazing', substrate: 'clear-plastic' },
      { id: 'underframe', name: 'Chassis', part: 'chassis', area: (s) => top(s) * 1.2 },
      { id: 'wheels', name: 'Wheels', part: 'chassis', area: () => 2400 },
    ],
    checks: [],
  },
  {
    id: 'wall',
    name: 'Wall casting',
    kind: 'structure',
    substrate: 'plaster',
    startSheen: 'bare',
    handled: false,
    size: { lengthMm: 180, widthMm: 14, heightMm: 70 },
    parts: [{ id: 'casting', name: 'Casting', removable: false }],
    zones: [
      { id: 'face', name: 'Face', part: 'casting', area: (s) => s.lengthMm * s.heightMm * 0.85 },
      { id: 'crown', name: 'Crown', part: 'casting', area: top },
      { id: 'base', name: 'Foot', part: 'casting', area: (s) => s.lengthMm * s.heightMm * 0.15 },
    ],
    checks: [before('Dust off, cracks and seams filled'), after('Look at it in daylight')],
  },
  {
    id: 'load',
    name: 'Wagon load',
    kind: 'load',
    substrate: 'foam-pir',
    startSheen: 'bare',
    handled: true,
    size: { lengthMm: 60, widthMm: 24, heightMm: 12 },
    parts: [{ id: 'former', name: 'Former', removable: true }],
    zones: [{ id: 'load', name: 'Load', part: 'former', area: (s) => top(s) * 1.4 }],
    checks: [before('Former fits loosely, with room for the glue')],
  },
  {
    id: 'ground',
    name: 'Ground',
    kind: 'ground',
    substrate: 'foam-xps',
    startSheen: 'bare',
    handled: false,
    size: { lengthMm: 200, widthMm: 150, heightMm: 20 },
    parts: [{ id: 'ground', name: 'Ground', removable: false }],
    zones: [{ id: 'base', name: 'Ground', part: 'ground', area: (s) => top(s) * 1.2 }],
    checks: [],
  },
];

export function templateById(id: string): Template {
  const found = TEMPLATES.find((t) => t.id === id);
  if (!found) throw new RangeError(`template '${id}' is not known`);
  return found;
}

/** Scribed plank or course of the smaller scales, µm. From memory. */
const USUAL_RELIEF = { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 };

/** A bare piece from a template. Ids are the template's own, so the same template gives the same piece. */
export function pieceFromTemplate(
  template: Template,
  given: { id: string; name: string; scaleRatio: number; size?: Size; substrate?: SubstrateId },
): Piece {
  const size = given.size ?? template.size;
  return {
    id: given.id,
    name: given.name,
    kind: template.kind,
    template: template.id,
    scaleRatio: given.scaleRatio,
    handled: template.handled,
    sheenWanted: 'matt',
    doneBy: null,
    note: '',
    parts: template.parts.map((part) => ({ ...part })),
    zones: template.zones.map((zone) => ({
      id: zone.id,
      partId: zone.part,
      name: zone.name,
      substrate: zone.substrate ?? given.substrate ?? template.substrate,
      startSheen: zone.keepClean ? 'bare' : template.startSheen,
      areaMm2: Math.round(zone.area(size)),
      down: 'down',
      relief: { ...USUAL_RELIEF },
      seen: zone.seen ?? 'yes',
      keepClean: zone.keepClean ?? null,
    })),
    features: [],
    members: [],
    pictures: [],
    checks: template.checks.map((check, i) => ({ id: `check-${String(i + 1)}`, ...check, done: false })),
    groups: [],
    steps: [],
  };
}
