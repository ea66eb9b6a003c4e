import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { ClampsInputs, PliesInputs } from '../coldLamination/Inputs';
import { methodOf } from '../forms';
import { SawInputs } from '../kerfBending/Inputs';

/** Settings of plies with kerfs: how the finished section is made of plies, the glue, and the saw. */
export function KerfedPliesInputs(props: RecipeInputsProps) {
  return (
    <>
      <PliesInputs {...props} />
      <SawInputs {...props} />
      <Row>
        <Measure {...props} field="pitch" />
        <Measure {...props} field="cleanPly" />
      </Row>
      <ClampsInputs {...props} />
      <Caution>{methodOf(props.form).caution}</Caution>
    </>
  );
}
