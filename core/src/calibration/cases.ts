import { minutesTaken, partOf, type LogEntry } from '../log/index.js';
import { suppliesName, type Supplies } from '../materials/index.js';
import { incomingOf, minutesOfPart, type HandsOnBench } from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { minuteOf } from '../units/index.js';

/** One thing that was seen beside what was foreseen. */
export interface Case {
  entryId: string;
  pieceId: string;
  at: string;
  /** What is learnt from it together. */
  key: string;
  name: string;
  foreseenMin: number;
  seenMin: number;
  /** Why nothing is learnt from it; null: it is learnt from. */
  setAside: string | null;
}

export const handsKey = (technique: string, tool: string): string => `${technique}/${tool}`;

/** A bottle has a pace of its own; where none is named, its kind has. */
export const dryingKey = ({ bottleId, material }: Pick<Step, 'bottleId' | 'material'>): string => bottleId ?? material ?? '';

/** So little foreseen time tells nothing, minutes (our number). */
const LEAST_MIN = 1;

const asLabelled = (supplies: Supplies): Supplies => {
  if (!supplies.pace) return supplies;
  const { pace: _pace, ...label } = supplies;
  return label;
};

/** Hands-on minutes beside what the usual figures foresee. What the painter had typed says nothing of these. */
export function handsCases(log: readonly LogEntry[], pieces: readonly Piece[], bench: HandsOnBench): Case[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  // as the label has it: what was learnt must not be learnt again
  const supplies = asLabelled(bench.supplies);
  return log.flatMap((entry): Case[] => {
    const { kind, step, pieceId } = entry;
    const piece = byId.get(pieceId);
    const seenMin = minutesTaken(entry);
    if (kind !== 'work' || !step || !piece || seenMin === null || step.handsOnMin !== null) return [];
    const foreseenMin = minutesOfPart(step, piece, { ...bench, supplies }, partOf(entry));
    if (foreseenMin < LEAST_MIN || seenMin < LEAST_MIN) return [];
    const { technique, tool } = incomingOf(step, supplies);
    const base = { entryId: entry.id, pieceId, at: entry.startedAt, foreseenMin, seenMin, setAside: entry.setAside };
    return [{ ...base, key: handsKey(technique.id, tool), name: `${technique.name}, ${tool}` }];
  });
}

/** Drying times as felt with a dry finger beside what the label foresees in that air. */
export function dryingCases(log: readonly LogEntry[], supplies: Supplies): Case[] {
  return log.flatMap((entry): Case[] => {
    const { step, dryTest, endedAt } = entry;
    if (!step || !dryTest || endedAt === null || step.material === null) return [];
    const day = endedAt.slice(0, 10);
    const seenMin = minuteOf(day, dryTest.at) - minuteOf(day, endedAt);
    if (dryTest.labelMin < LEAST_MIN || seenMin < LEAST_MIN) return [];
    const name = suppliesName(step, supplies);
    const base = { entryId: entry.id, pieceId: entry.pieceId, at: dryTest.at, setAside: entry.setAside };
    return [{ ...base, key: dryingKey(step), name, foreseenMin: dryTest.labelMin, seenMin }];
  });
}
