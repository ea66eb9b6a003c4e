package brachion.server.bench;

/**
 * Told within the transaction when a piece became a record.
 *
 * @param piece key of the piece
 * @param trial key of the record
 */
public record PieceJudged(long piece, long trial) {
}
