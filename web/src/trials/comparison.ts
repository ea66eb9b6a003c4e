import type { TrialView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { METHOD } from '../methods/forms';
import { GROWTH_RINGS, KNOTS, OUTER_FACE, OUTLINE, SEASONING } from '../recipe/options';
import { pliesInWords, processLine } from '../recipe/words';
import { printLength } from '../units/printing';
import { doneLine } from './done';
import { ALONG_BEND, alsoInWords, FLAW } from './words';

/** One thing that can be said of records, and what is said of each. */
export interface Compared {
  what: string;
  said: string[];
}

/** More than so many do not stand side by side. */
export const MOST_COMPARED = 4;

const NOT_SAID = 'not said';

/** What can be said of a record, in the order of work; what nobody wrote down says so. */
function told(trial: TrialView, nameOf: (speciesId: string) => string, system: UnitSystem): [string, string][] {
  const { recipe, outcome } = trial;
  const { blank } = recipe;
  const length = (mm: number | undefined) => (mm === undefined ? NOT_SAID : printLength(mm, system));
  return [
    ['Wood', nameOf(blank.speciesId)],
    ['Seasoning', SEASONING[blank.seasoning]],
    ['Moisture', blank.moisturePercent === undefined ? 'not measured' : `${blank.moisturePercent} %`],
    ['Growth rings', GROWTH_RINGS[blank.growthRings]],
    ['Slope of grain', blank.grainRun === undefined ? 'not looked at' : `1 in ${blank.grainRun}`],
    ['Knots', KNOTS[blank.knots]],
    ['Outer face', OUTER_FACE[blank.outerFace ?? 'SAWN']],
    ['Section', OUTLINE[blank.outline ?? 'RECTANGLE']],
    ['Thickness', pliesInWords(recipe, system)],
    ['Width', length(blank.widthMm)],
    ['Inner radius', length(recipe.innerRadiusMm)],
    ['Bend angle', `${recipe.angleDegrees}°`],
    ['Bent by', METHOD[recipe.method.kind]],
    ['Planned', processLine(recipe, system)],
    ['Went', doneLine(trial.done) || 'as planned'],
    ['Board', recipe.board ?? NOT_SAID],
    ['From', recipe.source ?? NOT_SAID],
    ['Hands', recipe.person ?? NOT_SAID],
    ['Seen', outcome.flaw ? FLAW[outcome.flaw] : 'nothing'],
    ['Also seen', outcome.also?.length ? outcome.also.map(alsoInWords).join('; ') : 'nothing'],
    ['Where', outcome.flawAt ? ALONG_BEND[outcome.flawAt] : NOT_SAID],
    ['Radius after release', outcome.severity === 'BROKEN' ? 'none, it broke' : length(outcome.releasedRadiusMm)],
    ['Twist', outcome.twistDegrees === undefined ? NOT_SAID : `${outcome.twistDegrees}°`],
    ['Cup', length(outcome.cupMm)],
    ['Mended', outcome.mended ?? NOT_SAID],
    ['Next time', outcome.nextTime ?? NOT_SAID],
    ['Note', trial.note || NOT_SAID],
  ];
}

/** Where records differ, and what somebody said of all of them alike. */
export function compared(trials: TrialView[], nameOf: (speciesId: string) => string, system: UnitSystem): { differ: Compared[]; alike: Compared[] } {
  const each = trials.map((trial) => told(trial, nameOf, system));
  const rows = (each[0] ?? []).map(([what], row) => ({ what, said: each.map((facts) => facts[row]?.[1] ?? '') }));
  const same = ({ said }: Compared) => said.every((text) => text === said[0]);
  return { differ: rows.filter((row) => !same(row)), alike: rows.filter((row) => same(row) && row.said[0] !== NOT_SAID) };
}
