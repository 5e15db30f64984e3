import type { PlanFault } from '@eveningtide/core/kept';

export interface Refused {
  message: string;
  faults: readonly PlanFault[];
}

/** Why something was refused: each place with what stands there and what is allowed; without any, in words. */
export function Faults({ refused: { message, faults } }: { refused: Refused }) {
  if (faults.length === 0) return <p role="alert">{message}</p>;
  return (
    <ul className="space-y-2">
      {faults.map((fault) => (
        <li key={`${fault.path} ${fault.allowed}`} className="border-l-4 border-brick bg-paper px-3 py-1.5">
          <code className="figures font-semibold">{fault.path}</code>
          <br />
          holds <q>{fault.value}</q>; allowed: {fault.allowed}
        </li>
      ))}
    </ul>
  );
}
