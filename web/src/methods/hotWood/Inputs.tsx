import type { ReactNode } from 'react';
import { Caution, Measure, Pick, Row, type RecipeInputsProps } from '../../recipe/fields';
import type { Measured } from '../../recipe/form';
import { cautionOf } from '../caution';
import { ThingField } from '../../recipe/ThingField';
import { isSoaked } from './form';

interface HotWoodInputsProps extends RecipeInputsProps {
  /** The time in what heats it, beside the hours of the soak. */
  heat: Measured;
  /** The hours until it is let go. */
  held?: Measured;
  /** Whether it cannot be bent under a strap. */
  strapless?: boolean;
  /** Whether its stock may be shaved thinner where it bends. */
  thins?: boolean;
  /** What is chosen about it first, if anything. */
  chosen?: ReactNode;
  /** The two measurements after the soak and the heat. */
  children: ReactNode;
}

/** Settings of a way of bending hot wood, in the order of work; each way says what is its own. */
export function HotWoodInputs({ heat, held = 'holdHours', strapless = false, thins = false, chosen, children, ...props }: HotWoodInputsProps) {
  const { form } = props;
  return (
    <>
      {!strapless && <SupportInputs {...props} />}
      {thins && <ThinnedInputs {...props} />}
      {chosen}
      <Row>
        <Measure {...props} field="soakHours" />
        <Measure {...props} field={heat} />
      </Row>
      {isSoaked(form) && <Pick {...props} field="soakAdditive" />}
      <Row>{children}</Row>
      <Measure {...props} field={held} />
      <Caution>{cautionOf(form)}</Caution>
    </>
  );
}

/** How thick it is where it bends. */
function ThinnedInputs(props: RecipeInputsProps) {
  return (
    <>
      <Pick {...props} field="atBend" />
      {props.form.atBend === 'THINNED' && <ThinnedTo {...props} />}
    </>
  );
}

/** What it is thinned to, and over what length. */
export function ThinnedTo(props: RecipeInputsProps) {
  return (
    <Row>
      <Measure {...props} field="thinned" />
      <Measure {...props} field="thinnedOver" />
    </Row>
  );
}

/** What lies on the outer face. */
function SupportInputs(props: RecipeInputsProps) {
  const { form, onChange } = props;
  return (
    <>
      <Pick {...props} field="support" />
      {form.support !== 'NONE' && (
        <>
          <ThingField form={form} onChange={onChange} kind="STRAP" />
          <Pick {...props} field="ends" />
          <Row>
            <Measure {...props} field="strapThickness" />
            <Measure {...props} field="endGap" />
            <Measure {...props} field="covered" />
          </Row>
        </>
      )}
    </>
  );
}
