import { Choice } from '../../recipe/Choice';
import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';
import { BENT } from './form';

/** Settings of a steam bag off the job. */
export function SteamBagInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <HotWoodInputs {...props} thins heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}
      chosen={<Choice label="Bent" options={BENT} value={form.bent} onChange={(bent) => { onChange({ bent }); }} />}>
      <Measure {...props} field="bag" label="Bag temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
