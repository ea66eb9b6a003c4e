import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it } from 'vitest';
import { useLocation } from 'react-router';
import { show } from '../testing';
import { Keys } from './Keys';

beforeEach(() => { localStorage.clear(); });

function Page() {
  const { pathname, state } = useLocation();
  return (
    <main>
      <output>{pathname}{state ? ' searching' : ''}</output>
      <input aria-label="Radius" data-unsaid={false} />
      <button type="button" data-unsaid>rings</button>
      <input aria-label="Moisture" data-unsaid />
      <Keys />
    </main>
  );
}

const here = () => screen.getByRole('status', { hidden: true }).textContent;

it('goes to places, logs and searches with one key each', async () => {
  show(<Page />);
  await userEvent.keyboard('3');
  expect(here()).toBe('/bench');
  await userEvent.keyboard('l');
  expect(here()).toBe('/records/new');
  await userEvent.keyboard('/');
  expect(here()).toBe('/records searching');
});

it('goes from one word nobody knows to the next, out of one that is typed, too', async () => {
  show(<Page />);
  await userEvent.keyboard('n');
  expect(document.activeElement?.textContent).toBe('rings');
  await userEvent.keyboard('n');
  expect(document.activeElement).toBe(screen.getByLabelText('Moisture'));
  await userEvent.keyboard('{Alt>}n{/Alt}');
  expect(document.activeElement?.textContent).toBe('rings');
});

it('lets what lies over the page have its keys, and combinations theirs', async () => {
  const open = show(<><div role="menu" /><Page /></>);
  await userEvent.keyboard('3');
  expect(here()).toBe('/');
  open.unmount();
  show(<Page />);
  await userEvent.keyboard('{Control>}3{/Control}{Meta>}l{/Meta}');
  expect(here()).toBe('/');
});

it('leaves what is typed alone', async () => {
  show(<Page />);
  await userEvent.type(screen.getByLabelText('Radius'), '3/8 l?n');
  expect(screen.getByLabelText<HTMLInputElement>('Radius').value).toBe('3/8 l?n');
  expect(here()).toBe('/');
  expect(screen.queryByRole('dialog')).toBeNull();
});

it('lists the keys, and they can be switched off for good', async () => {
  const first = show(<Page />);
  await userEvent.keyboard('?');
  const list = within(screen.getByRole('dialog', { name: 'Keys' }));
  expect(list.getByText('search your bends')).toBeDefined();
  await userEvent.keyboard('2');
  expect(here()).toBe('/');
  await userEvent.click(list.getByRole('switch'));
  await userEvent.click(list.getByRole('button', { name: 'Done' }));
  first.unmount();
  show(<Page />);
  await userEvent.keyboard('2');
  expect(here()).toBe('/');
  await userEvent.keyboard('?');
  expect(screen.getByRole('dialog', { name: 'Keys' })).toBeDefined();
});
