import { useSpecies } from '../../api/queries';
import { Choice } from '../../recipe/Choice';
import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { isPlywood } from '../../woods/words';
import { methodOf } from '../forms';
import { SAWN_IN } from './form';

/** How wide the saw cuts, and how deep. */
export function SawInputs(props: RecipeInputsProps) {
  return (
    <Row>
      <Measure {...props} field="kerf" label="Saw kerf" />
      <Measure {...props} field="web" label="Left standing" hint="The web under each cut" />
    </Row>
  );
}

/** Settings of kerf bending: the saw, what it leaves standing, and what holds the curve. */
export function KerfBendingInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  const wood = useSpecies().data?.find(({ id }) => id === form.speciesId);
  return (
    <>
      <SawInputs {...props} />
      <Row>
        <Measure {...props} field="pitch" label="From cut to cut" />
        <Measure {...props} field="backer" label="Backer" hint="Empty for none" />
      </Row>
      {!(wood && isPlywood(wood)) && <Choice label="Sawn in" options={SAWN_IN} value={form.sawnIn} onChange={(sawnIn) => { onChange({ sawnIn }); }} />}
      <Caution>{methodOf(form).caution}</Caution>
    </>
  );
}
