import { Autocomplete } from '@mui/material';
import type { RigItemFields } from '../api/schema';
import { useThings } from '../api/things';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits, type UnitSystem } from '../app/units';
import { say } from '../messages/say';
import { exactLength } from '../units/exact';
import type { RecipeInputsProps } from './fields';
import type { RecipeForm } from './form';

interface ThingFieldProps extends Pick<RecipeInputsProps, 'form' | 'onChange'> {
  kind: ThingKind;
}

/** What of the rig says something of a recipe. */
export type ThingKind = 'FORM' | 'STRAP';

const LABEL = { FORM: 'field.form', STRAP: 'field.strap' } as const;
const NONE = { FORM: 'rig.noForm', STRAP: 'rig.noStrap' } as const;

/** The things of a kind that say something of a recipe, and the one it agrees with. */
export function useThingsFor(kind: ThingKind, form: RecipeForm) {
  const [system] = useUnits();
  const { data: things = [] } = useThings();
  const items = things.map(({ item }) => item).filter((item) => item.kind === kind && Object.keys(brought(item, system)).length > 0);
  // a form may be used for less than it goes round
  const agrees = items.find((item) => Object.entries(brought(item, system)).every(([field, text]) => field === 'angle' || form[field as keyof RecipeForm] === text));
  return { items, agrees };
}

/** A thing in the rig that brings what is measured of it into the recipe; shown is the one the recipe agrees with. */
export function ThingField({ kind, form, onChange }: ThingFieldProps) {
  const [system] = useUnits();
  const { items, agrees } = useThingsFor(kind, form);
  const notify = useNotice();
  const take = (name: string | null) => {
    const item = items.find((each) => each.name === name);
    if (!item) return;
    const before = Object.fromEntries(Object.keys(brought(item, system)).map((field) => [field, form[field as keyof RecipeForm]])) as Partial<RecipeForm>;
    onChange(brought(item, system));
    notify({ message: `As ${item.name} is.`, undo: () => { onChange(before); } });
  };
  return (
    <Autocomplete
      options={items.map(({ name }) => name)}
      value={agrees?.name ?? null}
      noOptionsText={say(NONE[kind])}
      onChange={(_, name) => { take(name); }}
      renderInput={(params) => <Field {...params} label={say(LABEL[kind])} helperText=" " />}
    />
  );
}

/** What a thing says of the recipe, as it would be typed. */
export function brought(item: RigItemFields, system: UnitSystem): Partial<RecipeForm> {
  const { kind, radiusMm, angleDegrees, thicknessMm, material } = item;
  if (kind === 'FORM') {
    return { ...(radiusMm === undefined ? {} : { radius: exactLength(radiusMm, system) }), ...(angleDegrees === undefined ? {} : { angle: String(angleDegrees) }) };
  }
  return { ...(material === undefined ? {} : { support: material }), ...(thicknessMm === undefined ? {} : { strapThickness: exactLength(thicknessMm, system) }) };
}
