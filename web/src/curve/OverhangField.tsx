import { useUnits } from '../app/units';
import { exactLength } from '../units/exact';
import { MeasureField } from '../units/MeasureField';
import type { Reading } from '../units/reading';
import { OVERHANG, USUAL_OVERHANG_MM, type CurveDraft } from './draft';

/** What goes over at each end of the curve, to be held by and cut off. */
export function OverhangField({ draft, readings, onChange }: { draft: CurveDraft; readings: Record<string, Reading>; onChange: (draft: CurveDraft) => void }) {
  const [system] = useUnits();
  const reading = readings[OVERHANG] ?? {};
  return (
    <MeasureField label="Over at each end" measurement="LENGTH" text={draft.overhangTyped ?? exactLength(draft.overhangMm ?? USUAL_OVERHANG_MM[system], system)} reading={reading} problem={reading.error}
      hint="to hold it by; cut off afterwards" onChange={(overhangTyped) => { onChange({ ...draft, overhangTyped }); }} />
  );
}
