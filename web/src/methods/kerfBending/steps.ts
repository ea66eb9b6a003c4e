/** Over saw cuts: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Saw a ladder on two or three test pieces: begin with a thick web, deepen by steps until it closes without a snap.',
  'Leave the piece too long; mark the middle of piece and form.',
  'First cut where the curve begins; a step pin on the fence sets each next one. A backing piece under the cut keeps the ends from tearing.',
  'Support it along its length while it bends, and close it round the form from one end.',
  'Glue it to its backer on the form; without a backer nothing holds a web but itself.',
];
