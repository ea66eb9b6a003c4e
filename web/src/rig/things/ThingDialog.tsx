import { useState } from 'react';
import type { RigItemFields } from '../../api/schema';
import { FormDialog } from '../../app/FormDialog';
import { useUnits } from '../../app/units';
import { readWhole } from '../../units/readOrThrow';
import { thingOf, thingTyped, type ThingForm } from './draft';
import { ThingInputs } from './ThingInputs';

interface ThingDialogProps {
  title: string;
  first: ThingForm;
  onKeep: (item: RigItemFields) => Promise<unknown>;
  onLeave: () => void;
}

/** A thing in the rig is typed, or changed. */
export function ThingDialog({ title, first, onKeep, onLeave }: ThingDialogProps) {
  const [form, setForm] = useState(first);
  const [system] = useUnits();
  return (
    <FormDialog title={title} keep="Save" onLeave={onLeave} onKeep={async () => onKeep(thingOf(form, await readWhole(thingTyped(form), system)))}>
      <ThingInputs form={form} onChange={setForm} />
    </FormDialog>
  );
}
