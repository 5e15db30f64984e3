import { expect, jest, test } from '@jest/globals';
import { act, render, screen } from '@testing-library/react';
import { ForPaper } from './for-paper.js';

test('what is only printed is made when there is time for it, and at once when it is printed', () => {
  jest.useFakeTimers();
  const made = jest.fn(() => <p>the card</p>);
  render(<ForPaper>{made}</ForPaper>);
  expect(made).not.toHaveBeenCalled();
  act(() => {
    jest.runAllTimers();
  });
  expect(screen.getByText('the card')).toBeTruthy();

  made.mockClear();
  const { container } = render(<ForPaper>{made}</ForPaper>);
  expect(container.textContent).toBe('');
  act(() => {
    window.dispatchEvent(new Event('beforeprint'));
  });
  expect(container.textContent).toBe('the card');
  jest.useRealTimers();
});
