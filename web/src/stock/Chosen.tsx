import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { BoardFields } from '../api/schema';
import { Field } from '../app/Field';
import { useUnits } from '../app/units';
import { WhichJob } from '../jobs/WhichJob';
import { Row } from '../recipe/fields';
import { exactLength } from '../units/exact';
import { wholeNumber } from '../units/number';
import { MeasureField } from '../units/MeasureField';
import { readNow, useReadings, type Typed } from '../units/reading';
import { withChanged, without, type Thing } from './geometry';
import { MARK } from './words';

interface ChosenProps {
  board: BoardFields;
  thing: Thing;
  onChange: (board: BoardFields) => void;
  onRemove: (board: BoardFields) => void;
}

const PLACES = { alongMm: 'From the left end', acrossMm: 'From the lower edge', lengthMm: 'Length', widthMm: 'Width' } as const;
const BEND = { bentFromMm: 'Bend begins at', bentToMm: 'Bend ends at' } as const;

/** The blank or the mark that is chosen: where it lies and how large it is, typed. */
export function Chosen({ board, thing, onChange, onRemove }: ChosenProps) {
  const blank = thing.what === 'blanks' ? board.blanks[thing.index] : undefined;
  const mark = thing.what === 'marks' ? board.marks[thing.index] : undefined;
  const it = blank ?? mark;
  if (!it) return null;
  const change = (part: object) => { onChange(withChanged(board, thing, part)); };
  return (
    <Box component="section" aria-label="What is chosen" sx={{ minHeight: 132 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 1 }}>
        <Typography variant="h3" sx={{ flexGrow: 1 }}>{blank ? `${thing.index + 1}. ${blank.name}` : mark && MARK[mark.kind]}</Typography>
        <Button color="error" onClick={() => { onRemove(without(board, thing)); }}>Take it off</Button>
      </Box>
      <Row>
        {blank && <Name key={`name ${thing.index} ${blank.name}`} name={blank.name} onChange={(name) => { change({ name }); }} />}
        {(Object.keys(PLACES) as (keyof typeof PLACES)[]).map((place) => (
          <Place key={`${place} ${thing.what} ${thing.index} ${it[place]}`} label={PLACES[place]} mm={it[place]} name={place} onRead={(value) => { change({ [place]: value }); }} />
        ))}
        {blank && (Object.keys(BEND) as (keyof typeof BEND)[]).map((place) => (
          <Place key={`${place} ${thing.index} ${blank[place]}`} label={BEND[place]} mm={blank[place]} name={place} onRead={(value) => { change({ [place]: value }); }} />
        ))}
        {blank && <Ply key={`ply ${thing.index} ${blank.ply ?? ''}`} ply={blank.ply} onChange={(ply) => { change({ ply }); }} />}
        {mark && <Slope key={`slope ${thing.index} ${mark.grainRun ?? ''}`} run={mark.grainRun} onRead={(grainRun) => { change({ grainRun }); }} />}
      </Row>
      {blank && <WhichJob jobId={blank.jobId} ask="It is for a job" onSay={(jobId) => { change({ jobId }); }} />}
    </Box>
  );
}

/** Number of the first ply that is sawn of a blank; empty for solid wood. */
function Ply({ ply, onChange }: { ply: number | undefined; onChange: (ply: number | undefined) => void }) {
  const [text, setText] = useState(ply?.toString() ?? '');
  const read = wholeNumber(text, 200);
  const fits = text.trim() === '' || read !== undefined;
  return (
    <Field label="Ply" value={text} error={!fits} helperText={fits ? 'Empty if solid' : 'A number from 1 to 200'} onChange={(event) => { setText(event.target.value); }}
      onBlur={() => { if (fits && read !== ply) onChange(read); }} slotProps={{ htmlInput: { inputMode: 'numeric', autoComplete: 'off' } }} />
  );
}

function Name({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [text, setText] = useState(name);
  return (
    <Field label="Name" value={text} helperText=" " onChange={(event) => { setText(event.target.value); }}
      onBlur={() => { if (text.trim() !== '' && text !== name) onChange(text); }} slotProps={{ htmlInput: { maxLength: 120, autoComplete: 'off' } }} />
  );
}

function Place({ label, mm, name, onRead }: { label: string; mm: number; name: string; onRead: (value: number) => void }) {
  const [system] = useUnits();
  return <Taken label={label} name={name} measurement="LENGTH" was={exactLength(mm, system)} onRead={(value) => { if (value !== undefined) onRead(value); }} />;
}

function Slope({ run, onRead }: { run: number | undefined; onRead: (value: number | undefined) => void }) {
  return <Taken label="Grain there, 1 in" name="grainRun" measurement="GRAIN_SLOPE" was={run?.toString() ?? ''} hint="Empty if not looked at" onRead={onRead} />;
}

interface TakenProps {
  label: string;
  name: string;
  measurement: Typed['measurement'];
  was: string;
  hint?: string;
  /** Takes what was read; nothing where the field was emptied. */
  onRead: (value: number | undefined) => void;
}

/** A measurement that is taken up when it is left and can be read. */
function Taken({ label, name, measurement, was, hint, onRead }: TakenProps) {
  const [system] = useUnits();
  const [text, setText] = useState(was);
  const { read } = useReadings({ read: { measurement, text } }, system);
  const take = async () => {
    if (text === was) return;
    // what cannot be read says so below the field and waits there
    const { value, error } = text.trim() === '' ? {} : (await readNow({ read: { measurement, text } }, system)).read;
    if (error === undefined) onRead(value);
  };
  return (
    <Box onBlur={() => { void take(); }} data-field={name} onKeyDown={(event) => { if (event.key === 'Enter') void take(); }}>
      <MeasureField label={label} measurement={measurement} text={text} reading={read} hint={hint} problem={read.error} onChange={setText} />
    </Box>
  );
}
