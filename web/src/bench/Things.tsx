import { Box, Checkbox, FormControlLabel, Typography } from '@mui/material';
import type { ItemChoice, UsedFields } from '../api/schema';
import { useUnits } from '../app/units';
import { Field } from '../app/Field';
import { KINDS, misfitInWords, thingLine } from '../rig/things/words';
import { serverNow } from './serverClock';
import { printMoment } from './words';

interface ThingsProps {
  choices: ItemChoice[];
  chosen: UsedFields[];
  onChange: (chosen: UsedFields[]) => void;
}

/** What of the rig a bend is made with, kind by kind, each thing with what speaks against it and when it is free. */
export function Things({ choices, chosen, onChange }: ThingsProps) {
  const kinds = [...new Set(choices.map(({ item }) => item.kind))];
  const toggle = (choice: ItemChoice, taken: boolean) => {
    onChange(taken ? [...chosen, { itemId: choice.itemId, takes: choice.takes }] : chosen.filter(({ itemId }) => itemId !== choice.itemId));
  };
  const take = (item: number, takes: number) => { onChange(chosen.map((used) => (used.itemId === item ? { itemId: item, takes } : used))); };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {kinds.map((kind) => (
        <Box key={kind} role="group" aria-label={KINDS[kind]}>
          <Typography variant="body2" color="textSecondary">{KINDS[kind]}</Typography>
          {fittingFirst(choices.filter(({ item }) => item.kind === kind)).map((choice) => {
            const used = chosen.find(({ itemId }) => itemId === choice.itemId);
            return (
              <Box key={choice.itemId} sx={{ display: 'flex', alignItems: 'flex-start', gap: 1 }}>
                <FormControlLabel sx={{ flexGrow: 1, alignItems: 'flex-start', mr: 0 }} label={<Words choice={choice} />}
                  control={<Checkbox size="small" checked={used !== undefined} onChange={(_, taken) => { toggle(choice, taken); }} />} />
                {kind === 'CLAMPS' && used && (
                  <Field label="How many" type="number" value={String(used.takes)} sx={{ width: 96, flexShrink: 0, mt: 0.5 }}
                    onChange={(event) => { take(choice.itemId, Math.max(1, Math.round(Number(event.target.value) || 1))); }} slotProps={{ htmlInput: { min: 1, max: 200 } }} />
                )}
              </Box>
            );
          })}
        </Box>
      ))}
    </Box>
  );
}

function fittingFirst(choices: ItemChoice[]): ItemChoice[] {
  return [...choices].sort((a, b) => Math.sign(a.misfits.length) - Math.sign(b.misfits.length));
}

function Words({ choice }: { choice: ItemChoice }) {
  const [system] = useUnits();
  const { item, misfits, freeFrom } = choice;
  const now = serverNow();
  const later = item.kind === 'GLUE' ? '' : freeFrom === undefined ? 'not free, and nobody can say when' : Date.parse(freeFrom) > now + 1000 ? `busy until ${printMoment(Date.parse(freeFrom), now)}` : '';
  const against = [...misfits.map((misfit) => misfitInWords(misfit, system)), later].filter((words) => words !== '');
  return (
    <Box component="span" sx={{ display: 'block', pt: 0.75 }}>
      <Typography component="span" sx={{ display: 'block', lineHeight: 1.25 }}>{item.name}</Typography>
      <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>{thingLine(item, system)}</Typography>
      {against.length > 0 && <Typography component="span" variant="body2" sx={{ display: 'block', color: 'data.flaw', fontWeight: 600 }}>But {against.join('; ')}.</Typography>}
    </Box>
  );
}

/** What is taken unless somebody says otherwise. */
export function suggested(choices: ItemChoice[]): UsedFields[] {
  return choices.filter((choice) => choice.suggested).map(({ itemId, takes }) => ({ itemId, takes }));
}
