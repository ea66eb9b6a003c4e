import { Choice } from '../../recipe/Choice';
import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { OUTLINE } from '../../recipe/words';
import { HotWoodInputs } from '../hotWood/Inputs';

/** Settings of a green rod: how it is shaved for the bend, and its steam. */
export function GreenRodInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <HotWoodInputs {...props} strapless heat={{ field: 'steamMinutes', label: 'Steam, minutes' }}
      chosen={(
        <>
          <Row>
            <Measure {...props} field="thinned" label="Thinned to" />
            <Measure {...props} field="thinnedOver" label="Thinned over" hint="The bend and half as much at each end" />
          </Row>
          <Choice label="Shaped at the bend" options={OUTLINE} value={form.shaped} onChange={(shaped) => { onChange({ shaped }); }} />
        </>
      )}>
      <Measure {...props} field="chamber" label="Chamber temperature" />
      <Measure {...props} field="carrySeconds" label="Carry, seconds" help="carry" />
    </HotWoodInputs>
  );
}
