import { expect, test } from 'vitest';
import { draftOf, moved, pointedOf, withMeasure, withoutMeasure, withOneMore, type Draft } from './pointing';

const SPOT = (xPx: number, yPx: number) => ({ xPx, yPx });
const KNOWN = [SPOT(0, 0), SPOT(100, 0)];
const CURVE = [SPOT(0, 0), SPOT(30, 40), SPOT(130, 40)];

function draft(lines: Draft['lines']): Draft {
  return { caption: '', knownText: '', pictureToShown: 2, lines };
}

test('a measure lays its places on the picture and leaves those that lie there', () => {
  const lines = withMeasure({ known: KNOWN }, 'slope', 1000, 500);
  expect(lines.known).toBe(KNOWN);
  expect(lines.edge).toEqual([SPOT(150, 150), SPOT(850, 150)]);
  expect(lines.grain?.every(({ xPx, yPx }) => xPx > 0 && xPx < 1000 && yPx > 0 && yPx < 500)).toBe(true);
  expect(withMeasure(lines, 'known', 1000, 500).known).toBe(KNOWN);
  expect(Object.keys(withoutMeasure(lines, 'slope'))).toEqual(['known']);
});

test('one more place of a curve lies in the middle of its widest gap', () => {
  expect(withOneMore({ curve: CURVE }).curve).toEqual([SPOT(0, 0), SPOT(30, 40), SPOT(80, 40), SPOT(130, 40)]);
  const twelve = Array.from({ length: 12 }, (_, at) => SPOT(at, at * at));
  expect(withOneMore({ curve: twelve }).curve).toHaveLength(12);
});

test('a place is moved alone', () => {
  const lines = moved({ known: KNOWN, curve: CURVE }, { line: 'curve', index: 1 }, SPOT(7, 8));
  expect(lines.curve).toEqual([SPOT(0, 0), SPOT(7, 8), SPOT(130, 40)]);
  expect(lines.known).toBe(KNOWN);
});

test('a known length is asked with once somebody says how long it is', () => {
  expect(pointedOf(draft({}), 100)).toBeUndefined();
  expect(pointedOf(draft({ known: KNOWN }), undefined)).toBeUndefined();
  expect(pointedOf(draft({ known: KNOWN, curve: CURVE }), undefined)).toEqual({ pictureToShown: 2, curve: CURVE });
  expect(pointedOf(draft({ known: KNOWN, curve: CURVE }), 100)).toEqual({ pictureToShown: 2, curve: CURVE, known: KNOWN, knownMm: 100 });
});

test('what was kept is typed and pointed at as before', () => {
  const kept = draftOf({ caption: 'Off the form', pointed: { pictureToShown: 1.5, known: KNOWN, knownMm: 152.4, curve: CURVE } }, 'inch');
  expect(kept).toEqual({ caption: 'Off the form', knownText: '6"', pictureToShown: 1.5, lines: { known: KNOWN, curve: CURVE } });
  expect(draftOf({ caption: '' }, 'metric').lines).toEqual({});
});
