import ways from './en/ways.json';
import { sayer } from './say';

/** What is said where ways to the same bend are compared and looked for. */
export const { say } = sayer<keyof typeof ways>(ways);
