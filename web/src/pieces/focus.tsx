import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';

/** What is looked at on an open piece: a zone, and the layer of a step that is lit in the section and in its row. */
interface Focus {
  zoneId: string | null;
  setZone: (zoneId: string | null) => void;
  litStepId: string | null;
  light: (stepId: string | null) => void;
}

const Context = createContext<Focus>({ zoneId: null, setZone: () => undefined, litStepId: null, light: () => undefined });

export function FocusProvider({ children }: { children: ReactNode }) {
  const [zoneId, setZone] = useState<string | null>(null);
  const [litStepId, light] = useState<string | null>(null);
  const value = useMemo(() => ({ zoneId, setZone, litStepId, light }), [zoneId, litStepId]);
  return <Context value={value}>{children}</Context>;
}

export const useFocus = (): Focus => useContext(Context);
