package brachion.server.bench;

/**
 * A piece was laid on the bench for a job.
 *
 * @param piece its key
 * @param job   the job it is for
 */
public record PieceLaid(long piece, long job) {
}
