import type { ReactNode } from 'react';
import { Button } from './button.js';

/** A button that acts as long as it is held, by pointer or by Space or Enter. */
export function Hold({
  onHold,
  disabled = false,
  children,
}: {
  onHold: (isHeld: boolean) => void;
  disabled?: boolean;
  children: ReactNode;
}) {
  const begin = (): void => {
    onHold(true);
  };
  const end = (): void => {
    onHold(false);
  };
  const byKey = (act: () => void) => (event: { key: string; preventDefault: () => void }) => {
    if (event.key !== ' ' && event.key !== 'Enter') return;
    event.preventDefault();
    act();
  };
  return (
    <Button
      disabled={disabled}
      onPointerDown={begin}
      onPointerUp={end}
      onPointerLeave={end}
      onPointerCancel={end}
      onBlur={end}
      onKeyDown={byKey(begin)}
      onKeyUp={byKey(end)}
    >
      {children}
    </Button>
  );
}
