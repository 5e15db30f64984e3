import { noiseOn } from '../spread/each-place.js';
import type { Fault } from './types.js';
import { towardsLight } from './with-light.js';

/** What of it stays on open faces; in grooves and on ledges most of it does (our numbers). */
const [ON_FACES, IN_SHELTER] = [0.12, 0.85];

/** There was nothing for the powder to hold on to: it is gone from faces and edges. */
export const slid: Fault = ({ painted, before, fields, seed }) => {
  const { recess, ledge } = fields;
  const luck = noiseOn(fields, seed, { x: 1.6, y: 4 });
  const stays = (i: number): number => {
    const shelter = Math.max(recess[i] ?? 0, ledge[i] ?? 0);
    return ON_FACES * 2 * (luck[i] ?? 0) * (1 - shelter) + IN_SHELTER * shelter;
  };
  return { ...towardsLight(painted, before.light, (i) => 1 - stays(i)), filmUm: before.filmUm, loose: null };
};
