import { keptPlan } from '@eveningtide/core/schedule';
import { changedEvenings, eveningsOf, type Bounds, type Cost, type PlannedEvenings } from '@eveningtide/core/solver';
import { formatNumber } from '@eveningtide/core/units';
import { Square } from 'lucide-react';
import { countWords } from '../ui/words.js';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { usePlan } from '../workers/outlook-context.js';
import { IMPROVE_MS, type Improver } from '../workers/use-improvement.js';
import { PlanStrip } from './plan-strip.js';
import { useStepWords } from './step-words.js';
import { useKeepPlanning } from './use-keep-planning.js';

const MOST_CHANGES = 6;

/** The search at work: best so far, what no plan can beat, what changed; stopped and kept at any time. */
export function ImprovePanel({ improver, onLeave }: { improver: Improver; onLeave: () => void }) {
  const { outlook } = usePlan();
  const days = useDays();
  const keep = useKeepPlanning();
  const { improvement, goOn, stop, discard } = improver;
  const leave = (): void => {
    discard();
    onLeave();
  };
  if (!improvement || !outlook) return null;
  const { best, elapsedMs, running, error, given } = improvement;
  const before = outlook.cost;
  const isBetter = best !== null && best.cost.total < before.total - 1e-9;
  const keepIt = async (plan: PlannedEvenings) => {
    const kept = keptPlan(plan.start, given);
    await keep(
      (planning) => ({ ...planning, kept }),
      `Kept: ${countWords(plan.cost.evenings, 'evening')}, done ${days.dayOf(given.originDate, plan.cost.finishMin)}`,
    );
    leave();
  };
  return (
    <section aria-labelledby="improving" className="border-b border-line-strong bg-paper px-4 py-3">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <div>
          <h2 id="improving" className="text-lg font-semibold">
            {running ? 'Looking for a better plan …' : isBetter ? 'A better plan' : 'No better plan was found'}
          </h2>
          <p className="text-ink-2">
            {best ? (
              <>
                Best so far <b className="text-ink">{countWords(best.cost.evenings, 'evening')}</b>
                {best.cost.unplaced === 0 && <> (at least {best.bounds.evenings} by any plan)</>},{' '}
                <Done originDate={given.originDate} cost={best.cost} bounds={best.bounds} />,{' '}
                {countWords(best.plan.cleanings.length, 'cleaning')}, {formatNumber(best.cost.idleMin, 0)} min idle.
              </>
            ) : (
              'The first plan is on its way.'
            )}{' '}
            Now: {countWords(before.evenings, 'evening')}, <Done originDate={outlook.originDate} cost={before} />,{' '}
            {countWords(outlook.plan.cleanings.length, 'cleaning')}, {formatNumber(before.idleMin, 0)} min idle.
          </p>
          {best?.proven && <p className="font-semibold text-tide">Proven: no plan is done sooner or in fewer evenings.</p>}
          <p role="status" className="sr-only">
            {running ? 'Looking for a better plan' : isBetter ? 'A better plan was found' : 'No better plan was found'}
          </p>
          {error !== null && (
            <p role="alert" className="text-brick">
              It cannot be improved: {error}
            </p>
          )}
        </div>
        <div className="flex gap-2">
          {running ? (
            <Button autoFocus onClick={stop}>
              <Square size={14} aria-hidden="true" /> Stop
            </Button>
          ) : (
            <Button autoFocus onClick={goOn}>
              Look on
            </Button>
          )}
          <Button
            look="ink"
            disabled={!isBetter}
            onClick={() => {
              if (best) void keepIt(best);
            }}
          >
            Keep this plan
          </Button>
          <Button onClick={leave}>Cancel</Button>
        </div>
      </div>
      {running && (
        <progress
          className="mt-2 h-1.5 w-full appearance-none border border-line-strong [&::-webkit-progress-bar]:bg-page [&::-webkit-progress-value]:bg-tide"
          max={IMPROVE_MS}
          value={elapsedMs}
          aria-label="Time looked so far"
        />
      )}
      {best && isBetter && (
        <div className="mt-2 grid items-start gap-x-8 gap-y-2 lg:grid-cols-[1fr_22rem]">
          <div>
            <PlanStrip label="Now" evenings={eveningsOf(outlook.plan, outlook.evenings)} originDate={outlook.originDate} />
            <PlanStrip label="Then" evenings={eveningsOf(best.plan, outlook.evenings)} originDate={outlook.originDate} />
          </div>
          <Changes best={best} />
        </div>
      )}
    </section>
  );
}

/** When all is done, and what no plan can beat; with steps that find no place there is no such day. */
function Done({ originDate, cost, bounds }: { originDate: string; cost: Cost; bounds?: Bounds }) {
  const days = useDays();
  if (cost.unplaced > 0) return <b className="text-brick">{countWords(cost.unplaced, 'step')} find no evening</b>;
  const least = bounds?.finishMin ?? null;
  return (
    <>
      done <b className="text-ink">{days.when(originDate, cost.finishMin)}</b>
      {least !== null && Number.isFinite(least) && <> (not before {days.when(originDate, least)})</>}
    </>
  );
}

/** Steps that come to lie on another evening. */
function Changes({ best }: { best: PlannedEvenings }) {
  const { outlook } = usePlan();
  const words = useStepWords();
  const days = useDays();
  if (!outlook) return null;
  const { originDate } = outlook;
  const moved = changedEvenings(outlook.plan, best.plan, outlook.evenings);
  return (
    <div className="text-[0.8125rem]">
      <h3 className="font-semibold">
        {moved.length === 0 ? 'No step changes its evening' : `To another evening: ${countWords(moved.length, 'step')}`}
      </h3>
      <ul>
        {moved.slice(0, MOST_CHANGES).map(({ id, from, to }) => (
          <li key={id}>
            {words(id)}{' '}
            <span className="text-ink-2">{`${days.dayOf(originDate, from.fromMin)} → ${days.dayOf(originDate, to.fromMin)}`}</span>
          </li>
        ))}
        {moved.length > MOST_CHANGES && <li className="text-ink-2">and {moved.length - MOST_CHANGES} more</li>}
      </ul>
    </div>
  );
}
