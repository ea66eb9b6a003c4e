import { Box, Button, Typography } from '@mui/material';
import type { BoardFields, LayoutReading } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { PutOnBench } from '../bench/PutOnBench';
import { oddsInWords } from '../odds/words';
import { usePlanIt } from '../plan/draft';
import { printLength } from '../units/printing';
import { leftInWords, placeInWords } from './words';

interface CutListProps {
  board: BoardFields;
  layout: LayoutReading | undefined;
  /** Whether that is of another layout. */
  old: boolean;
  onChoose: (index: number) => void;
}

/** The blanks in the order they are sawn, what each is made of, and what is left. */
export function CutList({ board, layout, old, onChoose }: CutListProps) {
  const [system] = useUnits();
  const order = layout?.sawingOrder.filter((index) => index < board.blanks.length) ?? [];
  return (
    <Box component="section" aria-label="Cut list">
      <Typography variant="h2" gutterBottom>Cut list</Typography>
      {board.blanks.length === 0 && <Typography color="text.secondary">No blank is laid on it yet.</Typography>}
      <Dimmed old={old}>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {order.map((index) => <Line key={index} board={board} layout={layout} index={index} onChoose={onChoose} />)}
        </Box>
        {layout && board.blanks.length > 0 && (
          <Typography sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>{leftInWords(layout.leftShare, layout.largestLeft, system)}</Typography>
        )}
      </Dimmed>
    </Box>
  );
}

function Line({ board, layout, index, onChoose }: Omit<CutListProps, 'old'> & { index: number }) {
  const [system] = useUnits();
  const planIt = usePlanIt();
  const blank = board.blanks[index];
  const reading = layout?.blanks[index];
  if (!blank || !reading) return null;
  const { recipe, unbroken, trouble } = reading;
  const [length, width, along, across] = [blank.lengthMm, blank.widthMm, blank.alongMm, blank.acrossMm].map((mm) => printLength(mm, system));
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr auto' }, columnGap: 2, alignItems: 'center', borderTop: 1, borderColor: 'divider', py: 1 }}>
      <Box sx={{ minWidth: 0 }}>
        <Button variant="text" sx={{ p: 0, minHeight: 32, textAlign: 'left', justifyContent: 'flex-start' }} onClick={() => { onChoose(index); }}>
          {index + 1}. {blank.name}
        </Button>
        <Typography variant="body2">{length} × {width}, from {along} along and {across} across. {placeInWords(reading, board.marks)}</Typography>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, justifyContent: { sm: 'flex-end' } }}>
        {unbroken && !trouble && <Typography sx={{ fontWeight: 650, minWidth: 74, textAlign: { sm: 'right' } }}>{oddsInWords(unbroken.probability)}</Typography>}
        <Button disabled={!recipe || trouble !== undefined} onClick={() => { if (recipe) planIt(recipe); }}>Plan it</Button>
        <PutOnBench recipe={recipe} stale={trouble !== undefined} called={blank.name} />
      </Box>
    </Box>
  );
}
