import { TEXT_SIZES, displayActions, type TextSize } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';

/** The text sizes, seen wherever one is: a letter each. */
export function TextSizeButtons() {
  const dispatch = useAppDispatch();
  const textPct = useAppSelector((state) => state.display.textPct);
  return (
    <div role="group" aria-label="Text size" className="flex items-center gap-1 px-2 py-1">
      {TEXT_SIZES.map((pct) => (
        <button
          key={pct}
          type="button"
          aria-pressed={pct === textPct}
          aria-label={`Text at ${String(pct)} %`}
          title={`Text at ${String(pct)} %`}
          className="flex size-8 items-center justify-center rounded-sm border border-transparent leading-none font-semibold hover:bg-ground aria-pressed:border-ink aria-pressed:bg-field"
          style={{ fontSize: `${String((pct / textPct) * 0.9375)}rem` }}
          onClick={() => {
            dispatch(displayActions.textSizeSet(pct));
          }}
        >
          A
        </button>
      ))}
    </div>
  );
}

/** How large everything is set, on the screen and on paper. */
export function TextSizeField() {
  const dispatch = useAppDispatch();
  const textPct = useAppSelector((state) => state.display.textPct);
  return (
    <label className="flex items-center gap-2">
      Text size
      <select
        className="field !w-auto"
        value={textPct}
        onChange={(event) => {
          dispatch(displayActions.textSizeSet(Number(event.target.value) as TextSize));
        }}
      >
        {TEXT_SIZES.map((pct) => (
          <option key={pct} value={pct}>
            {pct} %
          </option>
        ))}
      </select>
    </label>
  );
}
