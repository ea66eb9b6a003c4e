import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import computation from '../../../docs/computation.md?raw';
import { show } from '../testing';
import { anchorOf, ComputationView } from './ComputationView';
import { Help } from './Help';
import { PARTS } from './HowComputed';
import { TERMS } from './terms';
import { TITLES, type TermName } from './titles';

it.each(Object.keys(TERMS) as TermName[])('explains %s by a tap and goes away again', async (term) => {
  show(<Help of={term} />);
  expect(screen.queryByRole('dialog')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: `What is this: ${TITLES[term]}?` }));
  expect((await screen.findByRole('dialog', { name: TITLES[term] })).textContent).toContain(TERMS[term].words);
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByText(TERMS[term].words)).toBeNull();
});

it('leads to headings that the account of the computation has, all of them', () => {
  const headings = [...computation.matchAll(/^## (.*)$/gm)].map(([, heading = '']) => anchorOf(heading));
  expect(headings).toEqual(PARTS);
});

it('shows the account with its tables, each part under its address', () => {
  const { container } = show(<ComputationView />);
  expect(container.querySelector('#the-odds')?.textContent).toContain('The odds');
  expect(screen.getAllByRole('table').length).toBeGreaterThan(0);
});
