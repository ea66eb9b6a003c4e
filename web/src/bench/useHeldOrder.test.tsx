import { act, fireEvent, render, screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { useHeldOrder } from './useHeldOrder';

function List({ ids }: { ids: number[] }) {
  const [order, hand] = useHeldOrder(ids.map((id) => ({ id })));
  return <ul {...hand}>{order.map(({ id }) => <li key={id}>{id}</li>)}</ul>;
}

const shown = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent).join(' ');

it('moves nothing from under a hand that presses, and everything to its place once it is lifted', () => {
  vi.useFakeTimers();
  const { rerender } = render(<List ids={[1, 2, 3]} />);
  fireEvent.pointerDown(screen.getByText('3'));
  rerender(<List ids={[4, 3, 1, 2]} />);
  expect(shown()).toBe('1 2 3 4');
  fireEvent.pointerUp(window);
  expect(shown()).toBe('1 2 3 4');
  act(() => { vi.runAllTimers(); });
  expect(shown()).toBe('4 3 1 2');
  rerender(<List ids={[2, 1]} />);
  expect(shown()).toBe('2 1');
  vi.useRealTimers();
});
