import { Box, Button, Link, Paper, Typography } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { Link as RouterLink, useLocation } from 'react-router';
import type { BenchView, JobView } from '../api/schema';
import { useThingWrites } from '../api/things';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { factsOf } from '../methods/forms';
import { PhotosOf } from '../photo/PhotosOf';
import { SaidRecipe } from '../sentence/SaidRecipe';
import { BenchClock } from './BenchClock';
import { ChamberCurve } from './ChamberCurve';
import { MadeWith, MadeWithDialog } from './MadeWith';
import { OnTheRack } from './OnTheRack';
import { Rehearsal } from './Rehearsal';
import { serverNow } from './serverClock';
import { stateOf } from './state';
import type { WaitingTap } from './taps';
import { Touches } from './Touches';
import { useBenchWrites } from './useBenchWrites';
import { Verdict } from './Verdict';
import { WhichThermometer } from './WhichThermometer';
import { cardOf, saidInWords, type Step, UNTOUCHED } from './words';

interface PieceCardProps {
  piece: BenchView;
  /** Where it stands among the others; the most pressing at 0. */
  place: number;
  /** The job it is for. */
  job: JobView | undefined;
  waiting: WaitingTap[];
  /** Whether nothing is heard of the server. */
  lost: boolean;
}

const BEFORE_THE_PULL: Step[] = [...UNTOUCHED, 'SOAKING', 'HEATING'];

/** One piece under way: what it is, what its clock says, and what may be said of it by a touch. */
export function PieceCard({ piece, place, job, waiting, lost }: PieceCardProps) {
  const first = place === 0;
  const card = useStayingInSight(place);
  const [system] = useUnits();
  const [doing, setDoing] = useState<'judging' | 'rehearsing'>();
  const { recipe } = piece;
  const { step, next, standing, said } = stateOf(piece, waiting);
  const { carried } = factsOf(recipe.method);
  const [photos, setPhotos] = useState(false);
  const close = () => { setDoing(undefined); };
  return (
    <Paper ref={card} component="li" id={cardOf(piece)} aria-label={piece.name} sx={{ p: 2, border: first ? 2 : 1, borderColor: first ? 'primary.main' : 'divider', gridColumn: first ? { md: '1 / -1' } : undefined }}>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: first ? { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' } : 'minmax(0, 1fr)' }}>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
            <PieceGlyph recipe={recipe} severity="CLEAN" />
            <Box sx={{ minWidth: 0 }}>
              <Typography variant="h2">{piece.name}</Typography>
              {piece.jobId !== undefined && (
                <Typography variant="body2" sx={{ minHeight: '1.5em' }}>{job && <>For <Link component={RouterLink} to={`/plan/jobs/${job.id}`}>{job.job.name}</Link></>}</Typography>
              )}
              <Typography variant="body2" color="textSecondary">
                <SaidRecipe recipe={recipe} />{recipe.person ? ` Bent by ${recipe.person}.` : ''}
              </Typography>
              {piece.stockId !== undefined && (
                <Typography variant="body2">Sawn from <Link component={RouterLink} to={`/stock/${piece.stockId}`}>{recipe.board ?? 'a board'}{piece.blankName ? `, ${piece.blankName}` : ''}</Link></Typography>
              )}
            </Box>
          </Box>
          <MadeWith piece={piece} />
          <BenchClock step={step} standing={standing} first={first} />
        </Box>
        {doing === 'judging' && <Verdict piece={piece} onClose={close} />}
        {doing === 'rehearsing' && <Rehearsal recipe={recipe} onClose={close} />}
        {!doing && (
          <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
            <Touches piece={piece} step={step} next={next} first={first} judges={!lost && waiting.length === 0} rehearses={carried && BEFORE_THE_PULL.includes(step)}
              onJudge={() => { setDoing('judging'); }} onRehearse={() => { setDoing('rehearsing'); }} />
            {step === 'DRYING' && piece.rackId !== undefined && <OnTheRack piece={piece} />}
            {step === 'HEATING' && <ChamberCurve readings={piece.chamber} />}
            {step === 'HEATING' && <WhichThermometer piece={piece} />}
          </Box>
        )}
      </Box>
      {photos && <Box sx={{ mt: 1.5 }}><PhotosOf subject={{ piece: piece.id }} /></Box>}
      <Foot piece={piece} waiting={waiting} said={saidInWords(said, serverNow(), system)} busy={doing !== undefined} photos={photos} onPhotos={() => { setPhotos(!photos); }} />
    </Paper>
  );
}

/** Keeps a card in sight that was touched last when its place among the others changes, and brings the one into sight that an address leads to. */
function useStayingInSight(place: number) {
  const card = useRef<HTMLLIElement>(null);
  const { hash } = useLocation();
  useEffect(() => {
    if (card.current && hash === `#${card.current.id}`) card.current.scrollIntoView({ block: 'start' });
  }, [hash]);
  useEffect(() => {
    if (card.current?.contains(document.activeElement)) card.current.scrollIntoView({ block: 'nearest' });
  }, [place]);
  return card;
}

interface FootProps {
  piece: BenchView;
  waiting: WaitingTap[];
  said: string;
  busy: boolean;
  /** Whether its photographs are shown. */
  photos: boolean;
  onPhotos: () => void;
}

/** What was said so far, and the way back. */
function Foot({ piece, waiting, said, busy, photos, onPhotos }: FootProps) {
  const { takeBack, takeOff, putBack } = useBenchWrites();
  const { isMadeWith } = useThingWrites();
  const [saying, setSaying] = useState(false);
  const notify = useNotice();
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
        {said || 'Nothing was done yet'}
        {waiting.length > 0 ? ' (not sent yet)' : ''}
      </Typography>
      {!busy && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {piece.said.length > 0 && waiting.length === 0 && (
            <Button size="small" onClick={() => { takeBack.mutate(piece, { onError: failed }); }}>Take back the last</Button>
          )}
          <Button size="small" onClick={() => { setSaying(true); }}>Made with</Button>
          <Button size="small" aria-expanded={photos} onClick={onPhotos}>Photographs</Button>
          <Button size="small" component={RouterLink} to={`/bench/card/${piece.id}`}>On paper</Button>
          <Button size="small" color="error" onClick={() => {
            void takeOff.mutateAsync(piece)
              .then(() => { notify({ message: `${piece.name} taken off the bench.`, undo: () => { putBack.mutate(piece.id, { onError: failed }); } }); })
              .catch(failed);
          }}>
            Remove
          </Button>
        </Box>
      )}
      {saying && (
        <MadeWithDialog name={piece.name} recipe={piece.recipe} jobId={piece.jobId} madeWith={piece.madeWith} onLeave={() => { setSaying(false); }}
          onKeep={(madeWith) => isMadeWith.mutateAsync({ piece, madeWith })} />
      )}
    </>
  );
}
