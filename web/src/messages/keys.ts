import keys from './en/keys.json';
import { sayer } from './say';

/** What is said of the keys. */
export const { say } = sayer<keyof typeof keys>(keys);
