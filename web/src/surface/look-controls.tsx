import { LAMPS, type Lamp } from '@eveningtide/core/surface';
import { Printer, Shuffle } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from '../ui/button.js';
import { OneOf } from '../ui/one-of.js';
import { Range } from '../ui/range.js';

const LAMP_WORDS: Readonly<Record<Lamp, string>> = { day: 'daylight', lamp: 'bench lamp', flat: 'flat, to judge colour' };

interface LookControlsProps {
  lamp: Lamp;
  onLamp: (lamp: Lamp) => void;
  /** What another number gives: another patch, another piece. */
  another: string;
  onAnother: () => void;
  /** What comes before the light, and between it and the buttons. */
  first?: ReactNode;
  children: ReactNode;
}

/** Light, chance and paper: on paper everything is as large as on the model, to be held beside it. */
export const LookControls = ({ lamp, onLamp, another, onAnother, first, children }: LookControlsProps) => (
  <div className="no-print flex flex-wrap items-end gap-x-4 gap-y-2">
    {first}
    <OneOf label="Light" value={lamp} options={LAMPS.map((id) => ({ id, name: LAMP_WORDS[id] }))} onChange={onLamp} />
    {children}
    <Button onClick={onAnother}>
      <Shuffle size={16} aria-hidden="true" /> {another}
    </Button>
    <Button
      onClick={() => {
        window.print();
      }}
    >
      <Printer size={16} aria-hidden="true" /> Print at true size
    </Button>
  </div>
);

interface AlongStepsProps {
  label: string;
  words: string;
  value: number;
  max: number;
  onChange: (value: number) => void;
}

/** After which step it is looked at. */
export const AlongSteps = ({ label, words, value, max, onChange }: AlongStepsProps) => (
  <label className="mt-3 block">
    Look <b>{words}</b>
    <span className="no-print block">
      <Range label={label} words={words} value={value} min={0} max={max} onChange={onChange} />
    </span>
  </label>
);
