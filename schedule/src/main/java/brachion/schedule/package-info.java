/** Looks for the best order of work with Timefold Solver: a problem of {@link brachion.core.schedule} comes in, its best schedule goes out. */
package brachion.schedule;
