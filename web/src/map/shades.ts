/** What pieces are shown on where there is no map beneath them. */
export const MIDDLE_SHADE = '#d8b182';

/** Shades from where it breaks to where it holds: even in lightness, so that it reads without colour as well. */
export const SHADES: [from: number, colour: string][] = [
  [0, '#6d3a28'], [0.2, '#96583a'], [0.4, '#bb8457'], [0.6, MIDDLE_SHADE], [0.8, '#ebd8b4'], [0.9, '#f6ecd3'], [0.95, '#fdf8ea'],
];
