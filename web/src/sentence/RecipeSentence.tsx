import { useSpecies } from '../api/queries';
import { useUnits } from '../app/units';
import { layupInWords, oneOfTheTwo } from '../methods/coldLamination/form';
import { isUnsaid, optionInWords, optionsInWords, type Chosen } from '../recipe/choices';
import type { RecipeInputsProps } from '../recipe/fields';
import type { Measured } from '../recipe/form';
import { labelOf } from '../recipe/labels';
import { isPlywood } from '../woods/words';
import { ChosenWord } from './ChosenWord';
import { FoundWord, useNamed } from './FoundWord';
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
  const [system] = useUnits();
  const named = useNamed(form);
  const follows: Partial<Record<Measured, string>> = (understood && layupInWords(understood, system)) ?? {};
  const chosen = (field: Chosen) => {
    const option = form[field];
    return (
      <ChosenWord key={field} label={labelOf(field, form)} options={optionsInWords(field)} value={option} word={optionInWords(field, option)}
        unsaid={isUnsaid(option)} problem={problems[field]} onChange={(next) => { onChange({ [field]: next }); }} />
    );
  };
  const { sentence, asides } = sayRecipe(form, {
    measured: (field: Measured) => (
      <TypedWord key={field} {...props} field={field} follows={follows[field]} onChange={(change) => { onChange(oneOfTheTwo(change)); }} />
    ),
    chosen,
    found: (field: Found) => <FoundWord key={field} {...props} field={field} named={named[field]} />,
    way: () => <WayWord key="method" form={form} onChange={onChange} />,
  }, said, wood !== undefined && isPlywood(wood));
  return (
    <>
      <p className={styles.sentence}>{sentence}</p>
      <p className={styles.asides}>{asides.map((aside, i) => <span key={i} className={styles.aside}>{aside}</span>)}</p>
    </>
  );
}
