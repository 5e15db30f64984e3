import type { CutList } from '@eveningtide/core/cutting';
import { nanoid } from '@reduxjs/toolkit';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCutlistsQuery, useSaveCutlistMutation, useStripsQuery } from '../store/api.js';
import { useUsualScale } from '../store/usual-scale.js';
import { Button } from '../ui/button.js';
import { notifyFailure } from '../ui/notify.js';
import { PartTabs } from '../ui/part-tabs.js';
import { Empty, Failed, Loading } from '../ui/states.js';
import { CutListEditor } from './cut-list-editor.js';
import { StripsPart } from './strips-part.js';

/** Of a fine razor saw, mm (common practice). */
const USUAL_KERF_MM = 0.5;

/** What is cut to length from strips, tubes and wire: fewest strips, stops of the mitre box, lines and straps of bundles. */
export function CuttingView() {
  const lists = useCutlistsQuery();
  const strips = useStripsQuery();
  const scaleRatio = useUsualScale();
  const [save] = useSaveCutlistMutation();
  const [search, setSearch] = useSearchParams();
  const [addedId, setAddedId] = useState<string | null>(null);
  if ((lists.isError && !lists.data) || (strips.isError && !strips.data))
    return (
      <Failed
        what="your cut lists"
        onRetry={() => {
          void lists.refetch();
          void strips.refetch();
        }}
      />
    );
  if (!lists.data || !strips.data) return <Loading what="your cut lists" />;
  const shown = lists.data.find(({ cutlist }) => cutlist.id === search.get('list')) ?? lists.data.at(-1);
  const open = (id: string): void => {
    setSearch({ list: id }, { replace: true });
  };
  const add = async (): Promise<void> => {
    const id = nanoid(12);
    const cutlist: CutList = {
      ...{ id, name: 'New cut list', scaleRatio },
      ...{ kerfMm: shown?.cutlist.kerfMm ?? USUAL_KERF_MM, lines: [], bin: null, note: '', cutOn: null },
    };
    try {
      setAddedId(id);
      await save({ version: 0, cutlist }).unwrap();
      open(id);
    } catch (error) {
      notifyFailure('The cut list was not made', error);
    }
  };
  return (
    <main className="p-4">
      <header className="no-print mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-[1.6875rem] leading-8 font-bold">Cutting</h1>
        <Button look="ink" onClick={() => void add()}>
          <Plus size={16} aria-hidden="true" /> New cut list
        </Button>
      </header>
      <PartTabs
        label="Parts of cutting"
        tabs={[
          {
            id: 'lists',
            name: 'Cut lists',
            count: lists.data.length,
            content: shown ? (
              <>
                {lists.data.length > 1 && (
                  <select
                    aria-label="Cut list"
                    className="field no-print mb-3 !w-auto"
                    value={shown.cutlist.id}
                    onChange={(event) => {
                      open(event.target.value);
                    }}
                  >
                    {lists.data.map(({ cutlist }) => (
                      <option key={cutlist.id} value={cutlist.id}>
                        {cutlist.name}
                        {cutlist.cutOn === null ? '' : ' (cut)'}
                      </option>
                    ))}
                  </select>
                )}
                <CutListEditor
                  key={shown.cutlist.id}
                  added={shown.cutlist.id === addedId}
                  stored={shown}
                  strips={strips.data.map(({ strip }) => strip)}
                />
              </>
            ) : (
              <Empty title="No cut list yet">
                <p>
                  A cut list says which lengths you need: planks, sleepers, pipes, posts. You are told how to cut them from the fewest
                  strips, where the stop of the mitre box stands, and what to buy.
                </p>
                <Button className="mt-3" onClick={() => void add()}>
                  <Plus size={16} aria-hidden="true" /> New cut list
                </Button>
              </Empty>
            ),
          },
          { id: 'strips', name: 'Strips', count: strips.data.length, content: <StripsPart stored={strips.data} /> },
        ]}
      />
    </main>
  );
}
