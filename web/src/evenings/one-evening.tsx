import { operationOf } from '@eveningtide/core/schedule';
import { formatMinutes } from '@eveningtide/core/units';
import { eveningsOf } from '@eveningtide/core/solver';
import { stepPaint } from '@eveningtide/core/sequence';
import { techniqueById } from '@eveningtide/core/techniques';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Empty } from '../ui/states.js';
import { usePlan, useSupplies } from '../workers/outlook-context.js';
import { BlockPanel } from './block-panel.js';
import { EveningLanes, type LaneBlock } from './evening-lanes.js';
import { useMoving } from './use-moving.js';
import { partWordsOf } from './step-words.js';

/** One evening wide enough to take its blocks in hand: moved by pointer or by keys, pinned, explained. */
export function OneEvening() {
  const { outlook, given } = usePlan();
  const supplies = useSupplies();
  const days = useDays();
  const [search, setSearch] = useSearchParams();
  const [chosen, setChosen] = useState<string | null>(null);
  const evenings = useMemo(() => (outlook ? eveningsOf(outlook.plan, outlook.evenings) : []), [outlook]);
  const wanted = Number(search.get('evening') ?? 0);
  const at = Math.min(Math.max(0, Number.isInteger(wanted) ? wanted : 0), Math.max(0, evenings.length - 1));
  const shown = evenings[at];
  const moving = useMoving(shown?.evening ?? null);
  if (!outlook || !given || !shown)
    return (
      <Empty title="No evening is used yet" go={{ to: '/pieces', words: 'To the pieces' }}>
        Give a piece some steps; then its evenings can be looked at one by one here.
      </Empty>
    );
  const { evening, cleanings, busyMin } = shown;
  const show = (index: number): void => {
    setChosen(null);
    moving.cancel();
    setSearch({ part: 'one', evening: String(index) }, { replace: true });
  };
  const blocks = shown.placed.flatMap((placed): LaneBlock[] => {
    const { pieceId, stepIndex, sitting } = operationOf(placed.id);
    const own = outlook.pieces.find((piece) => piece.pieceId === pieceId);
    const step = own?.steps[stepIndex];
    if (!own || !step) return [];
    return [
      {
        ...placed,
        pieceId,
        name: [techniqueById(step.technique).name, partWordsOf(own, placed.id)].filter((words) => words !== '').join(', '),
        colour: stepPaint(step, supplies)?.colour ?? null,
        isPinned: step.pinnedAt !== null && sitting === 0,
        isSnag: own.findings.some((found) => found.severity === 'snag' && found.stepIndex === stepIndex),
      },
    ];
  });
  const lanes = given.pieces.flatMap((piece) => {
    const own = blocks.filter(({ pieceId }) => pieceId === piece.id);
    return own.length > 0 ? [{ piece, blocks: own, outlook: outlook.pieces.find(({ pieceId }) => pieceId === piece.id) ?? null }] : [];
  });
  const block = blocks.find(({ id }) => id === chosen) ?? null;
  return (
    <div className="flex min-h-0 flex-1 flex-col px-4 py-3">
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <Button
          small
          aria-label="Evening before"
          disabled={at === 0}
          onClick={() => {
            show(at - 1);
          }}
        >
          <ChevronLeft size={16} aria-hidden="true" />
        </Button>
        <h2 className="text-lg font-semibold">
          {days.dayOf(outlook.originDate, evening.fromMin)}{' '}
          <span className="figures font-normal text-ink-2">
            {days.clock(evening.fromMin)}–{days.clock(evening.toMin)}
          </span>
        </h2>
        <Button
          small
          aria-label="Evening after"
          disabled={at === evenings.length - 1}
          onClick={() => {
            show(at + 1);
          }}
        >
          <ChevronRight size={16} aria-hidden="true" />
        </Button>
        <p className="text-ink-2">
          evening {at + 1} of {evenings.length} · hands busy {formatMinutes(busyMin)} of {formatMinutes(evening.toMin - evening.fromMin)}
        </p>
        <p className="ml-auto text-[0.8125rem] text-ink-3">Drag a block, or focus it and press M, arrows, Enter.</p>
      </div>
      <EveningLanes evening={evening} lanes={lanes} cleanings={cleanings} chosen={chosen} onChoose={setChosen} moving={moving} />
      <p role="status" aria-live="polite" className="mt-2 min-h-6">
        {moving.words}
      </p>
      {block && <BlockPanel key={block.id} block={block} />}
    </div>
  );
}
