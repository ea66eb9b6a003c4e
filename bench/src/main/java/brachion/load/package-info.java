/** A busy day: many people at once with the questions of a real one, and how long each waits. */
package brachion.load;
