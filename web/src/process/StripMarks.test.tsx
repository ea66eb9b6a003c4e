import { expect, it } from 'vitest';
import type { ProcessAnswer } from '../api/schema';
import { show } from '../testing';
import { StripMarks } from './StripMarks';
import { stageSpans } from './geometry';

const frames = [{ seconds: 0, softness: [0, 0], moisture: [18, 18], celsius: [18, 18] }];
const ANSWER = {
  stages: [
    { kind: 'STEAM_BOX', softens: true, seconds: 3600, frames },
    { kind: 'CARRY', softens: false, seconds: 60, frames },
  ],
  times: { hotAfterS: 900, softAfterS: 7200, governedBy: 'WATER', carryLimitS: 30 },
  schools: [{ school: 'THREE_QUARTERS_AN_INCH', minutes: 30 }, { school: 'TWO_HOURS', minutes: 120 }],
} as unknown as ProcessAnswer;

function texts(answer: ProcessAnswer, moment?: number): { said: (string | null)[]; lines: SVGLineElement[] } {
  const { container } = show(<svg><StripMarks answer={answer} width={400} height={100} fontSize={11} moment={moment} /></svg>);
  return { said: [...container.querySelectorAll('text')].map((each) => each.textContent), lines: [...container.querySelectorAll('line')] };
}

it('names each stage and how long it takes', () => {
  expect(texts(ANSWER).said).toEqual(expect.arrayContaining(['Steam', '60 min', 'Carry', '60 s']));
});

it('marks what happens within a stage where it happens, and nothing that comes after its end', () => {
  const { said, lines } = texts(ANSWER);
  expect(said).toContain('hot');
  expect(said).toContain('too late');
  expect(said, 'soft only after two hours, the stage ends after one').not.toContain('soft');
  const [steam] = stageSpans(ANSWER.stages, 400);
  const quarter = (steam?.to ?? 0) / 4;
  expect(lines.some((line) => Math.abs(Number(line.getAttribute('x1')) - quarter) < 1e-6)).toBe(true);
});

it('draws the moment pointed at only while one is', () => {
  const without = texts(ANSWER).lines.length;
  const { lines } = texts(ANSWER, 123);
  expect(lines).toHaveLength(without + 1);
  expect(lines.at(-1)?.getAttribute('x1')).toBe('123');
});
