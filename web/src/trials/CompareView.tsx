import { Box, Button, Typography } from '@mui/material';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { useBeforehand } from '../api/advice';
import { useSeveralTrials } from '../api/queries';
import type { Beforehand, TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { HowComputed } from '../help/HowComputed';
import { oddsInWords } from '../odds/words';
import { useWoodName } from '../recipe/woodNames';
import { printDay } from '../units/days';
import { many } from '../units/number';
import { printLength } from '../units/printing';
import { compared, MOST_COMPARED, type Compared } from './comparison';
import { OutcomeTag } from './OutcomeTag';

/** Records side by side: what differs, and what was forecast of each before it was bent against what happened. */
export function CompareView() {
  const [params] = useSearchParams();
  const [system] = useUnits();
  const nameOf = useWoodName();
  const ids = [...new Set((params.get('ids') ?? '').split(',').map(Number).filter((id) => Number.isInteger(id) && id > 0))].slice(0, MOST_COMPARED);
  const { trials, error } = useSeveralTrials(ids);
  const before = useBeforehand(ids);
  if (error) return <Typography role="alert">{error.message}</Typography>;
  if (ids.length < 2) return <Typography>Choose two records or more to compare. <RouterLink to="/records?compare">To the records</RouterLink></Typography>;
  if (!trials) return null;
  const { differ, alike } = compared(trials, nameOf, system);
  const columns = `110px repeat(${trials.length}, minmax(0, 1fr))`;
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 2, mb: 2 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>Side by side</Typography>
        <HowComputed part="the-record" />
        <Button component={RouterLink} to={`/records?compare=${ids.join(',')}`}>Choose others</Button>
      </Box>
      <Box sx={{ overflowX: 'auto' }}>
        <Box role="table" aria-label="Records side by side" sx={{ minWidth: 110 + 150 * trials.length, bgcolor: 'background.paper', border: 1, borderColor: 'divider' }}>
          <Box role="row" sx={{ display: 'grid', gridTemplateColumns: columns }}>
            <Box role="columnheader" sx={CELL}>Piece</Box>
            {trials.map((trial) => <Head key={trial.id} trial={trial} wood={nameOf(trial.recipe.blank.speciesId)} />)}
          </Box>
          <Row what="Forecast before" columns={columns}>{trials.map((trial, index) => <Before key={trial.id} trial={trial} before={before[index]} />)}</Row>
          {differ.map(({ what, said }) => (
            <Row key={what} what={what} columns={columns}>{said.map((text, index) => <Typography key={index} variant="body2" sx={{ overflowWrap: 'anywhere' }}>{text}</Typography>)}</Row>
          ))}
        </Box>
      </Box>
      {alike.length > 0 && <Alike facts={alike} />}
    </>
  );
}

const CELL = { p: 1.25, color: 'text.secondary', fontSize: '0.85rem' } as const;

function Row({ what, columns, children }: { what: string; columns: string; children: React.ReactNode[] }) {
  return (
    <Box role="row" sx={{ display: 'grid', gridTemplateColumns: columns, borderTop: 1, borderColor: 'divider' }}>
      <Box role="rowheader" sx={CELL}>{what}</Box>
      {children.map((child, index) => <Box key={index} role="cell" sx={{ p: 1.25, borderLeft: 1, borderColor: 'divider', minWidth: 0 }}>{child}</Box>)}
    </Box>
  );
}

/** What all of them share, each fact under its name. */
function Alike({ facts }: { facts: Compared[] }) {
  return (
    <Box component="section" aria-labelledby="alike" sx={{ mt: 3 }}>
      <Typography variant="h2" id="alike" gutterBottom>Alike</Typography>
      <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(min(280px, 100%), 1fr))', columnGap: 3, rowGap: 1 }}>
        {facts.map(({ what, said }) => (
          <Box key={what} sx={{ display: 'grid', gridTemplateColumns: '110px minmax(0, 1fr)', gap: 1 }}>
            <Typography component="dt" variant="body2" color="textSecondary">{what}</Typography>
            <Typography component="dd" variant="body2" sx={{ m: 0, overflowWrap: 'anywhere' }}>{said[0]}</Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Head({ trial, wood }: { trial: TrialView; wood: string }) {
  return (
    <Box role="columnheader" sx={{ p: 1.25, borderLeft: 1, borderColor: 'divider', minWidth: 0 }}>
      <PieceGlyph recipe={trial.recipe} severity={trial.outcome.severity} flaw={trial.outcome.flaw} />
      <Box component={RouterLink} to={`/records/${trial.id}`} sx={{ color: 'primary.main', fontWeight: 620, display: 'inline-block', py: 0.75 }}>{wood}</Box>
      <Typography variant="body2" color="textSecondary">{printDay(trial.bentOn)}</Typography>
      <OutcomeTag outcome={trial.outcome} />
    </Box>
  );
}

/** What would have been said of it then, and how it went. */
function Before({ trial, before }: { trial: TrialView; before: Beforehand | undefined }) {
  const [system] = useUnits();
  const released = trial.outcome.releasedRadiusMm;
  return (
    <Box sx={{ minHeight: 88 }}>
      {before && (
        <>
          <Typography sx={{ fontWeight: 650 }}>{oddsInWords(before.unbroken.probability)} to hold</Typography>
          <Typography variant="body2">It {trial.outcome.severity === 'BROKEN' ? 'broke' : 'held'}.</Typography>
          <Typography variant="body2">
            {released !== undefined && `Released to ${printLength(before.springback.releasedRadiusMm, system)} foreseen, ${printLength(released, system)} found.`}
          </Typography>
          <Typography variant="body2" color="textSecondary">{before.records === 0 ? 'By published radii alone' : `By ${many(before.records, 'record', 'records')} of that time`}</Typography>
        </>
      )}
    </Box>
  );
}
