/** Out of near-boiling water: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Bring the water to heat before the stock goes in; keep all of it under.',
  'Rehearse it cold: clamps opened to size, tongs at hand, path clear, helper told.',
  'Lift it out, let it drip, and bend it with one steady pull.',
  'Clamp from the middle outwards or from the tight end, flat to the table.',
  'Leave it on the form, then on a rack that holds the shape with air all round.',
];
