const LONGEST_SHOWN = 60;
/** Deeper than this nothing is shown: the reader sees enough, and a body nested without end costs nothing. */
const DEEPEST_SHOWN = 4;

/** A value as it is told in a fault: as JSON, cut short. */
export function shown(value: unknown): string {
  if (value === undefined) return 'nothing';
  const text = typeof value === 'string' ? value : json(value, 0);
  return text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)}…` : text;
}

function json(value: unknown, depth: number): string {
  if (typeof value !== 'object' || value === null) return JSON.stringify(value);
  if (depth >= DEEPEST_SHOWN) return '…';
  const parts: string[] = [];
  let length = 0;
  for (const [key, inner] of Array.isArray(value) ? value.entries() : Object.entries(value)) {
    if (length > LONGEST_SHOWN) break;
    const part = (Array.isArray(value) ? '' : `${JSON.stringify(key)}:`) + json(inner, depth + 1);
    parts.push(part);
    length += part.length;
  }
  return Array.isArray(value) ? `[${parts.join(',')}]` : `{${parts.join(',')}}`;
}
