import { formatNumber } from '@eveningtide/core/units';
import { parseISO } from 'date-fns';
import { useRef, useState } from 'react';
import { useBackupsQuery, useMakeBackupMutation, useRestoreBackupMutation, type Backup } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch } from '../store/store.js';
import { toast } from '../store/toast.js';
import { Ask } from '../ui/ask.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { Section } from './section.js';
import { notifyFailure } from '../ui/notify.js';

const BYTES_PER_MB = 1_000_000;
/** So many of the newest are listed. */
const LISTED = 8;

/** One file with the database and all pictures, out and in again. */
export function BackupsSection() {
  const dispatch = useAppDispatch();
  const { data: backups } = useBackupsQuery();
  const [make, { isLoading: isMaking }] = useMakeBackupMutation();
  const [restore, { isLoading: isRestoring }] = useRestoreBackupMutation();
  const [asked, setAsked] = useState<{ from: File | string; name: string } | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const days = useDays();
  const madeWords = ({ madeAt }: Backup) => days.moment(parseISO(madeAt));

  const makeNow = async () => {
    try {
      const { name } = await make().unwrap();
      toast(`Backup ${name} made`);
    } catch (error) {
      notifyFailure('No backup was made', error);
    }
  };
  const putBack = async (from: File | string) => {
    try {
      await restore(from).unwrap();
      // the piece on the bench is of before: it is read anew when it is opened
      dispatch(editorActions.closed());
      toast('Everything is back as the backup has it', { description: 'What was there before is the newest backup now.' });
    } catch (error) {
      notifyFailure('Nothing was changed', error);
    }
  };
  return (
    <Section title="Backups" note="Made by themselves once a day; the last days and weeks are kept beside the data.">
      <ul>
        {backups?.slice(0, LISTED).map((backup) => (
          <li key={backup.name} className="flex items-center gap-3 border-t border-line py-1">
            <span className="figures flex-1">{madeWords(backup)}</span>
            <span className="figures text-[0.8125rem] text-ink-2">{formatNumber(backup.bytes / BYTES_PER_MB, 1)} MB</span>
            <a className="underline" href={`/api/backups/${backup.name}`} download>
              Save to a file
            </a>
            <Button
              small
              onClick={() => {
                setAsked({ from: backup.name, name: `the backup of ${madeWords(backup)}` });
              }}
            >
              Restore …
            </Button>
          </li>
        ))}
      </ul>
      {backups?.length === 0 && <p className="text-ink-2">None yet.</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          disabled={isMaking}
          onClick={() => {
            void makeNow();
          }}
        >
          {isMaking ? 'Making it …' : 'Make a backup now'}
        </Button>
        <input
          ref={input}
          type="file"
          accept=".gz,application/gzip"
          className="hidden"
          aria-label="Backup file to restore"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen) setAsked({ from: chosen, name: chosen.name });
          }}
        />
        <Button
          disabled={isRestoring}
          onClick={() => {
            input.current?.click();
          }}
        >
          {isRestoring ? 'Restoring …' : 'Restore from a file …'}
        </Button>
      </div>
      <Ask
        asked={
          asked && {
            title: `Put everything back from ${asked.name}?`,
            text: 'Pieces, shelf, workshop and pictures become as they were then. What is here now is backed up first.',
            yes: 'Restore',
          }
        }
        onAnswer={(yes) => {
          if (yes && asked) void putBack(asked.from);
          setAsked(null);
        }}
      />
    </Section>
  );
}
