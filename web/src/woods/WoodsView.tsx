import { Box, Button, Table, TableBody, TableCell, TableContainer, TableHead, TableRow, Typography } from '@mui/material';
import { useState } from 'react';
import type { WoodView } from '../api/schema';
import { inThisShop } from '../api/shop';
import { useWoods, useWoodWrites } from '../api/woods';
import { Field } from '../app/Field';
import { useNotice } from '../app/notice';
import { useUnits } from '../app/units';
import { HowComputed } from '../help/HowComputed';
import { namesOf } from '../recipe/woodNames';
import { printFigure, printRadius } from './figures';
import { WoodDialog } from './WoodDialog';
import { WOOD_CLASS } from './words';

/** Every wood with its figures; the shop's own come first and can be changed. */
export function WoodsView() {
  const { data: woods = [], error } = useWoods();
  const [find, setFind] = useState('');
  const [open, setOpen] = useState<WoodView | 'new'>();
  const notify = useNotice();
  const wanted = find.trim().toLowerCase();
  const shown = woods.filter(({ known, otherNames }) => namesOf({ ...known, otherNames }).join(' ').toLowerCase().includes(wanted));
  const own = shown.filter((wood) => wood.key !== undefined);
  const published = shown.filter((wood) => wood.key === undefined);
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'end' }}>
        <Box sx={{ flex: '1 1 400px' }}>
          <Typography variant="h1">Woods</Typography>
          <Typography color="textSecondary">
            Clear stock at 12 % moisture, of plywood its outer ply; radii steamed, 1″ (25 mm) thick. ≈ is our estimate. <HowComputed part="where-the-figures-come-from" />
          </Typography>
        </Box>
        <Field label="Find a wood" value={find} onChange={(event) => { setFind(event.target.value); }} sx={{ width: 170 }} />
        <Button variant="outlined" component="a" download href={inThisShop('/api/woods/table')}>Export as a table</Button>
        <Button variant="contained" onClick={() => { setOpen('new'); }}>Add a wood</Button>
      </Box>
      {error && <Typography color="error">{error.message}</Typography>}
      {own.length > 0 && <Woods title="Your own" woods={own} onOpen={setOpen} />}
      {published.length > 0 && <Woods title="Published" woods={published} />}
      {woods.length > 0 && shown.length === 0 && (
        <Typography sx={{ py: 4, textAlign: 'center' }}>
          No wood here is called that. <Button onClick={() => { setOpen('new'); }}>Add “{find.trim()}”</Button>
        </Typography>
      )}
      {open && (
        <WoodDialog wood={open === 'new' ? undefined : open} name={find.trim()} onClose={() => { setOpen(undefined); }}
          onKept={(wood) => {
            setOpen(undefined);
            notify({ message: `${wood.known.commonName} is kept; every forecast knows it now.` });
          }} />
      )}
    </Box>
  );
}

interface WoodsProps {
  title: string;
  woods: WoodView[];
  /** Opens a wood for changing. */
  onOpen?: (wood: WoodView) => void;
}

function Woods({ title, woods, onOpen }: WoodsProps) {
  const [system] = useUnits();
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" gutterBottom>{title} ({woods.length})</Typography>
      <TableContainer sx={{ border: 1, borderColor: 'divider', bgcolor: 'background.paper' }}>
        <Table size="small" aria-label={title}>
          <TableHead>
            <TableRow>
              {['Wood', 'Kind', 'Radius, no strap', 'Radius, strap', 'Weight', 'Bending strength', 'Stiffness', 'Crushing', 'Unbroken'].map((head) => (
                <TableCell key={head} sx={{ fontWeight: 640, lineHeight: 1.2 }}>{head}</TableCell>
              ))}
              {onOpen && <TableCell />}
            </TableRow>
          </TableHead>
          <TableBody>
            {woods.map((wood) => {
              const { known } = wood;
              const figure = (text: string, given: number | undefined) => (
                <TableCell sx={{ whiteSpace: 'nowrap', color: given === undefined ? 'text.secondary' : 'text.primary' }}>
                  {given === undefined ? `≈ ${text}` : text}
                </TableCell>
              );
              // plywood is not steamed to a radius
              const radius = (mm: number | undefined, given: number | undefined) => (mm === undefined ? <TableCell>–</TableCell> : figure(printRadius(mm, system), given));
              return (
                <TableRow key={wood.id}>
                  <TableCell component="th" scope="row" sx={{ minWidth: 150 }}>
                    {known.commonName}
                    {known.latinName && (
                      <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block', fontStyle: 'italic' }}>{known.latinName}</Typography>
                    )}
                    {wood.otherNames.length > 0 && (
                      <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>{wood.otherNames.join(', ')}</Typography>
                    )}
                    {onOpen && known.source && (
                      <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>{known.source}</Typography>
                    )}
                  </TableCell>
                  <TableCell>{known.woodClass && WOOD_CLASS[known.woodClass]}</TableCell>
                  {radius(wood.unsupportedRadiusMm, known.unsupportedRadiusMm)}
                  {radius(wood.supportedRadiusMm, known.supportedRadiusMm)}
                  {figure(printFigure('density', wood.density12, system), wood.density12)}
                  {figure(printFigure('strength', wood.bendingStrengthMpa, system), known.bendingStrengthMpa)}
                  {figure(printFigure('stiffness', wood.stiffnessMpa, system), known.stiffnessMpa)}
                  {figure(printFigure('strength', wood.crushingStrengthMpa, system), known.crushingStrengthMpa)}
                  <TableCell>{known.unbrokenPercent === undefined ? '' : `${known.unbrokenPercent} %`}</TableCell>
                  {onOpen && <TableCell><OwnActions wood={wood} onOpen={onOpen} /></TableCell>}
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </TableContainer>
    </Box>
  );
}

function OwnActions({ wood, onOpen }: { wood: WoodView; onOpen: (wood: WoodView) => void }) {
  const { takeAway, bringBack } = useWoodWrites();
  const notify = useNotice();
  const { key = 0, version = 0, known } = wood;
  const remove = async () => {
    try {
      await takeAway.mutateAsync({ key, version });
      notify({ message: `${known.commonName} is taken away.`, undo: () => { bringBack.mutate(key); } });
    } catch (refused) {
      notify({ message: (refused as Error).message });
    }
  };
  return (
    <Box sx={{ display: 'flex', whiteSpace: 'nowrap' }}>
      <Button size="small" aria-label={`Change ${known.commonName}`} onClick={() => { onOpen(wood); }}>Change</Button>
      <Button size="small" aria-label={`Take ${known.commonName} away`} onClick={() => { void remove(); }}>Take away</Button>
    </Box>
  );
}
