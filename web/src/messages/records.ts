import records from './en/records.json';
import { sayer } from './say';

/** What is said where bends are searched for, listed and counted. */
export const { say } = sayer<keyof typeof records>(records);
