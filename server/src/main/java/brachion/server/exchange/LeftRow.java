package brachion.server.exchange;

import java.util.ArrayList;
import java.util.List;

/**
 * A row that could not be read.
 *
 * @param line   where it begins in its file, the heading being line 1
 * @param cells  the row, cell by cell
 * @param faults why it could not be read
 */
record LeftRow(long line, List<Cell> cells, List<Fault> faults) {

    /**
     * A cell as it came.
     *
     * @param heading what stands over it
     * @param text    what it holds
     */
    record Cell(String heading, String text) {
    }

    static LeftRow of(List<Heading> headings, Row row, List<Fault> faults) {
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < Math.max(headings.size(), row.cells().size()); i++) {
            cells.add(new Cell(i < headings.size() ? headings.get(i).text() : "", i < row.cells().size() ? row.cells().get(i) : ""));
        }
        return new LeftRow(row.line(), cells, faults);
    }
}
