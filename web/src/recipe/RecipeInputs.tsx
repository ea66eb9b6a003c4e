import { say } from '../messages/say';
import { METHOD, methodOf } from '../methods/forms';
import { INPUTS } from '../methods/inputs';
import { BoardField } from './BoardField';
import { PersonField } from './PersonField';
import { Choice } from './Choice';
import { Measure, Pick, Row, Step, type RecipeInputsProps } from './fields';
import { SourceField } from './SourceField';
import { SpeciesChoice } from './SpeciesChoice';
import { ThingField } from './ThingField';

/** Everything about the bend up to the moment it is let go, in the order of work. */
export function RecipeInputs(props: RecipeInputsProps) {
  const { form, problems, onChange } = props;
  const OwnInputs = INPUTS[form.method];
  return (
    <>
      <Step title="Piece">
        <SpeciesChoice speciesId={form.speciesId} problem={problems.speciesId}
          onChange={(speciesId) => { onChange({ speciesId }); }} />
        <Row>
          <Measure {...props} field="thickness" />
          <Measure {...props} field="width" />
        </Row>
        {methodOf(form).rounds && (
          <Pick {...props} field="outline" />
        )}
        <Row>
          <Measure {...props} field="radius" />
          <Measure {...props} field="angle" />
        </Row>
        <ThingField form={form} onChange={onChange} kind="FORM" />
      </Step>
      <Step title="Method">
        <Choice label={say('field.method')} options={METHOD} value={form.method} onChange={(method) => { onChange({ method }); }} />
        <OwnInputs {...props} />
      </Step>
      <Step title="Stock">
        <Pick {...props} field="seasoning" />
        <Pick {...props} field="growthRings" />
        <Row>
          <Measure {...props} field="moisture" />
          <Measure {...props} field="grainRun" />
        </Row>
        <Pick {...props} field="knots" />
        <Pick {...props} field="outerFace" />
        <Row>
          <BoardField {...props} />
          <SourceField {...props} />
          <PersonField {...props} />
        </Row>
      </Step>
    </>
  );
}
