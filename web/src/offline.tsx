import { WifiOff } from 'lucide-react';
import { useWorkshopQuery } from './store/api.js';

/** The server is asked now and then whether it is still there. */
const ASK_EVERY_MS = 15_000;

/** Said while the server on this machine does not answer: what works on, and what to do. */
export function Offline() {
  const { isError, data } = useWorkshopQuery(undefined, { pollingInterval: ASK_EVERY_MS });
  if (!isError || !data) return null;
  return (
    <p role="alert" className="no-print flex items-center gap-2 border-b border-brick bg-paper px-4 py-1.5">
      <WifiOff size={16} aria-hidden="true" className="text-brick" />
      <span>
        <b>The server on this machine does not answer.</b> You see what was read last; what you type in a piece is kept and saved when it is
        back. Start Eveningtide again.
      </span>
    </p>
  );
}
