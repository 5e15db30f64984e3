import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useAppSelector } from '../store/store.js';
import { viewOfDigit } from '../views.js';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable);

/** Keys that work in every view. Those without Control or Alt can be switched off, and never act while one types. */
export function useGlobalKeys({ onCommands, onKeys }: { onCommands: () => void; onKeys: () => void }): void {
  const navigate = useNavigate();
  const singleKeys = useAppSelector((state) => state.display.singleKeys);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const led = event.altKey && !event.ctrlKey ? viewOfDigit(Number(/^Digit(\d)$/.exec(event.code)?.[1] ?? NaN)) : null;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') onCommands();
      else if (led) void navigate(led.path);
      else if (singleKeys && !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target)) {
        if (event.key === '?') onKeys();
        else if (event.key === '/') {
          const search = document.querySelector<HTMLInputElement>('[data-search]');
          if (!search) return;
          search.focus();
        } else return;
      } else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [navigate, singleKeys, onCommands, onKeys]);
}
