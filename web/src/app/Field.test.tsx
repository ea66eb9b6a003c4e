import { Autocomplete } from '@mui/material';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import { Field } from './Field';
import { Pick } from './Pick';

function Typing({ wrong = false }: { wrong?: boolean }) {
  const [text, setText] = useState('');
  return <Field label="Radius" value={text} error={wrong} helperText={wrong ? 'No such length.' : `= ${text}`} onChange={(event) => { setText(event.target.value); }} />;
}

it('is found by its label, takes what is typed and says what came of it', async () => {
  const { rerender } = render(<Typing />);
  const field = screen.getByRole('textbox', { name: 'Radius', description: '=' });
  await userEvent.type(field, '6 1/2');
  expect(screen.getByRole('textbox', { name: 'Radius', description: '= 6 1/2' })).toBe(field);
  expect(field.getAttribute('aria-invalid')).toBe('false');
  rerender(<Typing wrong />);
  expect(screen.getByRole('textbox', { name: 'Radius', description: 'No such length.' }).getAttribute('aria-invalid')).toBe('true');
});

it('takes days and several lines, and nothing while it is disabled', async () => {
  const typed = vi.fn();
  render(<><Field label="Bent on" type="date" value="2026-11-28" /><Field label="Note" multiline rows={3} value="" onChange={(event) => { typed(event.target.value); }} /><Field label="Shut" disabled value="" onChange={typed} /></>);
  expect(screen.getByLabelText<HTMLInputElement>('Bent on').type).toBe('date');
  await userEvent.type(screen.getByRole('textbox', { name: 'Shut' }), 'x');
  expect(typed).not.toHaveBeenCalled();
  await userEvent.type(screen.getByRole('textbox', { name: 'Note' }), 'x');
  expect(typed).toHaveBeenCalledExactlyOnceWith('x');
});

it('is typed into within a choice', async () => {
  const chosen = vi.fn();
  render(<Autocomplete options={['ash', 'oak']} onChange={(_, wood) => { chosen(wood); }} renderInput={(params) => <Field {...params} label="Wood" />} />);
  await userEvent.type(screen.getByRole('combobox', { name: 'Wood' }), 'oa');
  await userEvent.click(screen.getByRole('option', { name: 'oak' }));
  expect(chosen).toHaveBeenCalledWith('oak');
  expect(screen.getByRole<HTMLInputElement>('combobox', { name: 'Wood' }).value).toBe('oak');
});

it('offers one of many, or none', async () => {
  const picked = vi.fn();
  render(<Pick label="Group by" value="wood" none="nothing" options={[{ key: 'wood', title: 'Wood' }, { key: 'flaw', title: 'Flaw' }]} onPick={picked} />);
  const pick = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Group by' });
  expect(pick.value).toBe('wood');
  await userEvent.selectOptions(pick, 'Flaw');
  await userEvent.selectOptions(pick, 'nothing');
  expect(picked.mock.calls).toEqual([['flaw'], [undefined]]);
});
