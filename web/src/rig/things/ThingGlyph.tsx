import { Box } from '@mui/material';
import type { RigItemFields } from '../../api/schema';
import type { ThingKind } from '../../api/things';
import { usePalette } from '../../app/palette';

const SIZE = 56;
const MIDDLE = SIZE / 2;

/** What a kind looks like, in a square of 56. */
const DRAWN: Record<Exclude<ThingKind, 'FORM'>, string> = {
  STEAM_BOX: 'M6 26H50V44H6ZM16 20q-4 -4 0 -8M28 20q-4 -4 0 -8M40 20q-4 -4 0 -8M50 35h4',
  HOT_TROUGH: 'M6 24V44H50V24M6 30q5.5 -5 11 0t11 0t11 0t11 0M18 16q-4 -4 0 -8M36 16q-4 -4 0 -8',
  HOT_PIPE: 'M6 20H44V40H6M44 20a6 10 0 0 1 0 20a6 10 0 0 1 0 -20',
  SOAKING_TROUGH: 'M6 24V44H50V24M6 30q5.5 -5 11 0t11 0t11 0t11 0',
  STRAP: 'M6 44V38H12M6 38A22 22 0 0 1 50 38M50 38V44M50 38H44',
  CLAMPS: 'M14 8V48M14 12H38V20M14 42H38V34M38 20v2M38 34v-8M34 26h8M38 34v14M33 48h10',
  GLUE: 'M20 48V22L25 16V8H31V16L36 22V48ZM20 30H36',
  DRYING_PLACE: 'M8 14H48M8 14V48M48 14V48M8 26H48M8 38H48M16 26v-6h24v6M14 38v-6h28v6',
};

/** A thing in the rig, drawn; a form with its own curve. */
export function ThingGlyph({ item }: { item: RigItemFields }) {
  const colours = usePalette();
  const line = { fill: 'none', stroke: colours.text.secondary, strokeWidth: 2.5, strokeLinecap: 'round' as const, strokeLinejoin: 'round' as const };
  return (
    <Box component="svg" viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden sx={{ width: SIZE, height: SIZE, flexShrink: 0 }}>
      {item.kind === 'FORM' ? <path d={formOf(item.angleDegrees ?? 180)} {...line} fill={colours.background.default} /> : <path d={DRAWN[item.kind]} {...line} />}
    </Box>
  );
}

/** The block of a form that goes so far round. */
function formOf(angleDegrees: number): string {
  const half = (Math.min(angleDegrees, 340) * Math.PI) / 360;
  const radius = 20;
  const at = (turn: number) => `${(MIDDLE + radius * Math.sin(turn)).toFixed(1)} ${(MIDDLE + 4 - radius * Math.cos(turn)).toFixed(1)}`;
  return `M${MIDDLE} ${MIDDLE + 4}L${at(-half)}A${radius} ${radius} 0 ${half > Math.PI / 2 ? 1 : 0} 1 ${at(half)}Z`;
}
