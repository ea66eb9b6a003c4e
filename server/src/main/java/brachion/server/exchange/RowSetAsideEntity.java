package brachion.server.exchange;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** A row that could not be read, as it came. One that was discarded stays, marked, so that it can be brought back. */
@Entity
@Table(name = "row_set_aside")
class RowSetAsideEntity {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Version
    private int version;

    private String fileName;

    private long line;

    private String headings;

    private String cells;

    private Instant broughtAt;

    private Instant deletedAt;

    protected RowSetAsideEntity() {
    }

    RowSetAsideEntity(String fileName, List<Heading> headings, Row row, Instant broughtAt) {
        this.fileName = fileName;
        this.headings = join(headings.stream().map(Heading::text).toList());
        this.line = row.line();
        this.cells = join(row.cells());
        this.broughtAt = broughtAt;
    }

    /** Whether another row is the same, heading and all. */
    boolean sameAs(RowSetAsideEntity other) {
        return headings.equals(other.headings) && cells.equals(other.cells);
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

    void discard(Instant at) {
        deletedAt = at;
    }

    void restore() {
        deletedAt = null;
    }

    boolean discarded() {
        return deletedAt != null;
    }

    long id() {
        return id;
    }

    int version() {
        return version;
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
