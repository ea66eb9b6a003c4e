import { useUnits } from '../../app/units';
import { Caution, Measure, Pick, Row, type RecipeInputsProps } from '../../recipe/fields';
import { printLength } from '../../units/printing';
import { factsOf, methodOf } from '../forms';

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
  const layup = understood && factsOf(understood.method).plies > 1 && {
    plies: `${factsOf(understood.method).plies} plies`,
    ply: printLength(understood.blank.thicknessMm, system),
  };
  return (
    <>
      <Row>
        <Measure {...props} field="plies" hint={layup && form.plies === '' ? layup.plies : undefined}
          onChange={({ plies = '' }) => { onChange({ plies, plyThickness: '' }); }} />
        <Measure {...props} field="plyThickness" hint={layup && form.plyThickness === '' ? `${layup.ply} each` : undefined}
          onChange={({ plyThickness = '' }) => { onChange({ plyThickness, plies: '' }); }} />
      </Row>
      <Pick {...props} field="glue" />
    </>
  );
}
