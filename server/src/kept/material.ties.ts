import type { OwnMaterial } from '@eveningtide/core/materials';
import type { MixChange } from '@eveningtide/core/mixing';
import type { Transaction } from 'sequelize';
import { BottleRow } from './bottle.row.js';
import { FinishRow } from './finish.row.js';
import { LogEntryRow } from './log-entry.row.js';
import { MixRow } from './mix.row.js';
import { PieceRow, StepRow } from './piece.row.js';
import type { Ties } from './served.js';

const names = (things: readonly object[], material: string): boolean =>
  things.some((thing) => 'material' in thing && thing.material === material);

/** A version of a finish. */
interface Version {
  steps: object[];
}

/** What uses a material: bottles, pieces (those put aside too), mixes, finishes, and what was done with it. None of them could be read without it. */
async function usersOf(material: string, transaction: Transaction): Promise<string[]> {
  const bottles = await BottleRow.findAll({ where: { material }, transaction });
  const steps = await StepRow.findAll({ where: { material }, transaction });
  const pieces = await PieceRow.findAll({ where: { id: [...new Set(steps.map((step) => step.pieceId))] }, transaction });
  const mixes = (await MixRow.findAll({ transaction })).filter(
    ({ components, changes }) => names(components, material) || changes.some((change) => names((change as MixChange).added, material)),
  );
  const finishes = (await FinishRow.findAll({ transaction })).filter(({ versions }) =>
    (versions as Version[]).some(({ steps: own }) => names(own, material)),
  );
  const done = (await LogEntryRow.findAll({ attributes: ['pieceId', 'step'], transaction })).filter(
    ({ step }) => step !== null && names([step], material),
  );
  const logged = await PieceRow.findAll({ where: { id: [...new Set(done.map(({ pieceId }) => pieceId))] }, transaction });
  return [...[...bottles, ...pieces, ...mixes, ...finishes].map(({ name }) => name), ...logged.map(({ name }) => `the log of ${name}`)];
}

/** What is in use is not taken away: whoever names it would point to nothing. */
export const materialTies: Ties<OwnMaterial> = { users: usersOf };
