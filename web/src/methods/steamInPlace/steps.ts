/** Where it will stay: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Fasten one end where it belongs, if it can be, and hang the piece.',
  'Draw the bag round it, a little open at the far end, and steam it.',
  'Tip the bag and let the water out.',
  'Press it home with clamps, from the fastened end on; keep steam on as long as is planned.',
  'Let it cool, take the bag off clamp by clamp, and clamp again.',
  'Fasten it for good once it is dry.',
];
