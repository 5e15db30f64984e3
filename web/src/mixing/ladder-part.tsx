import { opticsOfBottle, toneLadder, type Ladder } from '@eveningtide/core/matching';
import { canMix } from '@eveningtide/core/mixing';
import { plainStep } from '@eveningtide/core/subjects';
import { formatNumber } from '@eveningtide/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useMemo, useState } from 'react';
import { usePiecesQuery } from '../store/api.js';
import { Button } from '../ui/button.js';
import { SureNumberField } from '../ui/number-field.js';
import { SelectField } from '../ui/select-field.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';
import { Delta } from '../ui/delta.js';
import { isPaint } from './words.js';
import { TableHead } from '../ui/table-head.js';
import { useAddSteps } from '../ui/use-add-steps.js';

/** Tones from one bottle to another, evenly spaced as they are seen, each on less area. */
export function LadderPart() {
  const supplies = useSupplies();
  const paints = supplies.bottles.filter((bottle) => isPaint(bottle, supplies));
  const [firstId, setFirst] = useState('');
  const [lastId, setLast] = useState('');
  const [rungs, setRungs] = useState(5);
  const [covers, setCovers] = useState<[number, number]>([60, 8]);
  const first = paints.find(({ id }) => id === firstId) ?? paints[0];
  const others = first
    ? paints.filter((one) => one.id !== first.id && canMix(supplies.material(first.material), supplies.material(one.material)))
    : [];
  const last = others.find(({ id }) => id === lastId) ?? others[0];
  const ladder = useMemo(
    () =>
      first && last
        ? toneLadder({ first: opticsOfBottle(first, supplies), last: opticsOfBottle(last, supplies), rungs, coverPct: covers })
        : null,
    [first, last, rungs, covers, supplies],
  );
  if (!first || !last || !ladder)
    return (
      <Empty title="Two paints are needed" go={{ to: '/shelf', words: 'To the shelf' }}>
        Put two bottles that stir into each other on the shelf; the tones between them are calculated from their colours.
      </Empty>
    );
  const cover = (at: 0 | 1, label: string) => (
    <SureNumberField
      label={label}
      value={covers[at]}
      min={1}
      max={100}
      onChange={(pct) => {
        setCovers(at === 0 ? [pct, covers[1]] : [covers[0], pct]);
      }}
    />
  );
  return (
    <div className="max-w-4xl">
      <div className="no-print mb-4 grid grid-cols-[1fr_1fr_6rem_8rem_8rem] items-end gap-3">
        <SelectField label="From" value={first.id} options={paints} onChange={setFirst} />
        <SelectField label="To" value={last.id} options={others} onChange={setLast} />
        <SureNumberField
          label="Tones"
          value={rungs}
          min={2}
          max={9}
          whole
          onChange={(count) => {
            setRungs(count);
          }}
        />
        {cover(0, 'First covers (%)')}
        {cover(1, 'Last covers (%)')}
      </div>
      <Strip ladder={ladder} />
      <table className="w-full">
        <TableHead heads={['Tone', 'Mix', 'Covers', 'Step', 'Sure to']} />
        <tbody>
          {ladder.rungs.map(({ parts, predicted, coverPct, stepDe00 }, i) => (
            <tr key={i} className="border-b border-line">
              <th scope="row" className="px-2 py-1.5 text-left font-semibold">
                <span className="flex items-center gap-2">
                  <Swatch colour={predicted.colour} size={22} /> {i + 1}
                </span>
              </th>
              <td className="px-2">
                {i === 0
                  ? `${first.name}, neat`
                  : parts[0] === 0
                    ? `${last.name}, neat`
                    : `${String(parts[0])} of tone ${String(i)} : ${String(parts[1])} ${last.name}`}
              </td>
              <td className="figures px-2">{formatNumber(coverPct, 0)} %</td>
              <td className="px-2">{i > 0 && <Delta de00={stepDe00} />}</td>
              <td className="figures px-2">± {formatNumber(predicted.plusMinusDe00, 1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.8125rem] text-ink-2">
        Even steps of ΔE₀₀ {formatNumber(ladder.evenStepDe00, 1)}, mixed on from cup to cup. The first tone goes on widest; each next one on
        less, so that the one before still shows. Lay a trial of all of them side by side before you begin.
      </p>
      <PutOn ladder={ladder} material={first.material} />
    </div>
  );
}

/** The tones as they will lie: the width of each is the area it takes. */
function Strip({ ladder }: { ladder: Ladder }) {
  return (
    <svg viewBox="0 0 100 14" preserveAspectRatio="none" className="mb-3 block h-16 w-full border border-line-strong" aria-hidden="true">
      {ladder.rungs.map(({ predicted, coverPct }, i) => (
        <rect
          key={i}
          x={100 - Math.min(100, (coverPct / (ladder.rungs[0]?.coverPct ?? 100)) * 100)}
          y={0}
          width={100}
          height={14}
          fill={predicted.colour}
        />
      ))}
    </svg>
  );
}

/** Adds the tones to a piece as drybrush steps. */
function PutOn({ ladder, material }: { ladder: Ladder; material: string }) {
  const { data } = usePiecesQuery();
  const { add, isAdding } = useAddSteps();
  const [pieceId, setPiece] = useState('');
  const open = data?.filter(({ piece }) => piece.archivedOn === null);
  const stored = open?.find(({ piece }) => piece.id === pieceId) ?? open?.[0];
  if (!stored) return null;
  const put = async () => {
    const steps = ladder.rungs.map(({ predicted, coverPct, parts }, i) =>
      plainStep({
        id: nanoid(10),
        technique: 'drybrush',
        material,
        zones: ['all'],
        colour: predicted.colour,
        coverPct: Math.round(coverPct),
        note:
          i === 0
            ? 'Tone 1, neat'
            : parts[0] === 0
              ? `Tone ${String(i + 1)}, neat`
              : `Tone ${String(i + 1)}: ${String(parts[0])} of tone ${String(i)} to ${String(parts[1])}`,
      }),
    );
    await add(stored, steps, `${String(steps.length)} tones`);
  };
  return (
    <div className="no-print mt-4 flex flex-wrap items-end gap-3 border-t border-line pt-3">
      <SelectField
        label="Drybrush them on"
        className="w-64"
        value={stored.piece.id}
        options={(open ?? []).map(({ piece }) => ({ id: piece.id, name: piece.name }))}
        onChange={setPiece}
      />
      <Button disabled={isAdding} onClick={() => void put()}>
        Add {ladder.rungs.length} steps
      </Button>
    </div>
  );
}
