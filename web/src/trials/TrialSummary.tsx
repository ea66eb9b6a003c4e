import { Checkbox } from '@mui/material';
import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import { useOtherShops } from '../api/exchange';
import type { TrialFields, TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { printDay } from '../units/days';
import { OutcomeTag } from './OutcomeTag';
import styles from './TrialSummary.module.css';

interface TrialSummaryProps {
  trial: TrialView | TrialFields;
  /** What its wood is called. */
  wood: string;
  to?: string;
  /** Where records are chosen: whether this one is, and how that is changed. */
  choice?: { chosen: boolean; onChange: (chosen: boolean) => void } | undefined;
  /** Which it is of how many, and where, in a list that only holds those in sight. */
  place?: Place;
}

/** A place in a list of pieces that are all of one height. */
export interface Place {
  number: number;
  of: number;
  /** Whether another stands to the left. */
  beside: boolean;
  at: CSSProperties;
}

/** What a piece in such a list carries, whether it has come or not. */
export function inList({ number, of, beside, at }: Place) {
  return { 'aria-posinset': number, 'aria-setsize': of, className: `${styles.trial} ${styles.inList} ${beside ? styles.beside : ''}`, style: at };
}

/** A trial in a list: the piece drawn, what it was and how it ended; it leads on where there is somewhere to go. */
export function TrialSummary({ trial, wood, to, choice, place }: TrialSummaryProps) {
  const [system] = useUnits();
  const { recipe, outcome } = trial;
  return (
    <li {...(place ? inList(place) : { className: styles.trial })}>
      {choice && (
        <Checkbox checked={choice.chosen} sx={{ zIndex: 1, ml: -1, mr: -1 }} onChange={(_, chosen) => { choice.onChange(chosen); }}
          slotProps={{ input: { 'aria-label': `Compare ${wood}, ${shapeLine(recipe, system)}, ${printDay(trial.bentOn)}` } }} />
      )}
      <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
      <div className={styles.what}>
        {to ? <Link to={to} className={`${styles.name} ${styles.leads}`}>{wood}</Link> : <span className={styles.name}>{wood}</span>}{' '}
        <span className={styles.aside}>{stockLine(recipe)}{'otherShopId' in trial && trial.otherShopId !== undefined && <OfOtherShop id={trial.otherShopId} />}</span>
        <p className={styles.line}>{shapeLine(recipe, system)}</p>
        <p className={`${styles.line} ${styles.aside} ${place ? styles.cut : ''}`}>{processLine(recipe, system)}</p>
      </div>
      <Ending {...trial} />
    </li>
  );
}

/** How a trial ended, and when. */
export function Ending({ outcome, bentOn }: Pick<TrialFields, 'outcome' | 'bentOn'>) {
  return (
    <div className={styles.ending}>
      <OutcomeTag outcome={outcome} />
      <p className={`${styles.line} ${styles.aside} ${styles.cut}`}>
        <time dateTime={bentOn}>{printDay(bentOn)}</time>
      </p>
    </div>
  );
}

/** Whose record it is where it is not the shop’s own. */
function OfOtherShop({ id }: { id: number }) {
  const { data = [] } = useOtherShops();
  const shop = data.find((one) => one.id === id);
  return shop ? <>, of {shop.name}</> : null;
}
