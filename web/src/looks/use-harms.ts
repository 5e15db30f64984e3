import { harmsOf, type Harm } from '@eveningtide/core/sequence';
import { useMemo } from 'react';
import { usePieceOutlook } from '../workers/outlook-context.js';

/** What the plan's check says comes to harm on a piece, in tonight's air and at the minutes planned; the same while that stays so. Null until it is known. */
export function useHarms(pieceId: string): readonly Harm[] | null {
  const own = usePieceOutlook(pieceId);
  const told = own && JSON.stringify(harmsOf(own.steps, own.findings));
  return useMemo(() => (told === null ? null : (JSON.parse(told) as Harm[])), [told]);
}
