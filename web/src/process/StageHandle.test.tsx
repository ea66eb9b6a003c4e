import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { show } from '../testing';
import { StageHandle, type StageChange } from './StageHandle';

function handle(kind: 'STEAM_BOX' | 'CARRY', seconds: number) {
  const onChange = vi.fn<(change: StageChange) => void>();
  show(<StageHandle stage={{ kind, softens: kind === 'STEAM_BOX', seconds, frames: [] }} at={0.5} room={0.3} height={0.8} onChange={onChange} />);
  return { onChange, slider: screen.getByRole('slider') };
}

describe('the end of a stage', () => {
  it('moves by what the stage is counted in', () => {
    const { onChange, slider } = handle('STEAM_BOX', 1800);
    fireEvent.keyDown(slider, { key: 'ArrowRight' });
    fireEvent.keyDown(slider, { key: 'PageUp' });
    expect(onChange.mock.calls.map(([change]) => change.seconds)).toEqual([2100, 3600]);
  });

  it('stops at its least', () => {
    const { onChange, slider } = handle('CARRY', 1);
    fireEvent.keyDown(slider, { key: 'ArrowLeft' });
    expect(onChange).not.toHaveBeenCalled();
  });

  it('says its time in words', () => {
    const { slider } = handle('STEAM_BOX', 7800);
    expect(slider.getAttribute('aria-valuetext')).toBe('2 h 10 min');
    expect(slider.getAttribute('aria-label')).toBe('End of steam');
  });
});
