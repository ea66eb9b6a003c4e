import words from './en/words.json';
import { sayer } from './say';

/** What is said where the words of the trade are explained. */
export const { say } = sayer<keyof typeof words>(words);
