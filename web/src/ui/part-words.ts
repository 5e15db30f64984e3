import { membersOf, type Piece, type Step } from '@eveningtide/core/subjects';
import type { Share } from '@eveningtide/core/tonight';

/** Which coat, which part of it, and, where piece and step are told, how far that goes; empty where all is done in one go. */
export function partWords(share: Share | null, on?: { piece: Piece; step: Step }): string {
  if (!share) return '';
  const { coat, coats, parts, partNumber, upTo } = share;
  const words = [
    ...(coats > 1 ? [`coat ${String(coat)} of ${String(coats)}`] : []),
    ...(parts > 1 ? [`part ${String(partNumber)} of ${String(parts)}`] : []),
  ];
  if (upTo === null || !on) return words.join(', ');
  const { piece, step } = on;
  const model = piece.members.length > 1 ? membersOf(step, piece)[upTo.model]?.label : undefined;
  const zone = piece.zones.find(({ id }) => id === upTo.zoneId)?.name.toLowerCase();
  const to = [model, zone].filter((name) => name !== undefined).join(', ');
  return [...words, ...(to === '' ? [] : [`as far as ${to}`])].join(', ');
}
