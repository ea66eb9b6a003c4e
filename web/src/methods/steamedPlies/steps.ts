/** Set, dried, then glued: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Rip the plies with fence steps of one ply and one saw cut; number them as they come.',
  'Steam them and set them on the form in the order they will be glued.',
  'Leave them there a day at least, until they are below 12 %: each has its own radius now, so keep the numbers.',
  'Rehearse dry, then spread to the edges and close on the same form.',
  'Snug first, so that plies can slide; press them level with the table, then clamp home and look again after some minutes.',
  'Leave it clamped as long as the glue asks, then trim width and overhangs.',
];
