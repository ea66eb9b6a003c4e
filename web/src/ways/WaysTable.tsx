import { Box, Table, TableBody, TableCell, TableHead, TableRow, TableSortLabel, Typography, useMediaQuery } from '@mui/material';
import { useId, useState, type ReactNode } from 'react';
import { useSideBySide } from '../api/advice';
import type { RecipeFields, WayBeside } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { say } from '../messages/ways';
import { METHOD } from '../methods/forms';
import { springbackLengths } from '../odds/groundsInWords';
import { oddsInWords } from '../odds/words';
import { OddsBar } from './OddsBar';
import { OpenedWay } from './OpenedWay';
import { COLUMNS, FIRST_FALLING, ordered, type Column, type Order } from './order';
import { againstInWords, doneHours, hoursInWords, howInWords, impossibleInWords, missingInWords } from './words';

interface WaysTableProps {
  recipe: RecipeFields | undefined;
  /** Whether the recipe is still what is typed. */
  current: boolean;
  /** Chance wanted that a piece does not break. */
  wanted: number;
  onTake: (recipe: RecipeFields) => void;
  /** What stands beside the heading. */
  beside?: ReactNode;
}

/** Every way to the planned curve and section, a row each; one that is opened is drawn beneath its row. */
export function WaysTable({ recipe, current, wanted, onTake, beside }: WaysTableProps) {
  const { data, isPlaceholderData, error } = useSideBySide(recipe, wanted);
  return (
    <Box component="section" aria-label={say('title')} sx={{ mb: 4 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', justifyContent: 'space-between', columnGap: 3, rowGap: 1, mb: 1 }}>
        <Box sx={{ flex: { xs: '1 1 100%', sm: '1 1 300px' } }}>
          <Box sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1.5 }}>
            <Typography variant="h2">{say('title')}</Typography>
            <HowComputed part="the-advice" />
          </Box>
          <Typography variant="body2" color="textSecondary">{say('explained', { wanted: oddsInWords(wanted) })}</Typography>
        </Box>
        {beside}
      </Box>
      {error && <Typography color="error">{error.message}</Typography>}
      <Dimmed old={isPlaceholderData || !current} sx={{ minHeight: ROOM }}>
        {data && (
          <>
            <Rows ways={data.ways} wanted={wanted} onTake={onTake} />
            {data.impossible.length > 0 && <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>{impossibleInWords(data.impossible)}</Typography>}
          </>
        )}
      </Dimmed>
    </Box>
  );
}

function Rows({ ways, wanted, onTake }: Pick<WaysTableProps, 'wanted' | 'onTake'> & { ways: WayBeside[] }) {
  const [order, setOrder] = useState<Order>();
  const [opened, setOpened] = useState<string>();
  const columns = useMediaQuery(LITTLE_ROOM) ? COMPACT : COLUMNS;
  const sortBy = (by: Column) => { setOrder({ by, falling: order?.by === by ? !order.falling : FIRST_FALLING.includes(by) }); };
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table size="small" sx={{ bgcolor: 'background.paper', '& th, & td': { px: { xs: 1, sm: 1.25 }, borderBottom: 1, borderColor: 'divider' } }}>
        <TableHead>
          <TableRow>
            {columns.map((column) => {
              const direction = order?.by === column ? (order.falling ? 'desc' : 'asc') : undefined;
              return (
                <TableCell key={column} sortDirection={direction ?? false} sx={{ whiteSpace: 'nowrap' }}>
                  <TableSortLabel active={direction !== undefined} direction={direction ?? 'asc'} onClick={() => { sortBy(column); }}>{say(`column.${column}`)}</TableSortLabel>
                </TableCell>
              );
            })}
          </TableRow>
        </TableHead>
        <TableBody>
          {ordered(ways, order).map((way) => {
            const { kind } = way.recipe.method;
            const open = opened === kind;
            return <WayRow key={kind} way={way} wanted={wanted} columns={columns} open={open} onOpen={() => { setOpened(open ? undefined : kind); }} onTake={onTake} />;
          })}
        </TableBody>
      </Table>
    </Box>
  );
}

interface WayRowProps {
  way: WayBeside;
  wanted: number;
  columns: Column[];
  open: boolean;
  onOpen: () => void;
  onTake: (recipe: RecipeFields) => void;
}

function WayRow({ way, wanted, columns, open, onOpen, onTake }: WayRowProps) {
  const id = useId();
  const compact = columns.length < COLUMNS.length;
  const [system] = useUnits();
  const { recipe, planned, unbroken, springback } = way;
  const done = doneHours(way);
  const cell: Record<Column, ReactNode> = {
    way: (
      <>
        <Box component="button" type="button" aria-expanded={open} aria-controls={id} onClick={onOpen} sx={NAME}>{METHOD[recipe.method.kind]}</Box>
        {planned && <Typography component="span" variant="body2" color="primary" sx={{ fontWeight: 620, ml: 1 }}>{say('planned')}</Typography>}
        {!compact && <Typography variant="body2" color="textSecondary">{howInWords(recipe, system)}</Typography>}
      </>
    ),
    odds: (
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5 }}>
        <Box component="span" sx={{ fontWeight: 660, fontSize: '1.05rem', minWidth: 68, color: unbroken.probability >= wanted ? 'data.clean' : 'text.primary' }}>{oddsInWords(unbroken.probability)}</Box>
        <OddsBar odds={unbroken} good={unbroken.probability >= wanted} />
      </Box>
    ),
    opens: springbackLengths(springback, system).released,
    yours: hoursInWords(way.attentionHours),
    done: done === undefined ? say('never') : hoursInWords(done),
    needs: missingInWords(way) || say('none'),
    against: againstInWords(way, wanted) || say('none'),
  };
  return (
    <>
      <TableRow hover selected={planned} aria-label={METHOD[recipe.method.kind]} sx={{ position: 'relative', '&& > td': open ? { borderBottom: 0 } : {} }}>
        {columns.map((column) => <TableCell key={column} sx={CELL[column]}>{cell[column]}</TableCell>)}
      </TableRow>
      {open && (
        <TableRow id={id} selected={planned}>
          <TableCell colSpan={columns.length} sx={{ pt: 0 }}><OpenedWay way={way} wanted={wanted} onTake={onTake} /></TableCell>
        </TableRow>
      )}
    </>
  );
}

/** Room for the rows that come [px]. */
const ROOM = 700;

/** Where there is little room a row says which way it is, how sure and how much work; how it is done and all else is said where it is opened. */
const COMPACT: Column[] = ['way', 'odds', 'yours'];
const LITTLE_ROOM = '(max-width: 899px)';

const CELL: Partial<Record<Column, object>> = {
  way: { minWidth: { sm: 230 } }, odds: { width: { sm: 230 } }, opens: { whiteSpace: 'nowrap' }, yours: { whiteSpace: 'nowrap' }, done: { whiteSpace: 'nowrap' },
  needs: { maxWidth: 190 }, against: { maxWidth: 200, color: 'text.secondary' },
};

/** A tap anywhere in the row opens it. */
const NAME = {
  border: 0, p: 0, bgcolor: 'transparent', font: 'inherit', fontSize: '1rem', fontWeight: 640, color: 'text.primary', textAlign: 'left', cursor: 'pointer',
  '&::after': { content: '""', position: 'absolute', inset: 0 },
} as const;
