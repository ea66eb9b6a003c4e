import { useUnits } from '../../app/units';
import { Caution, Measure, Pick, Row, type RecipeInputsProps } from '../../recipe/fields';
import type { RecipeForm } from '../../recipe/form';
import { methodOf } from '../forms';
import { layupInWords, oneOfTheTwo } from './form';

/** Settings of a cold lamination: how the finished section is made of plies, and the glue. */
export function ColdLaminationInputs(props: RecipeInputsProps) {
  return (
    <>
      <PliesInputs {...props} />
      <ClampsInputs {...props} />
      <Caution>{methodOf(props.form).caution}</Caution>
    </>
  );
}

/** How a stack is closed, about which workshops quarrel. */
export function ClampsInputs(props: RecipeInputsProps) {
  return (
    <>
      <Pick {...props} field="clampOrder" />
      <Pick {...props} field="clampForce" />
      <Pick {...props} field="backing" />
    </>
  );
}

/** A stack of plies and its glue. */
export function PliesInputs(props: RecipeInputsProps) {
  const { form, understood, onChange } = props;
  const [system] = useUnits();
  const layup = understood && layupInWords(understood, system);
  const typed = (change: Partial<RecipeForm>) => { onChange(oneOfTheTwo(change)); };
  return (
    <>
      <Row>
        <Measure {...props} field="plies" hint={layup && form.plies === '' ? layup.plies : undefined} onChange={typed} />
        <Measure {...props} field="plyThickness" hint={layup && form.plyThickness === '' ? `${layup.plyThickness} each` : undefined} onChange={typed} />
      </Row>
      <Pick {...props} field="glue" />
    </>
  );
}
