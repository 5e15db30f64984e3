import { MATERIALS } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById } from '../subjects/index.js';
import type { Technique } from '../techniques/index.js';
import { cautionsOf, type Caution } from './card.js';
import type { CardJob } from './job.js';

/** A piece whose dust is minded, to ask about. */
const PIECE = { ...pieceFromTemplate(templateById('van'), { id: 'any', name: 'Any', scaleRatio: 76, substrate: 'resin-pu' }) };

/** Everything that may have to be minded with a technique, whichever of its tools and of the catalogue's materials it is done with. */
export function cautionsOfTechnique({ id, tools, roles }: Technique): Caution[] {
  const materials = MATERIALS.filter(({ role }) => roles.includes(role)).map((material) => material.id);
  const jobs = tools.flatMap((tool) =>
    (materials.length > 0 ? materials : [null]).map((material): CardJob => {
      const step = plainStep({ id: 'any', technique: id, material, tool, zones: ['all'] });
      return { step, piece: PIECE, startMin: 0, endMin: 1 };
    }),
  );
  return cautionsOf(jobs);
}
