import type { SettingsOf } from '../method';

type Pipe = SettingsOf<'HOT_PIPE'>;

/** What is typed about a hot pipe. */
export interface PipeTyped {
  pipeMinutes: string;
  pipe: string;
  contact: string;
  pipeFace: NonNullable<Pipe['face']>;
  bentBy: NonNullable<Pipe['by']>;
}

export const FIRST_PIPE: PipeTyped = { pipeMinutes: '3', pipe: '266 °F', contact: '15', pipeFace: 'WETTED', bentBy: 'HANDS' };
