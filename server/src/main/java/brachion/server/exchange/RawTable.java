package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as it came: a workbook, or text with comma or semicolon or tab between the cells (RFC 4180), UTF-8, UTF-16 where its mark stands before it, or else Windows-1252.
 *
 * @param rows the rows that are not empty, at least one
 */
record RawTable(List<Row> rows) {

    private static final int MOST_BYTES = 20_000_000;
    private static final Charset OLD_SPREADSHEETS = Charset.forName("windows-1252");
    /** The two bytes of U+FEFF, by whose order UTF-16 tells its own (RFC 2781, 3.2). */
    private static final byte[] BIG_END_FIRST = {(byte) 0xFE, (byte) 0xFF};
    private static final byte[] LITTLE_END_FIRST = {(byte) 0xFF, (byte) 0xFE};
    private static final CSVFormat QUOTED = CSVFormat.RFC4180.builder().setIgnoreEmptyLines(true).get();
    private static final CSVFormat UNQUOTED = QUOTED.builder().setQuote(null).get();
    /** What people write where something is as in the line above (common practice). */
    private static final Set<String> AS_ABOVE = Set.of("\"", "\"\"", "''", "″", "„", "〃", "-\"-", "ditto", "do.", "dito");
    private static final char[] SEPARATORS = {';', '\t', ','};
    /** So many different words are remembered. */
    private static final int MOST_WORDS = 20_000;
    /** Headings are looked for among so many rows. */
    private static final int LOOKED_AT = 12;
    /** A row of headings names at least so much of what the widest row does. */
    private static final double ALMOST = 0.6;
    private static final Pattern SUM = Pattern.compile("(?i)(grand )?(total|sum|average|mean|count|summe|gesamt|mittel|somme|moyenne)s?\\b");

    /** What a file holds; refuses one that is larger than any table that is read. */
    static byte[] bytes(InputStream file) throws IOException {
        byte[] bytes = file.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
            throw refused("The file is larger than 20 MB. Split it and bring in the parts.");
        }
        return bytes;
    }

    /** Refuses what is no table, with the field {@code file}. */
    static RawTable read(byte[] file) {
        if (Workbook.is(file)) {
            return new RawTable(Workbook.rows(file));
        }
        String text = text(file);
        if (text.isBlank()) {
            throw refused("The file is empty.");
        }
        char separator = separator(text);
        TextBounds.check(text, separator);
        try {
            return new RawTable(rows(text, QUOTED, separator));
        } catch (IOException | UncheckedIOException broken) {
            return ofDittoMarks(text, separator).orElseThrow(() -> refused("The table breaks off: " + reason(broken) + "."));
        }
    }

    private static List<Row> rows(String text, CSVFormat as, char separator) throws IOException {
        try (CSVParser parser = as.builder().setDelimiter(separator).get().parse(new StringReader(text))) {
            List<Row> rows = new ArrayList<>();
            Map<String, String> said = new HashMap<>();
            for (CSVRecord row : parser) {
                if (row.stream().anyMatch(cell -> !cell.isBlank())) {
                    rows.add(new Row(parser.getCurrentLineNumber() - breaks(row), row.stream().map(cell -> once(said, HarmlessCell.back(cell))).toList()));
                }
            }
            if (rows.isEmpty()) {
                throw refused("The file is empty: there is not one word in its cells.");
            }
            return rows;
        }
    }

    /** Where quotation marks stand alone in their cells they quote nothing, but say "as above". */
    private static Optional<RawTable> ofDittoMarks(String text, char separator) {
        try {
            TextBounds.checkUnquoted(text, separator);
            List<Row> rows = rows(text, UNQUOTED, separator);
            boolean alone = rows.stream().flatMap(row -> row.cells().stream()).map(String::strip).filter(cell -> cell.startsWith("\"")).allMatch(AS_ABOVE::contains);
            return alone ? Optional.of(new RawTable(rows)) : Optional.empty();
        } catch (IOException | UncheckedIOException | RefusedFieldException noSuchTable) {
            return Optional.empty();
        }
    }

    /** A word that stands in many cells, the same for all of them: a long table says few things. */
    private static String once(Map<String, String> said, String cell) {
        String before = said.size() < MOST_WORDS ? said.putIfAbsent(cell, cell) : said.get(cell);
        return before == null ? cell : before;
    }

    /** Ends of lines within the cells of a row. */
    private static int breaks(CSVRecord row) {
        int breaks = 0;
        for (String cell : row) {
            for (int at = cell.indexOf('\n'); at >= 0; at = cell.indexOf('\n', at + 1)) {
                breaks++;
            }
        }
        return breaks;
    }

    /** What stands oftenest between the cells of the first line that has several. */
    private static char separator(String text) {
        String line = text.lines().filter(each -> new String(SEPARATORS).chars().anyMatch(c -> each.indexOf(c) >= 0)).findFirst().orElse("");
        char found = ',';
        long most = 0;
        for (char separator : SEPARATORS) {
            long count = line.chars().filter(c -> c == separator).count();
            if (count > most) {
                found = separator;
                most = count;
            }
        }
        return found;
    }

    /** Whether a file begins with some bytes, and goes on. */
    static boolean begins(byte[] file, byte[] with) {
        return file.length > with.length && Arrays.equals(file, 0, with.length, with, 0, with.length);
    }

    /** What a file of text says, without the mark some put before it. */
    static String text(byte[] file) {
        return decode(file).replaceFirst("^\uFEFF", "");
    }

    private static String decode(byte[] file) {
        if (begins(file, BIG_END_FIRST) || begins(file, LITTLE_END_FIRST)) {
            return new String(file, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
        } catch (CharacterCodingException notUtf8) {
            return new String(file, OLD_SPREADSHEETS);
        }
    }

    private static String reason(Exception broken) {
        Throwable cause = broken instanceof UncheckedIOException ? broken.getCause() : broken;
        return cause.getMessage();
    }

    private static RefusedFieldException refused(String message) {
        return new RefusedFieldException("file", message);
    }

    /**
     * The same from its headings on, without what stands above them (a title), below (a sum) and between (columns nobody filled), and
     * with ditto marks written out.
     */
    RawTable fromItsHeadings() {
        int widest = rows.stream().limit(LOOKED_AT).mapToInt(RawTable::words).max().orElse(0);
        int at = 0;
        while (at < rows.size() - 1 && words(rows.get(at)) < Math.max(2, widest * ALMOST)) {
            at++;
        }
        List<String> headings = rows.get(at).cells();
        List<Row> below = rows.subList(at + 1, rows.size()).stream().filter(row -> !sums(row)).toList();
        List<Integer> filled = IntStream.range(0, headings.size())
                .filter(place -> !headings.get(place).isBlank() || below.stream().anyMatch(row -> !row.cell(place).isBlank())).boxed().toList();
        List<Row> kept = new ArrayList<>();
        kept.add(only(rows.get(at), filled));
        for (Row row : below) {
            Row told = only(row, filled);
            kept.add(kept.size() == 1 ? told : asAbove(kept.get(kept.size() - 1), told));
        }
        return new RawTable(kept);
    }

    /** With what stands above in place of ditto marks. */
    private static Row asAbove(Row above, Row row) {
        return row.cells().stream().map(String::strip).noneMatch(AS_ABOVE::contains) ? row
                : new Row(row.line(), IntStream.range(0, row.cells().size()).mapToObj(place -> AS_ABOVE.contains(row.cell(place)) ? above.cell(place) : row.cell(place)).toList());
    }

    private static Row only(Row row, List<Integer> places) {
        return new Row(row.line(), places.stream().map(row::cell).toList());
    }

    /** Cells that are headed by words rather than numbers. */
    private static int words(Row row) {
        return (int) row.cells().stream().filter(cell -> cell.chars().anyMatch(Character::isLetter)).count();
    }

    private static boolean sums(Row row) {
        return row.cells().stream().filter(cell -> !cell.isBlank()).findFirst().filter(cell -> SUM.matcher(cell.strip()).lookingAt()).isPresent();
    }
}
