import { act, renderHook } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { useOnceCurrent } from './useOnceCurrent';

function setUp(current: boolean, doing: (what: string) => Promise<unknown>) {
  return renderHook(({ now }) => useOnceCurrent<string>(now, doing), { initialProps: { now: current } });
}

it('does at once what can be done, and once', async () => {
  const doing = vi.fn(() => Promise.resolve());
  const { result, rerender } = setUp(true, doing);
  await act(async () => { result.current[1]('pdf'); await Promise.resolve(); });
  rerender({ now: true });
  expect(doing).toHaveBeenCalledTimes(1);
  expect(doing).toHaveBeenCalledWith('pdf');
  expect(result.current[0]).toBeUndefined();
});

it('waits for the answer, and a failure ends it like a success', async () => {
  const doing = vi.fn(() => Promise.reject(new Error('no paper')));
  const { result, rerender } = setUp(false, doing);
  act(() => { result.current[1]('pdf'); });
  expect(doing).not.toHaveBeenCalled();
  expect(result.current[0]).toBe('pdf');
  await act(async () => { rerender({ now: true }); await Promise.resolve(); });
  expect(doing).toHaveBeenCalledTimes(1);
  expect(result.current[0]).toBeUndefined();
  await act(async () => { result.current[1]('svg'); await Promise.resolve(); });
  expect(doing).toHaveBeenLastCalledWith('svg');
});
