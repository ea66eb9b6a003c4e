import { Autocomplete } from '@mui/material';
import { useHands, useNames } from '../api/queries';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import type { RecipeInputsProps } from './fields';
import { FIRST_RECIPE, placesOf } from './form';

/** Who bends. Hands whose carries were measured bring their own along, unless somebody gave another. */
export function PersonField({ form, problems, onChange }: RecipeInputsProps) {
  const { data: names } = useNames();
  const { data: hands = [] } = useHands();
  const notify = useNotice();
  const carried = placesOf(form).carrySeconds !== undefined;
  const of = (name: string) => (carried ? hands.find(({ person }) => person === name.trim())?.carries : undefined);
  const known = of(form.person);
  const take = (name: string | null) => {
    const carries = name === null ? undefined : of(name);
    if (!carries || form.carrySeconds !== FIRST_RECIPE.carrySeconds) return false;
    onChange({ person: name ?? '', carrySeconds: String(Math.round(carries.medianS)) });
    notify({ message: `The carry is that of ${name}: ${Math.round(carries.medianS)} s.`, undo: () => { onChange({ person: name ?? '', carrySeconds: form.carrySeconds }); } });
    return true;
  };
  return (
    <Autocomplete
      freeSolo
      options={(names?.people ?? []).map(({ name }) => name)}
      inputValue={form.person}
      onInputChange={(_, text, reason) => { if (reason === 'input' || reason === 'clear') onChange({ person: text }); }}
      onChange={(_, name) => { if (!take(name) && name !== null) onChange({ person: name }); }}
      renderInput={(params) => (
        <Field {...params} label="Bent by" error={problems.person !== undefined}
          helperText={problems.person ?? (known ? `carries in ${Math.round(known.medianS)} s; ${Math.round(known.quickS)} to ${Math.round(known.slowS)} s in ${known.measured}` : ' ')} />
      )}
    />
  );
}
