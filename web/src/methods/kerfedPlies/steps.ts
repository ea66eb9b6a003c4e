/** Kerfed plies over a clean one: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Saw the kerfs across the plies over the tight place, about half through; the ply against the form stays clean.',
  'Release layer on the form, clean ply first, kerfs of the others towards the form, a flexible sheet over all.',
  'Rehearse dry, with everything you will use.',
  'Spread to the edges; close from the tight end or from the middle.',
  'Snug first, then clamp home; press the plies level with the table and look again after some minutes.',
  'One glue-up may be made double width and ripped in two.',
];
