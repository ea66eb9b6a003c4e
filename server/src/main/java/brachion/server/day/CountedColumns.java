package brachion.server.day;

import jakarta.persistence.Embeddable;

/**
 * How many pieces of a job a plan counts on.
 *
 * @param jobId   the job
 * @param counted good, bent, under way or to be begun when it was taken
 */
@Embeddable
record CountedColumns(Long jobId, int counted) {
}
