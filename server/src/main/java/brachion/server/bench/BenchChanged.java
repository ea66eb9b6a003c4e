package brachion.server.bench;

/**
 * Something was said of a piece on a shop's bench.
 *
 * @param shop key of the shop
 */
record BenchChanged(String shop) {
}
