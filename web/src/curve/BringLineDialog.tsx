import { Box, Button, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { useBringLine } from '../api/curves';
import type { ChainFields, FittedReading } from '../api/schema';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';
import { useNotice } from '../app/notice';
import { useUnits, type UnitSystem } from '../app/units';
import { Choice } from '../recipe/Choice';
import { printLength } from '../units/printing';
import { BARE } from '../units/reading';
import { readOne } from '../units/readOrThrow';
import { ALONG } from './words';

interface BringLineDialogProps {
  thicknessMm: number;
  onLeave: () => void;
  onBring: (chain: ChainFields) => void;
}

/** Brings a line in from a drawing, or fits one to places. */
export function BringLineDialog({ thicknessMm, onLeave, onBring }: BringLineDialogProps) {
  const [system] = useUnits();
  const [file, setFile] = useState<File>();
  const [text, setText] = useState('');
  const [along, setAlong] = useState<keyof typeof ALONG>('MIDDLE');
  const [tolerance, setTolerance] = useState(system === 'inch' ? '1/32"' : '1 mm');
  const chooser = useRef<HTMLInputElement>(null);
  const { drawn, places } = useBringLine();
  const notify = useNotice();
  const bring = async () => {
    if (!file && text.trim() === '') throw new Error('Choose a drawing, or type places.');
    const toleranceMm = await readOne({ measurement: 'LENGTH', text: tolerance }, system, 'Say how far the curve may pass it.');
    const asked = { toleranceMm, along, thicknessMm, units: BARE[system] };
    const found = await (file ? drawn.mutateAsync({ ...asked, file }) : places.mutateAsync({ ...asked, text }));
    onBring(found.chain);
    notify({ message: inWords(found, system) });
    onLeave();
  };
  return (
    <FormDialog title="A drawing or places" keep="Take it as the curve" onLeave={onLeave} onKeep={bring}>
      <Box sx={{ display: 'grid', gap: 1.5, pt: 1 }}>
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
          <input ref={chooser} type="file" accept=".svg,.dxf" hidden aria-label="Drawing" onChange={(event) => { setFile(event.target.files?.[0]); }} />
          <Button variant="outlined" sx={{ flexShrink: 0 }} onClick={() => { chooser.current?.click(); }}>Choose an SVG or DXF</Button>
          <Typography variant="body2">{file ? file.name : 'Its longest line is taken.'}</Typography>
          {file && <Button size="small" onClick={() => { setFile(undefined); }}>Not this one</Button>}
        </Box>
        <Field label="Or places on the curve, two numbers a line" multiline rows={4} value={text} disabled={file !== undefined}
          helperText={`To the right and up, in ${system === 'inch' ? 'inches' : 'mm'}: 0 0, next line 120 35 …`} onChange={(event) => { setText(event.target.value); }} />
        <Choice label="What the line is, seen along the piece" options={ALONG} value={along} onChange={setAlong} />
        <Field label="The curve may pass corners and places by" value={tolerance} helperText=" " sx={{ maxWidth: 280 }} onChange={(event) => { setTolerance(event.target.value); }} />
      </Box>
    </FormDialog>
  );
}

/** What came in, and what of it is a guess. */
export function inWords({ asDrawn, offMm, lines, unitSaid, leftOut }: FittedReading, system: UnitSystem): string {
  const off = offMm < 0.05 ? 'less than 0.1 mm' : printLength(offMm, system);
  return [
    asDrawn ? 'The line as it was drawn.' : `A curve fitted to it; it passes by ${off} at most.`,
    ...(lines > 1 ? [`The longest of ${lines} lines was taken.`] : []),
    ...(unitSaid ? [] : [`The drawing does not say how large it is; its numbers were taken as they mostly are meant.`]),
    ...(leftOut > 0 ? [`${leftOut} things in it (such as letters or copies) were not looked at.`] : []),
  ].join(' ');
}
