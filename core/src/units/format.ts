/** Words for minutes: `12 min`, `1 h 20`, `2 d 3 h`. Rounds to whole minutes below a day, to hours from a day on. */
export function formatMinutes(minutes: number): string {
  if (!Number.isFinite(minutes)) return 'never';
  const whole = Math.round(minutes);
  if (whole < 60) return `${String(whole)} min`;
  if (whole < 48 * 60) {
    const rest = whole % 60;
    return rest === 0 ? `${String(Math.floor(whole / 60))} h` : `${String(Math.floor(whole / 60))} h ${String(rest).padStart(2, '0')}`;
  }
  const hours = Math.round(whole / 60);
  const days = Math.floor(hours / 24);
  return hours % 24 === 0 ? `${String(days)} d` : `${String(days)} d ${String(hours % 24)} h`;
}

/** To a tenth, as a ruler reads. */
export const toTenth = (value: number): number => Math.round(value * 10) / 10;

/** At most `digits` decimals, no trailing zeros: 1.50 → `1.5`. */
export function formatNumber(value: number, digits = 2): string {
  return String(Number(value.toFixed(digits)));
}
