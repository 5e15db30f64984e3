import type { Piece } from '@eveningtide/core/subjects';
import { useEffect, useState } from 'react';
import { plannedLooks } from './look.js';
import { whenIdle } from '../ui/when-idle.js';
import { useSupplies } from '../workers/outlook-context.js';
import { Silhouette } from './silhouette.js';

const WIDTH_PX = 126;
const HEIGHT_PX = 56;

/** A piece as it is planned to look in the end. Its colours are worked out when there is time: a list must not wait for them. */
export function FinishedLook({ piece }: { piece: Piece }) {
  const supplies = useSupplies();
  const [colours, setColours] = useState<Readonly<Partial<Record<string, string>>>>({});
  useEffect(() => {
    const work = () => {
      try {
        const end = plannedLooks(piece, supplies).at(-1) ?? {};
        setColours(Object.fromEntries(Object.entries(end).map(([zone, { mean }]) => [zone, mean])));
      } catch {
        // a piece that cannot be worked out is drawn as it came
        setColours({});
      }
    };
    return whenIdle(work);
  }, [piece, supplies]);
  return (
    <Silhouette
      piece={piece}
      widthPx={WIDTH_PX}
      heightPx={HEIGHT_PX}
      tint={(zoneId) => colours[zoneId] ?? piece.zones.find(({ id }) => id === zoneId)?.startColour ?? null}
    />
  );
}
