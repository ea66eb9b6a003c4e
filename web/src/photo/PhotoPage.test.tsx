import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { PhotoView, PointedFields } from '../api/schema';
import { show } from '../testing';
import { PhotoPage } from './PhotoPage';

const PHOTO: PhotoView = {
  id: 4, version: 2, trialId: 7, addedAt: '2026-11-20T10:00:00Z', widthPx: 800, heightPx: 600, photo: { caption: 'Off the form' }, measured: { straight: false },
};

let asked: PointedFields | undefined;
const writes = { change: { mutateAsync: vi.fn(), isPending: false }, remove: { mutateAsync: vi.fn(), isPending: false }, putBack: { mutate: vi.fn() } };
vi.mock('react-router', async (original) => ({ ...(await original<object>()), useParams: () => ({ id: '4' }) }));
vi.mock('../api/photos', async (original) => ({
  ...(await original<object>()),
  usePhoto: () => ({ data: PHOTO }),
  usePhotoWrites: () => writes,
  usePhotoMeasurement: (pointed: PointedFields | undefined) => {
    asked = pointed;
    return { data: pointed && { asked: pointed, measured: { straight: false, ...(pointed.known && pointed.curve ? { radius: { mm: 160, sdMm: 1 } } : {}) } } };
  },
}));
vi.mock('./TakeUp', () => ({ TakeUp: () => null }));
vi.mock('../units/reading', async (original) => {
  const { readPlainly } = await import('../units/testReading');
  const read = (fields: Parameters<typeof readPlainly>[0]) => readPlainly(fields);
  return { ...(await original<typeof import('../units/reading')>()), useReadings: read, readNow: (fields: Parameters<typeof readPlainly>[0]) => Promise.resolve(read(fields)) };
});

beforeEach(() => {
  asked = undefined;
  vi.clearAllMocks();
  vi.stubGlobal('ResizeObserver', class { observe() { /* nothing is ever resized here */ } disconnect() { /* nor watched */ } });
});

const measured = () => screen.getByLabelText('Measured').textContent;

it('places appear to be moved by keys, and tell a radius once a known length says how long it is', async () => {
  show(<PhotoPage />);
  await userEvent.click(screen.getByRole('button', { name: 'curve' }));
  expect(measured()).toBe('Radius…');
  screen.getByRole('button', { name: 'Curve, place 2' }).focus();
  await userEvent.keyboard('{Shift>}{ArrowUp}{/Shift}{ArrowLeft}');
  expect(asked?.curve?.[1]).toEqual({ xPx: 399, yPx: 170 });
  expect(screen.getByTestId('glass')).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'One more place' }));
  expect(asked?.curve).toHaveLength(4);
  await userEvent.click(screen.getByRole('button', { name: 'known length' }));
  await userEvent.type(screen.getByLabelText('How long the known length is'), '150');
  expect(asked?.knownMm).toBe(150);
  expect(measured()).toMatch(/^Radius6 19\/64", give or take/);
});

it('is kept as it was pointed at, and then there is nothing to keep', async () => {
  show(<PhotoPage />);
  const keep = screen.getByRole<HTMLButtonElement>('button', { name: 'Save' });
  expect(keep.disabled).toBe(true);
  await userEvent.click(screen.getByRole('button', { name: 'gap' }));
  await userEvent.click(screen.getByRole('button', { name: 'known length' }));
  await userEvent.type(screen.getByLabelText('How long the known length is'), '100');
  writes.change.mutateAsync.mockImplementation(({ photo }: { photo: PhotoView['photo'] }) => Promise.resolve({ ...PHOTO, photo }));
  await userEvent.click(keep);
  const [[sent]] = writes.change.mutateAsync.mock.calls as [[{ version: number; photo: PhotoView['photo'] }]];
  expect(sent.version).toBe(2);
  expect(sent.photo.pointed?.knownMm).toBe(100);
  expect(sent.photo.pointed?.gap).toHaveLength(2);
});

it('what is measured can be taken off again', async () => {
  show(<PhotoPage />);
  await userEvent.click(screen.getByRole('button', { name: 'slope of grain' }));
  const places = within(screen.getByRole('group', { name: 'Pointed at' }));
  expect(places.getAllByRole('button').map((place) => place.getAttribute('aria-label'))).toEqual(['Edge, place 1', 'Edge, place 2', 'Grain, place 1', 'Grain, place 2']);
  await userEvent.click(screen.getByRole('button', { name: 'Take it off' }));
  expect(places.queryAllByRole('button')).toEqual([]);
  expect(measured()).toBe('');
});
