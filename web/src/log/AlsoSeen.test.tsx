import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import { show } from '../testing';
import type { Severity } from '../trials/words';
import { AlsoSeen } from './AlsoSeen';
import type { SeenForm } from './draft';

const kept = vi.fn<(also: SeenForm[]) => void>();

function Piece({ worst }: { worst: Severity }) {
  const [also, setAlso] = useState<SeenForm[]>([]);
  return <AlsoSeen also={also} without={['OUTER_SPLINTER']} worst={worst} onChange={(now) => { kept(now); setAlso(now); }} />;
}

it('each further thing has its severity and its place, and nothing is offered twice', async () => {
  show(<Piece worst="BROKEN" />);
  await userEvent.click(screen.getByRole('button', { name: 'Something else was seen' }));
  const first = within(screen.getByRole('group', { name: 'Also seen 1' }));
  expect(first.queryByRole('button', { name: 'splinter or crack outside' })).toBeNull();
  await userEvent.click(first.getByRole('button', { name: 'snapped through' }));
  await userEvent.click(first.getByRole('button', { name: 'broken' }));
  await userEvent.click(first.getByRole('button', { name: 'middle' }));
  expect(kept).toHaveBeenLastCalledWith([{ flaw: 'SNAP', severity: 'BROKEN', flawAt: 'MIDDLE' }]);
  await userEvent.click(screen.getByRole('button', { name: 'Something else was seen' }));
  expect(within(screen.getByRole('group', { name: 'Also seen 2' })).queryByRole('button', { name: 'snapped through' })).toBeNull();
  await userEvent.click(first.getByRole('button', { name: 'Take this line away' }));
  expect(kept).toHaveBeenLastCalledWith([{}]);
});

it('on a piece that can be mended nothing else is worse', async () => {
  show(<Piece worst="FLAW" />);
  await userEvent.click(screen.getByRole('button', { name: 'Something else was seen' }));
  expect(screen.queryByRole('button', { name: 'broken' })).toBeNull();
  expect(kept).toHaveBeenLastCalledWith([{ severity: 'FLAW' }]);
});
