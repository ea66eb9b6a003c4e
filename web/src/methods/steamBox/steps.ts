/** Out of the box over a form: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Mark the middle and where the curve begins and ends on stock and form.',
  'Bring the chamber to heat before the stock goes in, on dowels with room on all sides; the clock starts when it is hot again.',
  'Rehearse it cold: clamps opened to size, pads and strap laid out, path clear, helper told.',
  'Open, take out one piece, shut the door behind it: each opening costs the others heat.',
  'Bend with one steady pull, neither jerky nor slow; knock it flat to the table as it goes. A click, feathers or a crease: stop and look.',
  'Leave it on the form, then on a rack that holds the shape with air all round.',
];
