import { operationOf } from '@eveningtide/core/schedule';
import { formatMinutes } from '@eveningtide/core/units';
import { openAt, stepIdOf } from '@eveningtide/core/sequence';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { PlanInput } from '@eveningtide/core/schedule';
import type { Binding } from '@eveningtide/core/solver';
import { OpenFindings } from '../pieces/open-findings.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { SelectField } from '../ui/select-field.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan } from '../workers/outlook-context.js';
import type { LaneBlock } from './evening-lanes.js';
import { usePinning } from './use-pinning.js';
import { useStepWords } from './step-words.js';
import { whyWords } from './why-words.js';

/** So many evenings ahead can be chosen. */
const MOST_EVENINGS = 12;

/** What a chosen block is, why it is not earlier, and its pin. */
export function BlockPanel({ block }: { block: LaneBlock }) {
  const { given, outlook } = usePlan();
  const days = useDays();
  const words = useStepWords();
  const { pin, putInto } = usePinning();
  const ask = useMemo(
    () =>
      async (of: PlanInput): Promise<Binding | null> =>
        eveningsService().why(of, block.id),
    [block.id],
  );
  const { answer: binding, working } = useAsked(given, ask);
  if (!outlook) return null;
  const { pieceId, stepIndex, sitting } = operationOf(block.id);
  const own = outlook.pieces.find((one) => one.pieceId === pieceId);
  const step = own?.steps[stepIndex];
  const others = outlook.evenings
    .filter(({ fromMin, toMin }) => toMin > (given?.nowMin ?? 0) && !(block.startMin >= fromMin && block.startMin < toMin))
    .slice(0, MOST_EVENINGS);
  const when = (minute: number): string => days.when(outlook.originDate, minute);
  return (
    <section
      aria-labelledby="of-the-block"
      className="mt-1 flex flex-wrap items-start justify-between gap-4 border border-line-strong bg-paper p-3"
    >
      <div className="min-w-0">
        <h3 id="of-the-block" className="font-semibold">
          {words(block.id)}{' '}
          <span className="figures font-normal text-ink-2">
            {days.clock(block.startMin)}–{days.clock(block.endMin)}, {formatMinutes(block.endMin - block.startMin)}
          </span>
        </h3>
        <OpenFindings findings={own ? openAt(own.findings, stepIndex) : []} />
        <p>
          <b>Why not earlier?</b> {working || !binding ? 'Looking …' : whyWords(binding, words, when)}
        </p>
      </div>
      <div className="flex flex-wrap items-end gap-2">
        <SelectField
          label="Put to another evening"
          value=""
          options={[
            { id: '', name: 'choose …' },
            ...others.map(({ fromMin }) => ({ id: String(fromMin), name: days.dayOf(outlook.originDate, fromMin) })),
          ]}
          onChange={(chosen) => {
            const other = others.find(({ fromMin }) => String(fromMin) === chosen);
            if (other) void putInto(block.id, other);
          }}
        />
        {sitting === 0 &&
          (block.isPinned ? (
            <Button onClick={() => void pin(block.id, null)}>Let it go</Button>
          ) : (
            <Button onClick={() => void pin(block.id, block.startMin)}>Pin it here</Button>
          ))}
        {step && (
          <Link className="inline-flex min-h-[2rem] items-center underline" to={`/pieces/${pieceId}?step=${stepIdOf(step.id)}`}>
            Open the step
          </Link>
        )}
      </div>
    </section>
  );
}
