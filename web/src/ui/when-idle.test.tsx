import { expect, jest, test } from '@jest/globals';
import { act, fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { showPage } from '../testing/page.js';
import { useFetchedAhead } from './when-idle.js';

function Opener({ load }: { load: () => Promise<{ words: string }> }) {
  const [open, setOpen] = useState(false);
  const code = useFetchedAhead(load, open);
  return (
    <>
      <button
        type="button"
        onClick={() => {
          setOpen(!open);
        }}
      >
        Open
      </button>
      {open && code && <p>{code.words}</p>}
    </>
  );
}

const press = () => {
  fireEvent.click(screen.getByRole('button', { name: 'Open' }));
};

test('what was fetched while there was time is shown in the same moment in which it is wanted', async () => {
  const load = jest.fn(() => Promise.resolve({ words: 'here' }));
  showPage(<Opener load={load} />);
  await waitFor(() => expect(load).toHaveBeenCalledTimes(1));
  await act(async () => {});
  press();
  // nothing is waited for
  expect(screen.getByText('here')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('what did not come is asked for again when it is wanted', async () => {
  const load = jest.fn<() => Promise<{ words: string }>>();
  load.mockRejectedValueOnce(new TypeError('Failed to fetch')).mockResolvedValue({ words: 'here after all' });
  showPage(<Opener load={load} />);
  await waitFor(() => expect(load).toHaveBeenCalledTimes(1));
  press();
  await screen.findByText('here after all');
});
