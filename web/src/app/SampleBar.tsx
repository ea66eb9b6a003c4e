import { Box, Button, Typography, type ButtonProps } from '@mui/material';
import { useState } from 'react';
import { useNotice } from './notice';
import { leaveSample, visitSample } from './shop';

/** Leads into the sample workshop. */
export function LookRound(props: Pick<ButtonProps, 'variant'>) {
  const notify = useNotice();
  const [coming, setComing] = useState(false);
  const visit = () => {
    setComing(true);
    visitSample().catch((failed: unknown) => {
      setComing(false);
      notify({ message: failed instanceof Error ? failed.message : 'The sample workshop could not be opened.' });
    });
  };
  return <Button {...props} size={props.variant ? 'medium' : 'small'} loading={coming} onClick={visit}>Look round the sample workshop</Button>;
}

/** Says that this is not the own shop, and leads back. */
export function SampleBar() {
  const notify = useNotice();
  const leave = () => {
    leaveSample().catch((failed: unknown) => { notify({ message: failed instanceof Error ? failed.message : 'The sample workshop could not be left.' }); });
  };
  return (
    <Box component="aside" aria-label="Sample workshop"
      sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 0.5, px: 2, py: 1, mb: 2, borderRadius: 1,
        border: 2, borderColor: 'data.flaw', bgcolor: 'background.paper' }}>
      <Typography sx={{ flex: '1 1 32ch' }}>
        <strong>Sample workshop.</strong> Fellmarrow Workshop is invented. Try anything: it goes when you leave, and your own shop is untouched.
      </Typography>
      <Button variant="outlined" color="inherit" onClick={leave}>Back to my shop</Button>
    </Box>
  );
}
