import { type PlanInput, type TimeBox } from '@eveningtide/core/schedule';
import { formatMinutes } from '@eveningtide/core/units';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { countWords } from '../ui/words.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Dialog } from '../ui/dialog.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { Loading } from '../ui/states.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan } from '../workers/outlook-context.js';
import { useStepWords } from './step-words.js';

const USUAL_MIN = 20;
const ALL = '';

/** “I have twenty minutes”: what is best done now, or one piece finished in one sitting. */
export function TimeBoxDialog({ onClose }: { onClose: () => void }) {
  const { given } = usePlan();
  const [minutes, setMinutes] = useState(USUAL_MIN);
  const [pieceId, setPieceId] = useState(ALL);
  const ask = useMemo(() => (of: PlanInput) => eveningsService().box(of, minutes, pieceId === ALL ? null : pieceId), [minutes, pieceId]);
  const { answer, working, error } = useAsked(given, ask);
  const open = given?.pieces.filter(({ archivedOn, steps }) => archivedOn === null && steps.length > 0) ?? [];
  return (
    <Dialog
      printable
      title="I have a little time"
      note="What is best done from now on, within so many minutes, cleaning included."
      open
      onOpenChange={(isOpen) => {
        if (!isOpen) onClose();
      }}
    >
      <div className="no-print grid grid-cols-[8rem_1fr] gap-3">
        <SureNumberField
          label="Minutes"
          value={minutes}
          min={1}
          max={720}
          whole
          onChange={(value) => {
            setMinutes(value);
          }}
        />
        <SelectField
          label="Which piece"
          value={pieceId}
          options={[
            { id: ALL, name: 'Whatever gets on best' },
            ...open.map(({ id, name }) => ({ id, name: `Finish ${name} in one sitting` })),
          ]}
          onChange={setPieceId}
        />
      </div>
      {error !== null && (
        <p role="alert" className="mt-3 text-brick">
          It could not be planned: {error}
        </p>
      )}
      {error === null && (working || !answer ? <Loading what="the best use of it" /> : <Answer box={answer} minutes={minutes} />)}
      <div className="no-print mt-4 flex justify-end gap-2">
        <Button
          disabled={!answer || answer.inside.length === 0}
          onClick={() => {
            window.print();
          }}
        >
          <Printer size={16} aria-hidden="true" /> Print
        </Button>
        <Button look="ink" onClick={onClose}>
          Close
        </Button>
      </div>
    </Dialog>
  );
}

function Answer({ box, minutes }: { box: TimeBox; minutes: number }) {
  const { given } = usePlan();
  const words = useStepWords();
  const days = useDays();
  if (!given) return null;
  const { inside, cleanings, dropped, isDone, savedEvenings, withBox, without } = box;
  const lines = [
    ...inside.map(({ id, startMin, endMin }) => ({ key: id, at: startMin, what: words(id), minutes: endMin - startMin })),
    ...cleanings.map(({ fromMin, toMin }) => ({
      key: `clean ${String(fromMin)}`,
      at: fromMin,
      what: 'Clean the airbrush',
      minutes: toMin - fromMin,
    })),
  ].sort((a, b) => a.at - b.at);
  const doneThen = days.dayOf(given.originDate, withBox.cost.finishMin);
  const doneNow = days.dayOf(given.originDate, without.cost.finishMin);
  return (
    <div className="mt-4">
      {lines.length === 0 ? (
        <p>
          Nothing fits into {minutes} minutes right now: what could be done takes longer with its cleaning, is not dry yet, or would open a
          window that closes before you are back.
        </p>
      ) : (
        <ol aria-label="To do now" className="divide-y divide-line border-y border-line">
          {lines.map((line) => (
            <li key={line.key} className="grid grid-cols-[4rem_1fr_4.5rem] gap-2 py-1">
              <span className="figures font-semibold">{days.clock(line.at)}</span>
              <span>{line.what}</span>
              <span className="figures text-right text-ink-2">{formatMinutes(line.minutes)}</span>
            </li>
          ))}
        </ol>
      )}
      {isDone === true && (
        <p className="mt-2 font-semibold">
          Done in one sitting{dropped.length > 0 ? `, without ${dropped.map((id) => words(id)).join(', ')}` : ', with nothing left out'}.
        </p>
      )}
      {isDone === false && (
        <p className="mt-2">
          <b>It cannot be finished in it</b>: what must be done takes longer, or must dry for longer. What fits is above.
        </p>
      )}
      {isDone === null && lines.length > 0 && (
        <p className="mt-2 text-ink-2">
          {savedEvenings > 0 ? `It saves ${countWords(savedEvenings, 'evening')}. ` : ''}
          {doneThen === doneNow ? `All is done ${doneNow}, as without it.` : `All is done ${doneThen} instead of ${doneNow}.`}
        </p>
      )}
    </div>
  );
}
