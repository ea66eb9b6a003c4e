package brachion.server.exchange;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** A row that could not be read, as it came. */
@Entity
@Table(name = "row_set_aside")
class RowSetAsideEntity extends CountedEntity {

    private String fileName;

    private long line;

    private String headings;

    private String cells;

    private Instant broughtAt;

    /** The table it came in with, null where nobody kept that. */
    private Long broughtInId;

    protected RowSetAsideEntity() {
    }

    RowSetAsideEntity(BroughtInEntity table, List<Heading> headings, Row row) {
        this.broughtInId = table.id();
        this.fileName = table.fileName();
        this.headings = join(headings.stream().map(Heading::text).toList());
        this.line = row.line();
        this.cells = join(row.cells());
        this.broughtAt = table.broughtAt();
    }

    /** What tells it from other rows: headings and cells, whatever file and line it came from. */
    List<String> content() {
        return List.of(headings, cells);
    }

    List<Heading> headings() {
        return split(headings).stream().map(Heading::of).toList();
    }

    Row row() {
        return new Row(line, split(cells));
    }

    void write(List<LeftRow.Cell> mended) {
        headings = join(mended.stream().map(LeftRow.Cell::heading).toList());
        cells = join(mended.stream().map(LeftRow.Cell::text).toList());
    }

    Optional<Long> table() {
        return Optional.ofNullable(broughtInId);
    }

    String fileName() {
        return fileName;
    }

    private static String join(List<String> cells) {
        return CSVFormat.RFC4180.format(cells.toArray());
    }

    private static List<String> split(String line) {
        try (CSVParser parser = CSVParser.parse(line, CSVFormat.RFC4180)) {
            return parser.getRecords().get(0).toList();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
