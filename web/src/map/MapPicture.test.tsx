import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { MapAnswer } from '../api/schema';
import { show } from '../testing';
import { FRAME, placeOf } from './geometry';
import { MapPicture } from './MapPicture';

const thicknessMm = [2, 4, 8, 16, 32];
const innerRadiusMm = [25, 50, 100, 200, 400];
const odds = innerRadiusMm.map((radius) => thicknessMm.map((thickness) => Math.min(1, radius / (16 * thickness))));
const MAP: MapAnswer = {
  thicknessMm, innerRadiusMm, unbroken: odds, low: odds, high: odds,
  pieces: [
    { trialId: 1, speciesId: 'white-ash', thicknessMm: 8, innerRadiusMm: 100, severity: 'BROKEN', support: 'STEEL' },
    { trialId: 2, speciesId: 'white-ash', thicknessMm: 4, innerRadiusMm: 200, severity: 'CLEAN' },
    { trialId: 3, speciesId: 'white-ash', thicknessMm: 50, innerRadiusMm: 2000, severity: 'CLEAN' },
  ],
};

function drawn() {
  const onMove = vi.fn<(thickness: number, radius: number) => void>();
  const { container } = show(<MapPicture map={MAP} thicknessMm={8} radiusMm={100} support={undefined} onMove={onMove} />);
  return { onMove, container, map: screen.getByRole('application') };
}

it('says in words where the cross-hair stands and what the odds are there', () => {
  const label = drawn().map.getAttribute('aria-label');
  expect(label).toContain('At 5/16" thick and radius 3 15/16" 8 in 10 hold');
  expect(label).toContain('3 of your pieces');
});

it('moves with the arrow keys, thicker to the right and gentler upwards', async () => {
  const { onMove, map } = drawn();
  map.focus();
  await userEvent.keyboard('{ArrowRight}{ArrowUp}{ArrowLeft}{ArrowDown}x');
  const moves = onMove.mock.calls.map(([thickness, radius]) => [Math.sign(thickness - 8), Math.sign(radius - 100)]);
  expect(moves).toEqual([[1, 0], [0, 1], [-1, 0], [0, -1]]);
});

it('goes to the place that is pointed at, however large it is drawn', () => {
  const { onMove, map } = drawn();
  const width = FRAME.left + FRAME.width + 10;
  map.getBoundingClientRect = () => ({ left: 100, top: 50, width: width / 2 }) as DOMRect;
  const at = placeOf(FRAME, MAP, 16, 50);
  fireEvent.pointerDown(map, { clientX: 100 + at.x / 2, clientY: 50 + at.y / 2 });
  const [thickness, radius] = onMove.mock.lastCall ?? [];
  expect(thickness).toBeCloseTo(16);
  expect(radius).toBeCloseTo(50);
});

it('draws the pieces that lie on it and says of each what became of it', () => {
  const titles = [...drawn().container.querySelectorAll('title')].map((title) => title.textContent);
  expect(titles).toEqual(['5/16" at radius 3 15/16": broken', '5/32" at radius 7 7/8": clean']);
});
