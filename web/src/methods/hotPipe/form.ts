import { OF_CUTS, OF_GLUE } from '../../trials/words';
import { printTemperature } from '../../units/printing';
import { handlingChoices, handlingFacts, handlingLine, handlingPlaces, handlingTyped, HOT_WOOD, stagesAround } from '../hotWood/form';
import type { MethodForm } from '../method';
import type { PipeTyped } from './typed';

export const PIPE_FACE: Record<PipeTyped['pipeFace'], string> = { WETTED: 'kept wet', DRY: 'left dry' };

export const BENT_BY: Record<PipeTyped['bentBy'], string> = { HANDS: 'hands', LEVER_BOARD: 'lever board' };

/** Thin stock worked over a hot pipe. */
export const hotPipe: MethodForm<'HOT_PIPE'> = {
  ...HOT_WOOD,
  label: 'Hot pipe',
  glyph: 'M21 26a11 10 0 1 0 22 0a11 10 0 1 0-22 0M8 38c7-34 41-34 48 0',
  caution: 'The pipe burns and its flame or element can start a fire: gloves, nothing that burns near it, never left alone. A drop ' +
    'of water should break up and dance; where it skates, the pipe is hot enough to scorch dry wood.',
  heat: 'pipe',
  neverSeen: [...OF_GLUE, ...OF_CUTS],
  extent: { thinnestMm: 0.8, thickestMm: 12, tightestMm: 15, widestMm: 600 },
  stages: () => stagesAround('HOT_PIPE', 'pipeMinutes', false),
  places: (form) => ({
    ...handlingPlaces(form, false),
    pipeMinutes: { measurement: 'MINUTES', at: 'method.pipeMinutes' },
    pipe: { measurement: 'TEMPERATURE', at: 'method.pipeC' },
    contact: { measurement: 'SHARE', at: 'method.contactPercent' },
  }),
  choices: (form) => ({
    ...handlingChoices(form),
    face: form.pipeFace === 'WETTED' ? undefined : form.pipeFace,
    by: form.bentBy === 'HANDS' ? undefined : form.bentBy,
  }),
  typed: (settings, exact) => ({
    ...handlingTyped(settings, exact),
    pipeMinutes: settings.pipeMinutes.toString(),
    pipe: exact.temperature(settings.pipeC),
    contact: settings.contactPercent.toString(),
    pipeFace: settings.face ?? 'WETTED',
    bentBy: settings.by ?? 'HANDS',
  }),
  facts: (settings) => ({ ...handlingFacts(settings, settings.pipeC), bentOn: 'PIPE' }),
  line: (settings, system) => handlingLine(settings, `${settings.pipeMinutes} min on a pipe at ${printTemperature(settings.pipeC, system)}, ` +
    `${settings.face === 'DRY' ? 'dry' : 'wetted'}`),
};
