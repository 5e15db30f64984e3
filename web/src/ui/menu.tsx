import { useState, type KeyboardEvent } from 'react';
import type { MenuProps } from './menu-opened.js';
import { useFetchedAhead } from './when-idle.js';

const load = () => import('./menu-opened.js');

/** A button with a list of things to do. What the list is made with is fetched when the page has time for it, or as soon as it is wanted. */
export function Menu({ label, className, children, items }: MenuProps) {
  const [wanted, setWanted] = useState(false);
  const opened = useFetchedAhead(load, wanted);
  const want = () => {
    setWanted(true);
  };
  const button = (
    <button
      type="button"
      aria-label={label}
      aria-haspopup="menu"
      aria-expanded={false}
      className={className}
      onClick={want}
      onKeyDown={(event: KeyboardEvent) => {
        if (event.key !== 'ArrowDown') return;
        event.preventDefault();
        want();
      }}
    >
      {children}
    </button>
  );
  return wanted && opened ? (
    <opened.MenuOpened label={label} className={className} items={items}>
      {children}
    </opened.MenuOpened>
  ) : (
    button
  );
}
