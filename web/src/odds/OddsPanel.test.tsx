import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ANSWER, show } from '../testing';
import { OddsPanel } from './OddsPanel';

describe('the odds panel', () => {
  it('says odds, range, limit, cure and what it rests on, and never a bare percentage', () => {
    show(<OddsPanel answer={ANSWER} laminated={false} />);
    const panel = screen.getByRole('region', { name: 'Odds' });
    expect(panel.textContent).toContain('7 in 10');
    expect(panel.textContent).toContain('between 5 and 9 in 10');
    expect(panel.textContent).toContain('131 % of what it bears');
    expect(panel.textContent).toContain('add a strap with stops');
    expect(panel.textContent).toContain('40 of your steaming trials, 7 of them');
    expect(panel.textContent).not.toMatch(/7[01] %/);
  });

  it('warns when no record comes near and when radii are estimated', () => {
    show(<OddsPanel answer={ANSWER} laminated={false} />);
    expect(screen.getByText(/Beyond your records/)).toBeTruthy();
    expect(screen.getByText(/estimated for this species/)).toBeTruthy();
  });

  it('does not warn when the records cover it', () => {
    show(<OddsPanel answer={{ ...ANSWER, evidence: { ...ANSWER.evidence, beyondRecords: false } }} laminated={false} />);
    expect(screen.queryByText(/Beyond your records/)).toBeNull();
  });
});
