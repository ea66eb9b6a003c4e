import type { WoodFields, WoodView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { exactLength } from '../units/exact';
import { number } from '../units/number';
import type { Reading } from '../units/reading';
import { figureInSi, figureText, type FigureKind } from './figures';
import { isPlywood } from './words';

/** A wood as it is typed. */
export interface WoodForm {
  commonName: string;
  latinName: string;
  woodClass: WoodFields['woodClass'] | undefined;
  weightAs: 'density' | 'gravity';
  weight: string;
  bare: string;
  strapped: string;
  unbroken: string;
  strength: string;
  stiffness: string;
  crushing: string;
  source: string;
}

export const EMPTY_WOOD: WoodForm = {
  commonName: '', latinName: '', woodClass: undefined, weightAs: 'density', weight: '', bare: '', strapped: '', unbroken: '',
  strength: '', stiffness: '', crushing: '', source: '',
};

/** What is asked of a wood of its kind: plywood is not steamed to a radius. What was typed before is kept for when it is no plywood. */
export function asked(form: WoodForm): WoodForm {
  return isPlywood(form) ? { ...form, bare: '', strapped: '', unbroken: '' } : form;
}

/** The fields whose text is a plain number, with the server's name for each and what it measures. */
const FIGURES: { name: 'unbroken' | 'strength' | 'stiffness' | 'crushing'; field: keyof WoodFields; kind?: FigureKind }[] = [
  { name: 'unbroken', field: 'unbrokenPercent' },
  { name: 'strength', field: 'bendingStrengthMpa', kind: 'strength' },
  { name: 'stiffness', field: 'stiffnessMpa', kind: 'stiffness' },
  { name: 'crushing', field: 'crushingStrengthMpa', kind: 'strength' },
];

/** A wood that is kept, as it would be typed. */
export function woodForm(wood: WoodView, system: UnitSystem): WoodForm {
  const { known } = wood;
  const figure = (si: number | undefined, kind?: FigureKind) =>
    si === undefined ? '' : kind ? figureText(kind, si, system) : String(si);
  const length = (mm: number | undefined) => (mm === undefined ? '' : exactLength(mm, system));
  return {
    commonName: known.commonName,
    latinName: known.latinName,
    woodClass: known.woodClass,
    weightAs: known.density12 === undefined ? 'gravity' : 'density',
    weight: known.density12 === undefined ? String(known.basicSpecificGravity ?? '') : figure(known.density12, 'density'),
    bare: length(known.unsupportedRadiusMm),
    strapped: length(known.supportedRadiusMm),
    unbroken: figure(known.unbrokenPercent),
    strength: figure(known.bendingStrengthMpa, 'strength'),
    stiffness: figure(known.stiffnessMpa, 'stiffness'),
    crushing: figure(known.crushingStrengthMpa, 'strength'),
    source: known.source,
  };
}

export type WoodProblems = Partial<Record<keyof WoodForm, string>>;

/** What keeps the typed text from being sent. */
export function typingProblems(form: WoodForm, readings: { bare: Reading; strapped: Reading }): WoodProblems {
  const problems: WoodProblems = {};
  for (const name of ['weight', ...FIGURES.map((figure) => figure.name)] as const) {
    if (form[name].trim() !== '' && number(form[name]) === undefined) problems[name] = `“${form[name]}” is not a number.`;
  }
  for (const name of ['bare', 'strapped'] as const) {
    if (form[name].trim() !== '' && readings[name].error) problems[name] = readings[name].error;
  }
  if (form.woodClass === undefined) problems.woodClass = 'Say what kind of wood it is.';
  return problems;
}

/** The wood as it is sent. */
export function woodFields(form: WoodForm, readings: { bare: Reading; strapped: Reading }, system: UnitSystem): WoodFields {
  const inSi = (text: string, kind?: FigureKind) => {
    const written = number(text);
    return written === undefined || !kind ? written : figureInSi(kind, written, system);
  };
  const figures = Object.fromEntries(FIGURES.map(({ name, field, kind }) => [field, inSi(form[name], kind)]));
  return {
    commonName: form.commonName.trim(),
    latinName: form.latinName.trim(),
    woodClass: form.woodClass as NonNullable<WoodForm['woodClass']>,
    ...(form.weightAs === 'density' ? { density12: inSi(form.weight, 'density') } : { basicSpecificGravity: inSi(form.weight) }),
    ...figures,
    unsupportedRadiusMm: form.bare.trim() === '' ? undefined : readings.bare.value,
    supportedRadiusMm: form.strapped.trim() === '' ? undefined : readings.strapped.value,
    source: form.source.trim(),
  };
}

const TYPED_IN: Record<string, keyof WoodForm> = {
  commonName: 'commonName', latinName: 'latinName', woodClass: 'woodClass', density12: 'weight', basicSpecificGravity: 'weight',
  unsupportedRadiusMm: 'bare', supportedRadiusMm: 'strapped', source: 'source',
  ...Object.fromEntries(FIGURES.map(({ name, field }) => [field, name])),
};

/** Problems the server named, by the field they are typed in. */
export function woodProblems(errors: { field: string; message: string }[]): WoodProblems {
  return Object.fromEntries(errors.flatMap(({ field, message }) => {
    const typedIn = TYPED_IN[field];
    return typedIn ? [[typedIn, message]] : [];
  }));
}
