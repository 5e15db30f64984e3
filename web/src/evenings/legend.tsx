import { dryingWedgePath } from '../ui/drying-wedge.js';

export function Legend() {
  const item = 'flex items-center gap-2';
  return (
    <ul aria-label="Key" className="flex flex-wrap gap-x-6 gap-y-1 border-t border-line-strong px-4 py-2 text-[0.8125rem] text-ink-2">
      <li className={item}>
        <span className="inline-block h-3.5 w-5 border border-ink bg-ground" aria-hidden="true" /> hands-on, in its paint
      </li>
      <li className={item}>
        <span className="hatched inline-block h-3.5 w-5 border border-ink" aria-hidden="true" /> clean the airbrush
      </li>
      <li className={item}>
        <svg width={30} height={12} aria-hidden="true">
          <path d={dryingWedgePath(0, 30, 11, 10)} className="fill-wet" />
        </svg>{' '}
        drying
      </li>
      <li className={item}>
        <svg width={26} height={12} aria-hidden="true" className="text-tide">
          <path d="M3 11V1l6 3-6 3M0 11h26" fill="none" stroke="currentColor" strokeWidth={1.5} />
        </svg>{' '}
        ready for the next step
      </li>
    </ul>
  );
}
