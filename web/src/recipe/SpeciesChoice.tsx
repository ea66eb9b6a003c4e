import { Autocomplete, TextField } from '@mui/material';
import { useSpecies } from '../api/queries';

interface SpeciesChoiceProps {
  speciesId: string;
  problem?: string | undefined;
  onChange: (speciesId: string) => void;
}

/** One of the species the product knows, found by typing part of its name. */
export function SpeciesChoice({ speciesId, problem, onChange }: SpeciesChoiceProps) {
  const { data: species = [] } = useSpecies();
  const chosen = species.find((s) => s.id === speciesId);
  return (
    <Autocomplete
      options={species}
      value={chosen ?? null}
      getOptionLabel={(s) => s.commonName}
      isOptionEqualToValue={(a, b) => a.id === b.id}
      autoHighlight
      disableClearable={chosen !== undefined}
      onChange={(_, s) => { if (s) onChange(s.id); }}
      renderInput={(params) => (
        <TextField {...params} label="Species" error={problem !== undefined}
          helperText={problem ?? (chosen?.radiiEstimated ? 'Bending radii of this species are estimated' : ' ')} />
      )}
    />
  );
}
