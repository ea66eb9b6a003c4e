import { Menu, MenuItem } from '@mui/material';
import { useState } from 'react';
import { unsaidIf } from '../app/reach';
import styles from './sentence.module.css';

interface ChosenWordProps<T extends string> {
  label: string;
  options: Record<T, string>;
  value: T;
  /** As the chosen one reads in the sentence. */
  word: string;
  /** Whether it says that nobody looked. */
  unsaid?: boolean;
  problem?: string | undefined;
  onChange: (option: T) => void;
}

/** One of a few words, set in the sentence; a tap opens the others. */
export function ChosenWord<T extends string>({ label, options, value, word, unsaid = false, problem, onChange }: ChosenWordProps<T>) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <span className={styles.word}>
      <button type="button" aria-haspopup="listbox" aria-expanded={anchor !== null} aria-label={`${label}: ${word}`} title={problem} {...unsaidIf(unsaid)}
        className={problem === undefined ? (unsaid ? styles.unsaid : undefined) : styles.wrong}
        onClick={(event) => { setAnchor(event.currentTarget); }}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
          event.preventDefault();
          setAnchor(event.currentTarget);
        }}>
        {word}
      </button>
      {anchor && (
        <Menu open anchorEl={anchor} onClose={() => { setAnchor(null); }} slotProps={{ list: { role: 'listbox', 'aria-label': label } }}>
          {(Object.keys(options) as T[]).map((option) => (
            <MenuItem key={option} role="option" selected={option === value} aria-selected={option === value}
              onClick={() => {
                setAnchor(null);
                if (option !== value) onChange(option);
              }}>
              {options[option]}
            </MenuItem>
          ))}
        </Menu>
      )}
    </span>
  );
}
