import { Box, Typography } from '@mui/material';
import { useSpares } from '../api/advice';
import type { RecipeFields, SparesAnswer } from '../api/schema';
import { Field } from '../app/Field';
import { usePalette } from '../app/palette';
import { useStored } from '../app/storage';
import { Dimmed } from '../app/Dimmed';
import { HowComputed } from '../help/HowComputed';
import { CERTAINTY, GOOD } from '../jobs/words';
import { oddsInWords } from '../odds/words';
import { Choice } from '../recipe/Choice';
import { wholeNumber } from '../units/number';

const SHOWN = 60;
/** Cutting more than so many times what is needed is no plan. */
const WASTEFUL = 4;

/** How many blanks to cut for so many good pieces. */
export function SparesPanel({ recipe }: { recipe: RecipeFields }) {
  const [form, setForm] = useStored('brachion.spares', { good: '4', certainty: '0.9' as keyof typeof CERTAINTY, pass: 'flaw' as keyof typeof GOOD });
  const whole = wholeNumber(form.good);
  const { data, error, isPlaceholderData } = useSpares(recipe, whole, Number(form.certainty), form.pass === 'flaw');
  return (
    <Box component="section" aria-label="Spares">
      <Typography variant="h2" gutterBottom>How many blanks to cut</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        <Field label="Good pieces needed" value={form.good} sx={{ width: 160 }} error={whole === undefined}
          onChange={(event) => { setForm({ ...form, good: event.target.value }); }} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />
        <Choice label="Good means" options={GOOD} value={form.pass} onChange={(pass) => { setForm({ ...form, pass }); }} />
        <Choice label="How sure" options={CERTAINTY} value={form.certainty} onChange={(certainty) => { setForm({ ...form, certainty }); }} />
      </Box>
      {whole === undefined && <Typography role="alert" color="error" sx={{ mt: 1 }}>“{form.good}” is not a number of pieces.</Typography>}
      {error && whole !== undefined && <Typography role="alert" color="error" sx={{ mt: 1 }}>{error.message}</Typography>}
      {data && whole !== undefined && !error && <Answer spares={data.spares} good={data.good} waiting={isPlaceholderData} />}
    </Box>
  );
}

interface AnswerProps {
  spares: SparesAnswer;
  /** How many good pieces it is the answer for. */
  good: number;
  /** Whether a newer answer is on its way. */
  waiting: boolean;
}

function Answer({ spares, good, waiting }: AnswerProps) {
  return (
    <Dimmed old={waiting} sx={{ mt: 1.5 }}><Box aria-live="polite">
      <Typography sx={{ fontWeight: 640, fontSize: '1.2rem' }}>
        {spares.blanks === undefined
          ? `Even 400 blanks are too few for ${good}. Change the bend first.`
          : spares.blanks === good
            ? `Cut ${good}: no spare is needed.`
            : `Cut ${spares.blanks}: ${spares.blanks - good} to spare.`}
      </Typography>
      {spares.blanks !== undefined && spares.blanks > WASTEFUL * good && (
        <Typography>That much waste says: change the bend first, or learn more from test pieces.</Typography>
      )}
      {spares.blanks !== undefined && spares.blanks <= SHOWN && <Blanks blanks={spares.blanks} good={good} />}
      <Typography variant="body2">
        Without a spare all {good} come good {oddsInWords(spares.bareOdds)} times; one piece does {oddsInWords(spares.perPiece.probability)}.{' '}
        {spares.testPieces === 0
          ? 'No test piece is needed for that.'
          : spares.testPieces === undefined
            ? 'Not even twelve test pieces that held would make the next one so sure.'
            : `If ${spares.testPieces} test pieces hold one after another, the next is as sure as you ask.`}
      </Typography>
      <HowComputed part="the-advice" />
    </Box></Dimmed>
  );
}

/** The blanks laid out, the spares hatched. */
function Blanks({ blanks, good }: { blanks: number; good: number }) {
  const colours = usePalette();
  const columns = Math.min(blanks, 20);
  const rows = Math.ceil(blanks / columns);
  return (
    <Box component="svg" viewBox={`0 0 ${columns * 26} ${rows * 62}`} aria-hidden sx={{ width: '100%', maxWidth: columns * 26, display: 'block', my: 1 }}>
      {Array.from({ length: blanks }, (_, i) => (
        <rect key={i} x={(i % columns) * 26 + 3} y={Math.floor(i / columns) * 62 + 3} width={18} height={54} rx={2}
          fill={i < good ? colours.data.clean : 'none'} stroke={colours.data.clean} strokeWidth={2} strokeDasharray={i < good ? undefined : '4 3'} />
      ))}
    </Box>
  );
}
