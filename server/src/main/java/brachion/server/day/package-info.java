/**
 * The day: which pieces of which jobs are begun when, on what of the rig and by whose hands, and when all is done. Jobs, bench and rig
 * say what there is to do and with what; the order of work is looked for by the solver, a plan that was taken is kept, and when the
 * bench is elsewhere it is mended with as little change as can be.
 */
package brachion.server.day;
