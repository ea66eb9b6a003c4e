import { Box, Typography } from '@mui/material';
import { useReleasedCurve } from '../api/queries';
import { Field } from '../app/Field';
import { Fold } from '../app/Fold';
import { useOnPhone } from '../app/phone';
import { useUnits } from '../app/units';
import { Choice } from '../recipe/Choice';
import { Row, Step } from '../recipe/fields';
import { ALONG_BEND, FLAW, SEVERITY, type Flaw } from '../trials/words';
import { today } from '../units/days';
import { MeasureField } from '../units/MeasureField';
import { printLength } from '../units/printing';
import type { Reading } from '../units/reading';
import { AlsoSeen } from './AlsoSeen';
import type { OutcomeForm } from './draft';
import { CURVE_BY, outcomeTyped, type MeasuredAfter } from './outcome';

interface OutcomeInputsProps {
  outcome: OutcomeForm;
  /** What cannot be seen on a piece bent so. */
  neverSeen: Flaw[];
  readings: Partial<Record<MeasuredAfter, Reading>>;
  /** Radius of the pattern, where it is known [mm]. */
  patternMm: number | undefined;
  /** Whether the day of the bend is asked. */
  dated?: boolean;
  onChange: (change: Partial<OutcomeForm>) => void;
}

/** How it came out. */
export function OutcomeInputs({ outcome, neverSeen, readings, patternMm, dated = true, onChange }: OutcomeInputsProps) {
  const onPhone = useOnPhone();
  const damaged = outcome.severity !== undefined && outcome.severity !== 'CLEAN';
  return (
    <Step title="How it came out">
      <Choice label="The piece is" options={SEVERITY} value={outcome.severity}
        onChange={(severity) => { onChange({ severity, ...(severity === 'FLAW' ? { also: outcome.also.map((seen) => ({ ...seen, severity })) } : {}) }); }} />
      {damaged && (
        <>
          <Choice label="What was seen" options={flawsBut(neverSeen)} value={outcome.flaw}
            onChange={(flaw) => { onChange({ flaw }); }} />
          <Choice label="Where along the bend" options={ALONG_BEND} value={outcome.flawAt}
            onChange={(flawAt) => { onChange({ flawAt }); }} />
          {outcome.flaw && outcome.severity && (
            <AlsoSeen also={outcome.also} without={[...neverSeen, outcome.flaw]} worst={outcome.severity} onChange={(also) => { onChange({ also }); }} />
          )}
        </>
      )}
      {outcome.severity !== 'BROKEN' && <Released outcome={outcome} readings={readings} patternMm={patternMm} onChange={onChange} />}
      <Fold when={onPhone} title="Day, next time, a note">
        {dated && (
          <Row>
            <Field label="Bent on" type="date" value={outcome.bentOn || today()}
              onChange={(event) => { onChange({ bentOn: event.target.value }); }}
              helperText=" " />
          </Row>
        )}
        {damaged && (
          <Field label="Mended how" value={outcome.mended} onChange={(event) => { onChange({ mended: event.target.value }); }}
            slotProps={{ htmlInput: { maxLength: 200 } }} helperText=" " />
        )}
        <Field label="What to do otherwise next time" value={outcome.nextTime} onChange={(event) => { onChange({ nextTime: event.target.value }); }}
          slotProps={{ htmlInput: { maxLength: 500 } }} helperText=" " />
        <Field label="Note" value={outcome.note} multiline rows={3}
          onChange={(event) => { onChange({ note: event.target.value }); }}
          slotProps={{ htmlInput: { maxLength: 2000 } }} />
      </Fold>
    </Step>
  );
}

/** The curve after release, by what was at hand to measure it, and what follows from it. */
function Released({ outcome, readings, patternMm, onChange }: Pick<OutcomeInputsProps, 'outcome' | 'readings' | 'patternMm' | 'onChange'>) {
  const asked = outcomeTyped(outcome);
  const measure = (field: MeasuredAfter, on: 'releasedRadius' | 'chord' | 'rise' | 'gap' | 'twist' | 'cup', label: string, measurement: 'LENGTH' | 'ANGLE' = 'LENGTH') => asked[field] && (
    <MeasureField label={label} measurement={measurement} text={outcome[on]} reading={readings[field] ?? {}} problem={readings[field]?.error}
      onChange={(text) => { onChange({ [on]: text }); }} />
  );
  return (
    <>
      <Choice label="Curve after release, by" options={CURVE_BY} value={outcome.curveBy} onChange={(curveBy) => { onChange({ curveBy }); }} />
      <Row>
        {measure('released', 'releasedRadius', 'Radius after release')}
        {measure('chord', 'chord', 'Chord across the inside')}
        {measure('rise', 'rise', 'Rise in its middle')}
        {measure('gap', 'gap', 'Gap at its ends')}
        {measure('twist', 'twist', 'Twist °', 'ANGLE')}
        {measure('cup', 'cup', 'Cup across the width')}
      </Row>
      {outcome.curveBy !== 'RADIUS' && (
        <Follows patternMm={patternMm} chordMm={readings.chord?.value} riseMm={readings.rise?.value} gapMm={readings.gap?.value} />
      )}
    </>
  );
}

interface FollowsProps {
  patternMm: number | undefined;
  chordMm: number | undefined;
  riseMm: number | undefined;
  gapMm: number | undefined;
}

/** The radius that follows, and how well it is known. */
function Follows({ patternMm, chordMm, riseMm, gapMm }: FollowsProps) {
  const [system] = useUnits();
  const { data, error, isPlaceholderData } = useReleasedCurve(patternMm === undefined || chordMm === undefined || (riseMm ?? gapMm) === undefined ? undefined
    : { patternMm, chordMm, ...(riseMm === undefined ? {} : { riseMm }), ...(gapMm === undefined ? {} : { gapMm }) });
  const known = data && !error;
  return (
    <Box sx={{ minHeight: '1.7em' }} aria-live="polite" aria-busy={isPlaceholderData}>
      {error && <Typography variant="body2" color="error">{error.message}</Typography>}
      {known && (
        <Typography variant="body2" sx={{ opacity: isPlaceholderData ? 0.45 : 1 }}>
          Radius {printLength(data.radiusMm, system)}, give or take {printLength(data.sdMm, system)}. A longer chord tells it better.
        </Typography>
      )}
    </Box>
  );
}

function flawsBut(neverSeen: Flaw[]): Record<Flaw, string> {
  const seen = Object.entries(FLAW).filter(([flaw]) => !neverSeen.includes(flaw as Flaw));
  return Object.fromEntries(seen) as Record<Flaw, string>;
}
