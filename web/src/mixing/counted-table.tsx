import { NOTICED_SHARE_PCT, type Counted, type MixComponent } from '@eveningtide/core/mixing';
import { suppliesName, wakeUp } from '@eveningtide/core/materials';
import { formatNumber } from '@eveningtide/core/units';
import { useShown } from '../ui/shown.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';
import { componentColour, countWords } from './words.js';

/** A mix as it is counted out at the bench, with what rounding does to it. */
export function CountedTable({ components, counted }: { components: readonly MixComponent[]; counted: Counted }) {
  const supplies = useSupplies();
  const shown = useShown();
  const noticed = counted.worstSharePct > NOTICED_SHARE_PCT;
  return (
    <>
      <table className="w-full">
        <thead>
          <tr className="border-b border-line text-left text-[0.8125rem] text-ink-3">
            <th scope="col" className="py-0.5 pr-2 font-normal">
              What
            </th>
            <th scope="col" className="px-2 font-normal whitespace-nowrap">
              Count out
            </th>
            <th scope="col" className="px-2 text-right font-normal">
              That is
            </th>
            <th scope="col" className="pl-2 text-right font-normal">
              Exactly
            </th>
          </tr>
        </thead>
        <tbody>
          {components.map((component, i) => {
            const out = counted.components[i];
            const wake = wakeUp(supplies.material(component.material));
            return out ? (
              <tr key={i} className="border-b border-line align-top">
                <th scope="row" className="py-1 pr-2 text-left font-normal">
                  <span className="flex items-baseline gap-1.5">
                    <Swatch colour={componentColour(component, supplies)} />
                    <span>
                      {suppliesName(component, supplies)}
                      {wake && <span className="text-[0.8125rem] text-ink-2">: {wake}</span>}
                    </span>
                  </span>
                </th>
                <td className="px-2 py-1 font-semibold whitespace-nowrap">{countWords(out)}</td>
                <td className="figures px-2 py-1 text-right whitespace-nowrap">{shown.text(out.ml, 'volume')}</td>
                <td className="figures py-1 pl-2 text-right whitespace-nowrap text-ink-2">{shown.text(out.exactMl, 'volume')}</td>
              </tr>
            ) : null;
          })}
        </tbody>
      </table>
      <p className={`mt-1 text-[0.8125rem] ${noticed ? 'font-semibold text-brick' : 'text-ink-2'}`}>
        {shown.text(counted.totalMl, 'volume')} in all. Rounding moves a share by {formatNumber(counted.worstSharePts, 1)} points at most (
        {formatNumber(counted.worstSharePct, 0)} % of it){noticed ? ': it may be seen. Mix more, or count in something smaller.' : '.'}
      </p>
    </>
  );
}
