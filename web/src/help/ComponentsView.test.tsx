import { screen, within } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { show } from '../testing';
import { ComponentsView } from './ComponentsView';

vi.mock('../api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: () => Promise.resolve({
      data: [
        { name: 'com.zaxxer/HikariCP', version: '7.0.2', licences: ['Apache-2.0'], page: false },
        { name: 'react', version: '19.3.1', licences: ['MIT'], page: true },
      ],
    }),
  },
}));

test('each library stands where it runs, with its version and licence', async () => {
  show(<ComponentsView />);
  await screen.findByText('react 19.3.1');
  const page = within(screen.getByRole('region', { name: 'In the page' }));
  expect(page.getByRole('listitem').textContent).toBe('react 19.3.1MIT');
  expect(within(screen.getByRole('region', { name: 'In the server' })).getByRole('listitem').textContent).toBe('com.zaxxer/HikariCP 7.0.2Apache-2.0');
});
