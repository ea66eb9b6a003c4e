import { useSpecies } from '../api/queries';
import { useUnits } from '../app/units';
import type { RecipeFields } from '../api/schema';
import { factsOf } from '../methods/forms';
import { isUnsaid, optionInWords, optionsInWords, type Chosen } from '../recipe/choices';
import type { RecipeInputsProps } from '../recipe/fields';
import { placesOf, type Measured } from '../recipe/form';
import { labelOf } from '../recipe/labels';
import { say } from '../messages/say';
import { printLength } from '../units/printing';
import { isPlywood } from '../woods/words';
import { ChosenWord } from './ChosenWord';
import { FoundWord } from './FoundWord';
import { sayRecipe, type Found } from './saying';
import styles from './sentence.module.css';
import { TypedWord } from './TypedWord';
import { WayWord } from './WayWord';

export interface RecipeSentenceProps extends RecipeInputsProps {
  /** Whether it is still to be bent, or was. */
  said?: 'bend' | 'logged' | undefined;
}

/** A recipe said in a sentence, each word of which that can be changed is a control. */
export function RecipeSentence({ said = 'bend', ...props }: RecipeSentenceProps) {
  const { form, understood, problems, onChange } = props;
  const wood = useSpecies().data?.find(({ id }) => id === form.speciesId);
  const follows = useFollows(understood);
  const chosen = (field: Chosen) => {
    const option = form[field];
    return (
      <ChosenWord key={field} label={labelOf(field, form)} options={optionsInWords(field)} value={option} word={optionInWords(field, option)}
        unsaid={isUnsaid(option)} problem={problems[field]} onChange={(next) => { onChange({ [field]: next }); }} />
    );
  };
  // what a stack is divided by is either how many there are or how thick each is
  const typed = (change: Partial<typeof form>) => {
    onChange(change.plies !== undefined ? { ...change, plyThickness: '' } : change.plyThickness !== undefined ? { ...change, plies: '' } : change);
  };
  const { sentence, asides } = sayRecipe(form, {
    measured: (field: Measured) => placesOf(form)[field] && <TypedWord key={field} {...props} field={field} follows={follows[field]} onChange={typed} />,
    chosen,
    found: (field: Found) => <FoundWord key={field} {...props} field={field} />,
    way: () => <WayWord key="method" form={form} onChange={onChange} />,
  }, said, wood !== undefined && isPlywood(wood));
  return (
    <>
      <p className={styles.sentence}>{sentence}</p>
      <p className={styles.asides}>{asides.map((aside, i) => <span key={i} className={styles.aside}>{aside}</span>)}</p>
    </>
  );
}

/** What follows from the rest where nothing is typed: how a stack is divided. */
function useFollows(understood: RecipeFields | undefined): Partial<Record<Measured, string>> {
  const [system] = useUnits();
  if (!understood) return {};
  const { plies } = factsOf(understood.method);
  return plies > 1
    ? { plies: `${plies}${say('field.plies.after', { n: plies })}`, plyThickness: printLength(understood.blank.thicknessMm, system) }
    : {};
}
