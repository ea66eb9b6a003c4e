import { expect, it } from 'vitest';
import type { AppraisalAnswer } from '../api/schema';
import { powerInWords } from './words';

it('says where the steam goes and whether the chamber breathes it', () => {
  const answer = { hold: 'EASILY', steamWatts: 1125.4, wallWatts: 400, ventWatts: 20.2 } as AppraisalAnswer;
  expect(powerInWords(answer)).toBe(
    '1125 W arrive as steam; the walls take 400 W, the open vents 20 W. ' +
      'Steam leaves by the vents all the while: the chamber breathes, and wet stock stays wet in it.');
  expect(powerInWords({ ...answer, hold: 'NOT' })).toContain('room for air: wet stock dries in it');
});
