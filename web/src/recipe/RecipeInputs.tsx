import { Autocomplete } from '@mui/material';
import { useNames } from '../api/queries';
import { Field } from '../app/Field';
import { METHOD, methodOf } from '../methods/forms';
import { INPUTS } from '../methods/inputs';
import { BoardField } from './BoardField';
import { PersonField } from './PersonField';
import { Choice } from './Choice';
import { Measure, Row, Step, type RecipeInputsProps } from './fields';
import { SpeciesChoice } from './SpeciesChoice';
import { ThingField } from './ThingField';
import { GROWTH_RINGS, KNOTS, OUTER_FACE, OUTLINE, SEASONING } from './words';

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
          <Measure {...props} field="thickness" label={methodOf(form).thickness} />
          <Measure {...props} field="width" label="Width" />
        </Row>
        {methodOf(form).rounds && (
          <Choice label="Section" help="section" options={OUTLINE} value={form.outline} problem={problems.outline}
            onChange={(outline) => { onChange({ outline }); }} />
        )}
        <Row>
          <Measure {...props} field="radius" label="Inner radius" />
          <Measure {...props} field="angle" label="Bend angle °" />
        </Row>
        <ThingField form={form} onChange={onChange} kind="FORM" label="Form in the rig" none="No form is described in the rig yet." />
      </Step>
      <Step title="Method">
        <Choice label="How it is bent" options={METHOD} value={form.method}
          onChange={(method) => { onChange({ method }); }} />
        <OwnInputs {...props} />
      </Step>
      <Step title="Stock">
        <Choice label="Seasoning" help="seasoning" options={SEASONING} value={form.seasoning}
          onChange={(seasoning) => { onChange({ seasoning }); }} />
        <Choice label="Growth rings at the bend" help="rings" options={GROWTH_RINGS} value={form.growthRings}
          onChange={(growthRings) => { onChange({ growthRings }); }} />
        <Row>
          <Measure {...props} field="moisture" label="Moisture %" hint="Empty if not measured" />
          <Measure {...props} field="grainRun" label="Grain slope, 1 in" help="grainSlope" hint="Empty if not looked at" />
        </Row>
        <Choice label="Knots or wild grain" options={KNOTS} value={form.knots} problem={problems.knots}
          onChange={(knots) => { onChange({ knots }); }} />
        <Choice label="Outer face" help="outerFace" options={OUTER_FACE} value={form.outerFace}
          onChange={(outerFace) => { onChange({ outerFace }); }} />
        <Row>
          <BoardField {...props} />
          <SourceField {...props} />
          <PersonField {...props} />
        </Row>
      </Step>
    </>
  );
}

/** Where its wood came from; the sources named before are offered. */
function SourceField({ form, problems, onChange }: RecipeInputsProps) {
  const { data: names } = useNames();
  return (
    <Autocomplete
      freeSolo
      options={(names?.sources ?? []).map(({ name }) => name)}
      inputValue={form.source}
      onInputChange={(_, text) => { onChange({ source: text }); }}
      renderInput={(params) => (
        <Field {...params} label="Where from" error={problems.source !== undefined} helperText={problems.source ?? ' '} />
      )}
    />
  );
}
