import type { CutList, CutListFacts, CutStrip, StripFacts } from '@eveningtide/core/cutting';
import { formatMinutes, formatNumber } from '@eveningtide/core/units';
import { TickBox } from '../ui/tick-box.js';
import { countWords } from '../ui/words.js';
import { letterOf } from '../ui/letter.js';

/** What a cut list comes to: strip by strip drawn to scale, the stops of the mitre box, what to buy. */
export function CutResults({ facts, list }: { facts: CutListFacts; list: CutList }) {
  const buy = facts.strips.filter(({ toBuy }) => toBuy > 0);
  return (
    <section aria-label="What to cut" className="mt-5">
      <h2 className="mb-1 text-lg font-semibold">What to cut</h2>
      <p className="mb-3 print:text-sheet">
        {buy.length === 0
          ? 'All of it is on the shelf'
          : `To buy: ${buy.map(({ strip, toBuy }) => `${String(toBuy)} × ${strip.name}`).join(', ')}`}
        {'; about '}
        {formatMinutes(Math.max(1, Math.round(facts.minutes)))} of work
        {facts.linedMm > 0 && `, ${formatNumber(facts.linedMm / 1000, 1)} m of pencil lines`}
        {facts.bandMm > 0 && `, ${formatNumber(facts.bandMm / 1000, 1)} m of strap`}.
      </p>
      {facts.strips.map((one) => (
        <StripResult key={one.strip.id} facts={one} list={list} />
      ))}
    </section>
  );
}

function StripResult({ facts: { strip, plan, why, stops, toBuy, keepMm }, list }: { facts: StripFacts; list: CutList }) {
  const own = list.lines.filter(({ stripId, count }) => stripId === strip.id && count > 0);
  if (!plan)
    return (
      <p role="alert" className="mb-4 font-semibold text-brick">
        {strip.name}: {why}.
      </p>
    );
  const longest = Math.max(strip.lengthMm, ...strip.offcutsMm);
  return (
    <div className="mb-5 break-inside-avoid">
      <h3 className="font-semibold">
        {strip.name}{' '}
        <span className="figures font-normal text-ink-2">
          {formatNumber(strip.widthMm)} × {formatNumber(strip.heightMm)} mm, {formatNumber(strip.lengthMm)} mm long
        </span>
      </h3>
      <p className="mb-1.5 text-[0.8125rem] text-ink-2 print:text-sheet">
        {plan.newStrips === 0 ? 'No new strip' : countWords(plan.newStrips, 'new strip')}
        {plan.proven ? ', fewer will not do' : `, perhaps ${String(plan.least)} would do`}
        {toBuy > 0 && (
          <>
            ; <b className="text-ink">{toBuy} to buy</b>
          </>
        )}
        {keepMm.length > 0 && `; ${keepMm.map((mm) => formatNumber(mm)).join(', ')} mm left over`}
      </p>
      <ol className="mb-2">
        {grouped(plan.strips).map(({ strip: cut, times }, i) => (
          <li key={`${String(i)} ${String(cut.lengthMm)}`} className="mb-1 flex items-center gap-2">
            <span className="figures w-16 shrink-0 text-right text-[0.8125rem] text-ink-2">
              {cut.isOffcut ? 'offcut' : `${String(times)} ×`} <TickBox />
            </span>
            <div className="min-w-0 flex-1">
              <StripDrawing cut={cut} longestMm={longest} lines={list.lines.map(({ id }) => id)} own={own.map(({ id }) => id)} />
            </div>
          </li>
        ))}
      </ol>
      <p className="figures text-[0.8125rem] print:text-sheet">
        Stop of the mitre box:{' '}
        {stops.map(({ lengthMm, fromSlotMm, count }, i) => (
          <span key={lengthMm}>
            {i > 0 && '; '}
            <b>{formatNumber(lengthMm)} mm</b> for {count}
            {list.kerfMm > 0 && ` (${formatNumber(fromSlotMm)} mm from the middle of the slot)`}
          </span>
        ))}
      </p>
    </div>
  );
}

/** Strips that are cut alike are drawn once. */
function grouped(strips: readonly CutStrip[]): { strip: CutStrip; times: number }[] {
  const out: { strip: CutStrip; times: number }[] = [];
  for (const strip of strips) {
    const last = out.at(-1);
    if (last && !strip.isOffcut && !last.strip.isOffcut && JSON.stringify(last.strip.cuts) === JSON.stringify(strip.cuts)) last.times++;
    else out.push({ strip, times: 1 });
  }
  return out;
}

/** Light and dark wood in turn, so that neighbours are told apart; the letter says which length it is. */
const WOODS = ['#e9d3ac', '#cfa874', '#dcc096', '#b98f5e'] as const;

function StripDrawing({
  cut,
  longestMm,
  lines,
  own,
}: {
  cut: CutStrip;
  longestMm: number;
  lines: readonly string[];
  own: readonly string[];
}) {
  const share = (mm: number): string => `${String((100 * mm) / cut.lengthMm)}%`;
  const words = cut.cuts.map(({ line, lengthMm, count }) => `${String(count)} × ${letter(lines, own, line)} ${formatNumber(lengthMm)} mm`);
  return (
    <>
      <div
        role="img"
        aria-label={`${cut.isOffcut ? 'Offcut' : 'Strip'} of ${formatNumber(cut.lengthMm)} mm: ${words.join(', ')}; ${formatNumber(cut.restMm)} mm left`}
        className="flex h-7 border border-ink-3 [print-color-adjust:exact]"
        style={{ width: `${String((100 * cut.lengthMm) / longestMm)}%` }}
      >
        {cut.cuts.flatMap(({ line, lengthMm, count }) =>
          Array.from({ length: count }, (_, i) => (
            <span
              key={`${String(line)} ${String(i)}`}
              className="figures overflow-hidden border-r-2 border-page text-center text-[0.75rem] leading-6 whitespace-nowrap text-[#2b2118]"
              style={{ width: share(lengthMm), background: WOODS[lines.indexOf(own[line] ?? '') % WOODS.length] }}
            >
              {letter(lines, own, line)} {formatNumber(lengthMm, 1)}
            </span>
          )),
        )}
        {cut.restMm > 0 && <span className="hatched flex-1" />}
      </div>
      <p aria-hidden="true" className="figures text-[0.75rem] text-ink-2 print:text-sheet print:text-ink">
        {words.join(', ')}
      </p>
    </>
  );
}

const letter = (lines: readonly string[], own: readonly string[], line: number): string => letterOf(lines.indexOf(own[line] ?? ''));
