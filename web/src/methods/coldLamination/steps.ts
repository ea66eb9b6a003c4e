/** Thin plies and glue: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Rip the plies with fence steps of one ply and one saw cut, a little over where they are sanded; they fall on the free side of the blade. Number them.',
  'Release layer on the form, cauls and pads laid out, every clamp opened to its travel, long ones first.',
  'Rehearse dry, with everything you will use.',
  'Spread to the edges, keep the order; polyurethane wants damp faces, epoxy light pressure.',
  'Snug first, so that plies can slide; press them level with the table, then clamp home and look again after some minutes.',
  'Leave it clamped as long as the glue asks, then trim width and overhangs.',
];
