import type { Spoil } from '../../sequence/index.js';
import { blushed } from './blushed.js';
import { cracked } from './cracked.js';
import { fogged } from './fogged.js';
import { lifted } from './lifted.js';
import { melted } from './melted.js';
import { printed } from './printed.js';
import { pulled } from './pulled.js';
import { silvered } from './silvered.js';
import { slid } from './slid.js';
import { spat } from './spat.js';
import type { Fault } from './types.js';
import { unopened } from './unopened.js';
import { warped } from './warped.js';
import { wrinkled } from './wrinkled.js';

/** How each fault is drawn. To add one: name it in `sequence/spoils.ts`, draw it in a file of its own, list it here. */
export const FAULTS: Readonly<Record<Spoil, Fault>> = {
  lifted,
  wrinkled,
  cracked,
  blushed,
  fogged,
  slid,
  unopened,
  printed,
  pulled,
  silvered,
  warped,
  melted,
  spat,
};

export type { Fault, Harmed } from './types.js';
