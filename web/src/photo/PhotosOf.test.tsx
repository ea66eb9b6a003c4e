import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { PhotoView } from '../api/schema';
import { show } from '../testing';
import { PhotosOf } from './PhotosOf';

const PHOTO: PhotoView = {
  id: 4, version: 0, trialId: 7, addedAt: '2026-11-20T10:00:00Z', widthPx: 800, heightPx: 600, photo: { caption: 'Off the form' },
  measured: { straight: false, radius: { mm: 152.4, sdMm: 0.8 }, slope: { run: 11.6, steepest: 9 } },
};

const photos = { data: [PHOTO] };
const add = { mutateAsync: vi.fn(), isPending: false };
vi.mock('../api/photos', async (original) => ({ ...(await original<object>()), usePhotos: () => photos, usePhotoWrites: () => ({ add }) }));

beforeEach(() => { add.mutateAsync.mockReset(); });

it('each photograph leads to itself and says what it was measured for', () => {
  show(<PhotosOf subject={{ trial: 7 }} />);
  expect(screen.getByRole('link').getAttribute('href')).toBe('/photos/4');
  expect(screen.getByRole('img', { name: 'Off the form' }).getAttribute('src')).toBe('/api/photos/4/small');
  expect(screen.getByText('radius 6", grain 1 in 12')).toBeDefined();
});

it('several are sent one after another, and the first refusal is said', async () => {
  const files = ['a', 'b', 'c'].map((name) => new File([name], `${name}.png`, { type: 'image/png' }));
  add.mutateAsync.mockResolvedValueOnce(PHOTO).mockRejectedValueOnce(new Error('This photograph is damaged.'));
  show(<PhotosOf subject={{ board: 2 }} />);
  await userEvent.upload(screen.getByLabelText('Choose photographs'), files);
  expect(add.mutateAsync.mock.calls.map(([{ file }]) => (file as File).name)).toEqual(['a.png', 'b.png']);
  expect(screen.getByRole('alert').textContent).toBe('This photograph is damaged.');
});
