import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState, type ReactNode } from 'react';

interface FormDialogProps {
  title: string;
  /** What the button says that keeps it. */
  keep: string;
  maxWidth?: 'xs' | 'sm';
  /** Keeps it, or throws what keeps it from being kept. */
  onKeep: () => Promise<unknown>;
  onLeave: () => void;
  children: ReactNode;
}

/** A form above the page; what keeps it from being kept is said in it, and nothing typed is lost. */
export function FormDialog({ title, keep, maxWidth = 'sm', onKeep, onLeave, children }: FormDialogProps) {
  const [refusal, setRefusal] = useState<string>();
  const [keeping, setKeeping] = useState(false);
  const save = async () => {
    setKeeping(true);
    try {
      await onKeep();
    } catch (error) {
      setRefusal((error as Error).message);
    } finally {
      setKeeping(false);
    }
  };
  return (
    <Dialog open onClose={onLeave} fullWidth maxWidth={maxWidth}
      slotProps={{ paper: { component: 'form', noValidate: true, onChange: () => { setRefusal(undefined); }, onSubmit: (event: React.FormEvent) => { event.preventDefault(); void save(); } } as object }}>
      <DialogTitle>{title}</DialogTitle>
      <DialogContent>
        {children}
        {refusal && <Typography role="alert" variant="body2" color="error" sx={{ mt: 1 }}>{refusal}</Typography>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onLeave}>Cancel</Button>
        <Button type="submit" variant="contained" loading={keeping}>{keep}</Button>
      </DialogActions>
    </Dialog>
  );
}
