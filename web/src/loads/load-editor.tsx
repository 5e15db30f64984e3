import { loadFacts, pieceOfLoad } from '@eveningtide/core/loads';
import { amountsOfLoad } from '@eveningtide/core/records';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo } from 'react';
import {
  useDeleteLoadMutation,
  useLoadsQuery,
  useRestoreDeletedMutation,
  useSaveLoadMutation,
  useWorkshopQuery,
  type StoredLoad,
} from '../store/api.js';
import { LoadSection } from '../looks/load-section.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { SheetActions } from '../ui/sheet-actions.js';
import { useDraft } from '../ui/use-draft.js';
import { useKeepAsPiece } from '../ui/use-keep-as-piece.js';
import { useTakenUp } from '../ui/use-taken-up.js';
import { GrainList } from './grain-list.js';
import { LoadFields } from './load-fields.js';
import { LoadResults } from './load-results.js';

/** One load: its measures at the left, what comes of them at the right. */
export function LoadEditor({ stored, added }: { stored: StoredLoad; /** Just made. */ added: boolean }) {
  const place = useTakenUp<HTMLDivElement>(added);
  const [save] = useSaveLoadMutation();
  const [remove] = useDeleteLoadMutation();
  const [restore] = useRestoreDeletedMutation();
  const keepAsPiece = useKeepAsPiece();
  const { refetch } = useLoadsQuery();
  const { data: workshop } = useWorkshopQuery();
  const draft = useDraft({
    kept: { version: stored.version, thing: stored.load },
    save: async ({ version, thing }) => {
      const answer = await save({ version, load: thing }).unwrap();
      return { version: answer.version, thing: answer.load };
    },
    readAgain: async () => {
      const now = (await refetch()).data?.find(({ load }) => load.id === stored.load.id);
      return now && { version: now.version, thing: now.load };
    },
    called: stored.load.name,
  });
  const { thing: load = stored.load, change } = draft;
  // it dries over night: the night's air decides
  const night = workshop?.workshop.climate.night;
  const facts = useMemo(() => (night ? loadFacts(load, night) : null), [load, night]);
  const throwAway = async (): Promise<void> => {
    try {
      await remove(stored.load.id).unwrap();
      notifyDeleted(`${load.name} deleted`, { kind: 'load', id: stored.load.id }, restore);
    } catch (error) {
      notifyFailure(`${load.name} stays`, error);
    }
  };
  return (
    <>
      <SheetActions
        draft={draft}
        plan={{ words: 'Plan it as a piece', onPress: night ? () => void keepAsPiece(pieceOfLoad(load, nanoid(12), night)) : null }}
        printWords="Print the load card"
        name={load.name}
        amounts={facts && (() => amountsOfLoad(load, facts))}
        onDelete={() => void throwAway()}
      />
      <div className="grid items-start gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] print:block">
        <div ref={place} className="no-print">
          <LoadFields load={load} onChange={change} />
          <GrainList
            load={load}
            onChange={(grains) => {
              change({ grains });
            }}
          />
        </div>
        {facts && (
          <section aria-label="What it takes">
            <LoadSection
              load={load}
              facts={facts}
              onOver={(overMm) => {
                change({ overMm });
              }}
            />
            <LoadResults load={load} facts={facts} />
          </section>
        )}
      </div>
    </>
  );
}
