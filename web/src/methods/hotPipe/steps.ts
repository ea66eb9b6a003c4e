/** Over a hot pipe: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Draw the curve at full size; mark on the strip where each bend begins and ends.',
  'Let a drop of water fall on the pipe: sitting it is too cold, skating too hot, breaking up and dancing right.',
  'Wet the face that goes on the pipe and rock it there; press only as it gives.',
  'Feathers outside: the heat went through; stop and let it cool. A buckle: too much pressure, too fast.',
  'Hold it against the drawing after each heat, and bend a little less than wanted: opening is harder than closing.',
  'Reverses are made from the other face. Clamp it to its form until it is cold and dry.',
];
