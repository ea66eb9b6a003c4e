import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { show } from '../testing';
import { QuantityField } from './QuantityField';
import type { QuantityKind } from './reading';

function Field({ kind, first, value, problem }: { kind: QuantityKind; first: string; value?: number; problem?: string }) {
  const [text, setText] = useState(first);
  return <QuantityField label="Measure" kind={kind} text={text} onChange={setText} reading={{ value }} problem={problem} />;
}

it.each([
  ['length', '3/4"', 19.05, '= 19.1 mm'],
  ['length', '19 mm', 19, '≈ 3/4"'],
  ['length', '2 cm', 20, '≈ 25/32"'],
  ['temperature', '208 °F', 97.8, '= 98 °C'],
  ['temperature', '98 °C', 98, '= 208 °F'],
] as const)('says a %s of %s in the other unit', (kind, first, value, understood) => {
  show(<Field kind={kind} first={first} value={value} />);
  expect(screen.getByText(understood)).toBeDefined();
});

it('writes the unit behind a bare number when it is left, and leaves everything else alone', async () => {
  show(<Field kind="length" first="" />);
  const field = screen.getByLabelText<HTMLInputElement>('Measure');
  await userEvent.type(field, '2');
  await userEvent.tab();
  expect(field.value).toBe('2"');
  await userEvent.clear(field);
  await userEvent.type(field, '1 1/8');
  await userEvent.tab();
  expect(field.value).toBe('1 1/8');
});

it('says what is wrong instead of what was understood', () => {
  show(<Field kind="length" first="wide" value={3} problem="“wide” is not a length." />);
  expect(screen.getByText('“wide” is not a length.')).toBeDefined();
  expect(screen.queryByText(/^[=≈]/)).toBeNull();
  expect(screen.getByLabelText('Measure').getAttribute('aria-invalid')).toBe('true');
});
