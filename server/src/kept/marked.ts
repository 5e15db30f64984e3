import { Op, type Transaction } from 'sequelize';
import type { ModelCtor } from 'sequelize-typescript';

/** Things that are deleted by a mark in their own row: with all that hangs on them they stay where they are, and come back by taking the mark away. */
interface Marked {
  models: [ModelCtor, ...ModelCtor[]];
}

interface Row {
  id: string;
  name: string;
  deletedAt: string;
}

/** `deletedAt` null brings it back. Answers whether there is such a thing. */
export async function setDeleted(
  { models: [main] }: Marked,
  id: string,
  deletedAt: string | null,
  transaction: Transaction,
): Promise<boolean> {
  const [changed] = await main.update({ deletedAt }, { where: { id }, transaction });
  return changed > 0;
}

/** Those that are put aside. */
export async function markedIn({ models: [main] }: Marked): Promise<Row[]> {
  const where = { deletedAt: { [Op.ne]: null } };
  return (await main.findAll({ where, attributes: ['id', 'name', 'deletedAt'], raw: true })) as unknown as Row[];
}

/** Lets one that is put aside go for good. Answers whether there was one. */
export const removeMarked = async ({ models: [main] }: Marked, id: string, transaction: Transaction): Promise<boolean> =>
  (await main.destroy({ where: { id, deletedAt: { [Op.ne]: null } }, transaction })) > 0;

/** Lets go for good what was put aside before a moment. */
export async function removeMarkedBefore({ models: [main] }: Marked, moment: string, transaction: Transaction): Promise<void> {
  await main.destroy({ where: { deletedAt: { [Op.lt]: moment } }, transaction });
}
