import { Autocomplete } from '@mui/material';
import { lazy, Suspense, useState } from 'react';
import { useSpecies } from '../api/queries';
import type { SpeciesView } from '../api/schema';
import { Field } from '../app/Field';
import { useStored } from '../app/storage';
import { byAnyName, offeredAs } from './woodNames';

const WoodDialog = lazy(async () => ({ default: (await import('../woods/WoodDialog')).WoodDialog }));

interface SpeciesChoiceProps {
  speciesId: string;
  problem?: string | undefined;
  onChange: (speciesId: string) => void;
}

/** The last of the choices: a wood that is not there yet, named as it was typed. */
interface Missing {
  id: 'missing';
  name: string;
}

type Offered = SpeciesView | Missing;

function missing(offered: Offered): offered is Missing {
  return !('commonName' in offered);
}

const REMEMBERED = 5;

/** The woods chosen last stand first, the rest as they come. */
export function recentFirst(species: SpeciesView[], recent: string[]): SpeciesView[] {
  const lately = recent.flatMap((id) => species.filter((s) => s.id === id));
  return [...lately, ...species.filter((s) => !recent.includes(s.id))];
}

/** One of the species the product knows, found by typing part of any of its names; a wood that is not there can be added. */
export function SpeciesChoice({ speciesId, problem, onChange }: SpeciesChoiceProps) {
  const { data: species = [] } = useSpecies();
  const [recent, setRecent] = useStored<string[]>('brachion.recentWoods', []);
  const [adding, setAdding] = useState<string>();
  const chosen = species.find((s) => s.id === speciesId);
  const choose = (id: string) => {
    setRecent([id, ...recent.filter((each) => each !== id)].slice(0, REMEMBERED));
    onChange(id);
  };
  return (
    <>
      <Autocomplete<Offered, false, boolean>
        options={recentFirst(species, recent)}
        {...(recent.length > 0 && { groupBy: (s: Offered) => (recent.includes(s.id) ? 'Lately chosen' : 'All woods') })}
        value={chosen ?? null}
        getOptionLabel={(s) => (missing(s) ? '' : s.commonName)}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        filterOptions={(options, state) => {
          const typed = state.inputValue.trim();
          return [...byAnyName(options.flatMap((s) => (missing(s) ? [] : [s])), { ...state, getOptionLabel: (s) => s.commonName }), { id: 'missing', name: typed === chosen?.commonName ? '' : typed }];
        }}
        renderOption={({ key, ...props }, s, { inputValue }) => (
          <li key={key} {...props}>{missing(s) ? `Add ${s.name ? `“${s.name}”` : 'a wood that is not here'} …` : offeredAs(s, inputValue)}</li>
        )}
        autoHighlight
        disableClearable={chosen !== undefined}
        onChange={(_, s) => {
          if (s && missing(s)) setAdding(s.name);
          else if (s) choose(s.id);
        }}
        renderInput={(params) => (
          <Field {...params} label="Species" error={problem !== undefined}
            helperText={problem ?? (chosen?.radiiEstimated ? 'Bending radii of this species are estimated' : ' ')} />
        )}
      />
      {adding !== undefined && (
        <Suspense>
          <WoodDialog name={adding} onClose={() => { setAdding(undefined); }}
            onKept={(wood) => {
              setAdding(undefined);
              choose(wood.id);
            }} />
        </Suspense>
      )}
    </>
  );
}
