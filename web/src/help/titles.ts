/** Terms of the trade that a beginner does not know, by what they are called. */
export const TITLES = {
  grainSlope: 'Slope of grain',
  rings: 'Growth rings at the bend',
  carry: 'Carry',
  slack: 'Slack at the stops',
  neutralAxis: 'Neutral axis',
  support: 'Support on the outer face',
  seasoning: 'Seasoning',
  outerFace: 'Outer face',
  section: 'Section',
  hold: 'On the form',
  plies: 'Plies',
  riseAcross: 'Rise across the grain',
  springback: 'Springback',
  kerf: 'Kerf',
  blank: 'Blank',
  odds: 'Odds and their range',
} as const;

export type TermName = keyof typeof TITLES;
