package brachion.server.exchange;

import java.util.List;

/**
 * One row of a table as it was found.
 *
 * @param line  where it begins in its file, the heading being line 1
 * @param cells its cells
 */
record Row(long line, List<String> cells) {
}
