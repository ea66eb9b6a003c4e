import { Alert, Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { useThings, useThingsInUse, useThingWrites, type ThingKind } from '../../api/things';
import type { ItemUse, RigItemView } from '../../api/schema';
import { useNotice } from '../../app/notice';
import { useUnits } from '../../app/units';
import { serverNow } from '../../bench/serverClock';
import { HowComputed } from '../../help/HowComputed';
import { EMPTY_THING, thingForm } from './draft';
import { ThingDialog } from './ThingDialog';
import { ThingGlyph } from './ThingGlyph';
import { KINDS, thingLine, takenInWords } from './words';

/** Everything pieces are made with: what it is, which piece has it, and when it is free. */
export function ThingsView() {
  const { data: things, error } = useThings();
  const { data: uses = [] } = useThingsInUse();
  const [adding, setAdding] = useState(false);
  const [changing, setChanging] = useState<RigItemView>();
  const [system] = useUnits();
  const { takeIn, change } = useThingWrites();
  const kinds = (Object.keys(KINDS) as ThingKind[]).filter((kind) => things?.some(({ item }) => item.kind === kind));
  return (
    <>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 1 }}>
        <Typography variant="h1" sx={{ flexGrow: 1 }}>Forms, straps and the rest</Typography>
        <HowComputed part="the-things-in-the-rig" />
        <Button variant="contained" onClick={() => { setAdding(true); }}>Add equipment</Button>
      </Box>
      <Typography sx={{ maxWidth: 760, mb: 2 }}>
        What a piece on the bench is made with is taken while it needs it. A form brings its curve into the plan, a drying place its air, a glue the times on its label.
      </Typography>
      {error && <Alert severity="error">{error.message}</Alert>}
      {things?.length === 0 && <Typography sx={{ py: 3 }}>Nothing is described yet. Begin with the forms.</Typography>}
      <Box sx={{ columns: { md: 2 }, columnGap: 2 }}>{kinds.map((kind) => (
        <Box component="section" key={kind} aria-label={KINDS[kind]} sx={{ pb: 2.5, breakInside: 'avoid' }}>
          <Typography variant="h2" sx={{ mb: 1 }}>{KINDS[kind]}</Typography>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
            {things?.filter(({ item }) => item.kind === kind).map((thing) => (
              <Thing key={thing.id} thing={thing} use={uses.find(({ itemId }) => itemId === thing.id)} onChange={() => { setChanging(thing); }} />
            ))}
          </Box>
        </Box>
      ))}</Box>
      {adding && <ThingDialog title="A thing in the rig" first={EMPTY_THING} onLeave={() => { setAdding(false); }}
        onKeep={async (item) => { await takeIn.mutateAsync(item); setAdding(false); }} />}
      {changing && <ThingDialog title={changing.item.name} first={thingForm(changing.item, system)} onLeave={() => { setChanging(undefined); }}
        onKeep={async (item) => { await change.mutateAsync({ view: changing, item }); setChanging(undefined); }} />}
    </>
  );
}

function Thing({ thing, use, onChange }: { thing: RigItemView; use: ItemUse | undefined; onChange: () => void }) {
  const [system] = useUnits();
  const { takeAway, putBack } = useThingWrites();
  const notify = useNotice();
  const { item } = thing;
  const failed = (error: Error) => { notify({ message: error.message }); };
  return (
    <Paper component="li" aria-label={item.name} sx={{ p: 1.5, border: 1, borderColor: 'divider', display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
      <ThingGlyph item={item} />
      <Box sx={{ flexGrow: 1, minWidth: 0 }}>
        <Typography variant="h3">{item.name}</Typography>
        <Typography variant="body2" color="textSecondary">{thingLine(item, system)}</Typography>
        <Typography variant="body2" sx={{ fontWeight: 600, minHeight: '1.5em', color: use && use.free < 0 ? 'error.main' : 'text.primary' }}>
          {use ? takenInWords(item, use, serverNow()) : ''}
        </Typography>
        {item.note && <Typography variant="body2">{item.note}</Typography>}
        <Box sx={{ display: 'flex', gap: 1, ml: -0.75 }}>
          <Button size="small" onClick={onChange}>Change</Button>
          <Button size="small" color="error" onClick={() => {
            void takeAway.mutateAsync(thing)
              .then(() => { notify({ message: `${item.name} taken away.`, undo: () => { putBack.mutate(thing.id, { onError: failed }); } }); })
              .catch(failed);
          }}>
            Take it away
          </Button>
        </Box>
      </Box>
    </Paper>
  );
}
