import type { Picture } from '@eveningtide/core/subjects';
import { useState } from 'react';
import { useDays } from '../ui/days.js';
import { SelectField } from '../ui/select-field.js';
import { Range } from '../ui/range.js';

/** Two pictures one over the other, with a slider between. `before` is the one to begin with where there are several from before. */
export function BeforeAfter({ pictures, before }: { pictures: readonly Picture[]; before?: Picture | undefined }) {
  const days = useDays();
  const [firstId, setFirst] = useState<string | null>(null);
  const [secondId, setSecond] = useState<string | null>(null);
  const [sharePct, setShare] = useState(50);
  const first = pictures.find(({ id }) => id === firstId) ?? before ?? pictures[0];
  const second = pictures.find(({ id }) => id === secondId) ?? pictures.at(-1);
  if (!first || !second || pictures.length < 2)
    return <p className="text-ink-2">Two photographs are needed: add them to the piece, or to an entry of the log.</p>;
  const options = pictures.map((picture, i) => ({
    id: picture.id,
    name: picture.caption || (picture.takenOn === null ? `picture ${String(i + 1)}` : `taken ${days.day(picture.takenOn)}`),
  }));
  return (
    <div className="max-w-2xl">
      <div className="mb-2 grid grid-cols-2 gap-3">
        <SelectField label="Before" value={first.id} options={options} onChange={setFirst} />
        <SelectField label="After" value={second.id} options={options} onChange={setSecond} />
      </div>
      <div
        className="relative overflow-hidden border border-line"
        style={{ aspectRatio: `${String(first.widthPx)} / ${String(first.heightPx)}` }}
      >
        <img src={`/api/pictures/${first.fileName}`} alt={first.caption || 'Before'} className="absolute inset-0 size-full object-cover" />
        <img
          src={`/api/pictures/${second.fileName}`}
          alt={second.caption || 'After'}
          className="absolute inset-0 size-full object-cover"
          style={{ clipPath: `inset(0 0 0 ${String(sharePct)}%)` }}
        />
        <span aria-hidden="true" className="absolute inset-y-0 w-0.5 bg-ink" style={{ left: `${String(sharePct)}%` }} />
      </div>
      <Range
        label="How much of the picture before is seen"
        words={`${String(sharePct)} % before`}
        value={sharePct}
        min={0}
        max={100}
        onChange={setShare}
      />
    </div>
  );
}
