import { stepIdOf } from '@eveningtide/core/sequence';
import { elevationsOf, type Piece, type Step } from '@eveningtide/core/subjects';
import { useMemo } from 'react';
import { plannedLooks } from '../looks/look.js';
import { useSupplies } from '../workers/outlook-context.js';
import { scaleFor } from '../looks/elevation-scale.js';
import { Elevation } from '../looks/elevation.js';

/** Zones on which a step is done; what is kept clean is not meant by “all”. */
const zonesOf = (piece: Piece, step: Step): string[] =>
  piece.zones.filter((zone) => step.zones.includes(zone.id) || (step.zones.includes('all') && !zone.keepClean)).map(({ id }) => id);

/** The elevation that shows most of where a step is done, as that will look then. The page draws `KeepCleanPattern` once. */
export function WhereDrawn({ piece, step, widthPx, heightPx }: { piece: Piece; step: Step; widthPx: number; heightPx: number }) {
  const views = useMemo(() => elevationsOf(piece), [piece]);
  const selected = zonesOf(piece, step);
  const shows = (patches: readonly { zoneId: string }[]): number =>
    new Set(patches.filter(({ zoneId }) => selected.includes(zoneId)).map(({ zoneId }) => zoneId)).size;
  const view = [...views].sort((a, b) => shows(b.patches) - shows(a.patches))[0];
  const supplies = useSupplies();
  const looks = useMemo(() => {
    try {
      return plannedLooks(piece, supplies)[piece.steps.findIndex(({ id }) => id === stepIdOf(step.id)) + 1] ?? {};
    } catch {
      return {};
    }
  }, [piece, supplies, step.id]);
  if (!view) return null;
  return (
    <Elevation
      piece={piece}
      view={view}
      views={views}
      mmPerPx={scaleFor([view], widthPx, heightPx)}
      selected={selected}
      tint={(zoneId) => (selected.includes(zoneId) ? (looks[zoneId]?.mean ?? null) : null)}
    />
  );
}
