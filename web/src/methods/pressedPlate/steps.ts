/** A plate over its former: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Soak the plate in a sealed bag; mark the good face: left and right halves are mirrored.',
  'Bolt it between thin sheets of metal in its frame, and heat former and plate in simmering water.',
  'Push the former in as far as it goes without force; back into the water; again, until it is home.',
  'Let it settle for five minutes, then cool for half an hour before the bag comes off.',
  'Into the drying frame, held but not clamped hard: it must be free to shrink.',
  'Leave it there one to two weeks.',
];
