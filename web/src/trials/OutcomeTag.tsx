import type { OutcomeFields } from '../api/schema';
import styles from './OutcomeTag.module.css';
import { outcomeLine, type Severity } from './words';

const SHAPE: Record<Severity, string> = {
  CLEAN: 'M2 11V7a5 5 0 0 1 10 0v4',
  FLAW: 'M2 11V7a5 5 0 0 1 4 -4.9M8 2.1a5 5 0 0 1 4 4.9v4',
  BROKEN: 'M2 11V6l4 -4M7.5 5.5l4.5 2v3.5',
};

/** How a trial ended: a shape, a colour and words, so that none of them carries it alone. */
export function OutcomeTag({ outcome }: { outcome: OutcomeFields }) {
  return (
    <span className={`${styles.tag} ${styles[outcome.severity]}`}>
      <svg viewBox="0 0 14 12" aria-hidden>
        <path d={SHAPE[outcome.severity]} fill="none" stroke="currentColor" strokeWidth={2.2} />
      </svg>
      {outcomeLine(outcome)}
    </span>
  );
}
