import { suppliesName } from '@eveningtide/core/materials';
import type { Counted, MixComponent } from '@eveningtide/core/mixing';
import { useDays } from '../ui/days.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';
import { countWords } from './words.js';

/** What stands on the label of one cup or jar. */
export interface Label {
  /** Letter of a planned cup, or number of a kept mix. */
  mark: string;
  name: string;
  colour: string;
  lines: { component: MixComponent; out: Counted['components'][number] | undefined }[];
  mixedOn: string | null;
  keeps: string;
  for: string;
}

/** Labels to cut out: seen on paper only. */
export function Labels({ labels }: { labels: readonly Label[] }) {
  const supplies = useSupplies();
  const days = useDays();
  return (
    <section aria-label="Labels" className="hidden print:block">
      <ul className="grid grid-cols-3">
        {labels.map((label) => (
          <li
            key={`${label.mark} ${label.name}`}
            className="min-h-[38mm] break-inside-avoid border border-dashed border-line-strong p-[3mm] text-[8.5pt] leading-tight"
          >
            <p className="flex items-center gap-1.5 text-[11pt] font-bold">
              <span className="figures border border-ink px-1">{label.mark}</span>
              <Swatch colour={label.colour} /> {label.name}
            </p>
            <ul className="mt-1">
              {label.lines.map(({ component, out }, i) => (
                <li key={i}>
                  <b>{out ? countWords(out) : ''}</b> {suppliesName(component, supplies)}
                </li>
              ))}
            </ul>
            <p className="mt-1">
              mixed {label.mixedOn === null ? '…………' : days.day(label.mixedOn)} · keeps {label.keeps}
            </p>
            {label.for && <p>for {label.for}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}
