import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import { show, STEAMED } from '../testing';
import { stillSupposed } from './supposed';
import { SupposedPart } from './SupposedPart';

it('is known once it was written anew, and only that', () => {
  const all = ['SEASONING', 'WIDTH', 'ANGLE', 'CARRY'] as const;
  expect(stillSupposed([...all], STEAMED, STEAMED)).toEqual(all);
  expect(stillSupposed([...all], STEAMED, { ...STEAMED, angleDegrees: STEAMED.angleDegrees + 5 })).toEqual(['SEASONING', 'WIDTH', 'CARRY']);
  expect(stillSupposed([...all], STEAMED, { ...STEAMED, blank: { ...STEAMED.blank, seasoning: 'GREEN', widthMm: 44 } })).toEqual(['ANGLE', 'CARRY']);
  expect(stillSupposed(['CARRY'], STEAMED, { ...STEAMED, method: { ...STEAMED.method, carrySeconds: 40 } as typeof STEAMED.method })).toBeUndefined();
  expect(stillSupposed([...all], STEAMED, { ...STEAMED, method: { kind: 'COLD_LAMINATION', glue: 'EPOXY', plies: 6 } as typeof STEAMED.method })).toEqual(['SEASONING', 'WIDTH', 'ANGLE']);
});

it('says what nobody wrote down, and takes one off that is right as it stands', async () => {
  const onKnown = vi.fn();
  show(<SupposedPart supposed={['SEASONING', 'CARRY']} onKnown={onKnown} />);
  expect(screen.getByText('how it was dried')).toBeDefined();
  screen.getByText('the carry').closest('.MuiChip-root')?.dispatchEvent(new Event('focus'));
  const [, carry] = document.querySelectorAll('.MuiChip-deleteIcon');
  if (carry) await userEvent.click(carry);
  expect(onKnown).toHaveBeenCalledWith('CARRY');
});

it('is not there where everything was written down', () => {
  show(<SupposedPart supposed={[]} onKnown={vi.fn()} />);
  expect(screen.queryByText(/Nobody wrote/)).toBeNull();
});
