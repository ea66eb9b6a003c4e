import { Box, Button, ToggleButton, Typography } from '@mui/material';
import { memo } from 'react';
import type { BoardFields, LaidFields, LaidReading, LayoutReading, MarkFields } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { PutOnBench } from '../bench/PutOnBench';
import { JobLink } from '../jobs/WhichJob';
import { oddsInWords } from '../odds/words';
import { usePlanIt } from '../plan/draft';
import { printLength } from '../units/printing';
import { leftInWords, placeInWords, pliesInWords } from './words';

interface CutListProps {
  board: BoardFields;
  /** Its key, once it is kept. */
  stockId: number | undefined;
  layout: LayoutReading | undefined;
  /** Whether that is of another layout. */
  old: boolean;
  onChoose: (index: number) => void;
  onCut: (index: number, cut: boolean) => void;
}

/** The blanks in the order they are sawn, what each is made of, and what is left. */
export function CutList({ board, stockId, layout, old, onChoose, onCut }: CutListProps) {
  const [system] = useUnits();
  const order = layout?.sawingOrder.filter((index) => index < board.blanks.length) ?? [];
  return (
    <Box component="section" aria-label="Cut list">
      <Typography variant="h2" gutterBottom>Cut list</Typography>
      {board.blanks.length === 0 && <Typography color="textSecondary">No blank is laid on it yet.</Typography>}
      <Dimmed old={old}>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {order.map((index) => {
            const [blank, reading] = [board.blanks[index], layout?.blanks[index]];
            return blank && reading && <Line key={index} index={index} blank={blank} reading={reading} marks={board.marks} stockId={stockId} piecesEach={layout?.size?.piecesEach ?? 1} plies={layout?.size?.plies ?? 1} onChoose={onChoose} onCut={onCut} />;
          })}
        </Box>
        {layout && board.blanks.length > 0 && (
          <Typography sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>{leftInWords(layout.leftShare, layout.largestLeft, system)}</Typography>
        )}
      </Dimmed>
    </Box>
  );
}

interface LineProps {
  index: number;
  blank: LaidFields;
  reading: LaidReading;
  marks: MarkFields[];
  stockId: number | undefined;
  /** How many pieces of the plan one blank is sawn into. */
  piecesEach: number;
  /** How many plies one piece of the plan is glued up of. */
  plies: number;
  onChoose: (index: number) => void;
  onCut: (index: number, cut: boolean) => void;
}

/** One blank; drawn anew only where what is said of it is another, so that a long list keeps up with a hand. */
const Line = memo(function Line({ index, blank, reading, marks, stockId, piecesEach, plies, onChoose, onCut }: LineProps) {
  const [system] = useUnits();
  const planIt = usePlanIt();
  const { recipe, unbroken, trouble } = reading;
  const [length, width, along, across] = [blank.lengthMm, blank.widthMm, blank.alongMm, blank.acrossMm].map((mm) => printLength(mm, system));
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr auto' }, columnGap: 2, alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box sx={{ minWidth: 0 }}>
        <Button variant="text" sx={{ p: 0, minHeight: 32, textAlign: 'left', justifyContent: 'flex-start' }} onClick={() => { onChoose(index); }}>
          {index + 1}. {blank.name}
        </Button>
        <Typography variant="body2">{length} × {width}, from {along} along and {across} across. {placeInWords(reading, marks)}</Typography>
        {(blank.ply !== undefined || blank.jobId !== undefined) && (
          <Typography variant="body2">
            {blank.ply !== undefined && `${pliesInWords(blank.ply, piecesEach, plies)}${blank.jobId === undefined ? '' : ', '}`}
            {blank.jobId !== undefined && <>for <JobLink jobId={blank.jobId} /></>}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, justifyContent: { sm: 'flex-end' } }}>
        {unbroken && !trouble && <Typography sx={{ fontWeight: 650, minWidth: 74, textAlign: { sm: 'right' } }}>{oddsInWords(unbroken.probability)}</Typography>}
        <Button disabled={!recipe || trouble !== undefined} onClick={() => { if (recipe) planIt(recipe); }}>Plan it</Button>
        <ToggleButton value="cut" size="small" selected={blank.cut === true} sx={{ minHeight: 40 }} aria-label={`${blank.name} is sawn out`}
          onChange={() => { onCut(index, !blank.cut); }}>
          sawn
        </ToggleButton>
        <PutOnBench recipe={recipe} stale={trouble !== undefined} called={blank.name} jobId={blank.jobId} many={Math.max(1, piecesEach)} {...(stockId === undefined ? {} : { blank: { stockId, blankName: blank.name } })} onLaid={() => { onCut(index, true); }} />
      </Box>
    </Box>
  );
}, (before, now) => before.blank === now.blank && before.piecesEach === now.piecesEach && before.plies === now.plies && before.marks === now.marks && before.onChoose === now.onChoose && before.onCut === now.onCut
  && (before.reading === now.reading || JSON.stringify(before.reading) === JSON.stringify(now.reading)));
