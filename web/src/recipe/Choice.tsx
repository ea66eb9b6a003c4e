import { useId } from 'react';
import field from '../app/Field.module.css';
import { Tray } from '../app/Tray';
import { Help } from '../help/Help';
import type { TermName } from '../help/titles';
import styles from './Choice.module.css';

interface Offered<T extends string> {
  label: string;
  options: Record<T, string>;
  problem?: string | undefined;
  /** What a beginner may not know. */
  help?: TermName;
}

interface ChoiceProps<T extends string> extends Offered<T> {
  value: T | undefined;
  onChange: (value: T) => void;
}

/** One of a few. */
export function Choice<T extends string>({ value, onChange, ...offered }: ChoiceProps<T>) {
  return <Labelled {...offered} chosen={(option) => option === value} onTap={(option) => { if (option !== value) onChange(option); }} />;
}

interface SeveralProps<T extends string> extends Offered<T> {
  value: T[];
  onChange: (value: T[]) => void;
}

/** Any of a few, at least one. */
export function Several<T extends string>({ value, onChange, ...offered }: SeveralProps<T>) {
  return (
    <Labelled {...offered} chosen={(option) => value.includes(option)} onTap={(option) => {
      const others = value.filter((each) => each !== option);
      if (others.length === value.length) onChange([...value, option]);
      else if (others.length > 0) onChange(others);
    }} />
  );
}

interface LabelledProps<T extends string> extends Offered<T> {
  chosen: (option: T) => boolean;
  onTap: (option: T) => void;
}

function Labelled<T extends string>({ label, options, problem, help, chosen, onTap }: LabelledProps<T>) {
  const id = useId();
  return (
    <div className={`${styles.choice} ${problem === undefined ? '' : field.error}`}>
      <div className={`${styles.head} ${problem === undefined ? '' : styles.problem}`}>
        <span id={id}>{label}</span>
        {help && <Help of={help} />}
      </div>
      <Tray options={options} chosen={chosen} onTap={onTap} aria-labelledby={id} />
      {problem && <p className={field.line}>{problem}</p>}
    </div>
  );
}
