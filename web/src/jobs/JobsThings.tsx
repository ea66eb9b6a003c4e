import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useJobWrites } from '../api/jobs';
import { useThings } from '../api/things';
import type { JobView } from '../api/schema';
import { MadeWithDialog, withInWords } from '../bench/MadeWith';

/** What of the rig the pieces of a job are made with: its form, its strap, its box. */
export function JobsThings({ view }: { view: JobView }) {
  const { job } = view;
  const madeWith = job.madeWith ?? [];
  const { data: things = [] } = useThings();
  const { change } = useJobWrites();
  const [saying, setSaying] = useState(false);
  const named = madeWith.flatMap(({ itemId, takes }) => things.filter(({ id }) => id === itemId).map(({ item: { name } }) => ({ name, takes })));
  return (
    <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, mt: 1 }}>
      <Typography variant="body2" color="textSecondary" sx={{ flexGrow: 1 }}>{named.length > 0 ? `With ${withInWords(named)}` : 'Nobody said with what of the rig.'}</Typography>
      <Button size="small" sx={{ flexShrink: 0 }} onClick={() => { setSaying(true); }}>Made with</Button>
      {saying && (
        <MadeWithDialog name={job.name} recipe={job.recipe} jobId={view.id} madeWith={madeWith} onLeave={() => { setSaying(false); }}
          onKeep={(chosen) => change.mutateAsync({ view, job: { ...job, madeWith: chosen } })} />
      )}
    </Box>
  );
}
