import { Button } from '@mui/material';
import { heardAgo, useInstruments } from '../api/instruments';
import { useUnits } from '../app/units';
import { lastInWords } from './words';

/** What was read longer ago is of something else [s]. */
const OF_JUST_NOW_S = 60;

/** What a meter or a scale reads just now, to be taken with a tap instead of typed. */
export function TakeReading({ kind, onTake }: { kind: 'METER' | 'SCALE'; onTake: (text: string) => void }) {
  const [system] = useUnits();
  const { data } = useInstruments();
  const instruments = data?.instruments.filter((instrument) => instrument.kind === kind) ?? [];
  return instruments.map((instrument) => {
    const heard = heardAgo(instrument, data?.now ?? 0) < OF_JUST_NOW_S;
    const value = kind === 'METER' ? instrument.last?.moisturePercent : instrument.last?.massG;
    return (
      <Button key={instrument.id} size="small" disabled={!heard} sx={{ minHeight: 40 }} onClick={() => { if (value !== undefined) onTake(String(value)); }}>
        {heard ? `Take ${lastInWords(instrument, system)} from ${instrument.name}` : `${instrument.name} is silent`}
      </Button>
    );
  });
}
