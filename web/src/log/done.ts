import type { DoneFields, DoneView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { number } from '../recipe/form';
import { AS_PLANNED, type DoneForm } from './draft';

type Stage = Exclude<keyof DoneForm, 'chamber'>;

/** The stages in the order of work, with what one of their units is in minutes. */
export const STAGES: { field: Stage; kind: DoneFields['stages'][number]['kind']; label: string; minutes: number }[] = [
  { field: 'soakHours', kind: 'SOAK', label: 'Soaked, hours', minutes: 60 },
  { field: 'steamMinutes', kind: 'STEAM_BOX', label: 'Steamed, minutes', minutes: 1 },
  { field: 'carrySeconds', kind: 'CARRY', label: 'Carried, seconds', minutes: 1 / 60 },
  { field: 'formHours', kind: 'FORM', label: 'On the form, hours', minutes: 60 },
  { field: 'rackDays', kind: 'RACK', label: 'On the rack, days', minutes: 1440 },
];

export type DoneProblems = Partial<Record<keyof DoneForm, string>>;

/** What was typed of the process as it was done, or what keeps it from being read. */
export function readDone(form: DoneForm, system: UnitSystem): { done: DoneFields; problems: DoneProblems } {
  const problems: DoneProblems = {};
  const stages: DoneFields['stages'] = [];
  for (const { field, kind, minutes } of STAGES) {
    const text = form[field];
    if (text.trim() === '') continue;
    const value = number(text);
    if (value === undefined || value === 0) problems[field] = `“${text}” is not a time.`;
    else stages.push({ kind, actualMinutes: value * minutes });
  }
  const chamber: DoneFields['chamber'] = [];
  for (const line of form.chamber.split('\n')) {
    if (line.trim() === '') continue;
    const reading = readReading(line, system);
    if (reading) chamber.push(reading);
    else problems.chamber ??= `“${line.trim()}” is not a time and a temperature, such as 15 96 or 15 min 205 °F.`;
  }
  return { done: { stages, chamber }, problems };
}

/** Minutes and a temperature; a bare temperature is in the unit the person measures in. */
function readReading(line: string, system: UnitSystem): DoneFields['chamber'][number] | undefined {
  const found = /^\s*(\d+(?:[.,]\d+)?)\s*(?:min)?\s*[,;:\s]\s*(-?\d+(?:[.,]\d+)?)\s*°?\s*([cf])?\s*$/i.exec(line);
  if (!found) return undefined;
  const [, minutes = '', degrees = '', scale] = found;
  const value = Number(degrees.replace(',', '.'));
  const fahrenheit = scale ? scale.toLowerCase() === 'f' : system === 'inch';
  return { minutes: Number(minutes.replace(',', '.')), celsius: fahrenheit ? (value - 32) / 1.8 : value };
}

/** What was kept, as it would be typed. */
export function doneForm(view: DoneView): DoneForm {
  const form = { ...AS_PLANNED };
  for (const { field, kind, minutes } of STAGES) {
    const stage = view.stages.find((s) => s.kind === kind);
    if (stage) form[field] = String(Number((stage.actualMinutes / minutes).toFixed(4)));
  }
  form.chamber = view.chamber.map((r) => `${r.minutes ?? 0} min ${Number((r.celsius ?? 0).toFixed(1))} °C`).join('\n');
  return form;
}
