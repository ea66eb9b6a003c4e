import { Box, Button, Typography } from '@mui/material';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Problem } from '../api/client';
import { useNames, useRename, type NameKind } from '../api/queries';
import type { Named } from '../api/schema';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { many } from '../units/number';

const LISTS = [
  { kind: 'PERSON', of: 'people', title: 'People' },
  { kind: 'BOARD', of: 'boards', title: 'Boards' },
  { kind: 'SOURCE', of: 'sources', title: 'Sources' },
] as const;

/** Who bends, from which boards, and where those came from. A name put right here is right in every record. */
export function NamesView() {
  const { data } = useNames();
  return (
    <>
      <Typography variant="h1">Names</Typography>
      <Typography color="textSecondary" sx={{ mb: 2, maxWidth: '70ch' }}>
        Pieces of one board, by one pair of hands or from one source are compared with each other, so one thing should have one name.
        Put it right here, and it is right in every record.
      </Typography>
      <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(3, minmax(0, 1fr))' }, alignItems: 'start', minHeight: 320 }}>
        {data && LISTS.map(({ kind, of, title }) => (
          <Box component="section" key={kind} aria-label={title}>
            <Typography variant="h2" gutterBottom>{title} ({data[of].length})</Typography>
            {data[of].length === 0 && <Typography color="textSecondary">None written down yet.</Typography>}
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {data[of].map((named) => <Entry key={named.id} kind={kind} named={named} />)}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

function Entry({ kind, named }: { kind: NameKind; named: Named }) {
  const [open, setOpen] = useState(false);
  const pieces = many(named.trials, 'piece', 'pieces');
  return (
    <Box component="li" sx={{ borderTop: 1, borderColor: 'divider', py: 0.75, minHeight: 52 }}>
      {open ? <Rename kind={kind} named={named} onDone={() => { setOpen(false); }} /> : (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Typography sx={{ flexGrow: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
            {named.name}
            <Typography component="span" variant="body2" color="textSecondary" sx={{ ml: 1 }}>{pieces}</Typography>
          </Typography>
          <Button size="small" aria-label={`Rename ${named.name}`} onClick={() => { setOpen(true); }}>Rename</Button>
        </Box>
      )}
    </Box>
  );
}

/** Another name; where somebody has it already, both can be taken for one. */
function Rename({ kind, named, onDone }: { kind: NameKind; named: Named; onDone: () => void }) {
  const [name, setName] = useState(named.name);
  const [taken, setTaken] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => { field.current?.select(); }, []);
  const notify = useNotice();
  const rename = useRename();
  const keep = (asOne: boolean) => {
    rename.mutate({ kind, named, name, asOne }, {
      onSuccess: () => {
        notify({ message: asOne ? `“${named.name}” and “${name.trim()}” are one now.` : `“${named.name}” is “${name.trim()}” now, in every record.` });
        onDone();
      },
      onError: (error) => { setTaken(error instanceof Problem && name.trim() !== '' && error.errors.some(({ field }) => field === 'name')); },
    });
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === named.name) onDone();
    else keep(false);
  };
  return (
    <Box component="form" noValidate onSubmit={submit} sx={{ pt: 1 }}>
      <Field label="Name" value={name} inputRef={field} error={rename.isError} helperText={rename.error?.message ?? ' '}
        onChange={(event) => { setName(event.target.value); setTaken(false); rename.reset(); }} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button type="submit" size="small" variant="contained" loading={rename.isPending}>Save this name</Button>
        {taken && <Button size="small" variant="outlined" onClick={() => { keep(true); }}>Take both for one</Button>}
        <Button size="small" color="inherit" onClick={onDone}>Leave it</Button>
      </Box>
    </Box>
  );
}
