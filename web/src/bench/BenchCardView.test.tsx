import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { SheetAsked } from '../api/sheets';
import type { BenchView, SheetFields } from '../api/schema';
import { ANSWER, show, STEAMED } from '../testing';
import { BenchCardView } from './BenchCardView';

const PIECE = { id: 7, name: 'Frame, left', recipe: STEAMED } as BenchView;
let pieces: BenchView[] = [PIECE];
const asked = vi.fn<(asked: SheetAsked) => Promise<void>>(() => Promise.resolve());
vi.mock('../api/sheets', () => ({ useSheet: () => ({ mutateAsync: asked, error: null }) }));
vi.mock('./useBench', () => ({ useBench: () => ({ bench: { pieces }, error: null, lost: false }) }));
vi.mock('../api/queries', async (original) => ({
  ...(await original<typeof import('../api/queries')>()), useForecast: () => ({ data: ANSWER }), useSpecies: () => ({ data: [{ id: 'white-ash', commonName: 'White ash' }] }),
}));
vi.mock('react-router', async (original) => ({ ...(await original<typeof import('react-router')>()), useParams: () => ({ id: '7' }) }));

it('says what a piece is, what to have ready, and where its clock is', async () => {
  show(<BenchCardView />);
  expect(screen.getByRole('heading', { name: 'Frame, left' })).toBeDefined();
  expect(screen.getByRole('region', { name: 'On paper' }).textContent).toMatch(/3\/4" × 1" of air-dried white ash to 6" inside through 180°/);
  expect(screen.getByText('Gloves and sleeves on: steam burns')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Print as PDF' }));
  expect(asked).toHaveBeenCalledWith({ about: 'bend', asked: expect.objectContaining({ recipe: STEAMED, drawn: ['BENT'] }) });
  const { sheet } = asked.mock.calls[0]?.[0].asked as { sheet: SheetFields };
  expect(sheet).toMatchObject({ title: 'Frame, left', code: `${window.location.origin}/bench#piece-7` });
  expect(sheet.byHand).toContain('Clamped at');
  expect(sheet.ready).toContain('Gloves and sleeves on: steam burns');
});

it('says that a piece is no longer there', () => {
  pieces = [];
  show(<BenchCardView />);
  expect(screen.getByText('There is nothing at this address')).toBeDefined();
});
