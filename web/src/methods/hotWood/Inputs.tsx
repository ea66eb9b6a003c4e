import type { ReactNode } from 'react';
import { Choice } from '../../recipe/Choice';
import { Caution, Measure, Row, type RecipeInputsProps } from '../../recipe/fields';
import type { Measured } from '../../recipe/form';
import { methodOf } from '../forms';
import { ThingField } from '../../recipe/ThingField';
import { ADDITIVE, ENDS, SUPPORT } from '../../recipe/words';
import { STRAP_CAUTION } from './form';

interface HotWoodInputsProps extends RecipeInputsProps {
  /** The time in what heats it, beside the hours of the soak. */
  heat: { field: Measured; label: string };
  soakLabel?: string;
  /** The hours until it is let go. */
  held?: { field: Measured; label: string };
  /** Whether it cannot be bent under a strap. */
  strapless?: boolean;
  /** Whether its stock may be shaved thinner where it bends. */
  thins?: boolean;
  /** What is chosen about it first, if anything. */
  chosen?: ReactNode;
  /** The two measurements after the soak and the heat. */
  children: ReactNode;
}

const AT_BEND = { AS_THICK: 'as thick as the rest', THINNED: 'shaved thinner' };
const ON_THE_FORM = { field: 'holdHours' as const, label: 'On the form, hours' };

/** Settings of a way of bending hot wood, in the order of work; each way says what is its own. */
export function HotWoodInputs({ heat, soakLabel = 'Soak, hours', held = ON_THE_FORM, strapless = false, thins = false, chosen, children, ...props }: HotWoodInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      {!strapless && <SupportInputs {...props} />}
      {thins && <ThinnedInputs {...props} />}
      {chosen}
      <Row>
        <Measure {...props} field="soakHours" label={soakLabel} />
        <Measure {...props} field={heat.field} label={heat.label} />
      </Row>
      {!/^[0.,\s]*$/.test(form.soakHours) && (
        <Choice label="Soaked in" options={ADDITIVE} value={form.soakAdditive}
          onChange={(soakAdditive) => { onChange({ soakAdditive }); }} />
      )}
      <Row>{children}</Row>
      <Measure {...props} field={held.field} label={held.label} help="hold" hint="Empty if nobody wrote it down" />
      <Caution>
        {methodOf(form).caution}
        {!strapless && form.support !== 'NONE' && ` ${STRAP_CAUTION}`}
      </Caution>
    </>
  );
}

/** How thick it is where it bends. */
function ThinnedInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <Choice label="At the bend" options={AT_BEND} value={form.atBend} onChange={(atBend) => { onChange({ atBend }); }} />
      {form.atBend === 'THINNED' && <ThinnedTo {...props} />}
    </>
  );
}

/** What it is thinned to, and over what length. */
export function ThinnedTo(props: RecipeInputsProps) {
  return (
    <Row>
      <Measure {...props} field="thinned" label="Thinned to" />
      <Measure {...props} field="thinnedOver" label="Thinned over" hint="The bend and half as much at each end" />
    </Row>
  );
}

/** What lies on the outer face. */
function SupportInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <Choice label="Support on the outer face" help="support" options={SUPPORT} value={form.support}
        onChange={(support) => { onChange({ support }); }} />
      {form.support !== 'NONE' && (
        <>
          <ThingField form={form} onChange={onChange} kind="STRAP" label="Strap in the rig" none="No strap is described in the rig yet." />
          <Choice label="Its ends" options={ENDS} value={form.ends} onChange={(ends) => { onChange({ ends }); }} />
          <Row>
            <Measure {...props} field="strapThickness" label="Strap thickness" />
            <Measure {...props} field="endGap" label="Slack at the stops" help="slack" />
            <Measure {...props} field="covered" label="Covers, % of the width" hint="Empty for a whole band" />
          </Row>
        </>
      )}
    </>
  );
}
