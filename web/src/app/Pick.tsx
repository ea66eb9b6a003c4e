import { useId } from 'react';
import { InFrame } from './Field';
import styles from './Field.module.css';

interface PickProps {
  label: string;
  /** What is chosen; none is the first of what is offered. */
  value: string | undefined;
  none: string;
  options: { key: string; title: string }[];
  onPick: (key: string | undefined) => void;
}

/** One of many, or none, out of a list that opens; it looks like a field beside it. */
export function Pick({ label, value, none, options, onPick }: PickProps) {
  const id = useId();
  return (
    <div className={`${styles.field} ${styles.pick}`}>
      <div className={styles.frame}>
        <select id={id} className={styles.typed} value={value ?? ''} onChange={(event) => { onPick(event.target.value || undefined); }}>
          <option value="">{none}</option>
          {options.map(({ key, title }) => <option key={key} value={key}>{title}</option>)}
        </select>
        <InFrame id={id} label={label} />
      </div>
    </div>
  );
}
