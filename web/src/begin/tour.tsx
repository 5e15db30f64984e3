import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { usePiecesQuery } from '../store/api.js';
import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { tourStops } from '../views.js';

/** A walk along the real views: what each is for, in a line. It ends when the painter likes, by Escape as well, and leads back to where it began. */
export function Tour({ at }: { at: number }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { data: pieces } = usePiecesQuery();
  const stops = tourStops(pieces?.find(({ piece }) => piece.archivedOn === null)?.piece.id ?? null);
  const stop = stops[at];
  const next = useRef<HTMLButtonElement>(null);
  const from = useAppSelector((state) => state.display.tourFrom);
  const end = () => {
    dispatch(displayActions.tourSet(null));
    void navigate(from);
  };
  const to = stop?.to;
  useEffect(() => {
    if (to === undefined) return;
    void navigate(to);
    next.current?.focus();
  }, [to, navigate]);
  if (!stop) return null;
  const isLast = at === stops.length - 1;
  return (
    <section
      aria-label="Tour"
      className="no-print fixed bottom-4 left-[11rem] z-20 w-[min(26rem,92vw)] rounded-sm border-2 border-ink bg-field p-4 max-[40rem]:left-[4vw]"
      onKeyDown={(event) => {
        if (event.key === 'Escape') end();
      }}
    >
      <p className="text-[0.8125rem] text-ink-2">
        <span className="figures">{at + 1}</span> of <span className="figures">{stops.length}</span>
      </p>
      <div aria-live="polite">
        <h2 className="font-semibold">{stop.name}</h2>
        <p className="mb-3">{stop.says}</p>
      </div>
      <div className="flex gap-2">
        <Button
          ref={next}
          look="ink"
          small
          onClick={() => {
            if (isLast) end();
            else dispatch(displayActions.tourSet(at + 1));
          }}
        >
          {isLast ? 'Done' : 'Next'}
        </Button>
        {at > 0 && (
          <Button
            small
            onClick={() => {
              dispatch(displayActions.tourSet(at - 1));
            }}
          >
            Back
          </Button>
        )}
        {!isLast && (
          <Button small look="quiet" className="ml-auto" onClick={end}>
            End the tour
          </Button>
        )}
      </div>
    </section>
  );
}
