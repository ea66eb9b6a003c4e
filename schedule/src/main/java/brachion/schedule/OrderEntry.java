package brachion.schedule;

/**
 * The next block of a piece has its turn.
 *
 * @param place where it stood in the first order, which tells it from other entries of the same piece
 * @param piece the piece, by its place in the problem
 */
record OrderEntry(int place, int piece) {
}
