import type { MadeReading, TrialView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { GROWTH_RINGS, KNOTS, OUTER_FACE, OUTLINE } from '../recipe/options';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { printLength, printPercent } from '../units/printing';
import { doneLine } from './done';
import { SUPPOSED } from './supposed';
import { ALONG_BEND, alsoInWords, driedInWords } from './words';

/** Everything a record says, each fact under its name; and with what it was made, where that is known. */
export function factsInWords(trial: TrialView, made: MadeReading | undefined, system: UnitSystem): [string, string][] {
  const { recipe, outcome } = trial;
  const { blank } = recipe;
  const done = doneLine(trial.done);
  const released = outcome.releasedRadiusMm;
  const facts: [string, string][] = [
    ['Stock', stockLine(recipe)],
    ['Piece', shapeLine(recipe, system)],
    ['Planned', processLine(recipe, system)],
    ['Rings', GROWTH_RINGS[blank.growthRings]],
    ['Grain', `${blank.grainRun ? `1 in ${blank.grainRun}` : 'slope not looked at'}, knots ${KNOTS[blank.knots]}`],
  ];
  if (blank.outline) facts.push(['Section', OUTLINE[blank.outline]]);
  if (blank.outerFace) facts.push(['Outer face', OUTER_FACE[blank.outerFace]]);
  if (trial.supposed?.length) facts.push(['Supposed', `${trial.supposed.map((each) => SUPPOSED[each]).join(', ')}: not known`]);
  if (done) facts.push(['Went', done]);
  const named = [recipe.board && `board ${recipe.board}`, recipe.source && `from ${recipe.source}`, recipe.person && `bent by ${recipe.person}`].filter(Boolean);
  if (named.length > 0) facts.push(['Who, what', named.join(', ')]);
  if (made?.things.length) facts.push(['Made with', made.things.join(', ')]);
  if (made?.blankName) facts.push(['Blank', made.blankName]);
  if (outcome.flawAt) facts.push(['Gave way', `${ALONG_BEND[outcome.flawAt]}${outcome.flawAt === 'BEGINNING' || outcome.flawAt === 'END' ? '' : ' of the bend'}`]);
  outcome.also?.forEach((seen) => { facts.push(['Also', alsoInWords(seen)]); });
  if (outcome.mended) facts.push(['Mended', outcome.mended]);
  if (released !== undefined) {
    const opened = released / recipe.innerRadiusMm - 1;
    facts.push(['Released', `radius ${printLength(released, system)}, ${opened < 0 ? 'closed' : 'opened'} ${printPercent(opened)}${measuredBy(outcome, system)}`]);
  }
  if (outcome.twistDegrees) facts.push(['Twisted', `${outcome.twistDegrees}° from end to end`]);
  if (outcome.cupMm) facts.push(['Cupped', `${printLength(outcome.cupMm, system)} across its width`]);
  if (made?.dried) facts.push(['Dried', driedInWords(made.dried)]);
  if (outcome.nextTime) facts.push(['Next time', outcome.nextTime]);
  if (trial.note) facts.push(['Note', trial.note]);
  return facts;
}

/** How a curve was measured, where that was not its radius. */
function measuredBy({ releasedChordMm: chord, releasedRiseMm: rise, releasedGapMm: gap }: TrialView['outcome'], system: UnitSystem): string {
  if (chord === undefined) return '';
  return `, by a chord of ${printLength(chord, system)} and ${rise === undefined ? `a gap of ${printLength(gap ?? 0, system)}` : `a rise of ${printLength(rise, system)}`}`;
}
