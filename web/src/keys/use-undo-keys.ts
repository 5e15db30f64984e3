import { useEffect } from 'react';

/** Control or Command with Z takes back, with Shift as well or with Y does again; text fields keep their own. */
export function useUndoKeys(undo: () => void, redo?: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        !(event.ctrlKey || event.metaKey) ||
        event.target instanceof HTMLTextAreaElement ||
        (event.target instanceof HTMLInputElement && event.target.type === 'text')
      )
        return;
      const key = event.key.toLowerCase();
      const does = key === 'y' || (key === 'z' && event.shiftKey) ? redo : key === 'z' ? undo : undefined;
      if (!does) return;
      does();
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [undo, redo]);
}
