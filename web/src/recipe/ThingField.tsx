import { Autocomplete } from '@mui/material';
import type { RigItemFields } from '../api/schema';
import { useThings } from '../api/things';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits, type UnitSystem } from '../app/units';
import { exactLength } from '../units/exact';
import type { RecipeInputsProps } from './fields';
import type { RecipeForm } from './form';

interface ThingFieldProps extends Pick<RecipeInputsProps, 'form' | 'onChange'> {
  kind: 'FORM' | 'STRAP';
  label: string;
  /** What it says where the rig has none. */
  none: string;
}

/** A thing in the rig that brings what is measured of it into the recipe; shown is the one the recipe agrees with. */
export function ThingField({ kind, label, none, form, onChange }: ThingFieldProps) {
  const [system] = useUnits();
  const { data: things = [] } = useThings();
  const notify = useNotice();
  const items = things.map(({ item }) => item).filter((item) => item.kind === kind && Object.keys(brought(item, system)).length > 0);
  // a form may be used for less than it goes round
  const agrees = items.find((item) => Object.entries(brought(item, system)).every(([field, text]) => field === 'angle' || form[field as keyof RecipeForm] === text));
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
      noOptionsText={none}
      onChange={(_, name) => { take(name); }}
      renderInput={(params) => <Field {...params} label={label} helperText=" " />}
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
