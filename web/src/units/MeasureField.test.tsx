import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { show } from '../testing';
import { MeasureField } from './MeasureField';
import type { Measurement } from './reading';

function Field({ measurement, first, value, problem }: { measurement: Measurement; first: string; value?: number; problem?: string }) {
  const [text, setText] = useState(first);
  return <MeasureField label="Measure" measurement={measurement} text={text} onChange={setText} reading={{ value }} problem={problem} />;
}

it.each([
  ['LENGTH', '3/4"', 19.05, '= 19.1 mm'],
  ['LENGTH', '19 mm', 19, '≈ 3/4"'],
  ['LENGTH', '2 cm', 20, '≈ 25/32"'],
  ['TEMPERATURE', '208 °F', 97.8, '= 98 °C'],
  ['TEMPERATURE', '98 °C', 98, '= 208 °F'],
  ['MINUTES', '2 h', 120, '= 120 min'],
  ['HOURS', '90 min', 1.5, '= 1.5 h'],
  ['GRAIN_SLOPE', '5°', 11.43, '= 1 in 11.43'],
] as const)('says a %s of %s as it is understood', (measurement, first, value, understood) => {
  show(<Field measurement={measurement} first={first} value={value} />);
  expect(screen.getByText(understood)).toBeDefined();
});

it('writes the unit behind a bare number when it is left, and leaves everything else alone', async () => {
  show(<Field measurement="LENGTH" first="" />);
  const field = screen.getByLabelText<HTMLInputElement>('Measure');
  await userEvent.type(field, '2');
  await userEvent.tab();
  expect(field.value).toBe('2"');
  await userEvent.clear(field);
  await userEvent.type(field, '1 1/8');
  await userEvent.tab();
  expect(field.value).toBe('1 1/8');
});

it('has nothing to say of a bare number that is kept as it is', () => {
  show(<Field measurement="MINUTES" first="45" value={45} />);
  expect(screen.queryByText(/^[=≈]/)).toBeNull();
});

it('says what is wrong instead of what was understood', () => {
  show(<Field measurement="LENGTH" first="wide" value={3} problem="“wide” is not a length." />);
  expect(screen.getByText('“wide” is not a length.')).toBeDefined();
  expect(screen.queryByText(/^[=≈]/)).toBeNull();
  expect(screen.getByLabelText('Measure').getAttribute('aria-invalid')).toBe('true');
});
