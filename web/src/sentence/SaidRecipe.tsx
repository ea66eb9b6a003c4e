import type { ReactNode } from 'react';
import { useSpecies } from '../api/queries';
import type { RecipeFields, SpeciesView } from '../api/schema';
import { useUnits, type UnitSystem } from '../app/units';
import { say } from '../messages/say';
import { optionInWords } from '../recipe/choices';
import { formOf, placesOf } from '../recipe/form';
import { woodInSentence, woodName } from '../recipe/woodNames';
import { printLength, printTemperature } from '../units/printing';
import { isPlywood } from '../woods/words';
import { measuredInWords } from './measured';
import { sayRecipe } from './saying';
import styles from './sentence.module.css';

/** A recipe that is kept, said in the same sentence, to be read. */
export function SaidRecipe({ recipe }: { recipe: RecipeFields }) {
  const [system] = useUnits();
  const { data: species } = useSpecies();
  return <span className={styles.read}>{recipeInWords(recipe, system, species, (word, key) => <b key={key}>{word}</b>)}</span>;
}

/** Says a recipe as plain text, for paper. */
export function useSaid(): (recipe: RecipeFields) => string {
  const [system] = useUnits();
  const { data: species } = useSpecies();
  return (recipe) => String(recipeInWords(recipe, system, species, (word) => word));
}

/** The sentence of a recipe, each of its words shown as it is asked for. */
function recipeInWords(recipe: RecipeFields, system: UnitSystem, species: SpeciesView[] | undefined, shown: (word: string, key: string) => ReactNode): ReactNode {
  const form = formOf(recipe, system, { length: (mm) => printLength(mm, system), temperature: (celsius) => printTemperature(celsius, system) });
  const wood = species?.find(({ id }) => id === form.speciesId);
  return sayRecipe(form, {
    measured: (field) => shown(measuredInWords(field, form[field], placesOf(form)[field]?.measurement ?? 'LENGTH', system), field),
    chosen: (field) => shown(optionInWords(field, form[field]), field),
    found: (field) => (field === 'speciesId' ? shown(woodInSentence(woodName(species, form.speciesId)), field) : ''),
    way: () => shown(say(`said.method.${form.method}`), 'method'),
  }, 'kept', wood !== undefined && isPlywood(wood)).sentence;
}
