import { Box, Button, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useState } from 'react';
import { useProcess } from '../api/queries';
import type { RecipeFields } from '../api/schema';
import { Field } from '../app/Field';
import { useStored } from '../app/storage';
import { factsOf, methodOf } from '../methods/forms';
import { USUALLY_AFTERWARDS } from '../plan/draft';
import { serverNow } from './serverClock';
import { useServerTime } from './useServerTime';
import { checklist, printClock, printCountdown, roles } from './words';

/** The way from the heat to the clamps, walked cold: what has to be ready, and whether it can be done in the seconds the wood leaves. */
export function Rehearsal({ recipe, onClose }: { recipe: RecipeFields; onClose: () => void }) {
  const { data } = useProcess(methodOf(recipe).followed ? recipe : undefined, USUALLY_AFTERWARDS);
  const facts = factsOf(recipe.method);
  const [who, setWho] = useStored<Partial<Record<string, string>>>('brachion.roles', {});
  const [began, setBegan] = useState<number>();
  const [took, setTook] = useState<number>();
  const window = data?.times.carryLimitS;
  const running = began !== undefined && took === undefined;
  const now = useServerTime(running);
  const passed = began === undefined ? 0 : (Math.max(now, began) - began) / 1000;
  return (
    <Box component="section" aria-label="Rehearsal" sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="h3">Rehearse it cold</Typography>
      <Box component="ul" aria-label="To have ready" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {checklist(facts).map((line) => (
          <li key={line}><FormControlLabel control={<Checkbox />} label={line} /></li>
        ))}
      </Box>
      <Box role="group" aria-label="Who does what" sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(190px, 1fr))' }}>
        {roles(facts).map((role) => (
          <Field key={role} label={role} value={who[role] ?? ''} onChange={(event) => { setWho({ ...who, [role]: event.target.value }); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
        ))}
      </Box>
      <Typography role="timer" aria-label="Rehearsed" sx={{ fontSize: '2.2rem', fontWeight: 600, fontVariantNumeric: 'tabular-nums', lineHeight: 1.1 }}>
        {took !== undefined ? `${took.toFixed(1)} s` : window && running ? printCountdown(window - passed) : printClock(passed, true)}
      </Typography>
      <Typography sx={{ minHeight: 48 }}>{sentence(window, took)}</Typography>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {running ? (
          <Button variant="contained" size="large" onClick={() => { setTook((serverNow() - began) / 1000); }}>Clamped in rehearsal</Button>
        ) : (
          <Button variant="contained" size="large" onClick={() => { setBegan(serverNow()); setTook(undefined); }}>
            {took === undefined ? 'Pull in rehearsal' : 'Once more'}
          </Button>
        )}
        <Button size="large" onClick={onClose}>Enough</Button>
      </Box>
    </Box>
  );
}

function sentence(window: number | undefined, took: number | undefined): string {
  if (window === undefined) return took === undefined ? '' : `It took ${took.toFixed(0)} s.`;
  const leaves = window > 0 ? `Heated as planned the wood leaves ${Math.round(window)} s.` : 'Heated as planned the outer face is never soft enough to be carried.';
  if (took === undefined) return leaves;
  return `It took ${took.toFixed(0)} s. ${leaves} ${took <= window ? 'In time.' : 'Too slow: bring the form nearer, or another pair of hands.'}`;
}
