import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { DiagnosisAnswer } from '../api/schema';
import { show, STEAMED } from '../testing';
import { Diagnosis } from './Diagnosis';

const ANSWER: DiagnosisAnswer = {
  now: { probability: 0.3, low: 0.2, high: 0.5 },
  likely: [
    { cause: 'DRY', share: 0.6, next: { kind: 'SOAK', amount: 14, recipe: STEAMED, unbroken: { probability: 0.9, low: 0.8, high: 0.95 }, beyondRecords: false } },
    { cause: 'BRASH', share: 0.2 },
  ],
};
vi.mock('../api/advice', () => ({ useDiagnosis: () => ({ data: ANSWER }) }));

it('says what it most likely was, what to change and what that does to the odds', () => {
  show(<Diagnosis id={7} version={0} seen="OUTER_SPLINTER" />);
  expect(screen.getByText('The wood was too dry there to soften: most likely.')).toBeDefined();
  expect(screen.getByText('Soak it 14 h first: 3 in 10 become 9 in 10.')).toBeDefined();
  expect(screen.getByText('Try another board; keep this one for short pieces.')).toBeDefined();
  expect(screen.getByText(/bind it at once.*Not for parts that carry people/)).toBeDefined();
});

it('mends nothing that cannot be mended', () => {
  show(<Diagnosis id={7} version={0} seen="SNAP" />);
  expect(screen.queryByText(/To mend it/)).toBeNull();
});
