import { useWorkshopQuery } from '../store/api.js';

/** A price in the painter's own currency: `€ 4.20`, or the bare number where none is told. */
export function useMoney(): (amount: number) => string {
  const { data } = useWorkshopQuery();
  const sign = data?.workshop.measuring.currency.trim() ?? '';
  return (amount) => `${sign === '' ? '' : `${sign} `}${amount.toFixed(2)}`;
}
