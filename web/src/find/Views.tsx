import { Box, Button } from '@mui/material';
import { memo, useState } from 'react';
import { useViews, useViewWrites } from '../api/find';
import { KeepDialog } from '../app/KeepDialog';
import { LetGo } from '../app/LetGo';
import { say } from '../messages/records';
import { EVERYTHING, findFields, questionOfView, sameQuestion, type Question } from './question';

/** Questions worth keeping: asked again by a tap, kept under a name. */
export const Views = memo(function Views({ question, onAsk }: { question: Question; onAsk: (question: Question) => void }) {
  const { data: views = [] } = useViews();
  const { keep, discard, restore } = useViewWrites();
  const [keeping, setKeeping] = useState(false);
  const here = views.find((view) => sameQuestion(questionOfView(view), question));
  const { rows, columns } = question;
  return (
    <Box role="group" aria-label={say('views')} sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, minHeight: 40 }}>
      {views.map((view) => (
        <Button key={view.id} size="small" variant={view === here ? 'contained' : 'outlined'} aria-pressed={view === here} onClick={() => { onAsk(questionOfView(view)); }}>{view.name}</Button>
      ))}
      {!here && !sameQuestion(question, EVERYTHING) && <Button size="small" onClick={() => { setKeeping(true); }}>{say('view.save')}</Button>}
      {here && <LetGo kept={here} discard={(id) => discard.mutateAsync(id)} restore={(id) => restore.mutateAsync(id)} />}
      {keeping && (
        <KeepDialog title={say('view.save')} explained={say('view.explained')} onLeave={() => { setKeeping(false); }}
          onKeep={(name) => keep.mutateAsync({ name, find: findFields(question), ...(rows === undefined ? {} : { rows }), ...(columns === undefined ? {} : { columns }) })} />
      )}
    </Box>
  );
});
