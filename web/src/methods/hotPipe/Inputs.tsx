import { Choice } from '../../recipe/Choice';
import { Measure, type RecipeInputsProps } from '../../recipe/fields';
import { HotWoodInputs } from '../hotWood/Inputs';
import { BENT_BY, PIPE_FACE } from './form';

/** Settings of a hot pipe. */
export function HotPipeInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <HotWoodInputs {...props} heat={{ field: 'pipeMinutes', label: 'At one place, minutes' }}
      chosen={(
        <>
          <Choice label="Face on the pipe" options={PIPE_FACE} value={form.pipeFace} onChange={(pipeFace) => { onChange({ pipeFace }); }} />
          <Choice label="Bent with" options={BENT_BY} value={form.bentBy} onChange={(bentBy) => { onChange({ bentBy }); }} />
        </>
      )}>
      <Measure {...props} field="pipe" label="Pipe temperature" />
      <Measure {...props} field="contact" label="Touching, % of the time" hint="About 15 while it is rocked" />
    </HotWoodInputs>
  );
}
