import { elevationsOf, type Piece, type Point, type View, type ViewId } from '@eveningtide/core/subjects';
import { OneOf } from '../ui/one-of.js';
import type { DrawnCut } from './drawn-cut.js';
import { Drawing } from './drawing.js';

/** The view that is looked at, or the first that there is. */
export const viewOf = (piece: Piece, id: ViewId): View | undefined => {
  const views = elevationsOf(piece);
  return views.find((view) => view.id === id) ?? views[0];
};

/** One view of a piece, large, and the others to change to. */
export function Views({
  piece,
  viewId,
  onView,
  chosen,
  added,
  cut,
  onPoint,
}: {
  piece: Piece;
  viewId: ViewId;
  onView: (id: ViewId) => void;
  chosen: readonly string[];
  added: readonly string[];
  cut: DrawnCut | null;
  onPoint: (point: Point) => void;
}) {
  const view = viewOf(piece, viewId);
  if (!view) return null;
  return (
    <>
      <OneOf label="View" className="mb-1" value={view.id} options={elevationsOf(piece)} onChange={onView} />
      <Drawing piece={piece} view={view} chosen={chosen} added={added} cut={cut} onPoint={onPoint} />
    </>
  );
}
