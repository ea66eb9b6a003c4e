import evidence from './en/evidence.json';
import { sayer } from './say';

/** What is said where a shop's records tip the rules of thumb. */
export const { say } = sayer<keyof typeof evidence>(evidence);
