import type { Collision } from '@eveningtide/core/arrange';
import type { Piece } from '@eveningtide/core/subjects';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';

/** Wishes that no order brings together: which, why, and what would free them. */
export function CollisionBox({ piece, collision }: { piece: Piece; collision: Collision }) {
  const dispatch = useAppDispatch();
  const { intent } = piece;
  if (!intent) return null;
  const free = ({ wishId, way }: Collision['freedBy'][number]) => {
    const wishes =
      way === null
        ? intent.wishes.filter(({ id }) => id !== wishId)
        : intent.wishes.map((wish) => (wish.id === wishId ? { ...wish, way } : wish));
    dispatch(editorActions.patched({ intent: { ...intent, wishes } }));
  };
  return (
    <div role="alert" className="m-4 border-l-4 border-brick bg-paper px-3 py-2">
      <p className="font-semibold">These do not go together: {collision.between.map(({ name }) => name.toLowerCase()).join(', ')}.</p>
      <p className="text-ink-2">{collision.trouble}</p>
      {collision.freedBy.length > 0 ? (
        <>
          <p className="mt-1">What would free them:</p>
          <p className="mt-1 flex flex-wrap gap-1.5">
            {collision.freedBy.map((change) => (
              <Button
                key={change.label}
                small
                onClick={() => {
                  free(change);
                }}
              >
                {change.label}
              </Button>
            ))}
          </p>
        </>
      ) : (
        <p className="mt-1">No single change of a wish helps. Look at your own steps among them, or at what is done already.</p>
      )}
    </div>
  );
}
