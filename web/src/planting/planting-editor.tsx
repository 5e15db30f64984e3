import { pieceOfPlanting, plantingFacts } from '@eveningtide/core/planting';
import { amountsOfPlanting } from '@eveningtide/core/records';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo, useState } from 'react';
import {
  useDeletePlantingMutation,
  usePlantingsQuery,
  useRestoreDeletedMutation,
  useSavePlantingMutation,
  type StoredPlanting,
} from '../store/api.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { SheetActions } from '../ui/sheet-actions.js';
import { useDraft } from '../ui/use-draft.js';
import { useKeepAsPiece } from '../ui/use-keep-as-piece.js';
import { useTakenUp } from '../ui/use-taken-up.js';
import { GroundFields } from './ground-fields.js';
import { KeepOffList } from './keep-off-list.js';
import { GrowthList } from './growth-list.js';
import { PlanOnPaper } from './plan-on-paper.js';
import { PlanPanel } from './plan-panel.js';
import { PlantingResults } from './planting-results.js';
import { PlantsList } from './plants-list.js';
import { usePutOnPiece } from './use-put-on-piece.js';

/** One planting: what grows there at the left, the plan and what it takes at the right. */
export function PlantingEditor({ stored, added }: { stored: StoredPlanting; /** Just made. */ added: boolean }) {
  const place = useTakenUp<HTMLDivElement>(added);
  const [save] = useSavePlantingMutation();
  const [remove] = useDeletePlantingMutation();
  const [restore] = useRestoreDeletedMutation();
  const keepAsPiece = useKeepAsPiece();
  const { refetch } = usePlantingsQuery();
  const [shownId, setShownId] = useState<string | null>(null);
  const draft = useDraft({
    kept: { version: stored.version, thing: stored.planting },
    save: async ({ version, thing }) => {
      const answer = await save({ version, planting: thing }).unwrap();
      return { version: answer.version, thing: answer.planting };
    },
    readAgain: async () => {
      const now = (await refetch()).data?.find(({ planting }) => planting.id === stored.planting.id);
      return now && { version: now.version, thing: now.planting };
    },
    called: stored.planting.name,
  });
  const { thing: planting = stored.planting, change } = draft;
  const facts = useMemo(() => plantingFacts(planting), [planting]);
  const host = usePutOnPiece(planting);
  const throwAway = async (): Promise<void> => {
    try {
      await remove(planting.id).unwrap();
      notifyDeleted(`${planting.name} deleted`, { kind: 'planting', id: planting.id }, restore);
    } catch (error) {
      notifyFailure(`${planting.name} stays`, error);
    }
  };
  return (
    <>
      <SheetActions
        draft={draft}
        plan={
          host
            ? { words: `Put its steps on ${host.name}`, onPress: () => void host.put() }
            : { words: 'Plan it as a piece', onPress: () => void keepAsPiece(pieceOfPlanting(planting, nanoid(12))) }
        }
        printWords="Print the plan at true size"
        name={planting.name}
        amounts={() => amountsOfPlanting(planting, facts)}
        onDelete={() => void throwAway()}
      />
      <div className="grid items-start gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,1.12fr)_minmax(0,1fr)] print:block">
        <div ref={place} className="no-print max-lg:order-2">
          <GroundFields planting={planting} onChange={change} />
          <GrowthList
            growths={planting.growths}
            onChange={(growths) => {
              change({ growths });
            }}
          />
          <PlantsList
            plants={planting.plants}
            onChange={(plants) => {
              const left = new Set(plants.map(({ id }) => id));
              change({ plants, moved: planting.moved.filter(({ plantsId }) => left.has(plantsId)) });
            }}
          />
          <KeepOffList
            planting={planting}
            onChange={(keepOffs) => {
              change({ keepOffs });
            }}
          />
        </div>
        <section aria-label="The plan, and what it takes">
          <PlanPanel planting={planting} facts={facts} shownId={shownId} onShow={setShownId} onChange={change} />
          <PlantingResults planting={planting} facts={facts} />
        </section>
      </div>
      <PlanOnPaper planting={planting} facts={facts} />
    </>
  );
}
