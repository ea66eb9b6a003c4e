package brachion.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import brachion.server.problem.RefusedFieldException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files made to harm, and files somebody broke: each is a table or refused with a sentence, and takes neither the memory nor the time of others. */
@Timeout(value = 15, unit = TimeUnit.MINUTES)
class HostileTablesTest {

    private static final String SHEET = "xl/worksheets/sheet1.xml";
    private static final String ODS = """
            <office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"
             xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet><table:table>%s</table:table></office:spreadsheet></office:body></office:document-content>""";

    /** A workbook as an independent library writes it (Apache POI): a heading and a bend. */
    private static byte[] workbook() throws IOException {
        try (XSSFWorkbook book = new XSSFWorkbook(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            var sheet = book.createSheet("Bends");
            var top = sheet.createRow(0);
            top.createCell(0).setCellValue("species");
            top.createCell(1).setCellValue("thickness");
            var row = sheet.createRow(1);
            row.createCell(0).setCellValue("White ash");
            row.createCell(1).setCellValue(9.5);
            book.write(out);
            return out.toByteArray();
        }
    }

    private static byte[] openBook(String rows) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        parts.put("mimetype", "application/vnd.oasis.opendocument.spreadsheet".getBytes(StandardCharsets.US_ASCII));
        parts.put("content.xml", ODS.formatted(rows).getBytes(StandardCharsets.UTF_8));
        return zip(parts);
    }

    private static Map<String, byte[]> parts(byte[] zip) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                parts.put(entry.getName(), in.readAllBytes());
            }
        }
        return parts;
    }

    private static byte[] zip(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
            }
        }
        return out.toByteArray();
    }

    private static byte[] with(byte[] book, String part, UnaryOperator<String> change) throws IOException {
        Map<String, byte[]> parts = parts(book);
        String before = new String(parts.get(part), StandardCharsets.UTF_8);
        String after = change.apply(before);
        assertThat(after).as("the change hits something").isNotEqualTo(before);
        parts.put(part, after.getBytes(StandardCharsets.UTF_8));
        return zip(parts);
    }

    private static void refused(byte[] file, String why) {
        assertThatThrownBy(() -> RawTable.read(file)).isInstanceOfSatisfying(RefusedFieldException.class, refused -> {
            assertThat(refused.error().field()).isEqualTo("file");
            assertThat(refused.getMessage()).contains(why);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"1E999999999", "1E-999999999", "1E1000", "9.5.1", "١٢"})
    void a_number_of_a_size_nothing_has_is_refused_with_its_line(String number) throws IOException {
        refused(with(workbook(), SHEET, sheet -> sheet.replace("<v>9.5</v>", "<v>" + number + "</v>")), "In line 2");
        refused(openBook("<table:table-row><table:table-cell office:value-type=\"float\" office:value=\"" + number + "\"/></table:table-row>"), "In line 1");
    }

    @Test
    void millions_of_digits_are_refused_whether_a_number_or_what_a_formula_came_to() throws IOException {
        String digits = "7".repeat(2_000_000);
        refused(with(workbook(), SHEET, sheet -> sheet.replace("<v>9.5</v>", "<v>" + digits + "</v>")), "more than 1 MB");
        String fewer = "7".repeat(500_000);
        refused(with(workbook(), SHEET, sheet -> sheet.replace("<v>9.5</v>", "<v>" + fewer + "</v>")), "is no number");
        refused(with(workbook(), SHEET, sheet -> sheet.replace("<v>9.5</v>", "<f>A1</f><v>" + fewer + "</v>")), "is no number");
        tableOrRefused(with(workbook(), SHEET, sheet -> sheet.replace("<v>9.5</v>", "<f>" + fewer + "</f><v>1</v>")));
    }

    @ParameterizedTest
    @CsvSource({"FXSHRXX2, cannot be read", "ZZZZZZ2, cannot be read", "XFD2, 500 columns", "1, cannot be read"})
    void a_cell_far_out_or_nowhere_is_refused(String place, String why) throws IOException {
        refused(with(workbook(), SHEET, sheet -> sheet.replace("r=\"B2\"", "r=\"" + place + "\"")), why);
    }

    @ParameterizedTest
    @ValueSource(strings = {"s=\"-1\"", "s=\"99999999\"", "t=\"zz\"", "t=\"d\"", "t=\"s\"", "t=\"e\""})
    void styles_kinds_and_words_that_are_not_there_are_a_table_or_refused(String attribute) throws IOException {
        byte[] book = with(workbook(), SHEET, sheet -> sheet.replaceAll("<c r=\"B2\"[^>]*><v>9.5</v>", "<c r=\"B2\" " + attribute + "><v>99999999</v>"));
        tableOrRefused(book);
    }

    @Test
    void formats_made_to_keep_a_pattern_busy_do_not() throws IOException {
        String format = "&quot;".repeat(120) + "x";
        byte[] book = with(with(workbook(), SHEET, sheet -> sheet.replace("<c r=\"B2\"", "<c r=\"B2\" s=\"0\"")), "xl/styles.xml",
                styles -> styles.replaceFirst("numFmtId=\"0\"", "numFmtId=\"170\"").replaceFirst("<fonts", "<numFmts count=\"1\"><numFmt numFmtId=\"170\" formatCode=\"" + format + "\"/></numFmts><fonts"));
        tableOrRefused(book);
    }

    @Test
    void cells_written_once_and_counted_without_end_are_counted_and_not_copied() throws IOException {
        String cell = "<table:table-cell office:value-type=\"float\" office:value=\"1\"/>";
        refused(openBook("<table:table-row>" + cell + cell.replace("<table:table-cell", "<table:table-cell table:number-columns-repeated=\"2147483647\"") + "</table:table-row>"), "500 columns");
        refused(openBook("<table:table-row>" + cell.replace("<table:table-cell", "<table:table-cell table:number-columns-repeated=\"16384\"") + "</table:table-row>"), "500 columns");
        refused(openBook("<table:table-row table:number-rows-repeated=\"199999\">" + cell.replace("<table:table-cell", "<table:table-cell table:number-columns-repeated=\"400\"") + "</table:table-row>"), "6 million cells");
        refused(openBook("<table:table-row table:number-rows-repeated=\"-5\">" + cell + "</table:table-row>"), "cannot be read");
        refused(openBook("<table:table-row table:number-rows-repeated=\"199999\"><table:table-cell office:value-type=\"string\"><text:p>" + "a".repeat(200_000) + "</text:p></table:table-cell></table:table-row>"),
                "100 million characters");
        refused(openBook("<table:table-row><table:table-cell office:value-type=\"string\"><text:p>" + "a".repeat(1_200_000) + "</text:p></table:table-cell></table:table-row>"), "more than 1 MB");
        refused(openBook("<table:table-row><table:table-cell office:value-type=\"string\"><text:p>" + "<text:s text:c=\"1000\"/>".repeat(1_000_000) + "</text:p></table:table-cell></table:table-row>"),
                "a million characters");
    }

    @Test
    void a_line_of_millions_of_cells_is_refused_before_they_are_made() {
        refused(("day," + "a,".repeat(9_500_000)).getBytes(StandardCharsets.US_ASCII), "500 columns");
        refused(("day," + "\"\n\",".repeat(3_000_000)).getBytes(StandardCharsets.US_ASCII), "500 columns");
        refused(("day," + ("\"" + ",".repeat(900_000) + "\",").repeat(20) + "\"goes on").getBytes(StandardCharsets.US_ASCII), "breaks off");
        refused(("day," + ",".repeat(3000) + "\n").getBytes(StandardCharsets.US_ASCII), "500 columns");
        refused("a;b\n".repeat(200_001).getBytes(StandardCharsets.US_ASCII), "200,000 rows");
        refused(("day,note\n2026-03-01," + "x".repeat(1_100_000)).getBytes(StandardCharsets.US_ASCII), "In line 2");
    }

    /** As programs write whole rows and columns somebody coloured, and a second sheet as long as the first. */
    @Test
    void a_long_workbook_with_coloured_margins_is_a_table() throws IOException {
        StringBuilder rows = new StringBuilder("<row r=\"1\"><c r=\"A1\" t=\"str\"><v>species</v></c><c r=\"XFD1\" s=\"0\"/></row>");
        for (int row = 2; row <= 9000; row++) {
            rows.append("<row r=\"").append(row).append("\">");
            for (int column = 0; column < 60; column++) {
                rows.append("<c r=\"").append(column < 26 ? "" : String.valueOf((char) ('A' + column / 26 - 1))).append((char) ('A' + column % 26)).append(row).append("\"><v>").append(column).append("</v></c>");
            }
            rows.append("</row>");
        }
        for (int row = 9001; row <= 250_000; row++) {
            rows.append("<row r=\"").append(row).append("\"><c r=\"B").append(row).append("\" s=\"0\"/></row>");
        }
        byte[] book = with(workbook(), SHEET, sheet -> sheet.replaceAll("(?s)<sheetData>.*</sheetData>", "<sheetData>" + rows + "</sheetData>"));
        RawTable table = RawTable.read(book);
        assertThat(table.rows()).hasSize(9000);
        assertThat(table.rows().get(0).cells()).containsExactly("species");
        assertThat(table.rows().get(8999).cells()).hasSize(60);
        String wide = "<row r=\"1\"><c r=\"XFD1\" s=\"0\"/></row>".repeat(4000);
        refused(with(workbook(), SHEET, sheet -> sheet.replaceAll("(?s)<sheetData>.*</sheetData>", "<sheetData>" + wide + "</sheetData>")), "50 million places");
    }

    @Test
    void archives_that_unfold_or_lie_are_refused() throws IOException {
        Map<String, byte[]> parts = parts(workbook());
        parts.put("xl/media/empty.xml", ("<a>" + " <b/>".repeat(10) + "</a>").getBytes(StandardCharsets.US_ASCII));
        tableOrRefused(zip(parts));
        byte[] bomb = new byte[100_000_000];
        for (int i = 0; i < 4; i++) {
            parts.put("xl/media/" + i + ".bin", bomb);
        }
        refused(zip(parts), "300 MB");
        Map<String, byte[]> deep = parts(workbook());
        deep.put(SHEET, ("<worksheet>" + "<a>".repeat(300_000)).getBytes(StandardCharsets.US_ASCII));
        tableOrRefused(zip(deep));
        Map<String, byte[]> entity = parts(workbook());
        entity.put(SHEET, ("<!DOCTYPE w [<!ENTITY a \"" + "x".repeat(1000) + "\"><!ENTITY b \"" + "&a;".repeat(1000) + "\">]><worksheet><sheetData><row r=\"1\"><c r=\"A1\" t=\"str\"><v>" + "&b;".repeat(100)
                + "</v></c></row></sheetData></worksheet>").getBytes(StandardCharsets.US_ASCII));
        tableOrRefused(zip(entity));
    }

    @Test
    void words_a_spreadsheet_would_run_go_out_harmless_and_come_back_as_they_were() {
        for (String words : List.of("=1+1", "+49 30", "-5", "-5 mm", "@home", "\tx", "'=1", "''=1", "'tis", "-", "", "ash", "=HYPERLINK(\"http://x\")", "-12.5", "'-12.5")) {
            String out = HarmlessCell.out(words);
            assertThat(out.matches("(?s)[=+@\\t\\r].*")).as(words).isFalse();
            assertThat(!out.startsWith("-") || out.matches("-\\d+(\\.\\d+)?")).as(words).isTrue();
            assertThat(HarmlessCell.back(out)).as(words).isEqualTo(words);
            assertThat(HarmlessCell.back(HarmlessCell.amongWords(words))).as("%s in a workbook", words).isEqualTo(words);
        }
    }

    @Test
    void ditto_marks_say_what_stands_above() {
        RawTable table = RawTable.read("date,species,thickness\n2026-03-01,White ash,3/8\"\n2026-03-02,\",\"\n2026-03-03,Beech,\"\n".getBytes(StandardCharsets.UTF_8)).fromItsHeadings();
        assertThat(table.rows().subList(1, 4)).extracting(Row::cells).containsExactly(
                List.of("2026-03-01", "White ash", "3/8\""), List.of("2026-03-02", "White ash", "3/8\""), List.of("2026-03-03", "Beech", "3/8\""));
        refused("date,note\n2026-03-01,\"breaks off".getBytes(StandardCharsets.UTF_8), "breaks off");
    }

    /** Workbooks changed at random by structure: what is in their parts is cut, doubled, swapped and overwritten, and packed again. */
    @Test
    void workbooks_changed_at_random_are_tables_or_refused() throws IOException {
        long seed = System.nanoTime();
        Random random = new Random(seed);
        List<byte[]> books = List.of(workbook(), openBook("<table:table-row><table:table-cell office:value-type=\"float\" office:value=\"1.5\"/><table:table-cell office:value-type=\"string\"><text:p>ash</text:p></table:table-cell></table:table-row>"));
        for (int i = 0; i < 600; i++) {
            Map<String, byte[]> parts = parts(books.get(i % 2));
            List<String> names = new ArrayList<>(parts.keySet());
            for (int change = random.nextInt(3); change >= 0; change--) {
                String name = names.get(random.nextInt(names.size()));
                parts.computeIfPresent(name, (part, bytes) -> changed(bytes, random));
            }
            byte[] file = zip(parts);
            assertThat(outcome(random.nextInt(4) == 0 ? changed(file, random) : file)).as("change %d of seed %d", i, seed).isNull();
        }
    }

    private static final List<String> PIECES = List.of("2147483648", "-1", "1E999999999", "<v>", "</c>", "&#0;", "\"", "99999999", "<row r=\"1048577\">", "t=\"s\"", "]]>", "\u0000", "<!--", "xmlns=\"\"");

    private static byte[] changed(byte[] bytes, Random random) {
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        int from = random.nextInt(text.length() + 1);
        int to = Math.min(text.length(), from + random.nextInt(40));
        String after = switch (random.nextInt(5)) {
            case 0 -> text.substring(0, from);
            case 1 -> text.substring(0, from) + text.substring(to);
            case 2 -> text.substring(0, to) + text.substring(from);
            case 3 -> text.substring(0, from) + PIECES.get(random.nextInt(PIECES.size())) + text.substring(to);
            default -> text.replaceFirst("\\d+", PIECES.get(random.nextInt(3)));
        };
        return after.getBytes(StandardCharsets.ISO_8859_1);
    }

    private static void tableOrRefused(byte[] file) {
        assertThat(outcome(file)).isNull();
    }

    /** What reading a file ended with, but for a table or a refusal. */
    private static Throwable outcome(byte[] file) {
        Throwable thrown = catchThrowable(() -> RawTable.read(file));
        return thrown instanceof RefusedFieldException ? null : thrown;
    }
}
