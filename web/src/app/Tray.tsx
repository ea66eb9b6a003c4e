import styles from './Tray.module.css';

interface TrayProps<T extends string> {
  options: Record<T, string>;
  chosen: (option: T) => boolean;
  onTap: (option: T) => void;
  'aria-label'?: string;
  'aria-labelledby'?: string;
}

/**
 * A few things to choose from, all in sight, each a tap away. They lie in one tray, so that a choice which breaks over two lines is
 * still seen as one; plain buttons, as a form has fifty of them.
 */
export function Tray<T extends string>({ options, chosen, onTap, ...named }: TrayProps<T>) {
  return (
    <div role="group" className={styles.tray} {...named}>
      {(Object.keys(options) as T[]).map((option) => (
        <button key={option} type="button" aria-pressed={chosen(option)} onClick={() => { onTap(option); }}>{options[option]}</button>
      ))}
    </div>
  );
}
