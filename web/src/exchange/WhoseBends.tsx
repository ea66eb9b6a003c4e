import { Autocomplete } from '@mui/material';
import { useState } from 'react';
import { useOtherShops } from '../api/exchange';
import { Field } from '../app/Field';

/** Another shop whose bends a table holds; nothing where they are one's own. */
export function WhoseBends({ otherShop, onChange }: { otherShop: string; onChange: (otherShop: string) => void }) {
  const { data = [] } = useOtherShops();
  const [typed, setTyped] = useState(otherShop);
  return (
    <Autocomplete freeSolo options={data.map(({ name }) => name)} inputValue={typed} value={otherShop}
      onInputChange={(_, text) => { setTyped(text); }}
      onChange={(_, chosen) => { onChange((chosen ?? '').trim()); }}
      onBlur={() => { onChange(typed.trim()); }}
      renderInput={(params) => (
        <Field {...params} label="Another shop’s bends? Its name"
          helperText="Empty: they are yours. Another shop’s bends count with an effect of their own, can be left out with a tap, and never leave as yours." />
      )} />
  );
}
