import { DATE_STYLES, WEEK_STARTS } from '@eveningtide/core/schedule';
import { CLOCK_STYLES, UNIT_SYSTEMS, clockShown, type UnitSystem } from '@eveningtide/core/units';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { TEXT_SIZES, THEMES, displayActions } from '../store/display.js';
import { WEEKDAYS, daysIn } from '../ui/days.js';
import { SelectField } from '../ui/select-field.js';
import { Section, type SectionProps } from './section.js';

const UNIT_NAMES: Record<UnitSystem, string> = { metric: 'metric', us: 'US', imperial: 'imperial' };
const THEME_NAMES = { day: 'day', dusk: 'dusk' } as const;

/** A day that shows how dates are written: none of its figures could be the other. */
const EXAMPLE = '2026-11-26';

/** How everything looks and reads. Units and dates belong to the workshop, theme and text size to this screen. */
export function DisplaySection({ workshop: { display }, change }: SectionProps) {
  const dispatch = useAppDispatch();
  const { theme, textPct } = useAppSelector((state) => state.display);
  return (
    <Section title="On the screen">
      <div className="grid grid-cols-3 gap-2 max-[40rem]:grid-cols-2">
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
          options={DATE_STYLES.map((id) => ({
            id,
            name: daysIn({ dates: id, clock: '24' }, () => new Date(`${EXAMPLE}T12:00`)).day(EXAMPLE),
          }))}
          onChange={(dates) => {
            change({ display: { ...display, dates } });
          }}
        />
        <SelectField
          label="Times"
          value={display.clock}
          options={CLOCK_STYLES.map((id) => ({ id, name: clockShown('19:30', id) }))}
          onChange={(clock) => {
            change({ display: { ...display, clock } });
          }}
        />
        <SelectField
          label="Weeks begin on"
          value={String(display.weekFrom)}
          options={WEEK_STARTS.map((id) => ({ id: String(id), name: WEEKDAYS[id] }))}
          onChange={(id) => {
            change({ display: { ...display, weekFrom: WEEK_STARTS.find((one) => String(one) === id) ?? 0 } });
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
