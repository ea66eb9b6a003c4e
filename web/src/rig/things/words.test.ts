import { expect, it } from 'vitest';
import type { ItemUse } from '../../api/schema';
import { misfitInWords, takenInWords, thingLine } from './words';

const NOW = new Date(2026, 10, 20, 12, 0).getTime();
const at = (hour: number, day = 20) => new Date(2026, 10, day, hour, 0).toISOString();
const FREE: ItemUse = { itemId: 1, free: 1, freeFrom: new Date(NOW).toISOString(), holding: [], coming: [] };
const rib = (pieceId: number, takes: number, until?: string) => ({ pieceId, name: `Rib ${pieceId}`, takes, ...(until ? { until } : {}) });

it('says what is known of a thing', () => {
  expect(thingLine({ kind: 'FORM', name: 'Form', room: 1, note: '', radiusMm: 177.8, angleDegrees: 180, widthMm: 38.1, place: 'North wall', form: { madeOf: 'plywood', clampPlaces: 9, alsoRack: true } }, 'inch'))
    .toBe('radius 7" through 180°, stock to 1 1/2" wide, of plywood, 9 places for clamps, also a rack; North wall');
  expect(thingLine({ kind: 'STRAP', name: 'Strap', room: 1, note: '', material: 'STEEL', thicknessMm: 1.5 }, 'metric')).toBe('steel strap, 1.5 mm thick');
  expect(thingLine({ kind: 'GLUE', name: 'Tin', room: 1, note: '', glue: 'PVA', openMinutes: 10, label: { closedMinutes: 20, wantsDamp: false, batch: 'B7', openedOn: '2026-09-01' } }, 'inch'))
    .toBe('PVA, open 10 min, closed 20 min, batch B7, opened 1 Sept 2026');
});

it('says who has a thing and when it is free', () => {
  const form = { kind: 'FORM', room: 1 } as const;
  expect(takenInWords(form, FREE, NOW)).toBe('Free.');
  expect(takenInWords({ kind: 'FORM', room: 3 }, { ...FREE, free: 3, coming: [rib(4, 1)] }, NOW)).toBe('Free, room for 3. Waiting for it: Rib 4.');
  expect(takenInWords(form, { ...FREE, free: 0, freeFrom: at(15), holding: [rib(1, 1, at(15))] }, NOW)).toBe('Busy until 15:00: Rib 1 until 15:00.');
  expect(takenInWords(form, { itemId: 1, free: 0, holding: [rib(1, 1)], coming: [] }, NOW)).toBe('Taken: Rib 1.');
  expect(takenInWords(form, { ...FREE, free: -1, holding: [rib(1, 1), rib(2, 1)] }, NOW)).toBe('2 taken of 1: Rib 1, Rib 2.');
  expect(takenInWords({ kind: 'CLAMPS', room: 16 }, { ...FREE, free: 2, holding: [rib(1, 14, at(9, 21))] }, NOW)).toBe('2 of 16 free: Rib 1 (14) until Sat 09:00.');
});

it('says why a thing does not suit a bend', () => {
  expect(misfitInWords({ what: 'TOO_NARROW', has: 25.4, needs: 38.1 }, 'inch')).toBe('it takes 1" of width, the stock is 1 1/2"');
  expect(misfitInWords({ what: 'LESS_ANGLE', has: 90, needs: 180 }, 'inch')).toBe('it goes 90° round, planned are 180°');
  expect(misfitInWords({ what: 'OTHER_GLUE' }, 'inch')).toBe('it is another glue than planned');
});
