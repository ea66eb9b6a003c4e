import type { WoodFields } from '../api/schema';

export const WOOD_CLASS: Record<NonNullable<WoodFields['woodClass']>, string> = {
  RING_POROUS_HARDWOOD: 'ring-porous',
  TEMPERATE_HARDWOOD: 'other hardwood',
  TROPICAL_HARDWOOD: 'tropical',
  SOFTWOOD: 'softwood',
  BAMBOO: 'bamboo',
  PANEL: 'plywood',
};

/** Whether it is a board of crossed plies, which is sawn or glued up and never steamed. */
export function isPlywood({ woodClass }: { woodClass?: WoodFields['woodClass'] | undefined }): boolean {
  return woodClass === 'PANEL';
}

export const WEIGHT = { density: 'weight at 12 %', gravity: 'basic gravity' };

/** What a kind of wood is, for whoever does not know the word. */
export const CLASS_HINT: Record<NonNullable<WoodFields['woodClass']>, string> = {
  RING_POROUS_HARDWOOD: 'A row of large pores at the start of every year’s growth, as in oak, ash, elm, hickory.',
  TEMPERATE_HARDWOOD: 'Pores much alike over the year, as in beech, maple, cherry, walnut, birch.',
  TROPICAL_HARDWOOD: 'From the tropics, as teak, mahogany, iroko.',
  SOFTWOOD: 'A conifer, as spruce, pine, cedar, yew.',
  BAMBOO: 'The wall of a culm, split into strips.',
  PANEL: 'A board of crossed plies, for saw kerfs and thin sheets glued up. Its figures are those of the outer ply along its grain.',
};
