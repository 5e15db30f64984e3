import { lazy, Suspense, useState } from 'react';
import { Outlet } from 'react-router';
import { useFocusKept } from './keys/use-focus-kept.js';
import { useGlobalKeys } from './keys/use-global-keys.js';
import { Offline } from './offline.js';
import { useLive } from './store/live.js';
import { useSendLog } from './store/log.js';
import { useSendDrafts } from './store/send-drafts.js';
import { useAppSelector } from './store/store.js';
import { useAutosave } from './pieces/use-autosave.js';
import { Rail } from './rail.js';
import { useFetchedAhead } from './ui/when-idle.js';
import { OutlookProvider, usePlan } from './workers/outlook-context.js';

const commandBox = () => import('./keys/command-box.js');
const Tour = lazy(async () => ({ default: (await import('./begin/tour.js')).Tour }));
const Toaster = lazy(async () => ({ default: (await import('./ui/toaster.js')).Toaster }));
const KeyList = lazy(async () => ({ default: (await import('./keys/key-list.js')).KeyList }));

/** The rail at the left and the view beside it. */
export function Shell() {
  return (
    <OutlookProvider>
      <a href="#view" className="sr-only focus:not-sr-only focus:absolute focus:z-40 focus:bg-paper focus:p-2">
        Skip to the view
      </a>
      <div className="grid h-screen grid-cols-[10rem_minmax(0,1fr)] max-[40rem]:grid-cols-1 max-[40rem]:grid-rows-[auto_minmax(0,1fr)] print:block print:h-auto">
        <Rail />
        <div id="view" tabIndex={-1} className="relative flex min-w-0 flex-col overflow-auto outline-none print:overflow-visible">
          <Background />
          <Offline />
          <PlanTrouble />
          <Outlet />
        </div>
      </div>
      <Keys />
      <TourIfAny />
      <Suspense>
        <Toaster />
      </Suspense>
    </OutlookProvider>
  );
}

/** Saves and hears of changes whatever view is looked at: what was done right before leaving it is not lost. */
function Background() {
  useAutosave();
  useSendLog();
  useSendDrafts();
  useLive();
  return null;
}

/** The command box and the list of keys. */
function Keys() {
  const [open, setOpen] = useState<'commands' | 'keys' | null>(null);
  useFocusKept();
  // ready before it is wanted: who types at once must not lose the first letters
  const box = useFetchedAhead(commandBox, open === 'commands');
  useGlobalKeys({
    onCommands: () => {
      setOpen('commands');
    },
    onKeys: () => {
      setOpen('keys');
    },
  });
  const close = () => {
    setOpen(null);
  };
  return (
    <Suspense>
      {open === 'commands' && box && (
        <box.CommandBox
          onClose={close}
          onKeys={() => {
            setOpen('keys');
          }}
        />
      )}
      {open === 'keys' && <KeyList onClose={close} />}
    </Suspense>
  );
}

function TourIfAny() {
  const at = useAppSelector((state) => state.display.tourAt);
  return <Suspense>{at !== null && <Tour at={at} />}</Suspense>;
}

function PlanTrouble() {
  const { error } = usePlan();
  if (!error) return null;
  return (
    <p role="alert" className="no-print border-b border-brick bg-paper px-4 py-2 font-semibold text-brick">
      The plan could not be made: {error}
    </p>
  );
}
