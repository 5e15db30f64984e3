import type { Air } from '../climate/index.js';
import type { Picture, Step } from '../subjects/index.js';

/**
 * What really happened at the bench, as the plan file keeps it. `work` has a beginning and an end; `left-out` is a step that is not done after
 * all; `trouble` is what went wrong; `note` is a remark or a photograph.
 */
export const ENTRY_KINDS = ['work', 'left-out', 'trouble', 'note'] as const;
export type EntryKind = (typeof ENTRY_KINDS)[number];

/** Where the air of an entry is known from. */
export const AIR_SOURCES = ['typed', 'hygrometer'] as const;
export type AirSource = (typeof AIR_SOURCES)[number];

/** Trouble that was met, and the remedy that was taken; null where none was. */
export interface TroubleMet {
  trouble: string;
  remedy: string | null;
}

/** A coat was tried with a dry finger: ready then, and the minutes that had been foreseen by the bottle's own label. */
export interface DryTest {
  /** Local, `YYYY-MM-DDTHH:mm:ss`. */
  at: string;
  /** Minutes from the end of the coat that were foreseen without what the bench has learnt. */
  labelMin: number;
}

/** What of a step was done in one sitting, in coats from its beginning: 0 to 0.4 is the first two fifths of its only coat. */
export interface WorkPart {
  from: number;
  to: number;
}

export interface LogEntry {
  /** Made where it is written, so that what is sent twice is kept once. */
  id: string;
  kind: EntryKind;
  pieceId: string;
  /** The step with the round it was done in; null: the piece as a whole. */
  stepId: string | null;
  /** The how manyth time one sat down to it, from 0. */
  sitting: number;
  /** What of it was done then; left out: the whole coat of that number where coats are laid apart, else all of it. */
  part?: WorkPart;
  /** The step as it was done, which may be otherwise than planned; null where there is none. */
  step: Step | null;
  /**
   * By the bench's clock, `YYYY-MM-DDTHH:mm:ss`. Both times of an entry, and of its dry test, stand on the clock it began by, so that what lies between them
   * is what really passed, whatever the clocks were put to meanwhile.
   */
  startedAt: string;
  /** Null while it goes on. */
  endedAt: string | null;
  /** Minutes that its clock is ahead of UTC: with it, its times are instants. Missing in what was written before that was kept. */
  utcOffsetMin?: number;
  /** Hands-on minutes that were planned. */
  plannedMin: number | null;
  /** Hands-on minutes as the painter says; null: by the clock. */
  tookMin: number | null;
  air: Air | null;
  airFrom: AirSource;
  /** What was mixed, in words. */
  mix: string;
  /** Remarks at the press of a button. */
  marks: string[];
  note: string;
  met: TroubleMet | null;
  dryTest: DryTest | null;
  pictures: Picture[];
  /** Why nothing is learnt from it; null: it is learnt from. */
  setAside: string | null;
}

/** An entry with nothing said but what it is about. */
export function plainEntry(given: Pick<LogEntry, 'id' | 'kind' | 'pieceId' | 'startedAt'> & Partial<LogEntry>): LogEntry {
  return {
    stepId: null,
    sitting: 0,
    step: null,
    endedAt: given.kind === 'work' ? null : given.startedAt,
    plannedMin: null,
    tookMin: null,
    air: null,
    airFrom: 'typed',
    mix: '',
    marks: [],
    note: '',
    met: null,
    dryTest: null,
    pictures: [],
    setAside: null,
    ...given,
  };
}
