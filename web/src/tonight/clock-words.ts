/** `04:20`, with hours before it where there are any; what is past is counted on below nothing. */
export function countDown(minutes: number): string {
  const seconds = Math.round(Math.abs(minutes) * 60);
  const two = (n: number): string => String(n).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const rest = `${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`;
  return `${minutes < 0 && seconds > 0 ? '−' : ''}${hours > 0 ? `${String(hours)}:` : ''}${rest}`;
}
