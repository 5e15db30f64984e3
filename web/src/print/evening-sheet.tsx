import { dateOf } from '@eveningtide/core/units';
import { useSearchParams } from 'react-router';
import type { StoredPiece } from '../store/api.js';
import { BenchCard } from '../tonight/bench-card.js';
import { useDays } from '../ui/days.js';
import { Empty } from '../ui/states.js';
import { PrintFrame } from './print-frame.js';
import { useEveningsAhead } from './use-evenings-ahead.js';

/** The bench card of any evening that has something planned. */
export function EveningSheet({ stored }: { stored: readonly StoredPiece[] }) {
  const ahead = useEveningsAhead();
  const days = useDays();
  const [search, setSearch] = useSearchParams();
  if (!ahead) return null;
  const { evenings, originDate } = ahead;
  const dated = evenings.map((evening) => ({ evening, date: dateOf(originDate, evening.span.fromMin) }));
  const chosen = dated.find(({ date }) => date === search.get('date')) ?? dated[0];
  return (
    <PrintFrame
      name="An evening"
      choices={
        chosen && (
          <label className="flex items-center gap-2">
            Evening
            <select
              className="field !w-auto"
              value={chosen.date}
              onChange={(event) => {
                setSearch({ part: 'evening', date: event.target.value }, { replace: true });
              }}
            >
              {dated.map(({ date }) => (
                <option key={date} value={date}>
                  {days.day(date)}
                </option>
              ))}
            </select>
          </label>
        )
      }
    >
      {chosen ? (
        <BenchCard evening={chosen.evening} stored={stored} />
      ) : (
        <Empty title="No evening is planned" go={{ to: '/pieces', words: 'To the pieces' }}>
          Give a piece some steps, and its evenings can be printed here.
        </Empty>
      )}
    </PrintFrame>
  );
}
