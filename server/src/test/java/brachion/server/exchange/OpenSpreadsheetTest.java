package brachion.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.server.problem.RefusedFieldException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

/** Spreadsheets as other programs write them, by the words of the standard (ISO/IEC 26300). */
class OpenSpreadsheetTest {

    private static byte[] book(String tables) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("mimetype"));
            zip.write("application/vnd.oasis.opendocument.spreadsheet".getBytes(StandardCharsets.US_ASCII));
            zip.putNextEntry(new ZipEntry("content.xml"));
            zip.write(("""
                    <office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"
                     xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet>%s</office:spreadsheet></office:body></office:document-content>""")
                    .formatted(tables).getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    private static String row(String cells) {
        return "<table:table><table:table-row>" + cells + "</table:table-row></table:table>";
    }

    private static List<String> cells(String cells) throws IOException {
        return OpenSpreadsheet.rows(book(row(cells))).get(0).cells();
    }

    @Test
    void values_come_as_they_are_kept_and_not_as_they_are_shown() throws IOException {
        assertThat(cells("""
                <table:table-cell office:value-type="float" office:value="0.375"><text:p>3/8</text:p></table:table-cell>
                <table:table-cell office:value-type="percentage" office:value="0.08"><text:p>8%</text:p></table:table-cell>
                <table:table-cell office:value-type="date" office:date-value="2025-03-14"><text:p>14.03.25</text:p></table:table-cell>
                <table:table-cell office:value-type="date" office:date-value="2025-03-14T00:00:00"><text:p>14.03.25</text:p></table:table-cell>
                <table:table-cell office:value-type="boolean" office:boolean-value="false"><text:p>FALSE</text:p></table:table-cell>
                <table:table-cell table:formula="of:=[.A1]*2" office:value-type="float" office:value="0.75"><text:p>3/4</text:p></table:table-cell>"""))
                .containsExactly("0.375", "8 %", "2025-03-14", "2025-03-14", "no", "0.75");
    }

    @Test
    void words_keep_their_lines_and_lose_what_was_remarked_on_them() throws IOException {
        assertThat(cells("""
                <table:table-cell office:value-type="string"><office:annotation><text:p>by Odo</text:p></office:annotation><text:p>went <text:span>at</text:span><text:s text:c="2"/>once</text:p><text:p>again</text:p></table:table-cell>"""))
                .containsExactly("went at  once\nagain");
    }

    @Test
    void what_is_written_once_and_counted_is_there_as_often_and_the_empty_margin_is_not() throws IOException {
        List<Row> rows = OpenSpreadsheet.rows(book("""
                <table:table><table:table-row><table:table-cell table:number-columns-repeated="16384"/></table:table-row></table:table>
                <table:table>
                 <table:table-row><table:table-cell office:value-type="string"><text:p>a</text:p></table:table-cell><table:table-cell table:number-columns-repeated="2"/>
                  <table:covered-table-cell/><table:table-cell table:number-columns-repeated="2" office:value-type="float" office:value="7"/><table:table-cell table:number-columns-repeated="16000"/></table:table-row>
                 <table:table-row table:number-rows-repeated="3"><table:table-cell/></table:table-row>
                 <table:table-row table:number-rows-repeated="2"><table:table-cell office:value-type="string"><text:p>b</text:p></table:table-cell></table:table-row>
                 <table:table-row table:number-rows-repeated="1048570"><table:table-cell table:number-columns-repeated="16384"/></table:table-row>
                </table:table>"""));
        assertThat(rows).extracting(Row::cells).containsExactly(List.of("a", "", "", "", "7", "7"), List.of("b"), List.of("b"));
        assertThat(rows).extracting(Row::line).containsExactly(1L, 5L, 6L);
    }

    @Test
    void what_is_made_to_harm_or_is_none_is_refused() throws IOException {
        byte[] endless = book("<table:table><table:table-row table:number-rows-repeated=\"2000000000\"><table:table-cell office:value-type=\"float\" office:value=\"1\"/></table:table-row></table:table>");
        assertThatThrownBy(() -> OpenSpreadsheet.rows(endless)).isInstanceOf(RefusedFieldException.class).hasMessageContaining("200,000 rows");
        byte[] broken = book("<table:table><table:table-row>");
        assertThatThrownBy(() -> OpenSpreadsheet.rows(broken)).isInstanceOf(RefusedFieldException.class).hasMessageContaining("cannot be read");
        byte[] number = book(row("<table:table-cell office:value-type=\"float\" office:value=\"NaN\"/>"));
        assertThatThrownBy(() -> OpenSpreadsheet.rows(number)).isInstanceOf(RefusedFieldException.class);
        assertThat(OpenSpreadsheet.is("PK no archive".getBytes(StandardCharsets.UTF_8))).isFalse();
    }

    @Test
    void an_entity_from_elsewhere_is_not_looked_up() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("content.xml"));
            zip.write("<!DOCTYPE a [<!ENTITY secret SYSTEM \"file:///etc/hostname\">]><a xmlns:t=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\">&secret;</a>".getBytes(StandardCharsets.UTF_8));
        }
        assertThatThrownBy(() -> OpenSpreadsheet.rows(out.toByteArray())).isInstanceOf(RefusedFieldException.class);
    }
}
