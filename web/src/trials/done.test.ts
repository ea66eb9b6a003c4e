import { describe, expect, it } from 'vitest';
import { doneLine } from './done';

describe('what was done beside the plan', () => {
  it('is empty when everything went as planned', () => {
    expect(doneLine({ stages: [], chamber: [] })).toBe('');
  });

  it('names each stage with what it took and what was planned', () => {
    const stages = [
      { kind: 'STEAM_BOX' as const, plannedMinutes: 60, actualMinutes: 75 },
      { kind: 'CARRY' as const, plannedMinutes: 0.25, actualMinutes: 0.25 },
      { kind: 'RACK' as const, actualMinutes: 20_160 },
    ];
    expect(doneLine({ stages, chamber: [] })).toBe('steamed 75 min instead of 60 min; carried 15 s, as planned; racked 14 days');
  });
});
