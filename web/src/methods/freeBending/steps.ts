/** Between posts: how it is done, in the order of work (common practice). */
export const STEPS = [
  'Set two posts or rollers, and stop blocks ready with their screws.',
  'Tip the bag and let the water out; leave it on.',
  'Bend by body weight, moving along, so that no place takes it all.',
  'Screw in the stop blocks as it goes; two people, nobody where the plank would go.',
  'Bends of two senses are made on two days.',
];
