import { Choice } from '../../recipe/Choice';
import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { OUTLINE } from '../../recipe/words';
import { HotWoodInputs, ThinnedTo } from '../hotWood/Inputs';

/** Settings of a green rod: how it is shaved for the bend, and its steam. */
export function GreenRodInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <HotWoodInputs {...props} strapless heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}
      chosen={(
        <>
          <ThinnedTo {...props} />
          <Choice label="Shaped at the bend" options={OUTLINE} value={form.shaped} onChange={(shaped) => { onChange({ shaped }); }} />
        </>
      )}>
      <Measure {...props} field="chamber" label="Chamber temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
