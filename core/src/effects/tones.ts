import { madeLike, type MadeOf, type Piece, type Region, type Story } from '../subjects/index.js';

/** Soil and dust by region: humid and cold brown, clay reddish, desert pale, dry plains tan (common practice; tones from memory). */
export const SOIL: Record<Region, `#${string}`> = {
  coast: '#6f6350',
  humid: '#5d4a36',
  clay: '#84513a',
  desert: '#b4946a',
  plains: '#8f7650',
};
export const DUST: Record<Region, `#${string}`> = {
  coast: '#a79d88',
  humid: '#8d7b62',
  clay: '#a97a5d',
  desert: '#d0b88e',
  plains: '#b89c6e',
};

/** Steel and timber as they are commonly painted, stone and rock as they stand (from memory); earth and loads have the soil of the region. */
const MADE: Record<Exclude<MadeOf, 'earth' | 'load'>, `#${string}`> = {
  timber: '#7d6f5f',
  steel: '#6f6e6b',
  stone: '#a0978a',
  rock: '#8c857a',
};

/** The colour of what most of the real thing is made of, where nobody said one. */
export function madeColour(piece: Pick<Piece, 'template' | 'zones'>, { region }: Pick<Story, 'region'>): string {
  const made = madeLike(piece);
  const areas = new Map<MadeOf, number>();
  for (const { id, areaMm2, keepClean } of piece.zones) {
    const of = made.get(id)?.of;
    if (of && keepClean === null) areas.set(of, (areas.get(of) ?? 0) + areaMm2);
  }
  const [most] = [...areas].sort((a, b) => b[1] - a[1])[0] ?? ['stone' as const];
  return most === 'earth' || most === 'load' ? SOIL[region] : MADE[most];
}
