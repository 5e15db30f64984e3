import type { LucideIcon } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

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

/** The same button with its list, open when it first comes. */
export const MenuOpened = ({ label, className, children, items }: { [K in keyof MenuProps]: MenuProps[K] | undefined }) => (
  <DropdownMenu.Root modal={false} defaultOpen>
    <DropdownMenu.Trigger aria-label={label} className={className}>
      {children}
    </DropdownMenu.Trigger>
    <DropdownMenu.Portal>
      <DropdownMenu.Content align="end" sideOffset={4} className="z-20 min-w-44 rounded-sm border border-line-strong bg-paper p-1">
        {items?.map(({ words, Icon, onSelect }) => (
          <DropdownMenu.Item
            key={words}
            className="flex cursor-pointer items-center gap-2 rounded-sm px-3 py-1.5 outline-none data-highlighted:bg-ground"
            onSelect={onSelect}
          >
            {Icon && <Icon size={15} aria-hidden="true" />} {words}
          </DropdownMenu.Item>
        ))}
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
);
