import { TEXT_SIZES, displayActions, type TextSize } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';

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
