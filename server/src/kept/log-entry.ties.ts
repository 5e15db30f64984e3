import type { LogEntry } from '@eveningtide/core/log';
import { LogEntryRow, logTable } from './log-entry.row.js';
import type { Ties } from './served.js';

export const logTies: Ties<LogEntry> = {
  /** Who has written this sitting already. */
  async twin({ kind, pieceId, stepId, sitting }, transaction) {
    if (kind !== 'work') return null;
    const row = await LogEntryRow.findOne({ where: { kind, pieceId, stepId, sitting }, attributes: ['id'], transaction });
    const kept = row && (await logTable.byId(row.id, transaction));
    return kept && { called: 'This step', kept };
  },
  partOf: { list: 'pieces', id: ({ pieceId }) => pieceId },
};
