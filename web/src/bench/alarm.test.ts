import { expect, it } from 'vitest';
import type { BenchView } from '../api/schema';
import { STEAMED } from '../testing';
import { soundsDue } from './alarm';

const DUE = Date.parse('2026-11-20T08:40:31.500Z');
const piece = (step: BenchView['step'], dueIs: BenchView['standing']['dueIs']): BenchView => ({
  id: 1, version: 0, name: 'Rib', recipe: STEAMED, step, next: [], said: [], chamber: [], madeWith: [], tooLong: [], standing: { due: new Date(DUE).toISOString(), dueIs },
});

/** Looks every fifth of a second, as the page does. */
function heard(of: BenchView, from: number, to: number) {
  const sounds: string[] = [];
  for (let at = from; at < to; at += 200) sounds.push(...soundsDue([of], [], at, at + 200).map((sound) => `${sound} ${((DUE - at) / 1000).toFixed(1)}`));
  return sounds;
}

it('ticks the last five seconds after a pull, and sounds their end once', () => {
  const sounds = heard(piece('BENDING', 'OUTER_FACE_HARD'), DUE - 12_050, DUE + 3000);
  expect(sounds.map((sound) => sound.split(' ')[0])).toEqual(['tick', 'tick', 'tick', 'tick', 'tick', 'end']);
});

it('says once when a piece in the heat is ready, and nothing of one on the form', () => {
  expect(heard(piece('HEATING', 'SOFT'), DUE - 7000, DUE + 7000)).toHaveLength(1);
  expect(heard(piece('ON_FORM', 'HELD'), DUE - 7000, DUE + 7000)).toEqual([]);
});
