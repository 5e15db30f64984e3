const two = (n: number): string => String(n).padStart(2, '0');

/** The wall clock, local, `YYYY-MM-DDTHH:mm:ss`. */
export function localMoment(): string {
  const now = new Date();
  return `${String(now.getFullYear())}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(now.getHours())}:${two(now.getMinutes())}:${two(now.getSeconds())}`;
}
