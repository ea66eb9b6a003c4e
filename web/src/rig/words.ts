import type { AppraisalAnswer, Change, RigFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { printTime } from '../process/time';
import { printLength, printTemperature } from '../units/printing';

export const WALL: Record<NonNullable<RigFields['wall']>, string> = {
  SOFTWOOD: 'softwood', PLYWOOD: 'plywood', PLASTIC_PIPE: 'plastic pipe', FOAM_BOARD: 'foam board', STEEL: 'steel',
};

/** Whether it reaches and holds its heat. */
export function holdInWords({ hold, wantedC, reachesC }: AppraisalAnswer, system: UnitSystem): string {
  const wanted = printTemperature(wantedC, system);
  if (hold === 'EASILY') return `It holds ${wanted} with steam to spare.`;
  if (hold === 'BARELY') return `It just holds ${wanted}, and falls back whenever the door opens.`;
  return `It never holds ${wanted}: it comes to ${printTemperature(reachesC, system)} and stays there.`;
}

/** Where the steam goes, and what that means for wet stock. */
export function powerInWords({ hold, steamWatts, wallWatts, ventWatts }: AppraisalAnswer): string {
  const breathes = hold === 'NOT'
    ? 'That leaves room for air: wet stock dries in it, which no forecast here supposes.'
    : 'Steam leaves by the vents all the while: the chamber breathes, and wet stock stays wet in it.';
  return `${Math.round(steamWatts)} W arrive as steam; the walls take ${Math.round(wallWatts)} W, the open vents ${Math.round(ventWatts)} W. ${breathes}`;
}

export function timesInWords({ heatUpMinutes, tankHours }: AppraisalAnswer): string {
  const heat = heatUpMinutes === undefined ? 'With this load it does not get there' : `Hot with this load after ${printTime(heatUpMinutes * 60)}; start the steaming clock then`;
  return `${heat}. A full tank lasts ${printTime(tankHours * 3600)}: refill before, never run it dry.`;
}

/** Room for steam and for swelling. */
export function roomInWords({ roomy, gapAcrossMm, gapAboveMm, gapAlongMm }: AppraisalAnswer, system: UnitSystem): string {
  if (gapAlongMm < 0) return 'The stock is longer than the chamber.';
  if (gapAcrossMm < 0 || gapAboveMm < 0) return 'Swollen, the load does not fit: it would jam.';
  const gaps = `${printLength(gapAcrossMm, system)} between pieces and ${printLength(gapAboveMm, system)} above, once swollen`;
  return roomy ? `Room enough: ${gaps}.` : `Too tight for steam to pass: ${gaps}. Take a piece out.`;
}

export function changeInWords({ kind, amount }: Change, system: UnitSystem): string {
  if (kind === 'SHORTEN') return `Shorten the chamber to ${printLength(amount, system)}`;
  if (kind === 'INSULATE') return `Put ${printLength(amount, system)} of foam or wool round it`;
  return `Run ${amount} generators`;
}
