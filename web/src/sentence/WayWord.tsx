import { Box, ButtonBase, Dialog, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
import { useTypedForecast } from '../api/queries';
import { useUnits } from '../app/units';
import { say } from '../messages/say';
import { KINDS, METHOD, METHODS } from '../methods/forms';
import type { Kind } from '../methods/method';
import { oddsInWords } from '../odds/words';
import { typedRecipe, type RecipeForm } from '../recipe/form';
import styles from './sentence.module.css';

interface WayWordProps {
  form: RecipeForm;
  onChange: (change: { method: Kind }) => void;
}

/** How it is bent, set in the sentence; a tap lays out all ways, each drawn, with its odds for this very bend. */
export function WayWord({ form, onChange }: WayWordProps) {
  const [open, setOpen] = useState(false);
  const label = say('field.method');
  const word = say(`said.method.${form.method}`);
  return (
    <span className={styles.word}>
      <button type="button" aria-haspopup="dialog" aria-expanded={open} aria-label={`${label}: ${word}`} onClick={() => { setOpen(true); }}>{word}</button>
      {open && (
        <Dialog open onClose={() => { setOpen(false); }} maxWidth="md" fullWidth aria-labelledby="ways-to-choose">
          <DialogTitle id="ways-to-choose">{label}</DialogTitle>
          <DialogContent sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(136px, 1fr))' }}>
            {KINDS.map((kind) => (
              <Way key={kind} kind={kind} form={form} chosen={kind === form.method} onTake={() => {
                setOpen(false);
                if (kind !== form.method) onChange({ method: kind });
              }} />
            ))}
          </DialogContent>
        </Dialog>
      )}
    </span>
  );
}

interface WayProps {
  kind: Kind;
  form: RecipeForm;
  chosen: boolean;
  onTake: () => void;
}

/** One way, drawn, with the odds of this bend as it would be done with what is set for that way now. */
function Way({ kind, form, chosen, onTake }: WayProps) {
  const [system] = useUnits();
  const { data } = useTypedForecast(typedRecipe({ ...form, method: kind }, system));
  const odds = data?.forecast && oddsInWords(data.forecast.unbroken.probability, data.forecast.evidence.trialsOfFamily);
  // what cannot be read says nothing of the way
  const unread = data?.readings.some(({ unreadable }) => unreadable !== undefined);
  return (
    <ButtonBase onClick={onTake} aria-pressed={chosen} sx={[WAY, chosen && { borderColor: 'primary.main', borderWidth: 2 }]}>
      <WayGlyph kind={kind} />
      <Typography component="span" sx={{ fontWeight: 640, lineHeight: 1.25 }}>{METHOD[kind]}</Typography>
      <Typography component="span" variant="body2" color="textSecondary" sx={{ minHeight: '1.5em' }}>
        {odds ?? (data && (unread ? '–' : say('ways.notThis')))}
      </Typography>
    </ButtonBase>
  );
}

/** How a way is done, drawn small. */
function WayGlyph({ kind }: { kind: Kind }) {
  return (
    <Box component="svg" viewBox="0 0 64 40" aria-hidden sx={{ width: 72, color: 'text.secondary' }}>
      <path d={METHODS[kind].glyph} fill="none" stroke="currentColor" strokeWidth={2.2} strokeLinecap="round" strokeLinejoin="round" />
    </Box>
  );
}

const WAY = {
  display: 'grid', justifyContent: 'start', alignContent: 'start', justifyItems: 'start', gap: 0.25, p: 1.25, textAlign: 'left', border: 1, borderColor: 'divider', borderRadius: 1,
  '&:hover': { bgcolor: 'action.hover' },
} as const;
