import { compareSteps, looksOfFinish, type FinishVersion } from '@eveningtide/core/finishes';
import { formatDilution } from '@eveningtide/core/mixing';
import { incomingOf, stepPaint } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';
import { ArrowLeft } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useFinishesQuery, type StoredFinish } from '../store/api.js';
import { Check } from '../ui/check.js';
import { Empty, Loading } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';

interface Side {
  name: string;
  version: FinishVersion;
}

function sideOf(finishes: readonly StoredFinish[], key: string | null): Side | null {
  const [id, number] = key?.split(':') ?? [];
  const finish = finishes.find((stored) => stored.finish.id === id)?.finish;
  const version = finish?.versions.find((one) => String(one.version) === number);
  return finish && version ? { name: `${finish.name}, version ${String(version.version)}`, version } : null;
}

/** Two finishes side by side: what they share in one row, what differs named, and how both are predicted to look. */
export function CompareView() {
  const { data } = useFinishesQuery();
  const [search] = useSearchParams();
  const supplies = useSupplies();
  const left = data ? sideOf(data, search.get('left')) : null;
  const right = data ? sideOf(data, search.get('right')) : null;
  const rows = useMemo(
    () => (left && right ? compareSteps(left.version.steps, right.version.steps, supplies) : []),
    [left, right, supplies],
  );
  const [onlyDiffering, setOnlyDiffering] = useState(false);
  if (!data) return <Loading what="your finishes" />;
  if (!left || !right)
    return <Empty title="One of them is not here">It may have been taken away. Choose two versions among your finishes.</Empty>;
  const same = rows.filter((row) => row.left && row.right && row.differs.length === 0).length;
  return (
    <main className="p-4">
      <Link to="/finishes" className="flex items-center gap-1.5 text-[0.8125rem] underline">
        <ArrowLeft size={14} aria-hidden="true" /> All finishes
      </Link>
      <h1 className="mt-1 mb-2 text-[1.6875rem] leading-8 font-bold">Side by side</h1>
      <div className="mb-3 flex gap-6 text-ink-2">
        <p>
          {same} of {rows.length} rows are the same to the last number.
        </p>
        <Check checked={onlyDiffering} onChange={setOnlyDiffering}>
          only what differs
        </Check>
      </div>
      <table className="w-full table-fixed border-collapse text-left">
        <thead>
          <tr className="border-b border-line-strong align-bottom">
            {[left, right].map((side, i) => (
              <th key={i} scope="col" className="px-2 py-1 font-semibold">
                {side.name}
                <Looks side={side} />
              </th>
            ))}
            <th scope="col" className="px-2 py-1 text-[0.8125rem] font-normal text-ink-3">
              Differs in
            </th>
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((row) => !onlyDiffering || !row.left || !row.right || row.differs.length > 0)
            .map((row, i) => (
              <tr key={i} className="border-b border-line align-top">
                <StepCell step={row.left} />
                <StepCell step={row.right} />
                <td className="px-2 py-1.5 text-[0.8125rem]">
                  {row.left && row.right
                    ? row.differs.length > 0
                      ? row.differs.map((words) => (
                          <span key={words} className="block">
                            {words}
                          </span>
                        ))
                      : 'nothing'
                    : row.left
                      ? 'only on the left'
                      : 'only on the right'}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.8125rem] text-ink-3">Looks are predicted by simple layer mixing on a bare surface.</p>
    </main>
  );
}

/** How each zone is predicted to end: groove, face, edge. */
function Looks({ side }: { side: Side }) {
  const supplies = useSupplies();
  const looks = useMemo(() => looksOfFinish(side.version, supplies), [side, supplies]);
  return (
    <ul className="mt-1 flex flex-wrap gap-x-4 gap-y-0.5 text-[0.8125rem] font-normal text-ink-2">
      {side.version.zones
        .filter(({ keepClean, seen }) => keepClean === null && seen !== 'never')
        .map(({ id, name }) => {
          const look = looks[id];
          return look ? (
            <li key={id} className="flex items-center gap-1">
              <Swatch colour={look.recess} />
              <Swatch colour={look.face} />
              <Swatch colour={look.crest} />
              {name.toLowerCase()}
            </li>
          ) : null;
        })}
    </ul>
  );
}

function StepCell({ step }: { step: Step | null }) {
  const supplies = useSupplies();
  if (!step) return <td className="bg-ground px-2 py-1.5" />;
  const { technique, coverPct, material } = incomingOf(step, supplies);
  const paint = stepPaint(step, supplies);
  return (
    <td className="px-2 py-1.5">
      <b className="font-semibold">{technique.name}</b>
      {step.coats > 1 && <span className="figures"> × {step.coats}</span>}
      {paint && (
        <span className="flex items-center gap-1.5">
          <Swatch colour={paint.colour} size={11} /> {paint.name}
          {step.dilution && <span className="text-[0.8125rem] text-ink-2">{formatDilution(step.dilution)}</span>}
        </span>
      )}
      <span className="block text-[0.8125rem] text-ink-2">
        {step.zones.join(', ').replaceAll('-', ' ')}
        {material && coverPct < 100 ? `, ${String(coverPct)} %` : ''}
      </span>
    </td>
  );
}
