package brachion.server.exchange;

import brachion.server.problem.RefusedFieldException;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as it came: comma or semicolon or tab between the cells (RFC 4180), UTF-8 or else Windows-1252.
 *
 * @param headings what stands over the columns
 * @param rows     the rows below that are not empty
 */
record Sheet(List<Heading> headings, List<Row> rows) {

    private static final int MOST_BYTES = 5_000_000;
    private static final Charset OLD_SPREADSHEETS = Charset.forName("windows-1252");
    private static final char[] SEPARATORS = {';', '\t', ','};

    /** Refuses what is no table of trials as a whole, with the field {@code file}. */
    static Sheet read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw refused("The file is larger than 5 MB. Split it and bring in the parts.");
        }
        String text = decode(file).replaceFirst("^\uFEFF", "");
        String firstLine = text.lines().filter(line -> !line.isBlank()).findFirst()
                .orElseThrow(() -> refused("The file is empty."));
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator(firstLine)).setIgnoreEmptyLines(true).get();
        try (CSVParser parser = format.parse(new StringReader(text))) {
            List<Row> rows = new ArrayList<>();
            for (CSVRecord row : parser) {
                if (row.stream().anyMatch(cell -> !cell.isBlank())) {
                    long breaks = row.stream().flatMapToInt(String::chars).filter(c -> c == '\n').count();
                    rows.add(new Row(parser.getCurrentLineNumber() - breaks, row.toList()));
                }
            }
            return of(rows);
        } catch (IOException | UncheckedIOException broken) {
            throw refused("The table breaks off: " + reason(broken) + ".");
        }
    }

    private static Sheet of(List<Row> rows) {
        if (rows.isEmpty()) {
            throw refused("The file is empty: there is not one word in its cells.");
        }
        List<Heading> headings = rows.get(0).cells().stream().map(Heading::of).toList();
        if (headings.stream().allMatch(heading -> heading.column().isEmpty())) {
            throw refused("No heading of the first line is known here. It should name columns such as “"
                    + Column.SPECIES.title() + "”, “" + Column.THICKNESS.heading(Units.METRIC) + "” and “"
                    + Column.ENDED.title() + "”.");
        }
        Map<Column, List<String>> named = headings.stream().filter(heading -> heading.column().isPresent())
                .collect(Collectors.groupingBy(heading -> heading.column().orElseThrow(),
                        Collectors.mapping(Heading::text, Collectors.toList())));
        named.values().stream().filter(twice -> twice.size() > 1).findFirst().ifPresent(twice -> {
            throw refused("The headings “" + String.join("” and “", twice) + "” name one column twice.");
        });
        return new Sheet(headings, List.copyOf(rows.subList(1, rows.size())));
    }

    private static char separator(String heading) {
        char found = ',';
        long most = 0;
        for (char separator : SEPARATORS) {
            long count = heading.chars().filter(c -> c == separator).count();
            if (count > most) {
                found = separator;
                most = count;
            }
        }
        return found;
    }

    private static String decode(byte[] file) {
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
}
