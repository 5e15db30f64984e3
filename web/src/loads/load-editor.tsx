import { loadFacts, pieceOfLoad, type Load } from '@eveningtide/core/loads';
import type { Air } from '@eveningtide/core/climate';
import { nanoid } from '@reduxjs/toolkit';
import { ListPlus, Printer, Trash2, Undo2 } from 'lucide-react';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import {
  useDeleteLoadMutation,
  useLoadsQuery,
  useRestoreDeletedMutation,
  useSaveLoadMutation,
  useSavePieceMutation,
  useWorkshopQuery,
  type StoredLoad,
} from '../store/api.js';
import { Button } from '../ui/button.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';
import { DRAFT_WORDS, useDraft } from '../ui/use-draft.js';
import { useTakenUp } from '../ui/use-taken-up.js';
import { GrainList } from './grain-list.js';
import { LoadFields } from './load-fields.js';
import { LoadResults } from './load-results.js';
import { LoadSection } from './load-section.js';

/** One load: its measures at the left, what comes of them at the right. */
export function LoadEditor({ stored, added }: { stored: StoredLoad; /** Just made. */ added: boolean }) {
  const place = useTakenUp<HTMLDivElement>(added);
  const [save] = useSaveLoadMutation();
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
  return (
    <>
      <Actions
        stored={stored}
        load={load}
        undo={draft.undo}
        words={DRAFT_WORDS[draft.state]}
        isSaved={draft.state === 'saved'}
        air={night}
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
            <LoadSection load={load} facts={facts} />
            <LoadResults load={load} facts={facts} />
          </section>
        )}
      </div>
    </>
  );
}

interface ActionsProps {
  stored: StoredLoad;
  load: Load;
  undo: (() => void) | null;
  words: string;
  isSaved: boolean;
  air: Air | undefined;
}

function Actions({ stored, load, undo, words, isSaved, air }: ActionsProps) {
  const [remove] = useDeleteLoadMutation();
  const [restore] = useRestoreDeletedMutation();
  const [savePiece] = useSavePieceMutation();
  const navigate = useNavigate();
  const makePiece = async (): Promise<void> => {
    if (!air) return;
    const piece = pieceOfLoad(load, nanoid(12), air);
    try {
      await savePiece({ version: 0, piece }).unwrap();
      await navigate(`/pieces/${piece.id}`);
    } catch (error) {
      notifyFailure('The piece was not made', error);
    }
  };
  const throwAway = async (): Promise<void> => {
    try {
      await remove(stored.load.id).unwrap();
      notifyDeleted(`${load.name} deleted`, { kind: 'load', id: stored.load.id }, restore);
    } catch (error) {
      notifyFailure(`${load.name} stays`, error);
    }
  };
  return (
    <div className="no-print mb-3 flex flex-wrap items-center gap-2">
      <Button disabled={undo === null} onClick={() => undo?.()}>
        <Undo2 size={16} aria-hidden="true" /> Undo
      </Button>
      <Button disabled={!air} onClick={() => void makePiece()}>
        <ListPlus size={16} aria-hidden="true" /> Plan it as a piece
      </Button>
      <Button
        onClick={() => {
          window.print();
        }}
      >
        <Printer size={16} aria-hidden="true" /> Print the load card
      </Button>
      <Button disabled={!isSaved} onClick={() => void throwAway()}>
        <Trash2 size={16} aria-hidden="true" /> Delete
      </Button>
      <p role="status" className="ml-auto text-[0.8125rem] text-ink-2">
        {words}
      </p>
    </div>
  );
}
