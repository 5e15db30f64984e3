import { useEffect } from 'react';

const ROW = 'li, tr';
/** Their own ways to give the focus back. */
const ELSEWHERE = '[role=dialog], [role=alertdialog], [role=menu], [role=listbox]';
const CONTROL = 'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

/** Where the focus stands: which control, counted from the end of its row, and which row of its list. */
interface Place {
  row: Element;
  list: Element;
  index: number;
  fromEnd: number;
  /** The view: who has left it has not lost a row. */
  path: string;
}

const rowsOf = (list: Element): Element[] => [...list.children].filter((one) => one.matches(ROW));
const controlsOf = (row: Element): HTMLElement[] => [...row.querySelectorAll<HTMLElement>(CONTROL)];

function placeOf(control: Element): Place | null {
  const row = control.closest(ROW);
  const list = row?.parentElement;
  if (!row || !list || control.closest(ELSEWHERE)) return null;
  const controls = controlsOf(row);
  const fromEnd = controls.length - controls.findIndex((one) => one === control);
  return { row, list, index: rowsOf(list).indexOf(row), fromEnd, path: window.location.pathname };
}

/** The same control of the row that has taken the place, else of the nearest before it; null where none is left. */
function heir({ list, index, fromEnd }: Place): HTMLElement | null {
  if (!list.isConnected) return null;
  const rows = rowsOf(list).map(controlsOf);
  const controls = [...rows.slice(index), ...rows.slice(0, index).reverse()].find((one) => one.length > 0);
  return controls?.at(-fromEnd) ?? controls?.at(-1) ?? null;
}

function focusHeading(): void {
  const heading = document.querySelector<HTMLElement>('main h1');
  if (!heading) return;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

/**
 * When the row that has the focus is taken out of its list, the browser lets the focus fall to the top of the page. It goes to the next row instead, so
 * that whoever works by keys goes on where they are.
 */
export function useFocusKept(): void {
  useEffect(() => {
    let place: Place | null = null;
    const onFocus = ({ target }: FocusEvent) => {
      place = target instanceof Element ? placeOf(target) : null;
    };
    const look = () => {
      if (!place || place.row.isConnected) return;
      const lost = place;
      place = null;
      if (document.activeElement !== document.body || window.location.pathname !== lost.path) return;
      const next = heir(lost);
      if (next) next.focus();
      else focusHeading();
    };
    document.addEventListener('focusin', onFocus);
    const observer = new MutationObserver(look);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener('focusin', onFocus);
      observer.disconnect();
    };
  }, []);
}
