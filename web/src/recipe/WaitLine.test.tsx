import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { show } from '../testing';
import type { RecipeState } from './useRecipe';
import { WaitLine } from './WaitLine';

const state = (change: Partial<RecipeState>): RecipeState => ({
  readings: {}, problems: {}, answer: undefined, current: false, failure: undefined, typed: { bareUnits: 'INCH', choices: {}, typed: [] }, ...change,
});

it.each([
  [state({ current: true }), 'half an inch'],
  [state({}), 'Working it out …'],
  [state({ problems: { radius: '“6q” is not a length.' } }), 'Waits: “6q” is not a length.'],
  [state({ failure: 'The workshop server could not answer.' }), 'Waits: The workshop server could not answer.'],
])('says what the answer is of, or what it waits for', (waiting, said) => {
  show(<WaitLine state={waiting}>half an inch</WaitLine>);
  expect(screen.getByRole('status').textContent).toBe(said);
});
