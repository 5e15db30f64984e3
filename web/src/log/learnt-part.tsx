import { learntDrying, learntMinutes, looksOdd, type Case, type Learnt } from '@eveningtide/core/calibration';
import type { LogEntry } from '@eveningtide/core/log';
import { benchOf } from '@eveningtide/core/schedule';
import type { Piece } from '@eveningtide/core/subjects';
import { formatMinutes, formatNumber } from '@eveningtide/core/units';
import { useMemo, useState } from 'react';
import { useWriteLog } from '../store/log.js';
import { useWorkshopQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { useDays } from '../ui/days.js';
import { TableHead } from '../ui/table-head.js';
import { notifyWithUndo } from '../ui/notify.js';
import { useWorkshop } from '../workshop/use-workshop.js';
import { useSupplies } from '../workers/outlook-context.js';
import { LearntChart } from './learnt-chart.js';

/** What the bench has learnt: the painter's own minutes, and how each bottle really dries. */
export function LearntPart({ log, pieces }: { log: readonly LogEntry[]; pieces: readonly Piece[] }) {
  const supplies = useSupplies();
  const { data } = useWorkshopQuery();
  const { workshop, change } = useWorkshop();
  const kept = data?.workshop;
  const minutes = useMemo(() => (kept ? learntMinutes(log, pieces, benchOf(kept, supplies)) : []), [log, pieces, kept, supplies]);
  const drying = useMemo(() => learntDrying(log, supplies), [log, supplies]);
  if (!workshop) return null;
  const { learning } = workshop;
  return (
    <div className="grid gap-8 px-4 py-3">
      <LearntSection
        title="Your minutes"
        note="Hands-on minutes against the usual figures, by technique and tool."
        check="Plan with my own minutes"
        isUsed={learning.minutes}
        onUse={(use) => {
          change({ learning: { ...learning, minutes: use } });
        }}
        learnt={minutes}
        words="the usual minutes"
        log={log}
        empty="No step has been timed yet."
      />
      <LearntSection
        title="Your bottles"
        note="Drying until the next coat, as a dry finger found it, against the label in that air."
        check="Plan with my own drying times"
        isUsed={learning.drying}
        onUse={(use) => {
          change({ learning: { ...learning, drying: use } });
        }}
        learnt={drying}
        words="the label"
        log={log}
        empty="No coat has been tried yet: press “Dry” beside a timer in Tonight when nothing comes off on a dry finger."
      />
    </div>
  );
}

interface LearntSectionProps {
  title: string;
  note: string;
  check: string;
  isUsed: boolean;
  onUse: (use: boolean) => void;
  learnt: readonly Learnt[];
  words: string;
  log: readonly LogEntry[];
  empty: string;
}

function LearntSection({ title, note, check, isUsed, onUse, learnt, words, log, empty }: LearntSectionProps) {
  const [openKey, setOpen] = useState<string | null>(null);
  const open = learnt.find(({ key }) => key === openKey);
  const factor = (value: number): string => formatNumber(value, 2);
  return (
    <section aria-label={title}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-lg font-semibold">{title}</h2>
        <Check checked={isUsed} onChange={onUse}>
          {check}
        </Check>
      </div>
      <p className="text-ink-2">{note}</p>
      {learnt.length === 0 ? (
        <p className="mt-2">{empty}</p>
      ) : (
        <div className="mt-2 grid items-start gap-6 min-[64rem]:grid-cols-[minmax(0,1fr)_24rem]">
          <table className="w-full">
            <TableHead heads={['What', 'Your bench', 'Four times in five', 'Cases', '']} />
            <tbody>
              {learnt.map((one) => (
                <tr key={one.key} className="border-b border-line">
                  <td className="px-2 py-1">{one.name}</td>
                  <td className="px-2 py-1">
                    <b className="figures">{factor(one.factor)} ×</b> {words}
                  </td>
                  <td className="figures px-2 py-1 text-ink-2">
                    {factor(one.lowFactor)}–{factor(one.highFactor)}
                  </td>
                  <td className="figures px-2 py-1">
                    {one.used}
                    {one.used < one.cases.length && <span className="text-ink-2"> of {one.cases.length}</span>}
                  </td>
                  <td className="px-2 py-1 text-right">
                    <Button
                      small
                      aria-expanded={one.key === openKey}
                      aria-label={`Cases of ${one.name}`}
                      onClick={() => {
                        setOpen(one.key === openKey ? null : one.key);
                      }}
                    >
                      Cases
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <LearntChart learnt={open ? [open] : learnt} />
        </div>
      )}
      {open && <Cases learnt={open} log={log} />}
    </section>
  );
}

const USUAL_REASON = 'it was a slip';

/** Each case that it was learnt from; what looks like a slip is said, and can be set aside with a reason. */
function Cases({ learnt, log }: { learnt: Learnt; log: readonly LogEntry[] }) {
  const days = useDays();
  const { write } = useWriteLog();
  const set = ({ entryId }: Case, setAside: string | null): void => {
    const entry = log.find(({ id }) => id === entryId);
    if (!entry) return;
    write({ ...entry, setAside });
    notifyWithUndo(setAside === null ? 'It is learnt from again' : 'Set aside', () => {
      write(entry);
    });
  };
  return (
    <table className="mt-3 w-full" aria-label={`Cases of ${learnt.name}`}>
      <TableHead heads={['Day', 'Foreseen', 'Seen', '', '']} />
      <tbody>
        {learnt.cases.map((one) => (
          <tr key={one.entryId} className="border-b border-line">
            <td className="px-2 py-1">
              {days.day(one.at.slice(0, 10))} {one.at.slice(0, 4)}
            </td>
            <td className="figures px-2 py-1">{formatMinutes(one.foreseenMin)}</td>
            <td className="figures px-2 py-1">{formatMinutes(one.seenMin)}</td>
            <td className="px-2 py-1 text-ink-2">
              {one.setAside !== null ? `set aside: ${one.setAside}` : looksOdd(one, learnt) ? 'far from the others' : ''}
            </td>
            <td className="px-2 py-1 text-right">
              <Button
                small
                onClick={() => {
                  set(one, one.setAside === null ? USUAL_REASON : null);
                }}
              >
                {one.setAside === null ? 'Set aside' : 'Learn from it'}
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
