import { CATALOGUE, suppliesOf, type Shelf, type Supplies } from '@eveningtide/core/materials';
import { benchDay, type PlanInput, type PieceOutlook, type Workshop } from '@eveningtide/core/schedule';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { openedByUse, type LogEntry } from '@eveningtide/core/log';
import type { Mix } from '@eveningtide/core/mixing';
import { useBottlesQuery, useMaterialsQuery, useMixesQuery, usePiecesQuery, useWorkshopQuery } from '../store/api.js';
import { benchDayIs, benchMinute, benchNow } from '../store/bench-clock.js';
import { useAppSelector } from '../store/store.js';
import { usePlanningAir } from '../store/air.js';
import { useLog } from '../store/log.js';
import { localNow } from '../ui/days.js';
import { useOutlook, type Told } from './use-outlook.js';

interface PlanState extends Told {
  /** What the outlook is made from; null until it is known. */
  given: PlanInput | null;
}

/** The day that the bench is on, and minutes since its midnight. */
export interface BenchNow {
  date: string;
  minute: number;
}

interface OnHand {
  supplies: Supplies;
  /** What the supplies are made from, as plain data; null until it is known. */
  shelf: Shelf | null;
  mixes: readonly Mix[];
}

// each by itself: who asks for the plan is not drawn anew when a minute has passed
export const PlanContext = createContext<PlanState>({ outlook: null, soFar: null, error: null, given: null });
const NowContext = createContext<BenchNow>({ date: '1970-01-01', minute: 0 });
export const OnHandContext = createContext<OnHand>({ supplies: CATALOGUE, shelf: null, mixes: [] });

/** The plan starts at the last five minutes, so that it does not move under the painter's hands all the time. */
const STEP_MIN = 5;

/** Told again now and then, and when evenings are changed. */
function useNow(workshop: Workshop | undefined): BenchNow {
  const [at, setAt] = useState(benchNow);
  useEffect(() => {
    const timer = setInterval(() => {
      setAt(benchNow());
    }, 20_000);
    return () => {
      clearInterval(timer);
    };
  }, []);
  const wall = localNow(at);
  const date = workshop ? benchDay(workshop, wall.date, wall.minute) : wall.date;
  const minute = Math.floor(benchMinute(at, date));
  benchDayIs(date);
  return useMemo(() => ({ date, minute }), [date, minute]);
}

/** The shelf as the server keeps it; undefined until all of it is known. */
function useShelf(log: readonly LogEntry[] | undefined, workshop: Workshop | undefined): Shelf | undefined {
  const { airbrush, cans } = workshop?.equipment ?? {};
  const { data: bottles } = useBottlesQuery();
  const { data: materials } = useMaterialsQuery();
  return useMemo(
    () =>
      bottles && materials && log && airbrush !== undefined && cans !== undefined
        ? {
            bottles: openedByUse(
              bottles.map(({ bottle }) => bottle),
              log,
            ),
            materials: materials.map(({ material }) => material),
            sprayers: { airbrush, cans },
          }
        : undefined,
    [bottles, materials, log, airbrush, cans],
  );
}

/** One plan for all views: of what is stored, with the piece that is being edited as it stands until it is saved. */
export function OutlookProvider({ children }: { children: ReactNode }) {
  const { data: stored } = usePiecesQuery();
  const { data: workshop } = useWorkshopQuery();
  const now = useNow(workshop?.workshop);
  const log = useLog();
  const shelf = useShelf(log, workshop?.workshop);
  const { data: storedMixes } = useMixesQuery();
  const mixes = useMemo(() => storedMixes?.map(({ mix }) => mix) ?? [], [storedMixes]);
  const supplies = useMemo(() => (shelf ? suppliesOf(shelf) : CATALOGUE), [shelf]);
  const edited = useAppSelector((state) => (state.editor.save === 'saved' ? null : state.editor.piece));
  const pieces = useMemo(() => stored?.map(({ piece }) => (piece.id === edited?.id ? edited : piece)), [stored, edited]);
  const evening = usePlanningAir();
  // planned in the air that is there: as read, else as typed
  const inThisAir = useMemo(
    () => workshop && evening && { ...workshop.workshop, climate: { ...workshop.workshop.climate, evening } },
    [workshop, evening],
  );
  const fromMin = Math.floor(now.minute / STEP_MIN) * STEP_MIN;
  const given = useMemo(
    () => (pieces && inThisAir && shelf && log ? { pieces, workshop: inThisAir, shelf, log, originDate: now.date, nowMin: fromMin } : null),
    [pieces, inThisAir, shelf, log, now.date, fromMin],
  );
  const openId = useAppSelector((state) => state.editor.piece?.id ?? null);
  const told = useOutlook(given, openId);
  const plan = useMemo(() => ({ ...told, given }), [told, given]);
  const onHand = useMemo(() => ({ supplies, shelf: shelf ?? null, mixes }), [supplies, shelf, mixes]);
  return (
    <NowContext value={now}>
      <OnHandContext value={onHand}>
        <PlanContext value={plan}>{children}</PlanContext>
      </OnHandContext>
    </NowContext>
  );
}

/** The plan, and what it is made from. */
export const usePlan = (): PlanState => useContext(PlanContext);

/** The bench's clock, to the minute. */
export const useBenchNow = (): BenchNow => useContext(NowContext);

/** What there is to work with: bottles, materials and mixes. */
export const useOnHand = (): OnHand => useContext(OnHandContext);

/** What materials and bottles mean: the catalogue with the painter's shelf on top. */
export const useSupplies = (): Supplies => useOnHand().supplies;

export function usePieceOutlook(pieceId: string): PieceOutlook | null {
  return usePlan().soFar?.pieces.find((piece) => piece.pieceId === pieceId) ?? null;
}
