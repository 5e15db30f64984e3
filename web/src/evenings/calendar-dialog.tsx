import { useState } from 'react';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { Dialog } from '../ui/dialog.js';
import { download } from '../ui/download.js';
import { usePlan } from '../workers/outlook-context.js';

const MS_PER_MIN = 60_000;
/** Revisions count the minutes since then: a later file is the newer one. */
const REVISIONS_FROM = Date.UTC(2026, 0, 1);

/** Evenings as a calendar file; taken in again it changes what is there and adds what is new. */
export function CalendarDialog({ onClose }: { onClose: () => void }) {
  const { outlook, given } = usePlan();
  const [milestones, setMilestones] = useState(true);
  const saveFile = async () => {
    if (!outlook || !given) return;
    const { eveningsAsCalendar } = await import('@eveningtide/core/calendar-file');
    const madeAtMs = Date.now();
    const revision = Math.max(0, Math.floor((madeAtMs - REVISIONS_FROM) / MS_PER_MIN));
    download('eveningtide.ics', 'text/calendar', eveningsAsCalendar(outlook, given.pieces, { milestones, revision, madeAtMs }));
    onClose();
  };
  return (
    <Dialog
      title="Evenings for your calendar"
      note="An iCalendar file (RFC 5545) that any calendar reads. Take it in again after a change: evenings that are there are changed, not doubled."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Check checked={milestones} onChange={setMilestones}>
        With a reminder when a coat that dries past its evening is ready for the next coat
      </Check>
      <p className="mt-2 text-[0.8125rem] text-ink-3">
        An evening that is no longer used stays in your calendar until you take it out there.
      </p>
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="ink" disabled={!outlook} onClick={() => void saveFile()}>
          Save the file
        </Button>
      </div>
    </Dialog>
  );
}
