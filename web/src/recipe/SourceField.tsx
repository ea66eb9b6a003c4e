import { Autocomplete } from '@mui/material';
import { useNames } from '../api/queries';
import { Field } from '../app/Field';
import { say } from '../messages/say';
import type { RecipeInputsProps } from './fields';

/** Where its wood came from; the sources named before are offered. */
export function SourceField({ form, problems, onChange }: RecipeInputsProps) {
  const { data: names } = useNames();
  return (
    <Autocomplete
      freeSolo
      options={(names?.sources ?? []).map(({ name }) => name)}
      inputValue={form.source}
      onInputChange={(_, text) => { onChange({ source: text }); }}
      renderInput={(params) => (
        <Field {...params} label={say('field.source')} error={problems.source !== undefined} helperText={problems.source ?? ' '} />
      )}
    />
  );
}
