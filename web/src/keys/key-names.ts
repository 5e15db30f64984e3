import { viewsByDigit } from '../views.js';

const digits = viewsByDigit();

/** Every key of the app, for the list that `?` opens. */
export const KEYS: readonly { where: string; keys: readonly { press: string; does: string }[] }[] = [
  {
    where: 'Everywhere',
    keys: [
      { press: 'Control K', does: 'command box: go anywhere, do anything' },
      { press: '?', does: 'this list' },
      { press: '/', does: 'to the search of the view' },
      { press: `Alt 1 … ${String(digits.length)}`, does: digits.map(({ name }) => name).join(', ') },
      { press: 'Escape', does: 'closes what is open' },
    ],
  },
  {
    where: 'A piece',
    keys: [
      { press: 'Enter', does: 'opens a step, or closes it' },
      { press: 'Alt ↑, Alt ↓', does: 'moves the step' },
      { press: 'Delete', does: 'takes the step out' },
      { press: 'Control D', does: 'lays the step down once more, after it' },
      { press: 'Control or Shift with a press', does: 'chooses several steps: one more, or all between' },
      { press: 'Control Z, Control Shift Z', does: 'takes back, does again' },
      { press: 'Space on the handle', does: 'picks a step up; arrows move it, Space puts it down' },
      { press: 'Tab, Enter on a zone', does: 'chooses the zone, or puts it into the open step' },
    ],
  },
  {
    where: 'One evening',
    keys: [
      { press: 'M on a block', does: 'takes it in hand; ← → carry it by five minutes, Enter puts it down, Escape leaves it' },
      { press: 'Enter on a block', does: 'says why it is not earlier' },
    ],
  },
  { where: 'Tonight', keys: [{ press: 'Control P', does: 'prints the bench card' }] },
];
