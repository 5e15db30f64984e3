import { expect, test } from '@jest/globals';
import type { CautionCard, TooMuch } from '@eveningtide/core/safety';
import { render } from '@testing-library/react';
import { TooMuchAir } from './too-much-air.js';

const said = (notInThisRoom: boolean, ...tooMuch: TooMuch[]): string =>
  render(<TooMuchAir card={{ cautions: [], air: [], tooMuch, notInThisRoom, defer: '' } satisfies CautionCard} />).container.textContent;

test('what is too much for this room is said in what a spark can set off, or in what may be breathed', () => {
  expect(said(false)).toBe('');
  expect(said(true, { of: 'explosive', share: 2.4 })).toMatch(/^Not in this room: .*at least 24 % of what a spark can set off\./);
  expect(said(true, { of: 'short', share: 3.14 }, { of: 'day', share: 1.2 })).toMatch(
    /at least 3\.1 times what may be breathed for a quarter/,
  );
  expect(said(false, { of: 'strictest-day', share: 12.4 })).toMatch(/^More air: .*at least 12 times the strictest common limit/);
});
