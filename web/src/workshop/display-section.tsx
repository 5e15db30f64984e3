import { UNIT_SYSTEMS, type UnitSystem } from '@eveningtide/core/units';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { TEXT_SIZES, THEMES, displayActions } from '../store/display.js';
import { SelectField } from '../ui/select-field.js';
import { Section, type SectionProps } from './section.js';

const UNIT_NAMES: Record<UnitSystem, string> = { metric: 'metric', us: 'US', imperial: 'imperial' };
const THEME_NAMES = { day: 'day', dusk: 'dusk' } as const;

/** How everything looks and reads. Units and dates belong to the workshop, theme and text size to this screen. */
export function DisplaySection({ workshop: { display }, change }: SectionProps) {
  const dispatch = useAppDispatch();
  const { theme, textPct } = useAppSelector((state) => state.display);
  return (
    <Section title="On the screen">
      <div className="grid grid-cols-4 gap-2">
        <SelectField
          label="Units"
          value={display.units}
          options={UNIT_SYSTEMS.map((id) => ({ id, name: UNIT_NAMES[id] }))}
          onChange={(units) => {
            change({ display: { ...display, units } });
          }}
        />
        <SelectField
          label="Dates"
          value={display.dates}
          options={[
            { id: 'words', name: 'Thu 26 Nov' },
            { id: 'numbers', name: '2026-11-26' },
          ]}
          onChange={(dates) => {
            change({ display: { ...display, dates } });
          }}
        />
        <SelectField
          label="Theme"
          value={theme}
          options={THEMES.map((id) => ({ id, name: THEME_NAMES[id] }))}
          onChange={(next) => {
            dispatch(displayActions.themeSet(next));
          }}
        />
        <SelectField
          label="Text size"
          value={String(textPct)}
          options={TEXT_SIZES.map((pct) => ({ id: String(pct), name: `${String(pct)} %` }))}
          onChange={(pct) => {
            dispatch(displayActions.textSizeSet(Number(pct) as (typeof TEXT_SIZES)[number]));
          }}
        />
      </div>
      <p className="mt-1 text-[0.8125rem] text-ink-3">
        Films stay in micrometres, dilutions in parts: they have no other unit at the bench.
      </p>
    </Section>
  );
}
