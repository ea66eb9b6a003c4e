import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { Choice, Several } from './Choice';

const RINGS = { EDGE: 'on edge', FLAT: 'flat to the form', RIFT: 'rift' };
const pressed = () => screen.getAllByRole('button', { pressed: true }).map((button) => button.textContent);

it('one of a few is chosen by a tap, and stays when it is tapped again', async () => {
  const onChange = vi.fn();
  render(<Choice label="Rings" options={RINGS} value="FLAT" onChange={onChange} problem="Look at the end." />);
  expect(screen.getByRole('group', { name: 'Rings' }).textContent).toBe('on edgeflat to the formrift');
  expect(screen.getByText('Look at the end.')).toBeDefined();
  expect(pressed()).toEqual(['flat to the form']);
  await userEvent.click(screen.getByRole('button', { name: 'flat to the form' }));
  expect(onChange).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'rift' }));
  expect(onChange).toHaveBeenCalledExactlyOnceWith('RIFT');
});

it('several are put together and taken apart, but for the last', async () => {
  const onChange = vi.fn();
  const { rerender } = render(<Several label="Rings" options={RINGS} value={['FLAT']} onChange={onChange} />);
  await userEvent.click(screen.getByRole('button', { name: 'flat to the form' }));
  expect(onChange).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'rift' }));
  expect(onChange).toHaveBeenLastCalledWith(['FLAT', 'RIFT']);
  rerender(<Several label="Rings" options={RINGS} value={['FLAT', 'RIFT']} onChange={onChange} />);
  expect(pressed()).toEqual(['flat to the form', 'rift']);
  await userEvent.click(screen.getByRole('button', { name: 'flat to the form' }));
  expect(onChange).toHaveBeenLastCalledWith(['RIFT']);
});
