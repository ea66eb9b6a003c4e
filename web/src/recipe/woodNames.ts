import { createFilterOptions } from '@mui/material';
import { useSpecies } from '../api/queries';
import type { SpeciesView } from '../api/schema';

/** Everything a wood is called. */
export function namesOf({ commonName, latinName, otherNames }: Pick<SpeciesView, 'commonName' | 'latinName' | 'otherNames'>): string[] {
  return [commonName, ...otherNames, latinName];
}

/** A wood as it is offered: where another of its names was typed, that stands beside it. */
export function offeredAs(wood: SpeciesView, typed: string): string {
  const holds = (name: string) => name.toLowerCase().includes(typed.trim().toLowerCase());
  const other = holds(wood.commonName) ? undefined : namesOf(wood).find(holds);
  return other === undefined ? wood.commonName : `${wood.commonName} (${other})`;
}

/** The woods of which any name holds what was typed. */
export const byAnyName = createFilterOptions<SpeciesView>({ stringify: (wood) => namesOf(wood).join('\n') });

/** What a wood is called: nothing until the woods are known, its key where it is none of them. */
export function woodName(species: SpeciesView[] | undefined, speciesId: string): string {
  return species ? species.find(({ id }) => id === speciesId)?.commonName ?? speciesId : '';
}

/** The same of the woods there are. A list asks once for all of its rows. */
export function useWoodName(): (speciesId: string) => string {
  const { data: species } = useSpecies();
  return (speciesId) => woodName(species, speciesId);
}

/** Names that begin with that of a place or a person keep their capital. */
const PROPER = /^(?:African|Alaska|American|Douglas|English|European|London|Norway|Oregon|Osage|Port|Scots|Sitka|Spanish)\b/;

/** A wood as it stands within a sentence: white ash, but Scots pine. */
export function woodInSentence(name: string): string {
  return PROPER.test(name) ? name : name.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}
