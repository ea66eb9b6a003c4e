import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ANSWER, show, STEAMED } from '../testing';
import { BendDrawing } from './BendDrawing';
import { StrainAcross } from './StrainAcross';

describe('the drawing of the bend', () => {
  it('says in words what it shows, with numbers from the computation', () => {
    show(<BendDrawing recipe={STEAMED} section={ANSWER.section} />);
    const label = screen.getByRole('img').getAttribute('aria-label') ?? '';
    expect(label).toContain('3/4" thick');
    expect(label).toContain('inner radius 6"');
    expect(label).toContain('stretched 2.3 % of the 1.8 % it bears');
    expect(label).toContain('75 per cent of the way out');
  });

  it('marks where it broke only when it did', () => {
    const marks = (flaw?: 'SNAP') => {
      const { container, unmount } = show(<BendDrawing recipe={STEAMED} section={ANSWER.section} flaw={flaw} />);
      const count = container.querySelectorAll('path').length;
      unmount();
      return count;
    };
    expect(marks('SNAP')).toBe(marks() + 1);
  });

  it('draws every ply of a lamination', () => {
    const plies = (count: number) => {
      const recipe = { ...STEAMED, method: { kind: 'COLD_LAMINATION' as const, glue: 'PVA' as const, plies: count } };
      const { container, unmount } = show(<BendDrawing recipe={recipe} section={ANSWER.section} />);
      const groups = container.querySelectorAll('svg > g').length;
      unmount();
      return groups;
    };
    expect(plies(8) - plies(5)).toBe(3);
  });

  it('colours the ply that decides where one of them is unlike the others, and saws only those', () => {
    const method = { kind: 'KERFED_PLIES' as const, glue: 'PVA' as const, plies: 3, cleanMm: 2, kerfMm: 3, webMm: 1.5, pitchMm: 8 };
    const sheet = [{ measure: 'CUTS', value: 10 }, { measure: 'ROOM_LEFT', value: 1 }] as Parameters<typeof BendDrawing>[0]['sheet'];
    const paths = (thicknessMm: number) => {
      const { container, unmount } = show(<BendDrawing recipe={{ ...STEAMED, method }} section={{ ...ANSWER.section, thicknessMm }} sheet={sheet} />);
      const counted = [...container.querySelectorAll('svg > g')].slice(0, 3).map((ply) => ply.querySelectorAll('path').length);
      unmount();
      return counted;
    };
    // two for what a ply is and its outline, 22 for its strain, 10 for its cuts
    expect(paths(2)).toEqual([24, 12, 12]);
    expect(paths(1.5)).toEqual([2, 34, 34]);
  });

  it('shows what it is bent on and what lies round it', () => {
    const parts = (method: object, outerFace?: 'BARK') => {
      const recipe = { ...STEAMED, blank: { ...STEAMED.blank, outerFace }, method: { ...STEAMED.method, ...method } } as typeof STEAMED;
      const { container, unmount } = show(<BendDrawing recipe={recipe} section={ANSWER.section} />);
      const drawn = [...container.querySelectorAll('[data-part]')].map((part) => part.getAttribute('data-part')).filter((part) => part !== 'around');
      unmount();
      return drawn;
    };
    expect(parts({})).toEqual([]);
    expect(parts({ strap: { material: 'STEEL', thicknessMm: 0.8, endGapMm: 0 } })).toEqual(['stop', 'stop']);
    expect(parts({ strap: { material: 'PLASTIC', thicknessMm: 0.8, endGapMm: 0, ends: 'NOT_HELD' } })).toEqual([]);
    expect(parts({ kind: 'STEAM_BAG', bagC: 98, bent: 'IN_THE_BAG' })).toEqual(['bag']);
    expect(parts({ kind: 'HOT_PIPE', pipeMinutes: 3, pipeC: 130, contactPercent: 15 })).toEqual(['pipe']);
    expect(parts({ kind: 'FREE_BENDING', bagC: 98 }, 'BARK')).toEqual(['post', 'post', 'bark', 'bag']);
  });

  it('draws a plate across its grain, too, and stretches both its faces', () => {
    const method = { kind: 'PRESSED_PLATE' as const, soakHours: 0, bathMinutes: 30, bathC: 96, acrossRiseMm: 12.7, rounds: 3 };
    show(<BendDrawing recipe={{ ...STEAMED, method }} section={{ ...ANSWER.section, innerStrain: 0.004, neutralAxis: -0.2 }} />);
    expect(screen.getByText('across: rises 1/2" over 1"')).toBeDefined();
    expect(screen.getAllByText(/^stretched/)).toHaveLength(2);
    show(<StrainAcross section={{ ...ANSWER.section, innerStrain: 0.009, tensionLimit: 0.018, neutralAxis: -0.2 }} />);
    expect(screen.getByRole('img', { name: /inner face at 50 per cent of the stretch/ })).toBeDefined();
    expect(screen.queryByText('neutral')).toBeNull();
  });

  it('puts both limits equally far out and says how near each face is to its own', () => {
    show(<StrainAcross section={ANSWER.section} />);
    const label = screen.getByRole('img').getAttribute('aria-label') ?? '';
    expect(label).toContain('131 per cent');
    expect(label).toContain('40 per cent');
  });
});
