import { minutesTaken, sittingWords, type LogEntry } from '@eveningtide/core/log';
import { suppliesName } from '@eveningtide/core/materials';
import { troubleById } from '@eveningtide/core/remedies';
import type { Piece } from '@eveningtide/core/subjects';
import { techniqueById } from '@eveningtide/core/techniques';
import { formatMinutes, formatNumber } from '@eveningtide/core/units';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useWriteLog } from '../store/log.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { useShown } from '../ui/shown.js';
import { Swatch } from '../ui/swatch.js';
import { notifyWithUndo } from '../ui/notify.js';
import { useSupplies } from '../workers/outlook-context.js';
import { EntryDialog } from './entry-dialog.js';

/** So many days are shown, and so many more at each press. */
const DAYS_AT_ONCE = 30;

/** Entries by day, the newest day first. */
export function EntriesPart({ log, pieces }: { log: readonly LogEntry[]; pieces: readonly Piece[] }) {
  const days = useDays();
  const [editedId, setEdited] = useState<string | null>(null);
  const [most, setMost] = useState(DAYS_AT_ONCE);
  const byDay = useMemo(() => [...Map.groupBy(log, ({ startedAt }) => startedAt.slice(0, 10))].reverse(), [log]);
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const edited = log.find(({ id }) => id === editedId);
  return (
    <div className="px-4 py-2">
      {byDay.slice(0, most).map(([day, entries]) => (
        <section key={day} aria-label={days.day(day)} className="mb-4">
          <h2 className="flex items-baseline gap-3 border-b border-line-strong py-1 text-lg font-semibold">
            {days.day(day)} {day.slice(0, 4)}
            <span className="text-[0.8125rem] font-normal text-ink-2">
              {formatMinutes(entries.reduce((sum, entry) => sum + (entry.kind === 'work' ? (minutesTaken(entry) ?? 0) : 0), 0))} of work
            </span>
          </h2>
          <ul>
            {entries.map((entry) => (
              <EntryRow
                key={entry.id}
                entry={entry}
                piece={byId.get(entry.pieceId)}
                onEdit={() => {
                  setEdited(entry.id);
                }}
              />
            ))}
          </ul>
        </section>
      ))}
      {byDay.length > most && (
        <Button
          onClick={() => {
            setMost(most + DAYS_AT_ONCE);
          }}
        >
          Show earlier days ({byDay.length - most} more)
        </Button>
      )}
      {edited && (
        <EntryDialog
          entry={edited}
          onClose={() => {
            setEdited(null);
          }}
        />
      )}
    </div>
  );
}

const titleOf = ({ kind, step, met }: LogEntry): string => {
  const technique = step ? techniqueById(step.technique).name : 'Remark';
  if (kind === 'left-out') return `${technique}, left out`;
  return met ? `${troubleById(met.trouble).name} (${technique.toLowerCase()})` : technique;
};

// eslint-disable-next-line complexity -- one cell after the other, each shown where there is something
function EntryRow({ entry, piece, onEdit }: { entry: LogEntry; piece: Piece | undefined; onEdit: () => void }) {
  const supplies = useSupplies();
  const shown = useShown();
  const days = useDays();
  const { write, takeBack } = useWriteLog();
  const took = minutesTaken(entry);
  const { step, air } = entry;
  const material = step ? suppliesName(step, supplies) : '';
  const colour = step?.colour ?? supplies.bottle(step?.bottleId ?? null)?.colour;
  const remarks = [...entry.marks, entry.note].filter((words) => words !== '').join('; ');
  const title = titleOf(entry);
  const part = sittingWords(entry);
  return (
    <li className="grid grid-cols-[3.5rem_minmax(0,1.2fr)_minmax(0,1fr)_8.5rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-line py-1.5">
      <span className="figures text-ink-2">{days.time(entry.startedAt)}</span>
      <span className="min-w-0">
        <b className={entry.kind === 'trouble' ? 'text-brick' : ''}>{title}</b>
        {part !== '' && ` ${part}`}
        <span className="block truncate text-[0.8125rem] text-ink-2">
          {piece ? (
            <Link className="underline underline-offset-2" to={`/pieces/${piece.id}`}>
              {piece.name}
            </Link>
          ) : (
            'a piece that was deleted'
          )}
        </span>
      </span>
      <span className="flex min-w-0 items-center gap-2 text-[0.8125rem]">
        {colour && <Swatch colour={colour} size={14} />}
        <span className="min-w-0">
          {material}
          {entry.mix !== '' && <span className="block text-ink-2">{entry.mix}</span>}
        </span>
      </span>
      <span className="text-[0.8125rem]">
        {entry.kind === 'work' && (
          <>
            {took === null ? (
              <b>going on</b>
            ) : (
              <>
                <b className="figures">{formatNumber(took, 0)} min</b>
                {entry.plannedMin !== null && <span className="text-ink-2"> of {formatNumber(entry.plannedMin, 0)}</span>}
              </>
            )}
            {air && (
              <span className="block text-ink-2">
                {shown.text(air.tempC, 'temperature')}, {formatNumber(air.rhPct, 0)} %RH
              </span>
            )}
          </>
        )}
      </span>
      <span className="min-w-0 text-[0.8125rem]">
        {remarks}
        {entry.setAside !== null && <span className="block text-ink-2">set aside: {entry.setAside}</span>}
        {entry.pictures.length > 0 && (
          <span className="block text-ink-2">
            {entry.pictures.length} {entry.pictures.length === 1 ? 'picture' : 'pictures'}
          </span>
        )}
      </span>
      <span className="no-print flex gap-1">
        <Button small aria-label={`Change ${title}, ${days.time(entry.startedAt)}`} onClick={onEdit}>
          Change …
        </Button>
        <Button
          small
          aria-label={`Remove ${title}, ${days.time(entry.startedAt)}`}
          onClick={() => {
            takeBack(entry.id);
            notifyWithUndo(`${title} removed`, () => {
              write(entry);
            });
          }}
        >
          Remove
        </Button>
      </span>
    </li>
  );
}
