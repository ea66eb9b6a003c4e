import type { DoneFields, DoneView } from '../api/schema';
import { methodOf } from '../methods/forms';
import type { StageKind } from '../methods/method';
import type { RecipeForm } from '../recipe/form';
import type { Measurement, Reading, Typed } from '../units/reading';
import { AS_PLANNED, type DoneForm } from './draft';

type Stage = Exclude<keyof DoneForm, 'chamber'>;

interface StageInput {
  field: Stage;
  /** What it is; what softens the wood is whatever no other line is. */
  kind?: StageKind;
  label: string;
  measurement: Measurement;
  /** What one of its units is in minutes. */
  minutes: number;
}

/** The stages in the order of work. */
const STAGES: StageInput[] = [
  { field: 'soakHours', kind: 'SOAK', label: 'Soaked, hours', measurement: 'HOURS', minutes: 60 },
  { field: 'steamMinutes', label: 'Steamed, minutes', measurement: 'MINUTES', minutes: 1 },
  { field: 'carrySeconds', kind: 'CARRY', label: 'Carried, seconds', measurement: 'SECONDS', minutes: 1 / 60 },
  { field: 'steamOn', kind: 'STEAM_ON', label: 'Steam stayed on, minutes', measurement: 'MINUTES', minutes: 1 },
  { field: 'formHours', kind: 'FORM', label: 'On the form, hours', measurement: 'HOURS', minutes: 60 },
  { field: 'rackDays', kind: 'RACK', label: 'On the rack, days', measurement: 'DAYS', minutes: 1440 },
];

/** What is not called by what it is mostly. */
const CALLED: Partial<Record<StageKind, string>> = { HOT_BATH: 'Lay in the bath, minutes', HOT_PIPE: 'On the pipe, minutes' };

/** The stages of a process, each as what it is there. */
export function stagesOf(process: StageKind[]): (StageInput & { kind: StageKind })[] {
  return STAGES.flatMap((stage) => {
    const kind = process.find((each) => (stage.kind ? each === stage.kind : !STAGES.some((other) => other.kind === each)));
    return kind ? [{ ...stage, kind, label: CALLED[kind] ?? stage.label }] : [];
  });
}

/** What a process as planned consists of; what is racked is always asked. */
export function processOf(plan: RecipeForm): StageKind[] {
  const stages = methodOf(plan).stages(plan).map(({ kind }) => kind);
  return stages.length === 0 ? [] : [...stages, 'RACK'];
}

export type DoneProblems = Partial<Record<keyof DoneForm, string>>;

/** A time and a temperature, as in 15 96, 15 min 205 °F or 7,5; 208. */
const READING = /^\s*(\d+(?:[.,]\d+)?\s*(?:s|min|h)?)\s*[,;:\s]\s*(-?\d.*)$/i;

function linesOf(form: DoneForm): string[] {
  return form.chamber.split('\n').filter((line) => line.trim() !== '');
}

/** Every measurement of the process as it was done, for the server to read. */
export function doneTyped(form: DoneForm, process: StageKind[]): Record<string, Typed> {
  const stages = stagesOf(process).map(({ field, measurement }) => [field, { measurement, text: form[field] }]);
  const chamber = (process.length === 0 ? [] : linesOf(form)).flatMap((line, i) => {
    const [, time = '', temperature = ''] = READING.exec(line) ?? [];
    return time === '' ? [] : [
      [`minutes${i}`, { measurement: 'MINUTES', text: time }],
      [`celsius${i}`, { measurement: 'TEMPERATURE', text: temperature }],
    ];
  });
  return Object.fromEntries([...stages, ...chamber]) as Record<string, Typed>;
}

/** What was read of the process as it was done, or what keeps it from being read. */
export function doneOf(form: DoneForm, readings: Record<string, Reading>, process: StageKind[]): { done: DoneFields; problems: DoneProblems } {
  const problems: DoneProblems = {};
  const stages: DoneFields['stages'] = [];
  for (const { field, kind, minutes } of stagesOf(process)) {
    const { value, error } = readings[field] ?? {};
    if (error) problems[field] = error;
    else if (value === 0) problems[field] = 'Leave it empty when there was none.';
    else if (value !== undefined) stages.push({ kind, actualMinutes: value * minutes });
  }
  const chamber: DoneFields['chamber'] = [];
  linesOf(form).forEach((line, i) => {
    const minutes = readings[`minutes${i}`];
    const celsius = readings[`celsius${i}`];
    if (!READING.test(line)) {
      problems.chamber ??= `“${line.trim()}” is not a time and a temperature, such as 15 96 or 15 min 205 °F.`;
    } else if (minutes?.error ?? celsius?.error) {
      problems.chamber ??= minutes?.error ?? celsius?.error ?? '';
    } else if (minutes?.value !== undefined && celsius?.value !== undefined) {
      chamber.push({ minutes: minutes.value, celsius: celsius.value });
    }
  });
  return { done: { stages, chamber }, problems };
}

/** What was kept, as it would be typed. */
export function doneForm(view: DoneView): DoneForm {
  const form = { ...AS_PLANNED };
  for (const { field, kind, minutes } of stagesOf(view.stages.map((stage) => stage.kind))) {
    const stage = view.stages.find((s) => s.kind === kind);
    if (stage) form[field] = String(Number((stage.actualMinutes / minutes).toFixed(4)));
  }
  form.chamber = view.chamber.map((r) => `${r.minutes ?? 0} min ${Number((r.celsius ?? 0).toFixed(2))} °C`).join('\n');
  return form;
}
