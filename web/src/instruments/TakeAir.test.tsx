import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it, vi } from 'vitest';
import type { AirReading } from '../api/schema';
import { show } from '../testing';
import { TakeAir } from './TakeAir';

let air: AirReading = { celsius: 17.543, humidityPercent: 52.04, hours: 24 };
vi.mock('../api/instruments', () => ({ useAir: () => ({ data: air }) }));

it('the air of the day is taken as it would be typed', async () => {
  const taken: object[] = [];
  show(<TakeAir onTake={(felt) => taken.push(felt)} />);
  await userEvent.click(screen.getByRole('button', { name: 'Take 63.5 °F and 52 % from the room sensor' }));
  expect(taken).toEqual([{ shop: '63.5 °F', humidity: '52 %' }]);
});

it('nothing is offered where nobody felt the air', () => {
  air = {};
  show(<TakeAir onTake={() => undefined} />);
  expect(screen.queryByRole('button')).toBeNull();
});
