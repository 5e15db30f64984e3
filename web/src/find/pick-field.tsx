import { Command } from 'cmdk';
import { Check, ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Swatch } from '../ui/swatch.js';
import { foundBy } from './find.js';

export interface Choice {
  id: string;
  name: string;
  /** What more it is found by. */
  text?: string;
  colour?: string;
}

interface PickFieldProps {
  label: string;
  value: string;
  /** What is chosen, as the closed field shows it. */
  shown: ReactNode;
  groups: readonly { heading: string; items: readonly Choice[] }[];
  onChange: (id: string) => void;
  autoFocus?: boolean;
  /** Told from outside whether its list stands open; left out, the field itself knows. */
  isOpen?: boolean;
  onOpen?: (open: boolean) => void;
  className?: string;
}

const HEADING =
  '[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:py-1 [&_[cmdk-group-heading]]:text-[0.8125rem] [&_[cmdk-group-heading]]:text-ink-3';

/** A choice of many: typed in the painter's own words, the best first. Typing opens it. */
export function PickField({ label, value, shown, groups, onChange, autoFocus, isOpen, onOpen, className }: PickFieldProps) {
  const id = useId();
  const [opened, setOpened] = useState(false);
  const open = isOpen ?? opened;
  const setOpen = onOpen ?? setOpened;
  const [words, setWords] = useState('');
  const all = groups.flatMap(({ items }) => items);
  const found = words.trim() === '' ? null : foundBy(words, all, ({ name, text = '' }) => ({ name, text }));
  const listed = found ? [{ heading: '', items: found }] : groups.filter(({ items }) => items.length > 0);

  const openWith = (typed: string) => {
    setWords(typed);
    setOpen(true);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const isLetter = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.altKey && !event.metaKey;
    if (!isLetter && event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    event.stopPropagation();
    openWith(isLetter ? event.key : '');
  };

  return (
    <div className={className}>
      <span id={id} className="mb-0.5 block text-[0.8125rem] text-ink-2">
        {label}
      </span>
      <Popover.Root
        open={open}
        onOpenChange={(now) => {
          if (now) openWith('');
          else setOpen(false);
        }}
      >
        <Popover.Trigger
          role="combobox"
          aria-labelledby={`${id} ${id}-shown`}
          aria-haspopup="listbox"
          autoFocus={autoFocus}
          className="field flex items-center gap-2 text-left"
          onKeyDown={onKeyDown}
        >
          <span id={`${id}-shown`} className="flex min-w-0 flex-1 items-center gap-2 truncate">
            {shown}
          </span>
          <ChevronDown size={15} aria-hidden="true" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={2}
            className="z-30 w-[max(var(--radix-popover-trigger-width),18rem)] rounded-sm border border-line-strong bg-paper"
            onCloseAutoFocus={(event) => {
              // the next field asks already
              if (document.activeElement?.closest('[cmdk-root]')) event.preventDefault();
            }}
          >
            <Command shouldFilter={false} label={`Find: ${label}`} loop>
              <Command.Input
                autoFocus
                value={words}
                onValueChange={setWords}
                placeholder="any word for it …"
                className="w-full border-b border-line-strong bg-transparent px-3 py-1.5 outline-none"
              />
              <Command.List label={label} className="max-h-72 overflow-y-auto p-1">
                <Command.Empty className="px-2 py-1 text-ink-2">Nothing of that name.</Command.Empty>
                {listed.map(({ heading, items }) => (
                  <Command.Group key={heading} {...(heading ? { heading } : {})} className={HEADING}>
                    {items.map((item) => (
                      <Command.Item
                        key={item.id}
                        value={item.id}
                        aria-label={item.name}
                        className="flex cursor-pointer items-center gap-2 rounded-sm px-2 py-1 data-[selected=true]:bg-ground"
                        onSelect={() => {
                          setOpen(false);
                          setWords('');
                          onChange(item.id);
                        }}
                      >
                        {item.colour && <Swatch colour={item.colour} />}
                        <span className={`flex-1 ${item.id === value ? 'font-semibold' : ''}`}>{item.name}</span>
                        {item.id === value && <Check size={14} aria-hidden="true" />}
                      </Command.Item>
                    ))}
                  </Command.Group>
                ))}
              </Command.List>
            </Command>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}
