import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useViews, useViewWrites } from '../api/find';
import { Field } from '../app/Field';
import { FormDialog } from '../app/FormDialog';
import { useNotice } from '../app/notice';
import { EVERYTHING, findFields, questionOfView, sameQuestion, type Question } from './question';

/** Questions worth keeping: asked again by a tap, kept under a name. */
export function Views({ question, onAsk }: { question: Question; onAsk: (question: Question) => void }) {
  const { data: views = [] } = useViews();
  const { discard, restore } = useViewWrites();
  const [keeping, setKeeping] = useState(false);
  const notify = useNotice();
  const here = views.find((view) => sameQuestion(questionOfView(view), question));
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <Box role="group" aria-label="Kept views" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 40 }}>
      {views.map((view) => (
        <Button key={view.id} size="small" variant={view === here ? 'contained' : 'outlined'} aria-pressed={view === here} onClick={() => { onAsk(questionOfView(view)); }}>{view.name}</Button>
      ))}
      {!here && !sameQuestion(question, EVERYTHING) && <Button size="small" onClick={() => { setKeeping(true); }}>Keep this view</Button>}
      {here && (
        <Button size="small" onClick={() => {
          discard.mutateAsync(here.id).then(() => { notify({ message: `“${here.name}” is no longer kept.`, undo: () => { restore.mutate(here.id, { onError: failed }); } }); }).catch(failed);
        }}>
          Do not keep it
        </Button>
      )}
      {keeping && <KeepDialog question={question} onLeave={() => { setKeeping(false); }} />}
    </Box>
  );
}

function KeepDialog({ question, onLeave }: { question: Question; onLeave: () => void }) {
  const [name, setName] = useState('');
  const { keep } = useViewWrites();
  const { rows, columns } = question;
  return (
    <FormDialog title="Keep this view" keep="Keep it" maxWidth="xs" onLeave={onLeave}
      onKeep={async () => {
        await keep.mutateAsync({ name, find: findFields(question), ...(rows === undefined ? {} : { rows }), ...(columns === undefined ? {} : { columns }) });
        onLeave();
      }}>
      <Typography gutterBottom>It is asked anew each time, so it shows later records, too. One of the same name gives way to it.</Typography>
      <Field label="Called" value={name} sx={{ mt: 1 }} onChange={(event) => { setName(event.target.value); }} slotProps={{ htmlInput: { maxLength: 80, autoComplete: 'off' } }} />
    </FormDialog>
  );
}
