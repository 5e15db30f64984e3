import type { Adapted } from '@eveningtide/core/finishes';

const WORDS: Record<Adapted['kind'], string> = {
  zone: 'Zones',
  substrate: 'Made of',
  scale: 'Scale',
  bottle: 'Bottles',
  place: 'Places',
  added: 'Done otherwise here',
  'left-out': 'Left out',
  open: 'Still to be looked at',
};

/** Everything that had to be done otherwise, by kind. */
export function AdaptedList({ adapted }: { adapted: readonly Adapted[] }) {
  if (adapted.length === 0) return <p className="text-tide">Fits as it is: nothing had to be changed.</p>;
  const kinds = [...new Set(adapted.map(({ kind }) => kind))];
  return (
    <dl className="max-h-72 overflow-y-auto border-y border-line py-1">
      {kinds.map((kind) => (
        <div key={kind} className="mb-1">
          <dt className={`font-semibold ${kind === 'open' ? 'text-brick' : ''}`}>{WORDS[kind]}</dt>
          {adapted
            .filter((one) => one.kind === kind)
            .map(({ text }) => (
              <dd key={text} className="pl-3 text-[0.9375rem]">
                {text}
              </dd>
            ))}
        </div>
      ))}
    </dl>
  );
}
