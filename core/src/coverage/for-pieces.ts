import type { MixComponent } from '../mixing/index.js';
import { plainStep, type Piece } from '../subjects/index.js';
import { useOf, type Stores } from './use.js';

/** Work that one mix is for. */
export interface Job {
  technique: string;
  tool: string | null;
  coats: number;
  /** Share of the zones that is covered, %; null: as the technique usually does. */
  coverPct: number | null;
  on: readonly { piece: Piece; zones: readonly string[] }[];
}

/** What a mix must make for pieces × zones × coats, mL: what lands, what misses, and what stays in the cup, once. */
export function mixForMl(components: readonly MixComponent[], mainMaterial: string, job: Job, stores: Stores = {}): number {
  const mix = {
    id: 'cup',
    number: 1,
    name: 'cup',
    components: [...components],
    madeMl: null,
    madeOn: null,
    colour: null,
    changes: [],
    note: '',
  };
  let [laidMl, residueMl] = [0, 0];
  for (const { piece, zones } of job.on) {
    const { technique, tool, coats, coverPct } = job;
    const step = plainStep({ id: 'job', technique, material: mainMaterial, mixId: mix.id, zones: [...zones], tool, coats, coverPct });
    const { cup } = useOf(step, piece, { ...stores, mixes: [mix] });
    laidMl += cup?.laidMl ?? 0;
    residueMl = Math.max(residueMl, cup?.residueMl ?? 0);
  }
  return laidMl + residueMl;
}
