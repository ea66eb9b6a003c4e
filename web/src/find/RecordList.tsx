import { Box, Typography, useMediaQuery } from '@mui/material';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { PAGE, useFound } from '../api/find';
import type { TrialView } from '../api/schema';
import { say } from '../messages/records';
import { useWoodName } from '../recipe/woodNames';
import { inList, TrialSummary, type Place } from '../trials/TrialSummary';
import type { Question } from './question';

/** Height of a record in the list [px], and on a phone; all are alike, so that the list is as long as it will be before they have come. */
const TALL_PX = 104;
const TALL_ON_PHONE_PX = 148;
/** Rows kept ready beyond what is in sight. */
const READY = 2;

interface RecordListProps {
  question: Question;
  /** How many there are in all. */
  total: number;
  /** Records chosen to stand side by side; none where nobody chooses. */
  chosen: number[] | undefined;
  onChoose: (id: number, one: boolean) => void;
}

interface InListProps {
  place: number;
  of: number;
  /** Records beside each other. */
  abreast: number;
  tall: number;
  /** The record, once it has come. */
  trial: TrialView | undefined;
  /** What its wood is called. */
  wood: string;
  /** Whether it is chosen; none where nobody chooses. */
  chosen: boolean | undefined;
  onChoose: (id: number, one: boolean) => void;
}

/** A record at its place in the list; drawn once, however far is scrolled. */
const InList = memo(function InList({ place, of, abreast, tall, trial, wood, chosen, onChoose }: InListProps) {
  const here: Place = {
    number: place + 1, of, beside: place % abreast > 0,
    at: { top: Math.floor(place / abreast) * tall, left: `${(place % abreast) * (100 / abreast)}%`, width: `${100 / abreast}%`, height: tall },
  };
  if (!trial) return <li aria-busy {...inList(here)} />;
  return (
    <TrialSummary trial={trial} wood={wood} to={`/records/${trial.id}`} place={here}
      choice={chosen === undefined ? undefined : { chosen, onChange: (one) => { onChoose(trial.id, one); } }} />
  );
});

/** The records that are looked for, however many: only those in sight are there, the others once they are scrolled to. */
export function RecordList({ question, total, chosen, onChoose }: RecordListProps) {
  const wide = useMediaQuery('(min-width: 1200px)');
  const abreast = wide ? 2 : 1;
  const tall = useMediaQuery('(max-width: 599px)') ? TALL_ON_PHONE_PX : TALL_PX;
  const woodName = useWoodName();
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const measure = () => { setTop(Math.round((list.current?.getBoundingClientRect().top ?? 0) + window.scrollY)); };
    measure();
    // what stands above may grow and shrink
    const above = new ResizeObserver(measure);
    above.observe(document.body);
    return () => { above.disconnect(); };
  }, []);
  const rows = useWindowVirtualizer({ count: Math.ceil(total / abreast), estimateSize: () => tall, overscan: READY, scrollMargin: top });
  useEffect(() => { rows.measure(); }, [rows, tall]);
  const inSight = rows.getVirtualItems();
  const places = inSight.flatMap(({ index }) => Array.from({ length: abreast }, (_, beside) => index * abreast + beside)).filter((place) => place < total);
  const pages = [...new Set(places.map((place) => Math.floor(place / PAGE)))];
  const { found, error } = useFound(question, pages);
  return (
    <>
      {error && <Typography role="alert" color="error">{error.message}</Typography>}
      <Box component="ul" ref={list} aria-label={say('title')} sx={{ listStyle: 'none', p: 0, m: 0, position: 'relative', height: rows.getTotalSize(), bgcolor: total > 0 ? 'background.paper' : 'transparent' }}>
        {places.map((place) => {
          const trial = found.get(place);
          return <InList key={place} place={place} of={total} abreast={abreast} tall={tall} trial={trial} wood={trial ? woodName(trial.recipe.blank.speciesId) : ''} chosen={trial && chosen?.includes(trial.id)} onChoose={onChoose} />;
        })}
      </Box>
    </>
  );
}
