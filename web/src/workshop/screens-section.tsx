import { useEffect, useState } from 'react';
import {
  useRenewCodeMutation,
  useRevokeScreenMutation,
  useScreensQuery,
  useSetNetworkMutation,
  type PairedScreen,
  type ScreensState,
} from '../store/api.js';
import { IS_SECOND } from '../store/ask.js';
import { Ask } from '../ui/ask.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { notifyFailure } from '../ui/notify.js';
import { Section } from './section.js';

/** A second screen by the bench: how it is paired, and which are. */
export function ScreensSection() {
  return (
    <Section title="Second screen" note="A tablet or a phone beside the booth shows the same evening, its timers within a second.">
      {IS_SECOND ? <p>This is a second screen. Others are paired and sent away where Eveningtide was started.</p> : <AtTheBench />}
    </Section>
  );
}

function AtTheBench() {
  const { data } = useScreensQuery();
  const [setNetwork, { isLoading }] = useSetNetworkMutation();
  if (!data) return null;
  const turn = (on: boolean): void => {
    setNetwork(on)
      .unwrap()
      .catch((error: unknown) => {
        notifyFailure(on ? 'The network was not opened' : 'The network stays open', error);
      });
  };
  return (
    <>
      {data.pairing ? (
        <Pairing pairing={data.pairing} />
      ) : (
        <>
          <p className="mb-2">Off: only this machine is answered.</p>
          <Button
            disabled={isLoading}
            onClick={() => {
              turn(true);
            }}
          >
            Switch it on
          </Button>
          <p className="mt-1 text-[0.8125rem] text-ink-2">
            It stays on until you switch it off or Eveningtide ends. Not encrypted: only in a network that you trust.
          </p>
        </>
      )}
      {data.screens.length > 0 && <Paired screens={data.screens} />}
      {data.pairing && !data.isFixed && (
        <Button
          small
          className="mt-2"
          disabled={isLoading}
          onClick={() => {
            turn(false);
          }}
        >
          Switch it off
        </Button>
      )}
    </>
  );
}

/** When pairing closes it is seen, without a look from the painter. */
function useClosing(openUntil: string | null): void {
  const { refetch } = useScreensQuery();
  useEffect(() => {
    if (openUntil === null) return;
    const timer = setTimeout(() => void refetch(), Math.max(0, new Date(openUntil).getTime() - Date.now()) + 500);
    return () => {
      clearTimeout(timer);
    };
  }, [openUntil, refetch]);
}

function Pairing({ pairing: { address, code, qr, lockedUntil, openUntil } }: { pairing: NonNullable<ScreensState['pairing']> }) {
  const days = useDays();
  const [renew, { isLoading }] = useRenewCodeMutation();
  useClosing(openUntil);
  const another = (
    <Button
      small
      disabled={isLoading}
      className="mt-1"
      onClick={() => {
        renew()
          .unwrap()
          .catch((error: unknown) => {
            notifyFailure('No other code was drawn', error);
          });
      }}
    >
      {openUntil === null ? 'Pair a screen' : 'Another code'}
    </Button>
  );
  return (
    <>
      {lockedUntil !== null ? (
        <p role="alert" className="border-l-4 border-brick pl-2 font-semibold text-brick">
          Too many wrong codes came: pairing is locked until {days.moment(new Date(lockedUntil))}.
        </p>
      ) : openUntil === null ? (
        <>
          <p>Pairing is closed. It opens for ten minutes.</p>
          {another}
        </>
      ) : (
        <div className="flex flex-wrap items-center gap-4">
          <img
            src={`data:image/svg+xml,${encodeURIComponent(qr)}`}
            alt="The address with the code, as a QR code"
            width={132}
            height={132}
            className="border border-line-strong bg-white"
          />
          <div>
            <p className="text-[0.8125rem] text-ink-2">Open on the other screen, in the same network:</p>
            <p className="figures font-semibold break-all">{address}</p>
            <p className="mt-2 text-[0.8125rem] text-ink-2">Its code, for one screen, until {days.moment(new Date(openUntil))}:</p>
            <p role="status" aria-label="Pairing code" className="figures text-2xl font-bold tracking-widest">
              {code.slice(0, 3)} {code.slice(3)}
            </p>
            {another}
          </div>
        </div>
      )}
      <p className="mt-2 text-[0.8125rem] text-ink-2">
        Nothing is encrypted on the way: only in a network that you trust. Over such a line a browser neither keeps its screen awake nor
        shows notices: let the tablet stay on by its own settings. Tones work.
      </p>
    </>
  );
}

function Paired({ screens }: { screens: readonly PairedScreen[] }) {
  const days = useDays();
  const [revoke] = useRevokeScreenMutation();
  const [asked, setAsked] = useState<PairedScreen | null>(null);
  return (
    <>
      <h4 className="mt-3 font-semibold">Paired</h4>
      <ul aria-label="Paired screens" className="divide-y divide-line border-y border-line">
        {screens.map((screen) => (
          <li key={screen.id} className="flex items-center justify-between gap-3 py-1.5">
            <span>
              {screen.name}
              <span className="block text-[0.8125rem] text-ink-2">
                since {days.moment(new Date(screen.pairedAt))}, last there {days.moment(new Date(screen.seenAt))}
              </span>
            </span>
            <Button
              small
              aria-label={`Send ${screen.name} away`}
              onClick={() => {
                setAsked(screen);
              }}
            >
              Send away …
            </Button>
          </li>
        ))}
      </ul>
      <Ask
        asked={
          asked && {
            title: `Send ${asked.name} away?`,
            text: 'It sees nothing more from now on, until it is paired anew with a code.',
            yes: 'Send it away',
          }
        }
        onAnswer={(yes) => {
          if (yes && asked)
            revoke(asked.id)
              .unwrap()
              .catch((error: unknown) => {
                notifyFailure(`${asked.name} is still paired`, error);
              });
          setAsked(null);
        }}
      />
    </>
  );
}
