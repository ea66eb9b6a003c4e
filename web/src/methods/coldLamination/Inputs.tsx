import { useUnits } from '../../app/units';
import { Choice } from '../../recipe/Choice';
import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import { GLUE } from '../../recipe/words';
import { printLength } from '../../units/printing';
import { factsOf, methodOf } from '../forms';
import { BEHIND, CLAMPED, CLAMPED_FROM } from './form';

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
export function ClampsInputs({ form, onChange }: RecipeInputsProps) {
  return (
    <>
      <Choice label="Clamped from" options={CLAMPED_FROM} value={form.clampOrder} onChange={(clampOrder) => { onChange({ clampOrder }); }} />
      <Choice label="Clamped" options={CLAMPED} value={form.clampForce} onChange={(clampForce) => { onChange({ clampForce }); }} />
      <Choice label="Behind the plies" options={BEHIND} value={form.backing} onChange={(backing) => { onChange({ backing }); }} />
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
        <Measure {...props} field="plies" label="Plies" help="plies" hint={layup && form.plies === '' ? layup.plies : undefined}
          onChange={({ plies = '' }) => { onChange({ plies, plyThickness: '' }); }} />
        <Measure {...props} field="plyThickness" label="Or each ply" hint={layup && form.plyThickness === '' ? `${layup.ply} each` : undefined}
          onChange={({ plyThickness = '' }) => { onChange({ plyThickness, plies: '' }); }} />
      </Row>
      <Choice label="Glue" options={GLUE} value={form.glue} onChange={(glue) => { onChange({ glue }); }} />
    </>
  );
}
