import { seededFrom } from '../units/index.js';
import { fromStripMm } from './free-ground.js';
import type { Planting, PlantKind, Plants } from './planting.js';

/** Where a plant stands. */
export interface Standing {
  plantsId: string;
  plant: PlantKind;
  /** Which of its sort, from 0. */
  at: number;
  xMm: number;
  yMm: number;
  acrossMm: number;
  heightMm: number;
  byHand: boolean;
  /** What is wrong with its place; only one that was set by hand can stand where another stands, on a strip or over the edge. */
  trouble: 'plant' | 'strip' | 'edge' | null;
}

export interface Places {
  standing: Standing[];
  /** How many of each sort found no room. */
  noRoom: ReadonlyMap<string, number>;
}

/** Sizes in a group of three: one leads, one follows, one is young (common practice: never three alike, never in a row; the numbers are ours). */
const THREE = [1, 0.8, 0.62] as const;
/** Crowns of one group may grow into each other so far, as a share of where they would touch (our number). */
const IN_GROUP = 0.6;
/** Sizes of plants that stand alone differ by so much either way (our number). */
const ALONE_SPREAD = 0.2;
/** How often another place is tried before there is no room. */
const TRIES = 300;
/** The largest first: what is small fits between. */
const BY_SIZE: Readonly<Record<PlantKind, number>> = { tree: 0, bush: 1, tuft: 2 };

/** A number of its own for each plant, so that one more of them moves none of the others. */
export function seedOf(seed: number, id: string, at: number): number {
  let hash = (seed ^ 0x811c9dc5) >>> 0;
  for (const letter of `${id} ${String(at)}`) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return hash;
}

interface Spot {
  xMm: number;
  yMm: number;
  acrossMm: number;
}

const groupOf = ({ inThrees }: Plants, at: number): number => (inThrees ? Math.floor(at / THREE.length) : at);

/** What keeps a plant from a place; null: nothing. Others of its own group may come nearer. */
function troubleAt(
  spot: Spot,
  { lengthMm, widthMm, keepOffs }: Planting,
  others: readonly (Spot & { isOfGroup: boolean })[],
): Standing['trouble'] {
  const { xMm, yMm } = spot;
  const half = spot.acrossMm / 2;
  if (xMm < half || yMm < half || xMm > lengthMm - half || yMm > widthMm - half) return 'edge';
  if (keepOffs.some((strip) => fromStripMm(strip, xMm, yMm) < half)) return 'strip';
  const isNear = others.some(
    (other) =>
      Math.hypot(other.xMm - xMm, other.yMm - yMm) < ((spot.acrossMm + other.acrossMm) / 2) * (other.isOfGroup ? IN_GROUP : 1) - 1e-9,
  );
  return isNear ? 'plant' : null;
}

/**
 * Where each plant stands: seeded places, the largest first, off the edge, off the strips and off each other; in threes the second and third stand near the first,
 * each of another height. The same planting gives the same places; one plant more leaves those of its sort where they are. What was moved by hand stands where it was
 * put, and what is wrong there is told.
 */
export function placesOfPlants(planting: Planting): Places {
  const before = known.get(planting);
  if (before) return before;
  const places = found(planting);
  known.set(planting, places);
  return places;
}

/** A sheet asks several times for the same places. */
const known = new WeakMap<Planting, Places>();

function found(planting: Planting): Places {
  const { plants } = planting;
  const planter = new Planter(planting);
  const inOrder = plants.toSorted((a, b) => BY_SIZE[a.plant] - BY_SIZE[b.plant] || b.acrossMm - a.acrossMm);
  const each = inOrder.flatMap((own) => Array.from({ length: own.count }, (_, at) => ({ own, at })));
  // what was set by hand is there already when the others look for room
  for (const { own, at } of each) planter.setByHand(own, at);
  for (const { own, at } of each) planter.letStand(own, at);
  const { standing, noRoom } = planter;
  return { standing: standing.toSorted((a, b) => BY_SIZE[a.plant] - BY_SIZE[b.plant]), noRoom };
}

class Planter {
  readonly standing: Standing[] = [];
  readonly noRoom = new Map<string, number>();
  /** Around what a group of three stands: where its first would stand of itself, although it may have been moved. */
  private readonly leads = new Map<string, Spot>();

  constructor(private readonly planting: Planting) {}

  setByHand(own: Plants, at: number): void {
    const hand = this.handOf(own, at);
    if (!hand) return;
    const trouble = troubleAt({ ...hand, acrossMm: own.acrossMm * this.dice(own, at).size }, this.planting, this.othersFor(own, at));
    this.stand(own, at, { xMm: hand.xMm, yMm: hand.yMm, byHand: true, trouble });
  }

  letStand(own: Plants, at: number): void {
    const hand = this.handOf(own, at);
    const group = `${own.id} ${String(groupOf(own, at))}`;
    const lead = own.inThrees ? this.leads.get(group) : undefined;
    // what was moved leads its group from where it stood
    if (hand && (lead || !own.inThrees)) return;
    const spot = this.freeSpot(own, at, lead);
    if (spot && !lead && own.inThrees) this.leads.set(group, spot);
    if (hand) return;
    if (spot) this.stand(own, at, { xMm: spot.xMm, yMm: spot.yMm, byHand: false, trouble: null });
    else this.noRoom.set(own.id, (this.noRoom.get(own.id) ?? 0) + 1);
  }

  private handOf = (own: Plants, at: number) => this.planting.moved.find((one) => one.plantsId === own.id && one.at === at);

  /** Numbers of its own for each plant, and how large it is of its sort. */
  private dice(own: Plants, at: number): { random: () => number; size: number } {
    const random = seededFrom(seedOf(this.planting.seed, own.id, at));
    return { random, size: own.inThrees ? (THREE[at % THREE.length] ?? 1) : 1 - ALONE_SPREAD * random() };
  }

  private othersFor(own: Plants, at: number): (Spot & { isOfGroup: boolean })[] {
    const isOfGroup = (other: Standing): boolean =>
      own.inThrees && other.plantsId === own.id && groupOf(own, other.at) === groupOf(own, at);
    return this.standing.map((other) => ({ ...other, isOfGroup: isOfGroup(other) }));
  }

  /** Near its lead, else anywhere. */
  private freeSpot(own: Plants, at: number, lead: Spot | undefined): Spot | null {
    const { lengthMm, widthMm } = this.planting;
    const { random, size } = this.dice(own, at);
    const acrossMm = own.acrossMm * size;
    const others = this.othersFor(own, at);
    for (let i = 0; i < TRIES; i++) {
      const turn = 2 * Math.PI * random();
      const away = lead ? ((lead.acrossMm + acrossMm) / 2) * (IN_GROUP + (1 - IN_GROUP) * random()) : 0;
      const spot = lead
        ? { xMm: lead.xMm + away * Math.cos(turn), yMm: lead.yMm + away * Math.sin(turn), acrossMm }
        : { xMm: random() * lengthMm, yMm: random() * widthMm, acrossMm };
      if (troubleAt(spot, this.planting, others) === null) return spot;
    }
    return null;
  }

  private stand(own: Plants, at: number, where: Pick<Standing, 'xMm' | 'yMm' | 'byHand' | 'trouble'>): void {
    const { size } = this.dice(own, at);
    this.standing.push({ plantsId: own.id, plant: own.plant, at, acrossMm: own.acrossMm * size, heightMm: own.heightMm * size, ...where });
  }
}
