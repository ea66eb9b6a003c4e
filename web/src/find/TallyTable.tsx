import { Box, Typography } from '@mui/material';
import { useTally } from '../api/find';
import type { ConditionFields, TallyCount, FactView, ValueReading } from '../api/schema';
import { Dimmed } from '../app/Dimmed';
import { useUnits } from '../app/units';
import { say } from '../messages/records';
import type { Facts, Question } from './question';
import { valueInWords } from './values';

interface TallyTableProps {
  question: Question;
  facts: Facts;
  rows: string;
  columns: string | undefined;
  /** Looks at the records of a cell. */
  onOpen: (conditions: ConditionFields[]) => void;
}

/** Records counted by one fact or two, and how many of them broke; each leads to its records. */
export function TallyTable({ question, facts, rows, columns, onOpen }: TallyTableProps) {
  const [system] = useUnits();
  const { data, isPlaceholderData, error } = useTally(question, rows, columns);
  if (error) return <Typography role="alert" color="error">{error.message}</Typography>;
  const down = data?.rows && facts[data.asked.rows];
  if (!data || !down) return <Box sx={{ minHeight: 240 }} />;
  const across = data.asked.columns === undefined ? undefined : facts[data.asked.columns];
  return (
    <Dimmed old={isPlaceholderData}>
      <Box sx={{ overflowX: 'auto' }}>
        <Box component="table" aria-label={say('table', { rows: down.title.toLowerCase(), columns: across?.title.toLowerCase() ?? 'none' })}
          sx={{ borderCollapse: 'collapse', bgcolor: 'background.paper', minWidth: 320, '& th, & td': { border: 1, borderColor: 'divider', p: 0.75, textAlign: 'left', fontWeight: 400 } }}>
          <thead>
            <tr>
              <Box component="th" scope="col" sx={{ color: 'text.secondary', fontSize: '0.85rem' }}>{down.title}</Box>
              {data.columns.map((value) => <Box component="th" scope="col" key={value.key} sx={{ fontSize: '0.85rem' }}>{across ? valueInWords(across, value, system) : say('table.all')}</Box>)}
            </tr>
          </thead>
          <tbody>
            {data.rows.map((value, place) => (
              <tr key={value.key}>
                <th scope="row">{valueInWords(down, value, system)}</th>
                {data.columns.map((beside, column) => (
                  <Box component="td" key={beside.key} sx={{ p: '0 !important' }}>
                    <Cell count={data.cells[place]?.[column]} called={`${valueInWords(down, value, system)}${across ? `, ${valueInWords(across, beside, system)}` : ''}`}
                      conditions={[conditionOf(down, value), ...(across ? [conditionOf(across, beside)] : [])]} onOpen={onOpen} />
                  </Box>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        {say('table.left', { left: data.left })}
      </Typography>
    </Dimmed>
  );
}

/** What a record must be to be counted there; nothing can be asked of a number that is not said. */
function conditionOf({ key: fact, kind }: FactView, { key, from, below }: ValueReading): ConditionFields | undefined {
  if (kind !== 'NUMBER') return { fact, among: [key] };
  return from === undefined || below === undefined ? undefined : { fact, from, below };
}

interface CellProps {
  count: TallyCount | undefined;
  /** What is counted there. */
  called: string;
  /** What must be so of a record that is; one that cannot be asked for keeps them closed. */
  conditions: (ConditionFields | undefined)[];
  onOpen: (conditions: ConditionFields[]) => void;
}

function Cell({ count, called, conditions, onOpen }: CellProps) {
  if (!count || count.trials === 0) return <Box sx={{ minHeight: 44 }} />;
  const { trials, flawed, broken } = count;
  const asked = conditions.flatMap((each) => (each ? [each] : []));
  return (
    <Box component="button" type="button" disabled={asked.length < conditions.length} onClick={() => { onOpen(asked); }} aria-label={say('table.cell', { what: called, broken, trials })}
      sx={{ display: 'block', width: '100%', minHeight: 44, minWidth: 92, p: 0.75, border: 0, bgcolor: 'transparent', font: 'inherit', color: 'inherit', textAlign: 'left', '&:enabled': { cursor: 'pointer' }, '&:enabled:hover': { bgcolor: 'action.hover' } }}>
      <Box component="span" sx={{ fontVariantNumeric: 'tabular-nums' }}>{say('table.broke', { broken, trials })}</Box>
      <Box aria-hidden sx={{ display: 'flex', height: 6, mt: 0.5, bgcolor: 'action.hover' }}>
        <Box sx={{ width: `${(flawed / trials) * 100}%`, bgcolor: 'data.flaw', opacity: 0.55 }} />
        <Box sx={{ width: `${(broken / trials) * 100}%`, bgcolor: 'data.broken' }} />
      </Box>
    </Box>
  );
}
