import { stripsOnceCut, type CutLine, type CutList, type CutListFacts, type Strip } from '@eveningtide/core/cutting';
import { MOST_CUT_LINES } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { Plus, Printer, Trash2, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import {
  useCutlistsQuery,
  useDeleteCutlistMutation,
  useRestoreDeletedMutation,
  useSaveCutlistMutation,
  type StoredCutlist,
} from '../store/api.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { notifyDeleted, notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { useTakenUp } from '../ui/use-taken-up.js';
import { useBenchNow } from '../workers/outlook-context.js';
import { cuttingService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { CutResults } from './cut-results.js';
import { letterOf } from '../ui/letter.js';
import { LineRow } from './line-row.js';
import { LinesOnPaper } from './lines-on-paper.js';
import { ListFields } from './list-fields.js';
import { useAddStrip } from './strips-part.js';
import { usePutStrips } from './use-put-strips.js';
import { DRAFT_WORDS, useDraft, type Draft } from '../ui/use-draft.js';

const NEW_LINE: Omit<CutLine, 'id' | 'name' | 'stripId'> = {
  ...{ lengthMm: 6096, of: 'prototype', count: 10 },
  ...{ boardsWide: 1, boardsHigh: 1, seen: [], bands: 0 },
};

const ask = ({ list, strips }: { list: CutList; strips: readonly Strip[] }): Promise<CutListFacts> =>
  cuttingService().cutListFacts(list, strips);

/** One cut list: its lines, and below what they come to. */
export function CutListEditor({
  stored,
  strips,
  added,
}: {
  stored: StoredCutlist;
  strips: readonly Strip[];
  /** Just made. */ added: boolean;
}) {
  const place = useTakenUp<HTMLDivElement>(added);
  const [addedLine, setAddedLine] = useState<string | null>(null);
  const [save] = useSaveCutlistMutation();
  const { refetch } = useCutlistsQuery();
  const draft = useDraft({
    kept: { version: stored.version, thing: stored.cutlist },
    save: async ({ version, thing }) => {
      const answer = await save({ version, cutlist: thing }).unwrap();
      return { version: answer.version, thing: answer.cutlist };
    },
    readAgain: async () => {
      const now = (await refetch()).data?.find(({ cutlist }) => cutlist.id === stored.cutlist.id);
      return now && { version: now.version, thing: now.cutlist };
    },
    called: stored.cutlist.name,
  });
  const { thing: list = stored.cutlist, change } = draft;
  const days = useDays();
  const addStrip = useAddStrip();
  const asked = useMemo(() => ({ list, strips }), [list, strips]);
  const { answer, error, working: isOld } = useAsked(asked, ask);
  const setLine = (id: string, given: Partial<CutLine>): void => {
    change({ lines: list.lines.map((line) => (line.id === id ? { ...line, ...given } : line)) });
  };
  const addLine = async (): Promise<void> => {
    const last = list.lines.at(-1);
    const stripId = last?.stripId ?? strips[0]?.id ?? (await addStrip());
    if (stripId === null) return;
    const id = nanoid(8);
    setAddedLine(id);
    change({ lines: [...list.lines, { ...NEW_LINE, ...last, id, name: `Length ${String(list.lines.length + 1)}`, stripId }] });
  };
  return (
    <>
      {answer && <LinesOnPaper list={list} facts={answer} />}
      <div ref={place} className="no-print mb-3 flex flex-wrap items-end gap-3">
        <ListFields list={list} onChange={change} />
        <p role="status" className="no-print ml-auto text-[0.8125rem] text-ink-2">
          {DRAFT_WORDS[draft.state]}
        </p>
        <Actions
          stored={stored}
          list={list}
          undo={draft.undo}
          change={change}
          isSaved={draft.state === 'saved'}
          facts={isOld ? null : answer}
        />
      </div>
      {list.cutOn !== null && <p className="mb-2 font-semibold">Cut on {days.day(list.cutOn)}: what was used is off the shelf.</p>}
      <ul className="no-print border-t border-line">
        {list.lines.map((line, i) => (
          <LineRow
            key={line.id}
            line={line}
            letter={letterOf(i)}
            strips={strips}
            facts={answer?.lines.get(line.id) ?? null}
            added={line.id === addedLine}
            onChange={(given) => {
              setLine(line.id, given);
            }}
            onRemove={() => {
              change({ lines: list.lines.filter(({ id }) => id !== line.id) });
            }}
          />
        ))}
      </ul>
      <Button className="no-print mt-2" disabled={list.lines.length >= MOST_CUT_LINES} onClick={() => void addLine()}>
        <Plus size={16} aria-hidden="true" /> Add a length
      </Button>
      {error !== null && (
        <p role="alert" className="mt-3 font-semibold text-brick">
          Could not calculate this: {error}
        </p>
      )}
      {answer && list.lines.length > 0 && <CutResults facts={answer} list={list} />}
    </>
  );
}

interface ActionsProps {
  stored: StoredCutlist;
  list: CutList;
  isSaved: boolean;
  undo: (() => void) | null;
  change: Draft<CutList>['change'];
  /** Null until it is known for what stands there. */
  facts: CutListFacts | null;
}

function Actions({ stored, list, isSaved, undo, change, facts }: ActionsProps) {
  const putStrips = usePutStrips();
  const [remove] = useDeleteCutlistMutation();
  const [restore] = useRestoreDeletedMutation();
  const { date } = useBenchNow();
  const after = facts && list.lines.length > 0 ? stripsOnceCut(facts) : null;
  const cut = async (): Promise<void> => {
    if (!after) return;
    try {
      const bringBack = await putStrips(after);
      change({ cutOn: date }, { isFinal: true });
      notifyWithUndo(`${list.name} is cut: what was used is off the shelf, offcuts are on it`, async () => {
        await bringBack();
        change({ cutOn: null }, { isFinal: true });
      });
    } catch (error) {
      notifyFailure('The shelf was not changed', error);
    }
  };
  const throwAway = async (): Promise<void> => {
    try {
      await remove(stored.cutlist.id).unwrap();
      notifyDeleted(`${list.name} deleted`, { kind: 'cutlist', id: stored.cutlist.id }, restore);
    } catch (error) {
      notifyFailure(`${list.name} stays`, error);
    }
  };
  return (
    <div className="no-print flex flex-wrap gap-2">
      <Button disabled={undo === null} onClick={() => undo?.()}>
        <Undo2 size={16} aria-hidden="true" /> Undo
      </Button>
      {list.cutOn === null ? (
        <Button
          disabled={after === null}
          title={after === null ? 'Something is to be bought first, or cannot be cut' : undefined}
          onClick={() => void cut()}
        >
          It is cut
        </Button>
      ) : (
        <Button
          onClick={() => {
            change({ cutOn: null });
          }}
        >
          Cut it again
        </Button>
      )}
      <Button
        onClick={() => {
          window.print();
        }}
      >
        <Printer size={16} aria-hidden="true" /> Print
      </Button>
      <Button disabled={!isSaved} onClick={() => void throwAway()}>
        <Trash2 size={16} aria-hidden="true" /> Delete
      </Button>
    </div>
  );
}
