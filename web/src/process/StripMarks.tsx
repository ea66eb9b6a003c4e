import type { ProcessAnswer } from '../api/schema';
import { usePalette } from '../app/palette';
import { stageSpans } from './geometry';
import { printTime } from './time';
import { STAGE } from './words';

interface StripMarksProps {
  answer: ProcessAnswer;
  width: number;
  height: number;
  fontSize: number;
  moment: number | undefined;
}

/** Names of the stages, the rules of thumb on the steaming time, when it is hot and soft, and the pointed moment. */
export function StripMarks({ answer, width, height, fontSize, moment }: StripMarksProps) {
  const colours = usePalette();
  const spans = stageSpans(answer.stages, width);
  const text = { fontSize, fill: colours.text.primary };
  return (
    <g>
      {answer.stages.map((stage, index) => {
        const span = spans[index] ?? { from: 0, to: 0 };
        const within = (seconds: number | undefined) =>
          seconds !== undefined && seconds > 0 && seconds < stage.seconds
            ? span.from + (seconds / stage.seconds) * (span.to - span.from)
            : undefined;
        const marks =
          stage.softens
            ? [
                ...answer.schools.map((s) => ({ x: within(s.minutes * 60), label: '', strong: false })),
                { x: within(answer.times.hotAfterS), label: 'hot', strong: true },
                { x: within(answer.times.softAfterS), label: 'soft', strong: true },
              ]
            : stage.kind === 'CARRY'
              ? [{ x: within(answer.times.carryLimitS), label: 'too late', strong: true }]
              : [];
        return (
          <g key={stage.kind}>
            <line x1={span.to} x2={span.to} y1={0} y2={height + 22} stroke={colours.text.primary} strokeWidth={1.5} />
            <text x={span.from + 6} y={height + 18} {...text} fontWeight={620}>{STAGE[stage.kind]}</text>
            <text x={span.from + 6} y={height + 37} {...text} fill={colours.text.secondary}>{printTime(stage.seconds)}</text>
            {marks.map((mark, i) =>
              mark.x === undefined ? null : (
                <g key={i}>
                  <line x1={mark.x} x2={mark.x} y1={mark.strong ? 0 : height - 12} y2={height}
                    stroke="#ffffff" strokeWidth={mark.strong ? 3 : 5} />
                  <line x1={mark.x} x2={mark.x} y1={mark.strong ? 0 : height - 12} y2={height} stroke="#14242a"
                    strokeWidth={mark.strong ? 1.5 : 2.5} strokeDasharray={mark.strong ? '6 4' : undefined} />
                  {mark.label && (
                    <text x={mark.x + 5} y={i % 2 === 0 ? 17 : 35} {...text} fill="#14242a" stroke="#ffffff" strokeWidth={4} paintOrder="stroke">
                      {mark.label}
                    </text>
                  )}
                </g>
              ),
            )}
          </g>
        );
      })}
      {moment !== undefined && (
        <line x1={moment} x2={moment} y1={0} y2={height} stroke={colours.data.stretch} strokeWidth={2} pointerEvents="none" />
      )}
    </g>
  );
}
