package brachion.server.exchange;

import brachion.server.storage.StoredEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** A row that could not be read, as it came. */
@Entity
@Table(name = "row_set_aside")
class RowSetAsideEntity extends StoredEntity {

    private String fileName;

    private long line;

    private String headings;

    private String cells;

    private Instant broughtAt;

    protected RowSetAsideEntity() {
    }

    RowSetAsideEntity(String fileName, List<Heading> headings, Row row, Instant broughtAt) {
        this.fileName = fileName;
        this.headings = join(headings.stream().map(Heading::text).toList());
        this.line = row.line();
        this.cells = join(row.cells());
        this.broughtAt = broughtAt;
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
