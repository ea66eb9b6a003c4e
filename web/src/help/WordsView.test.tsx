import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { show } from '../testing';
import { TERMS } from './terms';
import { WordsView } from './WordsView';

it('explains every word there is, in order, each as its mark does', () => {
  show(<WordsView />);
  const titles = screen.getAllByRole('term').map((term) => term.textContent);
  expect(titles).toHaveLength(Object.keys(TERMS).length);
  expect(titles).toEqual([...titles].sort((one, other) => one.localeCompare(other, 'en')));
  expect(screen.getByText(TERMS.slack.words)).toBeDefined();
});

it('finds a word by what is said of it, too, and says where there is none', async () => {
  show(<WordsView />);
  await userEvent.type(screen.getByRole('searchbox', { name: 'Search' }), 'WEBBING');
  expect(screen.getAllByRole('term').map((term) => term.textContent)).toEqual(['Support on the outer face']);
  await userEvent.type(screen.getByRole('searchbox', { name: 'Search' }), 'x');
  expect(screen.queryByRole('term')).toBeNull();
  expect(screen.getByRole('status').textContent).toBe('No word is like “WEBBINGx”.');
});
