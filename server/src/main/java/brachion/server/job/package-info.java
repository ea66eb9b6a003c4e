/**
 * Jobs: so many good pieces of a bend by some day, with the plan for them and every plan before it. What became of its pieces others
 * say ({@link brachion.server.job.PiecesOfJobs}).
 */
package brachion.server.job;
