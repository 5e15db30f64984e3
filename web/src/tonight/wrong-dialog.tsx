import { LONGEST_TEXT } from '@eveningtide/core/limits';
import type { LogEntry } from '@eveningtide/core/log';
import { troublesOf, type Advice, type Judged, type Trouble } from '@eveningtide/core/remedies';
import type { PlanInput } from '@eveningtide/core/schedule';
import type { Job } from '@eveningtide/core/tonight';
import { formatMinutes } from '@eveningtide/core/units';
import { useMemo, useState } from 'react';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { useBenchNow, usePlan, useSupplies } from '../workers/outlook-context.js';
import type { Work } from './use-work.js';
import { benchMinute } from '../store/bench-clock.js';

const BIG = 'min-h-16 w-full rounded-sm border-2 border-ink px-4 py-2 text-left text-lg leading-6';

const VERDICTS: Record<Judged['verdict'], string> = {
  helps: 'Helps now',
  'with care': 'Helps, with care',
  'not now': 'Not now',
  worse: 'Makes it worse',
};
const AGES: Record<Advice['age'], string> = {
  wet: 'still wet',
  'touch-dry': 'touch-dry',
  dry: 'dry, not hard',
  hard: 'dry-hard',
  proof: 'hard and solvent-proof',
  'never dries': 'not drying in this air',
};

interface WrongDialogProps {
  job: Job;
  entry: LogEntry;
  pieceName: string;
  bench: Work;
  onClose: () => void;
}

/** What went wrong, and what still helps: asked and answered in large words. */
export function WrongDialog({ job, entry, pieceName, bench, onClose }: WrongDialogProps) {
  const supplies = useSupplies();
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const log = usePlan().given?.log ?? [];
  const { minute: nowMin } = useBenchNow();
  const found = troublesOf(job, { supplies, log, nowMin });
  const take = (remedy: Judged | null): void => {
    if (trouble) void bench.wentWrong({ job, entry, trouble, remedy }).then(onClose);
  };
  return (
    <Dialog title={trouble ? trouble.name : 'What went wrong?'} note={pieceName} open onOpenChange={onClose}>
      {!trouble ? (
        <ul className="grid gap-2">
          {found.map((one, i) => (
            <li key={one.id}>
              <button
                type="button"
                data-first={i === 0 || undefined}
                className={`${BIG} hover:bg-paper`}
                onClick={() => {
                  setTrouble(one);
                }}
              >
                <b>{one.name}</b>
                <span className="block text-ink-2">{one.sign}</span>
              </button>
            </li>
          ))}
          {found.length === 0 && <li className="text-lg">Nothing is laid by this step that could go wrong in a way known here.</li>}
          <li>
            <SomethingElse
              onKeep={(words) => {
                bench.somethingElse(job, words);
                onClose();
              }}
            />
          </li>
        </ul>
      ) : (
        <Remedies job={job} trouble={trouble} onTake={take} />
      )}
    </Dialog>
  );
}

/** What has no name here is written down in the painter's own words. */
function SomethingElse({ onKeep }: { onKeep: (words: string) => void }) {
  const [words, setWords] = useState('');
  return (
    <form
      className="flex flex-wrap items-end gap-2 border-2 border-line-strong px-4 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (words.trim() !== '') onKeep(words.trim());
      }}
    >
      <label className="min-w-0 flex-1 text-lg">
        <b>Something else</b>
        <input
          className="field mt-1 min-h-11"
          maxLength={LONGEST_TEXT}
          placeholder="What is it?"
          value={words}
          onChange={(event) => {
            setWords(event.target.value);
          }}
        />
      </label>
      <Button type="submit" disabled={words.trim() === ''}>
        Write it down
      </Button>
    </form>
  );
}

/** What was pressed is gone: the keys go on from what has come in its place. */
const toIt = (element: HTMLElement | null): void => {
  element?.focus();
};

function Remedies({ job, trouble, onTake }: { job: Job; trouble: Trouble; onTake: (remedy: Judged | null) => void }) {
  const { given } = usePlan();
  const { pieceId, step } = job;
  const ask = useMemo(
    () => (now: PlanInput) =>
      eveningsService().advice({ ...now, nowMin: benchMinute(undefined, now.originDate) }, pieceId, step.id, trouble.id),
    [pieceId, step.id, trouble.id],
  );
  const { answer, error } = useAsked(given, ask);
  if (error !== null)
    return (
      <p role="alert" className="text-lg text-brick">
        No advice: {error}
      </p>
    );
  if (!answer)
    return (
      <p role="status" className="text-lg text-ink-2">
        Looking at what lies under it …
      </p>
    );
  return (
    <div ref={toIt} tabIndex={-1} className="text-lg leading-6 outline-none">
      <p className="mb-2">
        What was laid is <b>{AGES[answer.age]}</b>, {formatMinutes(answer.ageMin)} old.
      </p>
      <ul className="grid gap-2">
        {answer.remedies.map((remedy) => (
          <RemedyItem key={remedy.id} remedy={remedy} onTake={onTake} />
        ))}
      </ul>
      <Told title="This makes it worse" lines={answer.worse} />
      <Told title="Next time" lines={answer.nextTime} />
      <button
        type="button"
        className={`${BIG} mt-3 text-center font-semibold hover:bg-paper`}
        onClick={() => {
          onTake(null);
        }}
      >
        Only write it down
      </button>
    </div>
  );
}

function RemedyItem({ remedy, onTake }: { remedy: Judged; onTake: (remedy: Judged) => void }) {
  const isOpen = remedy.verdict === 'helps' || remedy.verdict === 'with care';
  const words = (
    <>
      <b className={remedy.verdict === 'worse' ? 'text-brick' : isOpen ? 'text-tide' : ''}>{VERDICTS[remedy.verdict]}.</b> {remedy.words}.
      {remedy.why !== null && <span className="block text-ink-2">{remedy.why}</span>}
    </>
  );
  if (!isOpen) return <li className="border-l-4 border-line-strong py-1 pl-3">{words}</li>;
  return (
    <li>
      <button
        type="button"
        className={`${BIG} hover:bg-paper`}
        onClick={() => {
          onTake(remedy);
        }}
      >
        {words}
      </button>
    </li>
  );
}

function Told({ title, lines }: { title: string; lines: readonly string[] }) {
  return (
    <section className="mt-3">
      <h3 className="font-semibold">{title}</h3>
      <ul className="list-disc pl-6">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
