import { useInstruments } from '../api/instruments';
import type { BenchView } from '../api/schema';
import { useNotice } from '../app/notice';
import { Choice } from '../recipe/Choice';
import { useBenchWrites } from './useBenchWrites';

/** Beside which thermometer a piece lies in the heat, where there are several. */
export function WhichThermometer({ piece }: { piece: BenchView }) {
  const { data } = useInstruments();
  const { liesBeside } = useBenchWrites();
  const notify = useNotice();
  const thermometers = data?.instruments.filter(({ kind }) => kind === 'THERMOMETER') ?? [];
  if (thermometers.length < 2) return null;
  return (
    <Choice label="It lies beside" options={Object.fromEntries(thermometers.map(({ id, name }) => [String(id), name]))}
      value={piece.thermometerId === undefined ? undefined : String(piece.thermometerId)}
      onChange={(id) => { liesBeside.mutate({ piece, thermometer: Number(id) }, { onError: (error) => { notify({ message: error.message }); } }); }} />
  );
}
