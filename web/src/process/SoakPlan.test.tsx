import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, expect, it, vi } from 'vitest';
import { show, STEAMED } from '../testing';
import { SoakPlan } from './SoakPlan';

let answer: { data?: { meanAfterS?: number; coreAfterS?: number }; error: Error | null };
const asked = vi.fn();
vi.mock('../api/queries', () => ({
  useSoak: (...question: unknown[]) => {
    asked(...question);
    return answer;
  },
}));
vi.mock('../units/reading', async (original) => ({
  ...(await original<typeof import('../units/reading')>()),
  useReadings: (await import('../units/testReading')).readPlainly,
}));

beforeEach(() => {
  localStorage.clear();
  answer = { data: { meanAfterS: 9000, coreAfterS: 12_000 }, error: null };
});

it('takes as long as the slower of both wishes, in whole hours', async () => {
  const onTake = vi.fn();
  show(<SoakPlan recipe={STEAMED} onTake={onTake} />);
  expect(screen.getByText(/About 3 h 20 min\./)).toBeDefined();
  await userEvent.click(screen.getByRole('button', { name: 'Soak it so long' }));
  expect(onTake).toHaveBeenCalledWith(4 * 3600);
});

it('asks for what is typed and keeps it', async () => {
  const shown = show(<SoakPlan recipe={STEAMED} onTake={vi.fn()} />);
  await userEvent.clear(screen.getByLabelText('Core %'));
  await userEvent.type(screen.getByLabelText('Core %'), '18,5');
  expect(asked).toHaveBeenLastCalledWith(STEAMED, 20, 18.5);
  shown.unmount();
  show(<SoakPlan recipe={STEAMED} onTake={vi.fn()} />);
  expect(screen.getByLabelText<HTMLInputElement>('Core %').value).toBe('18,5');
});

it('says when it is wet already, and when no soak will do', () => {
  answer = { data: { meanAfterS: 0, coreAfterS: 20 }, error: null };
  const shown = show(<SoakPlan recipe={STEAMED} onTake={vi.fn()} />);
  expect(screen.getByText('It holds that already.')).toBeDefined();
  expect(screen.queryByRole('button')).toBeNull();
  shown.unmount();
  answer = { data: { meanAfterS: 9000 }, error: null };
  show(<SoakPlan recipe={STEAMED} onTake={vi.fn()} />);
  expect(screen.getByText('Not within 1,000 hours.')).toBeDefined();
});

it('passes on why the server refuses', () => {
  answer = { error: new Error('Mean moisture must be between 5 and 29 %.') };
  show(<SoakPlan recipe={STEAMED} onTake={vi.fn()} />);
  expect(screen.getByRole('alert').textContent).toContain('between 5 and 29 %');
});
