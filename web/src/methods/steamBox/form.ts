import { printTemperature } from '../../units/printing';
import type { MethodForm, Places } from '../method';

const SETTINGS: Places = {
  thickness: { measurement: 'LENGTH', at: 'blank.thicknessMm' },
  soakHours: { measurement: 'HOURS', at: 'steam.soakHours' },
  steamMinutes: { measurement: 'MINUTES', at: 'steam.steamMinutes' },
  chamber: { measurement: 'TEMPERATURE', at: 'steam.chamberC' },
  carrySeconds: { measurement: 'SECONDS', at: 'steam.carrySeconds' },
  holdHours: { measurement: 'HOURS', at: 'steam.holdHours', optional: true },
};

const OF_THE_STRAP: Places = {
  strapThickness: { measurement: 'LENGTH', at: 'steam.strap.thicknessMm' },
  endGap: { measurement: 'LENGTH', at: 'steam.strap.endGapMm' },
};

const STRAP = { STEEL: 'steel strap', WEBBING: 'webbing', ALUMINIUM: 'aluminium strap', PLASTIC: 'plastic trim' };

/** Solid stock softened in a steam box. */
export const steamBox: MethodForm = {
  label: 'Steam box',
  trials: 'steaming',
  thickness: 'Thickness',
  ofThickness: '',
  followed: true,
  neverSeen: ['GLUE_LINE_GAP'],
  extent: { thinnestMm: 2, thickestMm: 40, tightestMm: 30, widestMm: 1200 },
  places: (form) => ({ ...SETTINGS, ...(form.support === 'NONE' ? {} : OF_THE_STRAP) }),
  choices: (form) => ({
    steam: {
      soakAdditive: form.soakAdditive === 'NONE' ? undefined : form.soakAdditive,
      strap: form.support === 'NONE' ? undefined : { material: form.support },
    },
  }),
  typed: ({ steam }, { length, temperature }) =>
    steam
      ? {
          soakHours: steam.soakHours.toString(),
          steamMinutes: steam.steamMinutes.toString(),
          chamber: temperature(steam.chamberC),
          soakAdditive: steam.soakAdditive ?? 'NONE',
          carrySeconds: steam.carrySeconds.toString(),
          holdHours: steam.holdHours?.toString() ?? '',
          support: steam.strap?.material ?? 'NONE',
          ...(steam.strap && { strapThickness: length(steam.strap.thicknessMm), endGap: length(steam.strap.endGapMm) }),
        }
      : {},
  thickened: (thickness) => ({ thickness }),
  line: ({ steam }, system) => {
    if (!steam) return '';
    const soak = steam.soakHours > 0 ? `${steam.soakHours} h soak${steam.soakAdditive ? ' with softener' : ''}, ` : '';
    return `${soak}${steam.steamMinutes} min steam at ${printTemperature(steam.chamberC, system)}, ${steam.strap ? STRAP[steam.strap.material] : 'no strap'}`;
  },
};
