import { Autocomplete, Box } from '@mui/material';
import { useSpecies } from '../api/queries';
import { Field } from '../app/Field';
import { METHOD } from '../methods/forms';
import { Choice, Several } from '../recipe/Choice';
import { Step } from '../recipe/fields';
import { byAnyName, offeredAs } from '../recipe/woodNames';
import { SEASONING, SUPPORT } from '../recipe/options';
import type { Reading } from '../units/reading';
import type { WishForm } from './draft';

interface AtHandProps {
  form: WishForm;
  /** Of the lengths typed one after another. */
  readings: Record<string, Reading>;
  onChange: (change: Partial<WishForm>) => void;
  /** Whether the piece curves both ways, so that it is a plate and bent no other way. */
  plate: boolean;
}

/** What the search tries on the outer face. */
const SUPPORTS = { NONE: SUPPORT.NONE, WEBBING: SUPPORT.WEBBING, STEEL: SUPPORT.STEEL };

const SOAK = { yes: 'yes', no: 'no' };

/** What there is to do it with. */
export function AtHand({ form, readings, onChange, plate }: AtHandProps) {
  const { data: species = [] } = useSpecies();
  const wrong = (kind: string) => Object.entries(readings).some(([field, { error }]) => field.startsWith(kind) && error !== undefined);
  return (
    <Step title="What is at hand">
      <Autocomplete multiple options={species} getOptionLabel={(s) => s.commonName} filterOptions={byAnyName} limitTags={4}
        renderOption={({ key, ...props }, s, { inputValue }) => <li key={key} {...props}>{offeredAs(s, inputValue)}</li>}
        value={species.filter((s) => form.speciesIds.includes(s.id))}
        onChange={(_, chosen) => { onChange({ speciesIds: chosen.map((s) => s.id) }); }}
        renderInput={(params) => <Field {...params} label="Woods" helperText="Empty for every wood there is" />} />
      <Box sx={{ display: 'grid', columnGap: 3, rowGap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(240px, 1fr))' }}>
      <Several label="Seasoning" options={SEASONING} value={form.seasonings} onChange={(seasonings) => { onChange({ seasonings }); }} />
      {!plate && <Several label="Ways to bend" options={METHOD} value={form.methods} onChange={(methods) => { onChange({ methods }); }} />}
      {!plate && <Several label="Support" options={SUPPORTS} value={form.supports} onChange={(supports) => { onChange({ supports }); }} />}
      <Choice label="A trough to soak in" options={SOAK} value={form.soak ? 'yes' : 'no'}
        onChange={(soak) => { onChange({ soak: soak === 'yes' }); }} />
      <Field label="Solid stock may be" value={form.thicknesses} error={wrong('thickness')} helperText={'Such as 5/8"; 3/4"; empty for the finished thickness'}
        onChange={(event) => { onChange({ thicknesses: event.target.value }); }} />
      {!plate && <Field label="Plies may be" value={form.plies} error={wrong('ply')} helperText={'Such as 1/16"; 1/8"'}
        onChange={(event) => { onChange({ plies: event.target.value }); }} />}
      </Box>
    </Step>
  );
}
