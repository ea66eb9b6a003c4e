/** A green rod on pins: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Rive straight stock; leave the bark on over the bend and half a bend beyond, square the ends for grip.',
  'Shave the bend to its thickness and round it; soak it.',
  'Steam it until sap bubbles under the bark.',
  'Bend it round the centre block and pin it hole by hole.',
  'Put the spacer between the legs, and draw them a little past it with a cord.',
  'Leave it tied a week or two.',
];
