package brachion.server.exchange;

import java.util.List;

/**
 * One row of a table as it was found.
 *
 * @param line  where it begins in its file, the heading being line 1
 * @param cells its cells
 */
record Row(long line, List<String> cells) {

    /** A cell without blanks around it; one that is not there is empty. */
    String cell(int place) {
        return place < cells.size() ? cells.get(place).strip() : "";
    }
}
