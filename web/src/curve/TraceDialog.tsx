import { Box, Button, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { useBringLine } from '../api/curves';
import type { ChainFields, SpotFields } from '../api/schema';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { moved, withMeasure, withOneMore, type Draft, type Measure } from '../photo/pointing';
import { Pointing } from '../photo/Pointing';
import { Choice } from '../recipe/Choice';
import { BARE } from '../units/reading';
import { readOne } from '../units/readOrThrow';
import { inWords } from './BringLineDialog';
import { ALONG } from './words';

interface TraceDialogProps {
  thicknessMm: number;
  onLeave: () => void;
  onBring: (chain: ChainFields) => void;
}

/** A picture on the screen; it stays in the browser. */
interface Shown {
  url: string;
  widthPx: number;
  heightPx: number;
}

const POINTS_AT = { known: 'A known length', curve: 'The curve' } as const;

/** A curve traced on a photograph or a scan: a length that is known, and places along the curve. */
export function TraceDialog({ thicknessMm, onLeave, onBring }: TraceDialogProps) {
  const [system] = useUnits();
  const [picture, setPicture] = useState<Shown>();
  const [lines, setLines] = useState<Draft['lines']>({});
  const [measure, setMeasure] = useState<Extract<Measure, 'known' | 'curve'>>('known');
  const [known, setKnown] = useState('');
  const [along, setAlong] = useState<keyof typeof ALONG>('MIDDLE');
  const [tolerance, setTolerance] = useState(system === 'inch' ? '1/16"' : '2 mm');
  const chooser = useRef<HTMLInputElement>(null);
  const { places } = useBringLine();
  const notify = useNotice();
  const take = async (file: File | undefined) => {
    const shown = file && (await shownPicture(file));
    if (!shown) return;
    setPicture(shown);
    setLines(withMeasure(withMeasure({}, 'known', shown.widthPx, shown.heightPx), 'curve', shown.widthPx, shown.heightPx));
  };
  const bring = async () => {
    const [from, to] = lines.known ?? [];
    if (!picture || !from || !to) throw new Error('Choose a picture.');
    const lengthMm = await readOne({ measurement: 'LENGTH', text: known }, system, 'Say how long the known length is.');
    const toleranceMm = await readOne({ measurement: 'LENGTH', text: tolerance }, system, 'Say how far the curve may pass the places.');
    const found = await places.mutateAsync({
      toleranceMm, along, thicknessMm, units: BARE[system], places: (lines.curve ?? []).map(placeOf), picture: { from: placeOf(from), to: placeOf(to), lengthMm },
    });
    onBring(found.chain);
    notify({ message: inWords(found, system) });
    onLeave();
  };
  return (
    <FormDialog title="Trace a picture" keep="Take it as the curve" onLeave={onLeave} onKeep={bring}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1 }}>
        <input ref={chooser} type="file" accept="image/*" hidden aria-label="Picture" onChange={(event) => { void take(event.target.files?.[0]); }} />
        <Button variant="outlined" sx={{ flexShrink: 0 }} onClick={() => { chooser.current?.click(); }}>Choose a picture</Button>
        <Typography variant="body2">Taken square to the curve, with something of a known length in its plane. It stays in this browser.</Typography>
      </Box>
      {picture && (
        <>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
            <Choice label="Point at" options={POINTS_AT} value={measure} onChange={setMeasure} />
            {measure === 'curve' && (
              <Box sx={{ display: 'flex', gap: 1, mb: 1 }}>
                <Button size="small" variant="outlined" disabled={(lines.curve?.length ?? 0) >= MOST} onClick={() => { setLines(withOneMore(lines, MOST)); }}>One more place</Button>
                <Button size="small" disabled={(lines.curve?.length ?? 0) <= 3} onClick={() => { setLines({ ...lines, curve: lines.curve?.slice(0, -1) ?? [] }); }}>Without the last</Button>
              </Box>
            )}
          </Box>
          <Pointing image={picture.url} alt="The picture the curve is traced on" widthPx={picture.widthPx} heightPx={picture.heightPx} lines={lines} measure={measure} circle={undefined}
            onMove={(grip, to) => { setLines(moved(lines, grip, to)); }} />
          <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr', mt: 2 }}>
            <Field label="The known length is" value={known} helperText=" " onChange={(event) => { setKnown(event.target.value); }} />
            <Field label="The curve may pass places by" value={tolerance} helperText=" " onChange={(event) => { setTolerance(event.target.value); }} />
          </Box>
          <Choice label="What the line is, seen along the piece" options={ALONG} value={along} onChange={setAlong} />
        </>
      )}
    </FormDialog>
  );
}

/** As many places are dragged on a picture. */
const MOST = 40;

function placeOf({ xPx, yPx }: SpotFields) {
  return { xMm: xPx, yMm: yPx };
}

/** The picture and how large it is; refused when it is none. */
function shownPicture(file: File): Promise<Shown | undefined> {
  return new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => {
      const url = reader.result as string;
      const image = new Image();
      image.onload = () => { done({ url, widthPx: image.naturalWidth, heightPx: image.naturalHeight }); };
      image.onerror = () => { done(undefined); };
      image.src = url;
    };
    reader.onerror = () => { done(undefined); };
    reader.readAsDataURL(file);
  });
}
