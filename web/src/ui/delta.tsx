import { formatNumber } from '@eveningtide/core/units';

/** A colour difference as it is told: never a bare number where it is a guess. */
export function Delta({ de00, plusMinus }: { de00: number | null; plusMinus?: number | undefined }) {
  return (
    <span className="whitespace-nowrap">
      {de00 === null && '± '}ΔE₀₀ <span className="figures">{formatNumber(de00 ?? plusMinus ?? 0, 1)}</span>
      {de00 !== null && plusMinus !== undefined && (
        <>
          {' '}
          ± <span className="figures">{formatNumber(plusMinus, 1)}</span>
        </>
      )}
    </span>
  );
}
