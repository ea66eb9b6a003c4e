import type { ChangeView } from '../api/schema';
import type { UnitSystem } from '../app/units';
import { printLength, printTemperature } from '../units/printing';

type Kind = ChangeView['kind'];

/** A step as one would say it to a helper. */
export function changeInWords({ kind, amount }: ChangeView, system: UnitSystem): string {
  const length = printLength(amount, system);
  const words: Record<Kind, string> = {
    AS_PLANNED: 'Do it as planned',
    THINNER: `Mill it to ${length}`,
    WIDER_RADIUS: `Open the radius to ${length}`,
    STEEL_STRAP: `Add a ${length} steel strap, stops hard`,
    TIGHTEN_STOPS: 'Set the stops hard',
    SOAK: `Soak it ${amount} h first`,
    STEAM_LONGER: `Steam it ${amount} min`,
    HOTTER_CHAMBER: `Get the chamber to ${printTemperature(amount, system)}`,
    HOTTER_BAG: `Get the bag to ${printTemperature(amount, system)}`,
    BATH_LONGER: `Leave it in the bath ${amount} min`,
    HOTTER_BATH: `Get the bath to ${printTemperature(amount, system)}`,
    PIPE_LONGER: `Work it ${amount} min at one place`,
    HOTTER_PIPE: `Get the pipe to ${printTemperature(amount, system)}`,
    SHAVED_THINNER: `Shave the bend to ${length}`,
    SHAVED_FURTHER: `Shave it thinner over ${length}`,
    DEEPER_CUTS: `Saw deeper, to a web of ${length}`,
    CLOSER_CUTS: `Set the cuts ${length} apart`,
    QUICKER_CARRY: `Clamp within ${amount} s`,
    BAG_ON: 'Bend it with the bag on',
    STRAIGHTER_GRAIN: `Choose grain of 1 in ${amount} or straighter`,
    CLEAR_STOCK: 'Take a piece without knots, or move the bend off them',
    WETTER_STOCK: `Start with air-dried stock of ${amount} %`,
    THINNER_CLEAN_PLY: `Take a thinner clean ply, ${length}`,
    METAL_SHEETS: 'Bolt it between thin metal sheets',
    FLATTER_ACROSS: `Flatten it across the grain to a rise of ${length}`,
    THINNER_PLIES: `Take thinner plies, ${length}`,
  };
  return words[kind];
}

/** Steps one after another. */
export function changesInWords(changes: ChangeView[], system: UnitSystem): string {
  return changes
    .map((change, i) => {
      const words = changeInWords(change, system);
      return i === 0 ? words : words.charAt(0).toLowerCase() + words.slice(1);
    })
    .join('; ');
}
