import type { Compiled, Mode, Node } from './compile.js';

/** Why an operation found no place, in words; `lost` are the numbers of all that found none. */
export function whyNot(
  { evenings, setup, problem }: Compiled,
  node: Node,
  { durationMin, resources, isSetUp }: Mode,
  lost: ReadonlySet<number>,
): string {
  const longest = Math.max(0, ...evenings.map((e) => e.toMin - e.fromMin));
  const whole = durationMin + (isSetUp ? (setup?.minutes ?? 0) : 0);
  if (evenings.length === 0) return 'there are no evenings to work in';
  const missing = resources.find((wanted) => problem.capacities && !(Number(problem.capacities[wanted]) > 0));
  if (missing) return `the workshop has no ${missing}`;
  if (whole > longest)
    return `takes ${String(Math.round(whole))} min with cleaning, the longest evening has ${String(Math.round(longest))} min: do it on fewer zones or pieces at a time, with a larger tool, or give it a longer evening`;
  if (node.into.some(({ from }) => lost.has(from))) return 'what it follows found no evening';
  if (node.into.some(({ windows }) => windows.some((list) => list.at(-1)?.close)))
    return 'the windows of this step and those it hangs together with fit into no evening';
  const never = ({ windows }: Node['into'][number]): boolean => windows.some(([first]) => first?.open.eveningMin === Infinity);
  if (node.into.some(never)) return 'what lies below never dries in this air, or its places ask for times that rule each other out';
  return 'no free time in the evenings planned ahead';
}
