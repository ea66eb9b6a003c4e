/**
 * Pieces on their way over the bench: what a person says of one by a touch is kept with its moment, the clocks follow the wood by
 * the same computation as the forecast, and a verdict makes a trial of it without anything being written down twice. Every screen
 * that looks on is told of a change.
 */
package brachion.server.bench;
