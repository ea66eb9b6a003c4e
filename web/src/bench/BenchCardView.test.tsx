import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { BenchView } from '../api/schema';
import { ANSWER, show, STEAMED } from '../testing';
import { BenchCardView } from './BenchCardView';

const PIECE = { id: 7, name: 'Frame, left', recipe: STEAMED } as BenchView;
let pieces: BenchView[] = [PIECE];
vi.mock('./useBench', () => ({ useBench: () => ({ bench: { pieces }, error: null, lost: false }) }));
vi.mock('../api/queries', async (original) => ({
  ...(await original<typeof import('../api/queries')>()), useForecast: () => ({ data: ANSWER }), useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
}));
vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useParams: () => ({ id: '7' }) }));

it('says what a piece is, what to have ready, and where its clock is', () => {
  show(<BenchCardView />);
  expect(screen.getByRole('heading', { name: 'Frame, left' })).toBeDefined();
  expect(screen.getByText(/White ash, 3\/4" × 1", radius 6" through 180°/)).toBeDefined();
  expect(screen.getByText('Gloves and sleeves on: steam burns')).toBeDefined();
  expect(screen.getByText('Clamped at')).toBeDefined();
  expect(screen.getByRole('img', { name: `Leads to the clock of Frame, left: ${window.location.origin}/bench#piece-7` })).toBeDefined();
});

it('says that a piece is no longer there', () => {
  pieces = [];
  show(<BenchCardView />);
  expect(screen.getByText('There is nothing at this address')).toBeDefined();
});
