import { incomingOf } from '@eveningtide/core/sequence';
import type { Job } from '@eveningtide/core/tonight';
import { formatNumber } from '@eveningtide/core/units';
import { useDays } from '../ui/days.js';
import { partWords } from '../ui/part-words.js';
import { useSupplies } from '../workers/outlook-context.js';

interface NextUpProps {
  title: string;
  jobs: readonly Job[];
  chosen: string | null;
  pieceName: (id: string) => string;
  onChoose: (id: string) => void;
}

/** Jobs to choose from, each a large target. */
export function NextUp({ title, jobs, chosen, pieceName, onChoose }: NextUpProps) {
  const supplies = useSupplies();
  const days = useDays();
  if (jobs.length === 0) return null;
  return (
    <section aria-label={title} className="border-b border-line-strong py-2">
      <h2 className="text-lg font-semibold">{title}</h2>
      <ul>
        {jobs.map((job) => (
          <li key={job.id}>
            <button
              type="button"
              aria-pressed={job.id === chosen}
              className={`grid min-h-16 w-full grid-cols-[4.5rem_1fr_auto] items-center gap-2 border-l-4 pl-2 text-left text-xl leading-6 hover:bg-paper ${
                job.id === chosen ? 'border-lamp bg-paper' : 'border-transparent'
              }`}
              onClick={() => {
                onChoose(job.id);
              }}
            >
              <span className="figures text-ink-2">{days.clock(job.startMin)}</span>
              <span>
                {incomingOf(job.step, supplies).technique.name}
                <span className="block text-lg leading-5 text-ink-2">
                  {[pieceName(job.pieceId), partWords(job)].filter((words) => words !== '').join(' · ')}
                </span>
              </span>
              <span className="figures text-lg whitespace-nowrap text-ink-2">{formatNumber(job.plannedMin, 0)} min</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
