import { membersOf, type Piece } from '@eveningtide/core/subjects';
import type { Job } from '@eveningtide/core/tonight';

/** Which coat, which part of it, and how far that goes; empty where all is done in one go. */
export function partWords({ coat, coats, parts, partNumber, upTo, step }: Omit<Job, 'id'>, piece: Piece | undefined): string {
  const words = [
    ...(coats > 1 ? [`coat ${String(coat)} of ${String(coats)}`] : []),
    ...(parts > 1 ? [`part ${String(partNumber)} of ${String(parts)}`] : []),
  ];
  if (upTo === null || !piece) return words.join(', ');
  const model = piece.members.length > 1 ? membersOf(step, piece)[upTo.model]?.label : undefined;
  const zone = piece.zones.find(({ id }) => id === upTo.zoneId)?.name.toLowerCase();
  const to = [model, zone].filter((name) => name !== undefined).join(', ');
  return [...words, ...(to === '' ? [] : [`as far as ${to}`])].join(', ');
}
