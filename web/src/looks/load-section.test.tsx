import { expect, jest, test } from '@jest/globals';
import { loadFacts, type Load } from '@eveningtide/core/loads';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LoadSection } from './load-section.js';

const heap: Load = {
  ...{
    id: 'l',
    name: 'Lime',
    scaleRatio: 76,
    count: 1,
    lengthMm: 70,
    widthMm: 30,
    depthMm: 15,
    overMm: 5,
    profile: 'heap',
    former: 'none',
  },
  ...{ coverMm: 3, grains: [{ id: 'g', name: 'Lime', matter: 'limestone', grainMm: 1, parts: 1 }], glueParts: 1, waterParts: 3 },
  ...{ lifts: false, leaks: false, wagonId: null, consist: '', wagonMm: null, wagonG: null, note: '' },
};
const facts = (load: Load) => loadFacts(load, { tempC: 20, rhPct: 50 });

test('the ring on a heap goes up and down by keys, never below the edge', async () => {
  const onOver = jest.fn<(mm: number) => void>();
  const { rerender } = render(<LoadSection load={heap} facts={facts(heap)} onOver={onOver} />);
  const ring = screen.getByRole('slider', { name: 'How high it stands over the edge' });
  expect(ring.getAttribute('aria-valuetext')).toBe('5 mm');
  ring.focus();
  await userEvent.keyboard('{ArrowUp}{PageDown}');
  expect(onOver.mock.calls).toEqual([[5.5], [0]]);
  // in a hollow, up is shallower, and the floor is the end of it
  const hollow = { ...heap, profile: 'hollow', overMm: 14 } as const;
  rerender(<LoadSection load={hollow} facts={facts(hollow)} onOver={onOver} />);
  screen.getByRole('slider', { name: 'How deep its middle lies' }).focus();
  await userEvent.keyboard('{ArrowUp}{PageDown}');
  expect(onOver.mock.calls.slice(2)).toEqual([[13.5], [15]]);
});

test('where nothing is to be changed it is a picture with its measures in words', () => {
  render(<LoadSection load={heap} facts={facts(heap)} />);
  expect(screen.getByRole('img', { name: 'Seen from the end: 30 mm wide, 15 mm to the edge, 5 mm over it.' })).toBeDefined();
  expect(screen.queryByRole('slider')).toBeNull();
});
