import type { CutLine, Strip } from '@eveningtide/core/cutting';
import { CutlistRow } from './cutlist.row.js';
import type { Ties } from './served.js';

/** A kind of strip that a cut list cuts from stays. */
export const stripTies: Ties<Strip> = {
  users: async (id, transaction) =>
    (await CutlistRow.findAll({ transaction }))
      .filter(({ lines }) => (lines as CutLine[]).some(({ stripId }) => stripId === id))
      .map(({ name }) => name),
};
