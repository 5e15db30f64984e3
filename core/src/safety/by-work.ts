import type { Stores } from '../coverage/index.js';
import { CATALOGUE, type Material } from '../materials/index.js';
import { incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import { substrateById, type Substrate, type SubstrateKind } from '../subjects/index.js';
import { techniqueById, type Tool } from '../techniques/index.js';
import type { CardJob } from './job.js';

/** What is minded because of what is done, and on what; beside what materials warn of. Common practice. */
interface ByWork {
  id: string;
  words: string;
  isFor: (job: CardJob, stores: Stores) => boolean;
}

const materialsOf = ({ step }: CardJob, { supplies = CATALOGUE }: Stores): Material[] =>
  [step.material, step.dilution?.thinner ?? null].flatMap((id) => (id === null ? [] : [supplies.material(id)]));

const isOn = ({ step, piece }: CardJob, test: (substrate: Substrate) => boolean): boolean =>
  zonesNamed(subjectOf(piece), step.zones).some(({ substrate }) => test(substrateById(substrate)));

/** What is cut or rubbed away of these flies about as dust. */
const DUSTY: ReadonlySet<SubstrateKind> = new Set<SubstrateKind>(['resin', 'plaster', 'foam', 'wood', 'card']);

const usesTool =
  (tool: Tool) =>
  ({ step }: CardJob, { supplies = CATALOGUE }: Stores): boolean =>
    incomingOf(step, supplies).tool === tool;

const takesOff = ({ step }: CardJob): boolean => techniqueById(step.technique).takesOff;

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
    isFor: (job, { supplies = CATALOGUE }) => {
      const { sprayed, tool, material } = incomingOf(job.step, supplies);
      return takesOff(job) || material?.role === 'powder' || sprayed || tool === 'knife';
    },
  },
  {
    id: 'blades',
    words: 'Knives and razor saws: cut away from you and from the hand that holds, on a mat, with a blade that is sharp.',
    isFor: ({ step }, { supplies = CATALOGUE }) => {
      const { technique, tool } = incomingOf(step, supplies);
      return tool === 'knife' || tool === 'razor saw' || (technique.takesOff && technique.tools.includes('knife') && tool !== 'hot wire');
    },
  },
  {
    id: 'dust-of-piece',
    words: 'Dust of resin, plaster, hard foam, wood or board: mask with particle filter, rub and wipe wet, never blow.',
    isFor: (job) => takesOff(job) && isOn(job, ({ kind }) => DUSTY.has(kind)),
  },
  {
    id: 'hot-wire',
    words:
      'Hot wire: burns, and foam smokes. Outside or under an extract to the open air, foam that is known to be polystyrene only: hard foams of PIR and PUR give off poison.',
    isFor: usesTool('hot wire'),
  },
  {
    id: 'rotary-brush',
    words:
      'Rotary wire brush: goggles, the slowest speed, short touches. Its bristles fly off, and a wheel that turns with it grows hot in its bearings: oil them afterwards.',
    isFor: usesTool('rotary brush'),
  },
  {
    id: 'glass-fibre',
    words: 'Glass-fibre brush: its splinters go into skin and eyes. Gloves, rub wet, pick the splinters up with tape, never blow.',
    isFor: usesTool('glass-fibre brush'),
  },
  {
    id: 'uncured-resin',
    words:
      'Printed resin that is not cured: gloves, off the skin at once with soap; what it was washed with is cured in the light before it is thrown away.',
    isFor: (job) => techniqueById(job.step.technique).touch === 'rubbing' && isOn(job, ({ cures }) => cures === true),
  },
  {
    id: 'melting-foam',
    words: 'Foam that melts or burns gives off fumes that nobody should breathe: no hot air and no hot glue on it, air to the open.',
    isFor: (job, stores) =>
      isOn(job, ({ kind }) => kind === 'foam') &&
      (job.step.drying === 'heat-gun' || materialsOf(job, stores).some(({ carrier }) => carrier === 'heat')),
  },
  {
    id: 'glue-and-cotton',
    words: 'Superglue on cotton or wool grows hot enough to burn: no cotton buds, no rags, a wide tray below.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ carrier }) => carrier === 'cyano'),
  },
  {
    id: 'etch',
    words: 'What etches metal is acid, and old cans of etch primer may hold chromate: gloves, booth, never rubbed down dry.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ etches }) => etches === true),
  },
  {
    id: 'high-voltage',
    words:
      'Static-grass applicator: high voltage. Not with a pacemaker; the earth clip on before it is switched on, one hand behind the back.',
    isFor: (job, stores) => materialsOf(job, stores).some(({ shot }) => shot === true),
  },
];
