import type { DoneView } from '../api/schema';
import { printTime } from '../process/time';

const TOOK: Partial<Record<DoneView['stages'][number]['kind'], string>> = {
  SOAK: 'soaked', STEAM_BOX: 'steamed', STEAM_BAG: 'steamed', HOT_BATH: 'bathed', HOT_PIPE: 'on the pipe', STEAM_ON: 'steam left on', CARRY: 'carried', FORM: 'held', RACK: 'racked',
};

/** Where the process went otherwise than planned: steamed 75 min instead of 60 min. */
export function doneLine({ stages }: DoneView): string {
  return stages
    .map(({ kind, plannedMinutes, actualMinutes }) => {
      const actual = printTime(actualMinutes * 60);
      const planned = plannedMinutes === undefined ? undefined : printTime(plannedMinutes * 60);
      return `${TOOK[kind] ?? ''} ${actual}${planned === undefined ? '' : planned === actual ? ', as planned' : ` instead of ${planned}`}`;
    })
    .join('; ');
}
