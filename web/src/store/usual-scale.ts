import { usePiecesQuery } from './api.js';

/** Models of the usual scale of the line, where there is no piece yet to go by. */
const AT_FIRST = 76;

/** What something new is begun in: the scale of the piece that was made last. */
export function useUsualScale(): number {
  const { data: pieces } = usePiecesQuery();
  return pieces?.at(-1)?.piece.scaleRatio ?? AT_FIRST;
}
