/**
 * Production scheduling: pieces with what is to be done to each, the things in the rig, pairs of hands and hours of work come in; when
 * everything begins, on what, and when all is done goes out. Every schedule is made by placing one stretch of work after another as
 * early as it fits (the serial schedule generation scheme of resource-constrained project scheduling, with maximum time lags), so
 * that whatever order is tried gives a schedule that can be worked. Which order is best others look for ({@link
 * brachion.core.schedule.ScheduleSearch}). Times are whole minutes from a moment that is handed in.
 */
package brachion.core.schedule;
