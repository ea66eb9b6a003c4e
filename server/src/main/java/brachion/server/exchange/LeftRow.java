package brachion.server.exchange;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
    record Cell(@NotNull @Size(max = LONGEST, message = TOO_LONG) String heading,
                @NotNull @Size(max = LONGEST, message = TOO_LONG) String text) {

        private static final int LONGEST = 5000;
        private static final String TOO_LONG = "A cell may hold up to 5,000 characters.";
    }

    static LeftRow of(List<Heading> headings, Row row, List<Fault> faults) {
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < Math.max(headings.size(), row.cells().size()); i++) {
            cells.add(new Cell(i < headings.size() ? headings.get(i).text() : "", i < row.cells().size() ? row.cells().get(i) : ""));
        }
        return new LeftRow(row.line(), cells, faults);
    }
}
