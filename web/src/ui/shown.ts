import { fieldValue, formatShown, fromShown, unitName, type Quantity, type UnitSystem } from '@eveningtide/core/units';
import { useMemo } from 'react';
import { useWorkshopQuery } from '../store/api.js';

export interface Shown {
  system: UnitSystem;
  /** `12.4 cm²` */
  text: (si: number, quantity: Quantity) => string;
  /** The figure for a field, and back. */
  figure: (si: number, quantity: Quantity) => number;
  si: (figure: number, quantity: Quantity) => number;
  unit: (quantity: Quantity) => string;
}

/** Figures in the units the workshop is shown in; SI is kept. */
export function useShown(): Shown {
  const { data } = useWorkshopQuery();
  const system = data?.workshop.display.units ?? 'metric';
  return useMemo(
    () => ({
      system,
      text: (si, quantity) => formatShown(si, quantity, system),
      figure: (si, quantity) => fieldValue(si, quantity, system),
      si: (figure, quantity) => fromShown(figure, quantity, system),
      unit: (quantity) => unitName(quantity, system),
    }),
    [system],
  );
}
