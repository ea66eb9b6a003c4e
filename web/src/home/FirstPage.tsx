import { Box, Button, Typography } from '@mui/material';
import { Link as RouterLink, Navigate } from 'react-router';
import { useTrialCounts } from '../api/queries';
import { LookRound } from '../app/SampleBar';

/** A shop with records goes to work at once; an empty one is shown its first steps. */
export function FirstPage() {
  const { data } = useTrialCounts();
  if (!data) return null;
  return data.clean + data.flawed + data.broken > 0 ? <Navigate to="/plan" replace /> : <FirstSteps />;
}

const STEPS = [
  {
    title: 'See what will bend',
    words: 'Say which wood, how thick and how tight. The odds come at once from published radii and the physics of steam, and from your own records as soon as there are some.',
    to: '/plan',
    label: 'Plan a bend',
  },
  {
    title: 'Write down a bend you made',
    words: 'It takes less than a minute, broken pieces too: they teach the most. From the first one on the forecast leans on what happened in your shop.',
    to: '/records/new',
    label: 'Log a bend',
  },
  {
    title: 'Import a notebook',
    words: 'Bends you have written down in a table come in at once. What cannot be read waits to be mended; nothing is lost. A backup of another shop comes back here, too.',
    to: '/records/tables',
    label: 'Import a table',
  },
];

const CARD = {
  bgcolor: 'background.paper', border: 1, borderColor: 'divider', borderRadius: 1, p: 2.5, display: 'grid', columnGap: 2.5, rowGap: 1, alignContent: 'start',
  gridTemplateColumns: { xs: '1fr', sm: '120px 1fr' }, '& > :not(svg)': { gridColumn: { sm: 2 } }, '& > svg': { gridRow: { sm: '1 / span 3' } },
} as const;

/** What to do first, where nothing has been written down yet. */
function FirstSteps() {
  return (
    <Box sx={{ maxWidth: 980, mx: 'auto', py: { xs: 2, md: 5 } }}>
      <Typography variant="h1" gutterBottom>Will it bend?</Typography>
      <Typography sx={{ mb: 3, maxWidth: '60ch' }}>
        This shop is still empty. Begin wherever you like.
      </Typography>
      <Box component="ol" aria-label="First steps"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {STEPS.map((step, i) => (
          <Box component="li" key={step.to} sx={CARD}>
            <Bend turns={i + 1} />
            <Typography variant="h2">{step.title}</Typography>
            <Typography>{step.words}</Typography>
            <Box><Button component={RouterLink} to={step.to} variant={i === 0 ? 'contained' : 'outlined'}>{step.label}</Button></Box>
          </Box>
        ))}
        <Box component="li" sx={CARD}>
          <Bend turns={STEPS.length + 1} />
          <Typography variant="h2">Look round first</Typography>
          <Typography>An invented workshop with two years of records, to see what becomes of them. It lies beside your shop and goes when you leave it.</Typography>
          <Box><LookRound variant="outlined" /></Box>
        </Box>
      </Box>
    </Box>
  );
}

/** A piece bent a little further at each step. */
function Bend({ turns }: { turns: number }) {
  const half = turns * 28;
  const foot = 40 * Math.cos((half * Math.PI) / 180);
  const point = (radius: number, degrees: number) =>
    `${(56 + radius * Math.sin((degrees * Math.PI) / 180)).toFixed(1)} ${(66 + foot - radius * Math.cos((degrees * Math.PI) / 180)).toFixed(1)}`;
  const arc = (radius: number) => `M${point(radius, -half)}A${radius} ${radius} 0 ${half > 90 ? 1 : 0} 1 ${point(radius, half)}`;
  return (
    <Box component="svg" viewBox="0 0 120 76" aria-hidden sx={{ width: 120, display: 'block' }}>
      <Box component="path" d={arc(40)} fill="none" strokeWidth={12} sx={{ stroke: (t) => t.vars?.palette.primary.main }} />
      <Box component="path" d={arc(50)} fill="none" strokeWidth={2} sx={{ stroke: (t) => t.vars?.palette.data.stretch }} />
    </Box>
  );
}
