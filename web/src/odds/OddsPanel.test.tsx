import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ANSWER, show, STEAMED } from '../testing';
import { Grounds } from './Grounds';
import { OddsPanel } from './OddsPanel';

describe('the odds panel', () => {
  it('says odds, range, limit and cure, and never a bare percentage', () => {
    show(<OddsPanel recipe={STEAMED} forecast={ANSWER} />);
    const panel = screen.getByRole('region', { name: 'Odds' });
    expect(panel.textContent).toContain('7 in 10');
    expect(panel.textContent).toContain('between 5 and 9 in 10');
    expect(panel.textContent).toContain('131 % of what 19 in 20 clear pieces stand');
    expect(panel.textContent).toContain('add a strap with stops');
    expect(panel.textContent).not.toMatch(/7[01] %/);
  });

  it('warns beside the odds when no record comes near, and only then', () => {
    const { unmount } = show(<OddsPanel recipe={STEAMED} forecast={ANSWER} />);
    expect(screen.getByText(/Harder than anything you have logged/)).toBeTruthy();
    unmount();
    show(<OddsPanel recipe={STEAMED} forecast={{ ...ANSWER, evidence: { ...ANSWER.evidence, beyondRecords: false } }} />);
    expect(screen.queryByText(/Harder than anything you have logged/)).toBeNull();
  });

  it('says what part breaks unforeseen, and when the last change is not counted yet', () => {
    show(<OddsPanel recipe={STEAMED} forecast={{ ...ANSWER, fit: { ...ANSWER.fit, behind: true } }} />);
    expect(screen.getByText(/3 in 100 of your pieces break for no reason we can see/)).toBeTruthy();
    expect(screen.getByRole('status').textContent).toContain('still being counted in');
  });

  it('asks about what can hardly be meant', () => {
    show(<OddsPanel recipe={STEAMED} forecast={{ ...ANSWER, doubts: [{ kind: 'GREEN_BUT_DRY', given: 6, usual: 20 }] }} />);
    expect(screen.getByRole('status').textContent).toContain('Green wood at 6 %?');
  });
});

describe('the grounds', () => {
  it('count the records, say what measuring is worth, and how much of the doubt is about the shop', () => {
    const { container } = show(<Grounds recipe={STEAMED} forecast={ANSWER} />);
    expect(container.textContent).toContain('40 of your hot-bending trials, 7 of them');
    expect(container.textContent).toContain('the range shrinks by 35 %');
    expect(screen.getByText(/estimated for this species/)).toBeTruthy();
    expect(container.textContent).toContain('A good part of the doubt is about how your own heat');
  });
});
