import { Box, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { ForecastAnswer, NearView } from '../api/schema';
import { useUnits } from '../app/units';
import { methodOf } from '../methods/forms';
import type { Answer } from '../recipe/useRecipe';
import { useWoodName } from '../recipe/woodNames';
import { SEVERITY } from '../trials/words';
import { printLength, printPull } from '../units/printing';
import { doubtInWords, guessesInWords, likenessInWords, missingInWords, springbackInWords, strapInWords, tablesInWords, trialsInWords } from './groundsInWords';
import { oddsInWords, softnessInWords } from './words';

/** What can hardly be meant: asked about, never in the way. */
export function Doubts({ answer }: { answer: ForecastAnswer }) {
  const [system] = useUnits();
  return (
    <>
      {answer.doubts.map((doubt) => (
        <Typography key={doubt.kind} component="div" role="status" variant="body2"
          sx={{ borderLeft: 3, borderColor: 'data.flaw', pl: 1.25, py: 0.25 }}>
          {doubtInWords(doubt, system)}
        </Typography>
      ))}
    </>
  );
}

/** What the odds rest on: records and radii, springback, what measuring would be worth, the records most like it. */
export function Grounds({ recipe, forecast: answer }: Answer) {
  const [system] = useUnits();
  const { evidence, unbrokenByTables, section } = answer;
  const method = methodOf(recipe);
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 1.25, display: 'grid', gap: 0.75 }}>
      <Typography variant="body2">{springbackInWords(answer.springback, recipe.innerRadiusMm, system)}</Typography>
      {answer.missing.slice(0, 1).map((missing) => (
        <Typography key={missing.what} variant="body2">{missingInWords(missing)}</Typography>
      ))}
      <Typography variant="body2" color="textSecondary">
        Rests on {trialsInWords(evidence, method.trials)} and on {tablesInWords(method.followed, section.radiiEstimated, oddsInWords(unbrokenByTables.probability))}{' '}
        {guessesInWords(evidence.guesses)}
        {method.followed &&
          ` When it is bent the outer face is ${softnessInWords(section.outerSoftness)}, the inner half ` +
            `${softnessInWords(section.innerSoftness)}.`}
        {method.pulled && ` Pull at a lever of ${printLength(section.leverMm, system)}: about ${printPull(section.pullN, system)}.`}
      </Typography>
      {section.strapPullN > 0 && <Typography variant="body2">{strapInWords(section, system)}</Typography>}
      <Nearest records={evidence.nearest} />
    </Box>
  );
}

function Nearest({ records }: { records: NearView[] }) {
  const [system] = useUnits();
  const nameOf = useWoodName();
  if (records.length === 0) return null;
  return (
    <Box>
      <Typography variant="body2" sx={{ fontWeight: 600 }}>Most like it in your records</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {records.map((record) => (
          <Typography component="li" variant="body2" key={record.trialId} sx={{ mt: 0.25 }}>
            <Link component={RouterLink} to={`/records/${record.trialId}`}>
              {nameOf(record.speciesId)}, {printLength(record.thicknessMm, system)} at{' '}
              {printLength(record.innerRadiusMm, system)}
            </Link>
            : {SEVERITY[record.severity]}; {likenessInWords(record.alike)}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
