import { CATALOGUE } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import { formatNumber } from '../units/index.js';
import { freeMm2 } from './free-ground.js';
import { GROWTH, PLANT, grassGPerM2 } from './growth.js';
import { placesOfPlants } from './places.js';
import type { Growth, Planting, Plants } from './planting.js';

/** Laid again where the ground still shows dark: about a third of it (our number). */
const AGAIN_SHARE = 0.35;
/** White glue below grass is hard the next morning: loose fibres are taken off then (common practice; the hours are ours). */
const OVERNIGHT_MIN = 480;
/** To find the holes by the plan and to drill one (our numbers). */
const [HOLES_MIN, HOLE_MIN] = [3, 0.5];
/** A drop of white glue at each foot, mL (our number). */
const DROP_ML = 0.1;
/** Each green of a moss is so much lighter than the one before, as a share of the way to white (our number). */
const LIGHTER = 0.16;

const MM2_PER_M2 = 1e6;

type Laid = Pick<Step, 'technique'> & Partial<Step>;

/** What a planting is planted on: a zone, and how large it is. */
export interface PlantedZone {
  id: string;
  areaMm2: number;
}

/** As sharp as anybody measures: three figures. */
const sharp = (value: number): number => Number(value.toPrecision(3));

/** Lighter by so many turns, #rrggbb. */
const lighter = (hex: string, turns: number): string =>
  `#${[1, 3, 5]
    .map((i) => parseInt(hex.slice(i, i + 2), 16))
    .map((part) => Math.round(255 - (255 - part) * (1 - LIGHTER) ** turns))
    .map((part) => part.toString(16).padStart(2, '0'))
    .join('')}`;

/** Glue, and what is scattered into it: moss in several greens into the same glue, the rest again where it is thin. */
function stepsOfGrowth(growth: Growth, areaMm2: number, coverOf: (mm2: number) => number): Laid[] {
  const { kind, rounds, fibreMm, name } = growth;
  const material = CATALOGUE.material(GROWTH[kind].material);
  const colour = growth.colour ?? material.colour;
  const mlOf = (mm2: number): number | null =>
    fibreMm === null ? null : sharp(((mm2 / MM2_PER_M2) * grassGPerM2(fibreMm)) / material.densityGPerMl);
  const length = fibreMm === null ? '' : `, ${formatNumber(fibreMm)} mm`;
  const glue = (mm2: number, note: string): Laid => ({ technique: 'glue', material: 'white-glue', coverPct: coverOf(mm2), note });
  const scatter = (mm2: number, hue: string | null, note: string): Laid => ({
    ...{ technique: 'scatter', material: material.id, colour: hue, coverPct: coverOf(mm2), amountMl: mlOf(mm2) },
    note,
  });
  if (kind === 'moss')
    return [
      glue(areaMm2, 'In spots, where water stays'),
      ...Array.from({ length: rounds }, (_, i) =>
        scatter(areaMm2 / rounds, colour && lighter(colour, i), i === 0 ? name : `${name}, a lighter green into the wet`),
      ),
    ];
  return Array.from({ length: rounds }, (_, i) => {
    const mm2 = i === 0 ? areaMm2 : areaMm2 * AGAIN_SHARE;
    return [
      glue(mm2, i === 0 ? name : 'Only where it still shows dark'),
      scatter(mm2, colour, i === 0 ? `${name}${length}` : `${name}${length}, once more on the dark patches`),
    ];
  }).flat();
}

/** Holes first, before anything soft lies there. */
function holes(plants: readonly Plants[], standing: ReadonlyMap<string, number>): Laid[] {
  const sized = plants.flatMap(({ id, plant, name }) => {
    const [count, { holeMm }] = [standing.get(id) ?? 0, PLANT[plant]];
    return holeMm === null || count === 0
      ? []
      : [{ count, words: `${String(count)} of ${formatNumber(holeMm)} mm for ${name.toLowerCase()}` }];
  });
  const count = sized.reduce((sum, one) => sum + one.count, 0);
  if (count === 0) return [];
  const words = sized.map((one) => one.words).join(', ');
  return [{ technique: 'pin', handsOnMin: HOLES_MIN + HOLE_MIN * count, note: `Holes by the plan: ${words}` }];
}

/** Tufts and bushes are bought and counted one by one. */
const TUFTS = CATALOGUE.material('tufts');

/** Each sort of plant: tufts as they are, what has a trunk with a drop of glue at its foot. */
function stepOfPlants(
  { id, plant, name }: Plants,
  standing: readonly { plantsId: string; acrossMm: number }[],
  coverOf: (mm2: number) => number,
): Laid[] {
  const own = standing.filter((one) => one.plantsId === id);
  if (own.length === 0) return [];
  const { holeMm, minutesEach } = PLANT[plant];
  const mm2 = own.reduce((sum, { acrossMm }) => sum + (Math.PI / 4) * acrossMm ** 2, 0);
  const what =
    plant === 'tree'
      ? { material: 'white-glue', amountMl: DROP_ML * own.length }
      : { material: TUFTS.id, amountMl: (TUFTS.eachMl ?? 0) * own.length };
  return [
    {
      ...what,
      ...{ technique: 'plant', coverPct: coverOf(mm2), handsOnMin: Math.max(1, minutesEach * own.length) },
      note: `${String(own.length)} ${name.toLowerCase()}${holeMm === null ? ', each in a drop of glue' : ', into their holes'}, by the plan`,
    },
  ];
}

/**
 * The steps that plant a zone: holes, then one growth after the other from the lowest to the longest, glue first each time; loose fibres off the next morning; what stands by
 * itself last. Nothing is brushed over it afterwards (common practice).
 */
export function stepsOfPlanting(planting: Planting, zone: PlantedZone): Step[] {
  const free = freeMm2(planting);
  const { standing } = placesOfPlants(planting);
  const counts = new Map(planting.plants.map(({ id }) => [id, standing.filter((one) => one.plantsId === id).length]));
  const coverOf = (mm2: number): number => sharp(Math.min(100, Math.max(0.1, (100 * mm2) / zone.areaMm2)));
  const growths = planting.growths
    .filter(({ sharePct }) => sharePct > 0)
    .toSorted((a, b) => GROWTH[a.kind].turn - GROWTH[b.kind].turn || (a.fibreMm ?? 0) - (b.fibreMm ?? 0));
  const laid: Laid[] = [
    ...holes(planting.plants, counts),
    ...growths.flatMap((growth) => stepsOfGrowth(growth, (free * growth.sharePct) / 100, coverOf)),
    ...(growths.some(({ kind }) => kind === 'grass')
      ? [
          {
            technique: 'inspect',
            waitMin: OVERNIGHT_MIN,
            gate: 'Turned over and tapped; loose fibres sucked off through a stocking, and kept',
          },
        ]
      : []),
    ...planting.plants.toSorted((a, b) => a.heightMm - b.heightMm).flatMap((plants) => stepOfPlants(plants, standing, coverOf)),
  ];
  return laid.map((step, i) => plainStep({ zones: [zone.id], ...step, id: `g${String(i + 1)}` }));
}

/** White glue between boards dries from the edges alone: a day (common practice). */
const BETWEEN_BOARDS_MIN = 24 * 60;
/** Seams, of all that is seen, % (our number). */
const SEAMS_PCT = 10;

/** A face of boards is made before anything grows on it (common practice); it is painted between the two. */
function stepsOfBoards(boards: number): Laid[] {
  return [
    { technique: 'prep-mechanical', note: 'Foil and paper off both sides of each board' },
    {
      technique: 'laminate',
      material: 'white-glue',
      coats: Math.max(1, boards - 1),
      note: `${String(boards)} boards; then under weights, flat`,
    },
    { technique: 'inspect', waitMin: BETWEEN_BOARDS_MIN, gate: 'Hard at the edges, where it dries first; nothing slides' },
    { technique: 'carve', note: 'Along the strata; with a dust mask' },
    { technique: 'fill', material: 'filler-acrylic', coverPct: SEAMS_PCT, note: 'Seams between the boards' },
  ];
}

/** How high a ground is drawn, and how deep a face; nothing is reckoned from it, mm (our number). */
const DEPTH_MM = 20;

/** A planting as a piece of its own. */
export function pieceOfPlanting(planting: Planting, id: string): Piece {
  const { lengthMm, widthMm, stance, boards, name, scaleRatio, note } = planting;
  const isFace = stance === 'face';
  const bare = pieceFromTemplate(templateById(isFace ? 'rock' : 'ground'), {
    ...{ id, name, scaleRatio },
    size: isFace ? { lengthMm, widthMm: DEPTH_MM, heightMm: widthMm } : { lengthMm, widthMm, heightMm: DEPTH_MM },
  });
  const zone = bare.zones.find((one) => one.id === (isFace ? 'face' : 'base'));
  if (!zone) throw new Error('the kinds of ground have a zone to plant on');
  const made = isFace && boards !== null ? stepsOfBoards(boards) : [];
  const before = made.map((step, i) => plainStep({ zones: [zone.id], ...step, id: `b${String(i + 1)}` }));
  return { ...bare, note, steps: [...before, ...stepsOfPlanting(planting, zone)] };
}
