import type { LucideIcon } from 'lucide-react';
import { lazy, Suspense, useEffect, useState, type KeyboardEvent, type ReactNode } from 'react';
import { whenIdle } from './when-idle.js';

export interface MenuItem {
  words: string;
  Icon?: LucideIcon;
  onSelect: () => void;
}

export interface MenuProps {
  /** What the button is called where its content does not say it. */
  label?: string;
  /** How the button looks. */
  className: string;
  children: ReactNode;
  items: readonly MenuItem[];
}

const load = () => import('./menu-opened.js');
const MenuOpened = lazy(async () => ({ default: (await load()).MenuOpened }));

/** A button with a list of things to do. What the list is made with is fetched when the page has time for it, or as soon as it is wanted. */
export function Menu({ label, className, children, items }: MenuProps) {
  const [wanted, setWanted] = useState(false);
  useEffect(() => whenIdle(() => void load()), []);
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
  return wanted ? (
    <Suspense fallback={button}>
      <MenuOpened label={label} className={className} items={items}>
        {children}
      </MenuOpened>
    </Suspense>
  ) : (
    button
  );
}
