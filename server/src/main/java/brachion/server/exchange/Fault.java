package brachion.server.exchange;

/**
 * Why a row was set aside.
 *
 * @param heading over the cell at fault, as it stands in the table; empty when no single cell is at fault
 * @param message what is wrong and what would be read, a sentence
 */
record Fault(String heading, String message) {
}
