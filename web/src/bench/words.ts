import type { BenchView, StandingReading, TapFields } from '../api/schema';
import type { UnitSystem } from '../app/units';
import type { Facts } from '../methods/method';
import { printTemperature } from '../units/printing';

export type Step = BenchView['step'];
export type Tap = TapFields['tap'];

/** What a touch says, as it is written on it. */
export const SAY: Record<Tap, string> = {
  PREPARED: 'Stock is ready',
  INTO_SOAK: 'Into the water',
  INTO_HEAT: 'Into the heat',
  AT_HEAT: 'It is at heat',
  READING: 'Thermometer',
  PULLED: 'Pull',
  GLUE_ON: 'Glue on',
  CLAMPED: 'Clamped',
  STEAM_OFF: 'Steam off',
  RELEASED: 'Off the form',
  FEATHERS: 'Feathers',
  CREASE: 'Crease',
  CLICK: 'A click',
  BROKE: 'It broke',
  JUDGED: 'Say how it came out',
};

/** What a touch says of a piece at a step. */
export function sayOf(tap: Tap, step: Step): string {
  return tap === 'RELEASED' && step === 'IN_CLAMPS' ? 'Out of the clamps' : SAY[tap];
}

/** The same once it was done. */
export const DONE: Record<Tap, string> = {
  PREPARED: 'Stock ready',
  INTO_SOAK: 'Into the water',
  INTO_HEAT: 'Into the heat',
  AT_HEAT: 'At heat',
  READING: 'Thermometer',
  PULLED: 'Pulled',
  GLUE_ON: 'Glue on',
  CLAMPED: 'Clamped',
  STEAM_OFF: 'Steam off',
  RELEASED: 'Off the form',
  FEATHERS: 'Feathers seen',
  CREASE: 'Crease seen',
  CLICK: 'A click heard',
  BROKE: 'Broke',
  JUDGED: 'Judged',
};

export const STEP: Record<Step, string> = {
  PLANNED: 'Planned',
  PREPARED: 'Sawn and planed',
  SOAKING: 'In the water',
  HEATING: 'In the heat',
  BENDING: 'Bend it now',
  ON_FORM: 'On the form',
  DRYING: 'Drying',
  GLUING: 'Close it now',
  IN_CLAMPS: 'In the clamps',
  FINISHED: 'Waits for its verdict',
  JUDGED: 'Judged',
};

/** Steps of a piece that neither water, heat, glue nor clamps have touched. */
export const UNTOUCHED: Step[] = ['PLANNED', 'PREPARED'];

/** What its clock waits for. */
export const DUE: Record<StandingReading['dueIs'], string> = {
  NOTHING: '',
  SOAKED: 'soaked as planned',
  SOFT: 'soft',
  HOT: 'hot through, though too dry to get soft',
  OUTER_FACE_HARD: 'until the outer face is half hard',
  CARRIED: 'of the carry as planned; it was never soft',
  HELD: 'held as planned',
  DRY: 'below 10 %',
  GLUE_CLOSES: 'until the glue closes',
  GLUE_SET: 'glue set',
};

/** A time of day, and the day where it is another one. */
export function printMoment(ms: number, now: number): string {
  const at = new Date(ms);
  const time = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  if (at.toDateString() === new Date(now).toDateString()) return time;
  return Math.abs(ms - now) > 6 * 86_400_000 ? at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
    : `${at.toLocaleDateString('en-GB', { weekday: 'short' })} ${time}`;
}

/** A clock that counts: 12.3 below a minute when it counts down, 7:05 below an hour, 2 h 05 min, 3 d 4 h. */
export function printClock(seconds: number, tenths = false): string {
  const whole = Math.floor(seconds);
  const two = (n: number) => String(n).padStart(2, '0');
  if (seconds < 60 && tenths) return seconds.toFixed(1);
  if (whole < 3600) return `${Math.floor(whole / 60)}:${two(whole % 60)}`;
  if (whole < 86_400) return `${Math.floor(whole / 3600)} h ${two(Math.floor((whole % 3600) / 60))} min`;
  return `${Math.floor(whole / 86_400)} d ${Math.floor((whole % 86_400) / 3600)} h`;
}

/** A clock that counts down, and on beyond its end. */
export function printCountdown(left: number): string {
  return left > 0 ? printClock(left, true) : `+${printClock(-left, true)}`;
}

/** What was said, in a line; readings that follow each other as one, and a name where the hands are others than before. */
export function saidInWords(said: TapFields[], now: number, system: UnitSystem): string {
  const lines: string[] = [];
  let read: number[] = [];
  let hands: string | undefined;
  said.forEach(({ tap, saidAt, celsius, person }) => {
    read = tap === 'READING' && celsius !== undefined ? [...read, celsius] : [];
    if (read.length > 1) lines.pop();
    const shown = read.length === 0 ? '' : ` ${[...new Set([read[0], read.at(-1)])].map((each) => printTemperature(each ?? 0, system)).join(' to ')}`;
    const whose = person === undefined || person === hands ? '' : ` (${person})`;
    hands = person ?? hands;
    lines.push(`${DONE[tap]}${shown} ${printMoment(Date.parse(saidAt), now)}${whose}`);
  });
  return lines.join(', ');
}

/** Where on the bench a piece is found, as the address of its card on paper says it. */
export function cardOf({ id }: Pick<BenchView, 'id'>): string {
  return `piece-${id}`;
}

/** What has to be ready before the heat is opened; common practice. */
export function checklist({ strap, plies }: Pick<Facts, 'strap' | 'plies'>): string[] {
  return [
    'Clamps opened to size, in the order they are set',
    'Form fixed to the bench, pattern and pads at hand',
    ...(strap ? ['Strap laid out, stops set to the length of the piece'] : []),
    ...(plies > 1 ? ['Plies numbered, in the order they go on'] : []),
    'Way from the heat to the form clear, and dry underfoot',
    'Gloves and sleeves on: steam burns',
    'Whoever helps knows what to take hold of',
  ];
}

/** What somebody has to do between the heat and the clamps; common practice. */
export function roles({ strap }: Pick<Facts, 'strap'>): string[] {
  return ['Opens the heat and carries', strap ? 'Bends, at the strap\u2019s handles' : 'Bends', 'Sets the clamps', 'Keeps the time'];
}

const STAGE: Record<BenchView['tooLong'][number], string> = {
  SOAK: 'the soak', STEAM_BOX: 'the heat', STEAM_BAG: 'the heat', HOT_BATH: 'the heat', SIMMER: 'the heat', HOT_PIPE: 'the heat', STEAM_ON: 'the steam after clamping', CARRY: 'the carry',
  FORM: 'the time on the form', RACK: 'the time on the rack',
};

/** Stages nobody touched the screen at the end of. */
export function tooLongInWords(stages: BenchView['tooLong']): string {
  const named = stages.map((stage) => STAGE[stage]).join(' and ');
  return `${named.charAt(0).toUpperCase()}${named.slice(1)} took longer than any does, so nobody touched the screen at its end.`;
}
