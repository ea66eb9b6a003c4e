import { Box, Checkbox, Link, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useOtherShops } from '../api/exchange';
import { useSpecies } from '../api/queries';
import type { TrialFields, TrialView } from '../api/schema';
import { useUnits } from '../app/units';
import { PieceGlyph } from '../bend/PieceGlyph';
import { processLine, shapeLine, stockLine } from '../recipe/words';
import { printDay } from '../units/days';
import { OutcomeTag } from './OutcomeTag';

interface TrialSummaryProps {
  trial: TrialView | TrialFields;
  to?: string;
  /** Where records are chosen: whether this one is, and how that is changed. */
  choice?: { chosen: boolean; onChange: (chosen: boolean) => void } | undefined;
  /** Which it is of how many, in a list that only holds those in sight. */
  place?: number;
  of?: number;
  sx?: object;
}

/** A trial in a list: the piece drawn, what it was and how it ended; it leads on where there is somewhere to go. */
export function TrialSummary({ trial, to, choice, place, of, sx = {} }: TrialSummaryProps) {
  const [system] = useUnits();
  const { data: species = [] } = useSpecies();
  const { recipe, outcome } = trial;
  const name = species.find((s) => s.id === recipe.blank.speciesId)?.commonName ?? recipe.blank.speciesId;
  // in a list whose pieces are all of one height the longest line is cut where it ends
  const noWrap = place !== undefined;
  return (
    <Box component="li" aria-posinset={place} aria-setsize={of} sx={{ bgcolor: 'background.paper', display: 'flex', gap: 2, p: 1.5, alignItems: 'center', position: 'relative',
      '&:hover': to ? { bgcolor: 'background.default' } : {}, ...sx }}>
      {choice && (
        <Checkbox checked={choice.chosen} sx={{ zIndex: 1, ml: -1, mr: -1 }} onChange={(_, chosen) => { choice.onChange(chosen); }}
          slotProps={{ input: { 'aria-label': `Compare ${name}, ${shapeLine(recipe, system)}, ${printDay(trial.bentOn)}` } }} />
      )}
      <PieceGlyph recipe={recipe} severity={outcome.severity} flaw={outcome.flaw} />
      <Box sx={{ minWidth: 0, flexGrow: 1 }}>
        {to ? (
          <Link component={RouterLink} to={to} color="text.primary" underline="hover"
            sx={{ fontWeight: 620, '&::after': { content: '""', position: 'absolute', inset: 0 } }}>
            {name}
          </Link>
        ) : (
          <Typography component="span" sx={{ fontWeight: 620 }}>{name}</Typography>
        )}{' '}
        <Typography component="span" color="text.secondary">{stockLine(recipe)}{'otherShopId' in trial && <OfOtherShop id={trial.otherShopId} />}</Typography>
        <Typography variant="body2">{shapeLine(recipe, system)}</Typography>
        <Typography variant="body2" color="text.secondary" noWrap={noWrap}>{processLine(recipe, system)}</Typography>
      </Box>
      <Box sx={{ textAlign: 'right', flexShrink: 0, maxWidth: 130 }}>
        <OutcomeTag outcome={outcome} />
        <Typography variant="body2" color="text.secondary" noWrap>
          <time dateTime={trial.bentOn}>{printDay(trial.bentOn)}</time>
        </Typography>
      </Box>
    </Box>
  );
}

/** Whose record it is where it is not the shop’s own. */
function OfOtherShop({ id }: { id: number | undefined }) {
  const { data = [] } = useOtherShops();
  const shop = data.find((one) => one.id === id);
  return shop ? <>, of {shop.name}</> : null;
}
