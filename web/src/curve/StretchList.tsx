import { Box, Button, IconButton, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useUnits } from '../app/units';
import { Field } from '../app/Field';
import { exactLength } from '../units/exact';
import { printLength } from '../units/printing';
import { withUnit, type Reading } from '../units/reading';
import { ASKED, draftStretch, fieldOf, MEASURED, type CurveDraft, type DraftStretch, type Measure } from './draft';

interface StretchListProps {
  draft: CurveDraft;
  readings: Record<string, Reading>;
  onChange: (draft: CurveDraft) => void;
}

const LABEL: Record<Measure, string> = { lengthMm: 'Length', innerRadiusMm: 'Radius', angleDegrees: 'Angle' };
/** A line that was drawn elsewhere has many small parts; they are told, not typed. */
const MOST_TYPED = 60;

/** The parts of the curve in order, each typed, turned, put in and taken out. */
export function StretchList({ draft, readings, onChange }: StretchListProps) {
  const { stretches } = draft;
  const set = (index: number, part: DraftStretch) => { onChange({ ...draft, stretches: stretches.map((each, at) => (at === index ? part : each)) }); };
  const putIn = (index: number, part: DraftStretch) => { onChange({ ...draft, stretches: [...stretches.slice(0, index), part, ...stretches.slice(index)] }); };
  if (stretches.length > MOST_TYPED) {
    return <Typography variant="body2">The line has {stretches.length} small parts, as it was drawn or fitted; it is changed where it was drawn. Start from a curve above to work on one here.</Typography>;
  }
  const last = stretches[stretches.length - 1];
  return (
    <Box>
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, maxHeight: 380, overflowY: 'auto', scrollbarWidth: 'thin' }}>
        {stretches.map((part, index) => (
          <Box component="li" key={index} aria-label={`Part ${index + 1}`} sx={LINE}>
            <Typography sx={{ width: 20, pt: 1, textAlign: 'right', color: 'text.secondary', flexShrink: 0 }}>{index + 1}</Typography>
            <ToggleButtonGroup exclusive size="small" aria-label={`What part ${index + 1} is`} value={part.kind === 'STRAIGHT' ? 'STRAIGHT' : part.turn} sx={{ flexShrink: 0 }}
              onChange={(_, chosen: 'STRAIGHT' | 'LEFT' | 'RIGHT' | null) => {
                if (chosen) set(index, chosen === 'STRAIGHT' ? { ...part, kind: 'STRAIGHT' } : { ...part, kind: 'ARC', turn: chosen });
              }}>
              <ToggleButton value="LEFT" aria-label="Turns left"><Glyph kind="LEFT" /></ToggleButton>
              <ToggleButton value="STRAIGHT" aria-label="Straight"><Glyph kind="STRAIGHT" /></ToggleButton>
              <ToggleButton value="RIGHT" aria-label="Turns right"><Glyph kind="RIGHT" /></ToggleButton>
            </ToggleButtonGroup>
            {ASKED[part.kind].map((measure) => (
              <MeasureOfPart key={measure} part={part} measure={measure} reading={readings[fieldOf(index, measure)] ?? {}} onChange={(changed) => { set(index, changed); }} />
            ))}
            <IconButton size="small" aria-label={`Take part ${index + 1} out`} disabled={stretches.length === 1} sx={{ mt: 0.25, minWidth: 40, minHeight: 36 }}
              onClick={() => { onChange({ ...draft, stretches: stretches.filter((_, at) => at !== index) }); }}>✕</IconButton>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5, alignItems: 'flex-start' }}>
        <Button size="small" variant="outlined" onClick={() => { putIn(stretches.length, draftStretch({ kind: 'STRAIGHT', lengthMm: 100 })); }}>Add a straight</Button>
        <Button size="small" variant="outlined"
          onClick={() => {
            const before = [...stretches].reverse().find(({ kind }) => kind === 'ARC');
            putIn(stretches.length, draftStretch({ kind: 'ARC', innerRadiusMm: before?.innerRadiusMm ?? 200, angleDegrees: 45, turn: last?.kind === 'ARC' && last.turn === 'LEFT' ? 'RIGHT' : 'LEFT' }));
          }}>Add an arc</Button>
      </Box>
    </Box>
  );
}

const LINE = { display: 'flex', gap: 1, alignItems: 'flex-start', pt: 1.25 } as const;

interface MeasureOfPartProps {
  part: DraftStretch;
  measure: Measure;
  reading: Reading;
  onChange: (part: DraftStretch) => void;
}

/** What was typed; else what it measures, printed. A value once read takes the place of its text when the hand leaves. */
function MeasureOfPart({ part, measure, reading, onChange }: MeasureOfPartProps) {
  const [system] = useUnits();
  const angle = measure === 'angleDegrees';
  const printed = angle ? String(Number(part[measure].toFixed(2))) : exactLength(Number(part[measure].toFixed(4)), system);
  return (
    <Field label={LABEL[measure]} value={part.typed[measure] ?? printed} error={reading.error !== undefined} helperText={reading.error ?? (angle ? '°' : otherUnit(part, measure, reading, system))}
      sx={{ minWidth: 0 }} slotProps={{ htmlInput: { autoComplete: 'off', spellCheck: false, inputMode: angle ? 'decimal' : 'text' } }}
      onChange={(event) => { onChange({ ...part, typed: { ...part.typed, [measure]: event.target.value } }); }}
      onBlur={() => {
        const text = part.typed[measure];
        const complete = text === undefined ? undefined : withUnit(MEASURED[measure], text, system);
        if (complete !== text && complete !== undefined) onChange({ ...part, typed: { ...part.typed, [measure]: complete } });
      }} />
  );
}

function otherUnit(part: DraftStretch, measure: Measure, reading: Reading, system: 'inch' | 'metric'): string {
  const mm = part.typed[measure] === undefined ? part[measure] : reading.value;
  return mm === undefined ? ' ' : `= ${printLength(mm, system === 'inch' ? 'metric' : 'inch')}`;
}

/** Straight on, or the side it turns to. */
function Glyph({ kind }: { kind: 'STRAIGHT' | 'LEFT' | 'RIGHT' }) {
  const path = { STRAIGHT: 'M10 18V3', LEFT: 'M13 18V12A7 7 0 0 0 3 5', RIGHT: 'M7 18V12A7 7 0 0 1 17 5' }[kind];
  return <svg width={20} height={20} aria-hidden><path d={path} fill="none" stroke="currentColor" strokeWidth={2.4} strokeLinecap="round" /></svg>;
}
