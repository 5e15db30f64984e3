import type { Transaction } from 'sequelize';
import { PieceRow, StepRow } from './piece.row.js';
import type { UsingStep } from './served.js';

/** Pieces get a new version, so that an open tab notices. */
const touchPieces = (ids: readonly string[], transaction: Transaction) =>
  PieceRow.increment('version', { where: { id: [...new Set(ids)] }, transaction });

/** Steps that use a thing; those lose it by the foreign key when its row goes. */
export async function stepsThatLose(where: { bottleId: string } | { mixId: string }, transaction: Transaction): Promise<UsingStep[]> {
  const steps = await StepRow.findAll({ where, transaction });
  await touchPieces(
    steps.map(({ pieceId }) => pieceId),
    transaction,
  );
  return steps.map(({ pieceId, id }) => ({ pieceId, stepId: id }));
}

/** Steps that used a thing have it again, only where they still are what they were. */
export async function giveBackTo(steps: readonly UsingStep[], back: object, where: object, transaction: Transaction): Promise<void> {
  for (const { pieceId, stepId } of steps) {
    const [changed] = await StepRow.update(back, { where: { pieceId, id: stepId, ...where }, transaction });
    if (changed > 0) await touchPieces([pieceId], transaction);
  }
}
