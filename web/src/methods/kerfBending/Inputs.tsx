import { useSpecies } from '../../api/queries';
import { Caution, Measure, Pick, Row, type RecipeInputsProps } from '../../recipe/fields';
import { isPlywood } from '../../woods/words';
import { methodOf } from '../forms';

/** How wide the saw cuts, and how deep. */
export function SawInputs(props: RecipeInputsProps) {
  return (
    <Row>
      <Measure {...props} field="kerf" />
      <Measure {...props} field="web" />
    </Row>
  );
}

/** Settings of kerf bending: the saw, what it leaves standing, and what holds the curve. */
export function KerfBendingInputs(props: RecipeInputsProps) {
  const { form } = props;
  const wood = useSpecies().data?.find(({ id }) => id === form.speciesId);
  return (
    <>
      <SawInputs {...props} />
      <Row>
        <Measure {...props} field="pitch" />
        <Measure {...props} field="backer" />
      </Row>
      {!(wood && isPlywood(wood)) && <Pick {...props} field="sawnIn" />}
      <Caution>{methodOf(form).caution}</Caution>
    </>
  );
}
