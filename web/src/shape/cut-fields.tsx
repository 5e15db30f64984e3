import { FARTHEST_MM } from '@eveningtide/core/limits';
import type { Point, View } from '@eveningtide/core/subjects';
import { Plus, X } from 'lucide-react';
import { Button } from '../ui/button.js';
import { QuantityField } from '../ui/number-field.js';
import { useShown } from '../ui/shown.js';
import { SelectField } from '../ui/select-field.js';
import { WAY_NAMES, nextWords, waysOn, type DrawnCut, type Way } from './drawn-cut.js';

/** How a zone is cut: the way, and the points it goes by, typed instead of pressed. */
export function CutFields({ cut, view, onChange }: { cut: DrawnCut; view: View; onChange: (cut: DrawnCut) => void }) {
  const shown = useShown();
  const [first, second] = cut.points;
  const set = (at: number, change: Partial<Point>): void => {
    const nowhere = { xMm: 0, yMm: 0 };
    const points = Array.from({ length: Math.max(cut.points.length, at + 1) }, (_, i) => cut.points[i] ?? nowhere);
    onChange({ ...cut, points: points.map((point, i) => (i === at ? { ...point, ...change } : point)) });
  };
  const typed = (label: string, at: number, axis: keyof Point, value: number | null) => (
    <QuantityField
      key={`${label} ${String(at)}`}
      label={label}
      quantity="length"
      className="w-40"
      value={value}
      min={-FARTHEST_MM}
      max={FARTHEST_MM}
      onChange={(mm) => {
        if (mm !== null) set(at, { [axis]: mm });
      }}
    />
  );
  const corner = (at: number, name: string) => [
    typed(`${name}, from the left`, at, 'xMm', cut.points[at]?.xMm ?? null),
    typed(`${name}, from above`, at, 'yMm', cut.points[at]?.yMm ?? null),
  ];
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2">
      <SelectField
        label="Cut"
        className="w-72"
        value={cut.way}
        options={waysOn(view.id).map((id) => ({ id, name: WAY_NAMES[id] }))}
        onChange={(way: Way) => {
          onChange({ ...cut, way, points: [] });
        }}
      />
      {cut.way === 'level' && (
        <QuantityField
          label="Height above its foot"
          quantity="length"
          className="w-44"
          value={first ? view.heightMm - first.yMm : null}
          min={0}
          max={FARTHEST_MM}
          onChange={(mm) => {
            if (mm !== null) set(0, { yMm: view.heightMm - mm });
          }}
        />
      )}
      {cut.way === 'upright' && typed('From the left', 0, 'xMm', first?.xMm ?? null)}
      {cut.way === 'line' && [...corner(0, 'Begins'), ...corner(1, 'Ends')]}
      {cut.way === 'rectangle' && [...corner(0, 'One corner'), ...corner(1, 'Across')]}
      {cut.way === 'outline' && <Corners cut={cut} corner={corner} onChange={onChange} />}
      {cut.way === 'rectangle' && first && second && (
        <p className="figures pb-1.5 text-[0.8125rem] text-ink-2">
          {shown.text(Math.abs(second.xMm - first.xMm), 'length')} × {shown.text(Math.abs(second.yMm - first.yMm), 'length')}
        </p>
      )}
      <p className="w-full text-[0.8125rem] text-ink-2">{nextWords(cut)}</p>
    </div>
  );
}

function Corners({
  cut,
  corner,
  onChange,
}: {
  cut: DrawnCut;
  corner: (at: number, name: string) => React.ReactNode;
  onChange: (cut: DrawnCut) => void;
}) {
  return (
    <div className="flex w-full flex-col gap-1">
      {cut.points.map((_, at) => (
        <div key={at} className="flex items-end gap-2">
          {corner(at, `Corner ${String(at + 1)}`)}
          <button
            type="button"
            aria-label={`Take corner ${String(at + 1)} out`}
            className="flex min-h-8 min-w-8 items-center justify-center"
            onClick={() => {
              onChange({ ...cut, points: cut.points.toSpliced(at, 1) });
            }}
          >
            <X size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      <Button
        small
        className="self-start"
        onClick={() => {
          onChange({ ...cut, points: [...cut.points, cut.points.at(-1) ?? { xMm: 0, yMm: 0 }] });
        }}
      >
        <Plus size={14} aria-hidden="true" /> Add a corner
      </Button>
    </div>
  );
}
