import type { Extent } from '../api/advice';
import type { FamilyEvidence, MethodFields, StageView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import type { Measured, RecipeForm } from '../recipe/form';
import type { Support } from './hotWood/typed';
import type { Flaw } from '../trials/words';
import type { Measurement } from '../units/reading';

export type Kind = MethodFields['kind'];

/** What is set about one way of bending. */
export type SettingsOf<K extends Kind> = Extract<MethodFields, { kind: K }>;

/** What a field of a recipe measures and where the recipe on the wire has it. */
export interface Place {
  measurement: Measurement;
  at: string;
  /** Nothing typed means nobody measured, or that it follows from the rest. */
  optional?: true;
}

export type Places = Partial<Record<keyof RecipeForm, Place>>;

export type Family = FamilyEvidence['family'];

export type StageKind = StageView['kind'];

/** A stage of the process whose length is typed in a field. */
export interface StageField {
  kind: StageKind;
  field: Measured;
  unitSeconds: number;
}

/** What the page shows of a piece bent so, whichever way it is. */
export interface Facts {
  /** How many plies it is glued of; one where it is not. */
  plies: number;
  /** Thickness of the ply against the form, where it is one of its own [mm]. */
  cleanMm?: number;
  /** What lies on the outer face. */
  strap?: { material: Exclude<Support, 'NONE'>; thicknessMm: number; endGapMm: number; held: boolean } | undefined;
  /** Whether it is bent with a bag on. */
  wrapped?: boolean | undefined;
  /** What its inner face lies on; a form unless it is said. */
  bentOn?: 'FORM' | 'PIPE' | 'POSTS' | undefined;
  /** Whether a sheet lies between the plies and the clamps. */
  backed?: boolean;
  /** Saw cuts across its inner face, or that of every ply but a clean one, and the web they leave. */
  cuts?: { kerfMm: number; webMm: number };
  /** Thickness where it bends, if it is shaved thinner there [mm]. */
  thinnedMm?: number | undefined;
  /** Over what length that is [mm]. */
  thinnedOverMm?: number | undefined;
  /** How far it rises across the grain, if it is curved both ways [mm]. */
  acrossRiseMm?: number;
  /** Hours on the form, where somebody wrote them down. */
  holdHours?: number | undefined;
  /** How hot what heats it is to be [°C]. */
  heatC?: number | undefined;
  /** Whether it is carried from the heat to the form. */
  carried: boolean;
}

/** What is said of a way beside the sentence: how the stock is shaved for the bend, how a stack is closed. */
export type Aside = 'shaving' | 'clamping';

/** Prints what is stored: so that it reads back the same where it is typed anew. */
export interface Exact {
  length: (mm: number) => string;
  temperature: (celsius: number) => string;
}

/** A way of bending as the page knows it: what it asks for and the words it uses. */
export interface MethodForm<K extends Kind = Kind> {
  label: string;
  /** How it is done, as a drawing of lines, 64 wide and 40 high. */
  glyph: string;
  /** What is said of it beside the sentence of a recipe. */
  asides: Aside[];
  /** What can hurt about it. */
  caution: string;
  /** Ways of one family inform each other. */
  family: Family;
  /** Whether a search looks at it without being told to: most shops can do it. */
  usual: boolean;
  /** As in "your lamination trials": those of its family. */
  trials: string;
  /** What the thickness that is typed is called. */
  thickness: string;
  /** Behind the thickness on the map, where it is not that of the piece. */
  ofThickness: string;
  /** Whether heat and water can be followed through it, so that it has a strip and a process as it was done. */
  followed: boolean;
  /** Whether it is pulled round by a lever. */
  pulled: boolean;
  /** Whether rods and half-rounds are bent so, or planks alone. */
  rounds: boolean;
  /** In what it is heated, if it is. */
  heat?: string;
  /** The stages of that process before the rack, in the order of work. */
  stages: (form: RecipeForm) => StageField[];
  /** What cannot be seen on a piece bent so. */
  neverSeen: Flaw[];
  /** What is said when the curve is too much for it, where that is not what is said of solid wood. */
  curveCure?: string;
  /** What the bend map covers. */
  extent: Extent;
  /** Its measurements. */
  places: (form: RecipeForm) => Places;
  /** What is chosen rather than measured, as the settings on the wire have it. */
  choices: (form: RecipeForm) => Record<string, unknown>;
  /** Stored settings as they would be typed. */
  typed: (settings: SettingsOf<K>, exact: Exact) => Partial<RecipeForm>;
  /** What is typed when the piece on the map is moved to a thickness. */
  thickened: (thickness: string) => Partial<RecipeForm>;
  /** What is shown of it. */
  facts: (settings: SettingsOf<K>) => Facts;
  /** What was done, in a line. */
  line: (settings: SettingsOf<K>, system: UnitSystem) => string;
}
