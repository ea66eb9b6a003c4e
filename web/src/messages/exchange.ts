import exchange from './en/exchange.json';
import { sayer } from './say';

/** What is said where bends come in and leave. */
export const { say } = sayer<keyof typeof exchange>(exchange);
