import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Kept } from '../api/schema';
import type { Notice } from '../app/notice';
import { show } from '../testing';
import { WaitingRow } from './WaitingRow';

const KEPT: Kept = {
  id: 7, version: 2, fileName: 'ledger.csv',
  row: {
    line: 4,
    cells: [{ heading: 'species', text: 'White oak' }, { heading: 'thickness [in]', text: 'half a thumb' }],
    faults: [
      { heading: 'thickness [in]', message: '“half a thumb” is not a length.' },
      { heading: 'width', message: 'Width is needed.' },
    ],
  },
};

const writes = {
  bringIn: { mutateAsync: vi.fn() },
  mend: { mutateAsync: vi.fn(), isPending: false, error: null as Error | null },
  discard: { mutateAsync: vi.fn() },
  restore: { mutate: vi.fn() },
};
vi.mock('../api/exchange', () => ({ useExchangeWrites: () => writes }));

beforeEach(() => { vi.clearAllMocks(); });

it('shows the cells at fault with what is wrong, and the others on request', async () => {
  show(<WaitingRow kept={KEPT} onMended={vi.fn()} />);
  expect(screen.getByText('“half a thumb” is not a length.')).toBeDefined();
  expect(screen.queryByLabelText('species')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'The whole row' }));
  expect(screen.getByLabelText<HTMLInputElement>('species').value).toBe('White oak');
});

it('reads the row again with a cell changed and one added for the column its table lacks', async () => {
  const mended = vi.fn();
  writes.mend.mutateAsync.mockResolvedValueOnce({ row: KEPT }).mockResolvedValueOnce({ trialId: 31 });
  show(<WaitingRow kept={KEPT} onMended={mended} />);
  await userEvent.type(screen.getByLabelText('width'), '25 mm');
  await userEvent.click(screen.getByRole('button', { name: 'Read again' }));
  expect(writes.mend.mutateAsync).toHaveBeenLastCalledWith({
    row: KEPT,
    cells: [...KEPT.row.cells, { heading: 'width', text: '25 mm' }],
  });
  expect(mended).not.toHaveBeenCalled();
  await userEvent.clear(screen.getByLabelText('thickness [in]'));
  await userEvent.type(screen.getByLabelText('thickness [in]'), '1/2{Enter}');
  expect(writes.mend.mutateAsync).toHaveBeenLastCalledWith({
    row: KEPT,
    cells: [{ heading: 'species', text: 'White oak' }, { heading: 'thickness [in]', text: '1/2' }, { heading: 'width', text: '25 mm' }],
  });
  expect(mended).toHaveBeenCalledOnce();
});

it('discards with a way back', async () => {
  const notices: Notice[] = [];
  writes.discard.mutateAsync.mockResolvedValue(undefined);
  show(<WaitingRow kept={KEPT} onMended={vi.fn()} />, (notice) => notices.push(notice));
  await userEvent.click(screen.getByRole('button', { name: 'Discard' }));
  expect(writes.discard.mutateAsync).toHaveBeenCalledWith(7);
  expect(notices[0]?.message).toBe('Line 4 of ledger.csv discarded.');
  notices[0]?.undo?.();
  expect(writes.restore.mutate).toHaveBeenCalledWith(7);
});
