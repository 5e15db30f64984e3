import { SAMPLES, sampleOf, type Sample } from '@eveningtide/core/samples';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo, useState } from 'react';
import { Silhouette } from '../looks/silhouette.js';
import { useMakePiece } from '../pieces/use-make-piece.js';
import { notifyFailure } from '../ui/notify.js';

/** Worked examples: pressed, one is copied to the painter's own pieces and opened. */
export function Samples({ onLeave }: { onLeave: (to: string) => void }) {
  const make = useMakePiece();
  const [making, setMaking] = useState<string | null>(null);
  const copy = async (sample: Sample) => {
    setMaking(sample.id);
    try {
      const { id } = await make(sampleOf(sample, nanoid(12)));
      onLeave(`/pieces/${id}`);
    } catch (error) {
      notifyFailure('The example was not copied', error);
      setMaking(null);
    }
  };
  return (
    <ul className="grid grid-cols-5 gap-2 max-[60rem]:grid-cols-3 max-[40rem]:grid-cols-1">
      {SAMPLES.map((sample) => (
        <li key={sample.id}>
          <button
            type="button"
            disabled={making !== null}
            aria-busy={making === sample.id}
            className="flex h-full w-full flex-col items-center gap-1 rounded-sm border border-line bg-paper px-2 pt-3 pb-2 text-center leading-tight hover:border-ink disabled:opacity-60"
            onClick={() => {
              void copy(sample);
            }}
          >
            <SampleDrawn sample={sample} />
            <span className="font-semibold">{sample.name}</span>
            <span className="text-[0.8125rem] text-ink-2">{making === sample.id ? 'Working out its order …' : sample.tells}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function SampleDrawn({ sample }: { sample: Sample }) {
  const { piece, bodyColour } = useMemo(() => sampleOf(sample, sample.id), [sample]);
  return <Silhouette piece={piece} widthPx={120} heightPx={60} tint={() => bodyColour ?? sample.comes.colour} />;
}
