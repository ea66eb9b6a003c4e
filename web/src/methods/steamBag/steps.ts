/** Out of a bag, or bent in it: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Roll the bag shut over a batten at the near end; leave the far end a little open, so that steam passes all along.',
  'Rehearse it cold: clamps opened to size, path clear, helper told.',
  'Tip the bag and let the water out before anything is lifted.',
  'Pull it out and bend it at once, or bend it with the bag on.',
  'Clamp from the middle outwards or from the tight end, flat to the table.',
  'Leave it on the form, then on a rack that holds the shape with air all round.',
];
