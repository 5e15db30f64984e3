import { minutesTaken, type LogEntry } from '../log/index.js';
import { suppliesName, type Supplies } from '../materials/index.js';
import { stepIdOf } from '../sequence/index.js';
import type { Piece } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { minuteOf } from '../units/index.js';

/** One record as a line of a table: plain words and numbers, units in the head. */
export type RecordRow = Record<
  | 'date'
  | 'start'
  | 'end'
  | 'piece'
  | 'what'
  | 'step'
  | 'coat'
  | 'technique'
  | 'material'
  | 'mix'
  | 'planned min'
  | 'took min'
  | 'temperature °C'
  | 'humidity %'
  | 'dry after min'
  | 'remarks'
  | 'trouble'
  | 'remedy'
  | 'set aside because',
  string | number
>;

const WHAT: Record<LogEntry['kind'], string> = { work: 'done', 'left-out': 'left out', trouble: 'trouble', note: 'note' };

const rounded = (value: number | null): number | string => (value === null ? '' : Math.round(value * 10) / 10);

/** All records, oldest first. */
export function recordRows(log: readonly LogEntry[], pieces: readonly Piece[], supplies: Supplies): RecordRow[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  // eslint-disable-next-line complexity -- one cell after the other
  return log.map((entry): RecordRow => {
    const { step, endedAt, dryTest } = entry;
    const piece = byId.get(entry.pieceId);
    const number = piece && entry.stepId !== null ? piece.steps.findIndex(({ id }) => id === stepIdOf(entry.stepId ?? '')) + 1 : 0;
    const day = entry.startedAt.slice(0, 10);
    return {
      date: day,
      start: entry.startedAt.slice(11),
      end: endedAt?.slice(11) ?? '',
      piece: piece?.name ?? entry.pieceId,
      what: endedAt === null ? 'going on' : WHAT[entry.kind],
      step: number > 0 ? number : '',
      coat: step && step.coats > 1 ? entry.sitting + 1 : '',
      technique: step ? techniqueById(step.technique).name : '',
      material: step ? suppliesName(step, supplies) : '',
      mix: entry.mix,
      'planned min': rounded(entry.plannedMin),
      'took min': rounded(entry.kind === 'work' ? minutesTaken(entry) : null),
      'temperature °C': rounded(entry.air?.tempC ?? null),
      'humidity %': rounded(entry.air?.rhPct ?? null),
      'dry after min': rounded(dryTest && endedAt !== null ? minuteOf(day, dryTest.at) - minuteOf(day, endedAt) : null),
      remarks: [...entry.marks, entry.note].filter((words) => words !== '').join('; '),
      trouble: entry.met?.trouble ?? '',
      remedy: entry.met?.remedy ?? '',
      'set aside because': entry.setAside ?? '',
    };
  });
}
