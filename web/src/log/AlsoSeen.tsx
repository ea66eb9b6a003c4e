import { Box, Button } from '@mui/material';
import { Choice } from '../recipe/Choice';
import { ALONG_BEND, FLAW, SEVERITY, type Flaw, type Severity } from '../trials/words';
import type { SeenForm } from './draft';

interface AlsoSeenProps {
  also: SeenForm[];
  /** What is said of the piece already, or cannot be seen on one bent so. */
  without: Flaw[];
  /** How bad the piece is; nothing else is worse. */
  worst: Severity;
  onChange: (also: SeenForm[]) => void;
}

const AS_BAD = { FLAW: SEVERITY.FLAW, BROKEN: SEVERITY.BROKEN };

/** What else was seen on a piece, each with how bad it is and where. */
export function AlsoSeen({ also, without, worst, onChange }: AlsoSeenProps) {
  const change = (place: number, part: Partial<SeenForm>) => { onChange(also.map((seen, at) => (at === place ? { ...seen, ...part } : seen))); };
  const said = [...without, ...also.map(({ flaw }) => flaw)];
  return (
    <Box sx={{ mb: 1 }}>
      {also.map((seen, place) => (
        <Box key={place} role="group" aria-label={`Also seen ${place + 1}`} sx={{ borderLeft: 3, borderColor: 'divider', pl: 1.5, mb: 1 }}>
          <Choice label="Also seen" options={left(said, seen.flaw)} value={seen.flaw} onChange={(flaw) => { change(place, { flaw }); }} />
          {worst === 'BROKEN' && <Choice label="By that the piece is" options={AS_BAD} value={seen.severity === 'CLEAN' ? undefined : seen.severity} onChange={(severity) => { change(place, { severity }); }} />}
          <Choice label="Where" options={ALONG_BEND} value={seen.flawAt} onChange={(flawAt) => { change(place, { flawAt }); }} />
          <Button size="small" onClick={() => { onChange(also.filter((_seen, at) => at !== place)); }}>Take this line away</Button>
        </Box>
      ))}
      <Button size="small" onClick={() => { onChange([...also, worst === 'FLAW' ? { severity: 'FLAW' } : {}]); }}>Something else was seen</Button>
    </Box>
  );
}

/** What can still be named, and what is named here. */
function left(said: (Flaw | undefined)[], own: Flaw | undefined): Record<Flaw, string> {
  return Object.fromEntries(Object.entries(FLAW).filter(([flaw]) => flaw === own || !said.includes(flaw as Flaw))) as Record<Flaw, string>;
}
