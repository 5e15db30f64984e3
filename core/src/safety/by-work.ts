import type { Stores } from '../coverage/index.js';
import { CATALOGUE, type Material } from '../materials/index.js';
import { incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import type { SubstrateId } from '../subjects/index.js';
import type { CardJob } from './card.js';

/** What is minded because of what is done, and on what; beside what materials warn of. Common practice. */
interface ByWork {
  id: string;
  words: string;
  isFor: (job: CardJob, stores: Stores) => boolean;
}

const materialsOf = ({ step }: CardJob, { supplies = CATALOGUE }: Stores): Material[] =>
  [step.material, step.dilution?.thinner ?? null].flatMap((id) => (id === null ? [] : [supplies.material(id)]));

const isOn = ({ step, piece }: CardJob, substrates: ReadonlySet<SubstrateId>): boolean =>
  zonesNamed(subjectOf(piece), step.zones).some(({ substrate }) => substrates.has(substrate));

/** Work that takes material off, and throws it about. */
const TAKES_OFF = new Set(['abrade', 'scribe', 'prep-mechanical']);
const DUSTY: ReadonlySet<SubstrateId> = new Set([
  'resin-pu',
  'resin-printed',
  'plaster',
  'foam-pir',
  'foam-xps',
  'foam-board',
  'wood',
  'card',
]);
const PRINTED: ReadonlySet<SubstrateId> = new Set(['resin-printed']);
const FOAMS: ReadonlySet<SubstrateId> = new Set(['foam-pir', 'foam-xps', 'foam-board']);

export const BY_WORK: readonly ByWork[] = [
  {
    id: 'gloves',
    words: 'Gloves (nitrile): thinner takes the fat from skin, and skin leaves fat on the piece.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ carrier }) => carrier === 'alcohol' || carrier === 'spirit'),
  },
  {
    id: 'hot-gloves',
    words:
      'Hot solvents go through nitrile within minutes: change gloves as soon as they are splashed, and ask the data sheet which glove holds.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ carrier }) => carrier === 'hot'),
  },
  {
    id: 'spray',
    words: 'Spray mist of any paint, waterborne too: mask with particle filter, booth or window fan to the open air.',
    isFor: ({ step }, { supplies = CATALOGUE }) => incomingOf(step, supplies).sprayed,
  },
  {
    id: 'eyes',
    words: 'Eyes: goggles where it splashes, snaps or flies.',
    isFor: ({ step }, { supplies = CATALOGUE }) => {
      const { sprayed, tool } = incomingOf(step, supplies);
      return TAKES_OFF.has(step.technique) || step.technique === 'powder-dry' || sprayed || tool === 'knife';
    },
  },
  {
    id: 'blades',
    words: 'Knives and razor saws: cut away from you and from the hand that holds, on a mat, with a blade that is sharp.',
    isFor: ({ step }, { supplies = CATALOGUE }) =>
      incomingOf(step, supplies).tool === 'knife' || step.technique === 'scribe' || step.technique === 'prep-mechanical',
  },
  {
    id: 'dust-of-piece',
    words: 'Dust of resin, plaster, hard foam, wood or board: mask with particle filter, rub and wipe wet, never blow.',
    isFor: (job) => TAKES_OFF.has(job.step.technique) && isOn(job, DUSTY),
  },
  {
    id: 'uncured-resin',
    words:
      'Printed resin that is not cured: gloves, off the skin at once with soap; what it was washed with is cured in the light before it is thrown away.',
    isFor: (job) => (TAKES_OFF.has(job.step.technique) || job.step.technique === 'clean') && isOn(job, PRINTED),
  },
  {
    id: 'melting-foam',
    words: 'Foam that melts or burns gives off fumes that nobody should breathe: no hot air and no hot glue on it, air to the open.',
    isFor: (job, stores) =>
      isOn(job, FOAMS) && (job.step.drying === 'heat-gun' || materialsOf(job, stores).some(({ carrier }) => carrier === 'heat')),
  },
  {
    id: 'glue-and-cotton',
    words: 'Superglue on cotton or wool grows hot enough to burn: no cotton buds, no rags, a wide tray below.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ carrier }) => carrier === 'cyano'),
  },
  {
    id: 'etch',
    words: 'Etch primer is acid, and old cans may hold chromate: gloves, booth, never rubbed down dry.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ etches }) => etches === true),
  },
  {
    id: 'high-voltage',
    words:
      'Static-grass applicator: high voltage. Not with a pacemaker; the earth clip on before it is switched on, one hand behind the back.',
    isFor: (job, stores) => job.step.technique === 'scatter' && materialsOf(job, stores).some(({ shot }) => shot === true),
  },
];
