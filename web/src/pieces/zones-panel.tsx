import { elevationsOf, zoneBox, type Piece, type Point, type View } from '@eveningtide/core/subjects';
import { toTenth } from '@eveningtide/core/units';
import { Scissors } from 'lucide-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Panel, Row } from '../ui/panel.js';
import { useShown } from '../ui/shown.js';
import { useSupplies } from '../workers/outlook-context.js';
import { scaleFor } from '../looks/elevation-scale.js';
import { Elevation, KeepCleanPattern } from '../looks/elevation.js';
import { useFocus } from './focus.js';
import { LookSlider } from './look-slider.js';
import { usePaintedViews } from './use-painted-views.js';
import { plannedLooks } from '../looks/look.js';
import { ZoneEditor } from './zone-editor.js';
import { pressedZone } from './zone-words.js';

const ShapeDialog = lazy(async () => ({ default: (await import('../shape/shape-dialog.js')).ShapeDialog }));

/** The piece drawn as its zones. With a step open, pressing a zone puts it into the step; else it opens the zone. */
export function ZonesPanel({ piece, openStepId }: { piece: Piece; openStepId: string | null }) {
  const dispatch = useAppDispatch();
  const supplies = useSupplies();
  const { zoneId, setZone } = useFocus();
  const [isShaping, setShaping] = useState(false);
  const [placing, setPlacing] = useState<string | null>(null);
  const views = useMemo(() => elevationsOf(piece), [piece]);
  const looks = useMemo(() => {
    try {
      return plannedLooks(piece, supplies);
    } catch {
      return [];
    }
  }, [piece, supplies]);
  const [chosen, setChosen] = useState<number | null>(null);
  const step = piece.steps.find((one) => one.id === openStepId);
  const selected = step
    ? piece.zones.filter((zone) => step.zones.includes(zone.id) || (step.zones.includes('all') && !zone.keepClean)).map((zone) => zone.id)
    : zoneId
      ? [zoneId]
      : [];
  const zone = step ? undefined : piece.zones.find((one) => one.id === zoneId);
  const at = Math.min(chosen ?? (step ? piece.steps.indexOf(step) + 1 : piece.steps.length), piece.steps.length);
  const mmPerPx = scaleFor(views, 205, 120);
  const painted = usePaintedViews(piece, at, 1 / mmPerPx);
  const placed = placing === null ? undefined : piece.features.find(({ id }) => id === placing);
  /** A feature goes where the drawing was pressed: its place is told from the upper left of its zone. */
  const place = (view: View, point: Point): void => {
    const box = placed && zoneBox(views, placed.zoneId);
    if (!placed || box?.view !== view.id) return;
    const at = { xMm: toTenth(point.xMm - box.box.xMm), yMm: toTenth(point.yMm - box.box.yMm) };
    dispatch(editorActions.patched({ features: piece.features.map((one) => (one === placed ? { ...one, ...at } : one)) }));
    setPlacing(null);
  };
  return (
    <Panel
      title="Zones"
      aside={<span className="text-[0.8125rem] text-ink-2">{step ? 'press to add or take away' : 'press one to change it'}</span>}
    >
      <KeepCleanPattern />
      {views.length === 0 ? (
        <p className="text-[0.8125rem] text-ink-3">Give the piece its length, width and height below, and it is drawn here.</p>
      ) : (
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
          {views.map((view) => (
            <Elevation
              key={view.id}
              piece={piece}
              view={view}
              views={views}
              mmPerPx={mmPerPx}
              selected={selected}
              tint={(id) => looks[at]?.[id]?.mean ?? null}
              painted={painted?.(view)}
              onPoint={
                placed && zoneBox(views, placed.zoneId)?.view === view.id
                  ? (point) => {
                      place(view, point);
                    }
                  : undefined
              }
              onZone={(id) => {
                if (step) dispatch(editorActions.stepPatched({ id: step.id, patch: { zones: pressedZone(piece, step, id) } }));
                else setZone(id);
              }}
            />
          ))}
        </div>
      )}
      {/* right below the drawing that was pressed, so that it is seen at once */}
      {zone && (
        <ZoneEditor
          key={zone.id}
          piece={piece}
          zone={zone}
          placing={placing}
          onPlace={setPlacing}
          onClose={() => {
            setZone(null);
          }}
        />
      )}
      {views.length > 0 && piece.steps.length > 0 && <LookSlider piece={piece} looks={looks} at={at} onChange={setChosen} />}
      {!step && !zone && <ZoneList piece={piece} />}
      {!step && (
        <Button
          small
          className="mt-2"
          onClick={() => {
            setShaping(true);
          }}
        >
          <Scissors size={14} aria-hidden="true" /> Change the shape …
        </Button>
      )}
      {isShaping && (
        <Suspense>
          <ShapeDialog
            piece={piece}
            zoneId={zone?.id ?? null}
            onClose={() => {
              setShaping(false);
            }}
          />
        </Suspense>
      )}
    </Panel>
  );
}

function ZoneList({ piece }: { piece: Piece }) {
  const shown = useShown();
  const { setZone } = useFocus();
  return (
    <dl className="mt-2">
      {piece.zones.map((zone) => (
        <Row
          key={zone.id}
          what={
            <button
              type="button"
              className="min-h-6 underline decoration-line-strong underline-offset-2 hover:decoration-ink"
              onClick={() => {
                setZone(zone.id);
              }}
            >
              {zone.name}
            </button>
          }
        >
          <span className="figures font-normal">{zone.keepClean ? 'keep clean' : shown.text(zone.areaMm2, 'area')}</span>
        </Row>
      ))}
    </dl>
  );
}
