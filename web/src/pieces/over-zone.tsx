import { loadFacts } from '@eveningtide/core/loads';
import { carryingZones, type Piece, type Zone } from '@eveningtide/core/subjects';
import { GrowthSection } from '../looks/growth-section.js';
import { LoadSection } from '../looks/load-section.js';
import { useLoadsQuery, usePlantingsQuery, useWorkshopQuery } from '../store/api.js';

/** What lies or grows over a zone, cut in millimetres: the loads that are made for the piece where it carries them, and what is planted there. */
export function OverZone({ piece, zone }: { piece: Piece; zone: Zone }) {
  const carries = carryingZones(piece).includes(zone);
  const { data: workshop } = useWorkshopQuery();
  const { data: loads = [] } = useLoadsQuery(undefined, { skip: !carries });
  const { data: plantings = [] } = usePlantingsQuery();
  const night = workshop?.workshop.climate.night;
  return (
    <>
      {night &&
        carries &&
        loads.map(({ load }) =>
          load.wagonId === piece.id ? (
            <div key={load.id} className="mt-3">
              <h3 className="mb-1 text-[0.8125rem] font-semibold">{load.name}</h3>
              <LoadSection load={load} facts={loadFacts(load, night)} />
            </div>
          ) : null,
        )}
      {plantings.map(({ planting }) =>
        planting.pieceId === piece.id && (planting.zoneId === null || planting.zoneId === zone.id) ? (
          <div key={planting.id} className="mt-3">
            <GrowthSection planting={planting} />
          </div>
        ) : null,
      )}
    </>
  );
}
