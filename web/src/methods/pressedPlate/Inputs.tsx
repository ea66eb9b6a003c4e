import { Choice } from '../../recipe/Choice';
import { Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';
import { BETWEEN, PLATE_BAG } from './form';

/** Settings of a pressed plate: its second curve, how it is held, and its rounds in the water. */
export function PressedPlateInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <HotWoodInputs {...props} strapless heat={{ field: 'bathMinutes', label: 'In the water, minutes' }} held={{ field: 'frameHours', label: 'In the drying frame, hours' }}
      chosen={(
        <>
          <Row>
            <Measure {...props} field="acrossRise" label="Rise across the grain" hint="Over the width" help="riseAcross" />
            <Measure {...props} field="rounds" label="Rounds" hint="Heated and pushed on" />
          </Row>
          <Choice label="Bolted between" options={BETWEEN} value={form.between} onChange={(between) => { onChange({ between }); }} />
          <Choice label="Heated" options={PLATE_BAG} value={form.plateBag} onChange={(plateBag) => { onChange({ plateBag }); }} />
        </>
      )}>
      <Measure {...props} field="bath" label="Water temperature" />
    </HotWoodInputs>
  );
}
