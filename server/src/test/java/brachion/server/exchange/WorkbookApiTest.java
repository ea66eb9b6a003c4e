package brachion.server.exchange;

import static brachion.server.Wire.post;
import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Workbooks in and out, held to an independent library (Apache POI). */
@ServerTest
class WorkbookApiTest {

    @Autowired
    private MockMvcTester mvc;

    private MvcTestResult send(String uri, byte[] file) {
        return Wire.table(mvc, uri, file);
    }

    /** Made as a spreadsheet makes it: days and percentages as numbers with a format, a formula, an empty sheet before. */
    private static byte[] book() throws IOException {
        try (XSSFWorkbook book = new XSSFWorkbook(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            book.createSheet("Ideas");
            XSSFSheet sheet = book.createSheet("Bends");
            List<String> headings = List.of("day", "species", "seasoning", "moisture [%]", "thickness [in]", "width [in]", "inner radius [in]", "bend angle", "method", "steam [min]",
                    "chamber [°F]", "ended", "note");
            Row top = sheet.createRow(0);
            for (int i = 0; i < headings.size(); i++) {
                top.createCell(i).setCellValue(headings.get(i));
            }
            CellStyle day = book.createCellStyle();
            day.setDataFormat(book.createDataFormat().getFormat("dd.mm.yyyy"));
            CellStyle percent = book.createCellStyle();
            percent.setDataFormat(book.createDataFormat().getFormat("0%"));
            Row row = sheet.createRow(2);
            row.createCell(0).setCellValue(LocalDate.of(2025, 3, 14));
            row.getCell(0).setCellStyle(day);
            row.createCell(1).setCellValue("White ash");
            row.createCell(2).setCellValue("air dried");
            row.createCell(3).setCellValue(0.18);
            row.getCell(3).setCellStyle(percent);
            row.createCell(4).setCellValue(0.375);
            row.createCell(5).setCellFormula("2*0.75");
            row.createCell(6).setCellValue(5.5);
            row.createCell(7).setCellValue(180);
            row.createCell(8).setCellValue("steam box");
            row.createCell(9).setCellValue(45);
            row.createCell(10).setCellValue(208);
            row.createCell(11).setCellValue("clean");
            row.createCell(12).setCellValue("=NOT() a formula, \"quoted\"\nand a second line");
            book.getCreationHelper().createFormulaEvaluator().evaluateAll();
            book.write(out);
            return out.toByteArray();
        }
    }

    /** The same by an independent library that writes OpenDocument (SODS); percentages and formulas it leaves to whoever opens it. */
    private static byte[] openBook() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SpreadSheet book = new SpreadSheet();
        book.appendSheet(new Sheet("Ideas"));
        List<Object> headings = List.of("day", "species", "seasoning", "moisture [%]", "thickness [in]", "width [in]", "inner radius [in]", "bend angle", "method", "steam [min]",
                "chamber [°F]", "ended", "note");
        List<Object> values = List.of(LocalDate.of(2025, 3, 14), "White ash", "air dried", 18, 0.375, 1.5, 5.5, 180, "steam box", 45, 208, "clean",
                "=NOT() a formula, \"quoted\"\nand a second line");
        Sheet sheet = new Sheet("Bends", 3, headings.size());
        for (int column = 0; column < headings.size(); column++) {
            sheet.getRange(0, column).setValue(headings.get(column));
            sheet.getRange(2, column).setValue(values.get(column));
        }
        book.appendSheet(sheet);
        book.save(out);
        return out.toByteArray();
    }

    @Test
    void a_workbook_is_read_as_it_is_shown() throws Exception {
        assertRead(book());
    }

    @Test
    void an_open_document_is_read_alike() throws Exception {
        assertRead(openBook());
    }

    private void assertRead(byte[] book) throws IOException {
        MvcTestResult read = send("/api/exchange/readings", book);
        assertThat(read(read, "$.left", Integer.class)).as(new String(read.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8)).isZero();
        assertThat(read(read, "$.trials[0].bentOn", String.class)).isEqualTo("2025-03-14");
        assertThat(read(read, "$.trials[0].recipe.blank.moisturePercent", Double.class)).isEqualTo(18);
        assertThat(read(read, "$.trials[0].recipe.blank.thicknessMm", Double.class)).isEqualTo(9.525);
        assertThat(read(read, "$.trials[0].recipe.blank.widthMm", Double.class)).as("a formula by its last value").isCloseTo(38.1, within(1e-9));
        assertThat(read(read, "$.trials[0].note", String.class)).startsWith("=NOT() a formula, \"quoted\"\nand");
    }

    @Test
    void what_is_taken_out_is_a_workbook_for_others_and_comes_back_as_the_same_records() throws Exception {
        post(mvc, "/api/trials", Wire.cleanTrial());
        post(mvc, "/api/trials", Wire.trial(Wire.recipe(9.525, 177.8, Wire.STEEL_STRAP), "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}").replace("Crook handle", "=1+1; 007"));
        post(mvc, "/api/trials", Wire.trial(Wire.recipe(10, 210, Wire.STEAM), "{\"severity\": \"CLEAN\"}").replace("Crook handle", "007"));
        byte[] taken = mvc.get().uri("/api/exchange/workbook?units=INCH").exchange().getResponse().getContentAsByteArray();
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(taken))) {
            Row top = book.getSheetAt(0).getRow(0);
            List<String> headings = java.util.stream.IntStream.range(0, top.getLastCellNum()).mapToObj(i -> top.getCell(i).getStringCellValue()).toList();
            assertThat(headings).contains("thickness [in]", "ended");
            Row second = book.getSheetAt(0).getRow(2);
            assertThat(second.getCell(headings.indexOf("thickness [in]")).getNumericCellValue()).isEqualTo(0.375);
            assertThat(second.getCell(headings.indexOf("note")).getStringCellValue()).as("a text stays one").isEqualTo("=1+1; 007");
        }
        MvcTestResult back = send("/api/exchange/readings", taken);
        assertThat(back).hasStatusOk();
        assertThat(read(back, "$.alreadyHere", Integer.class)).isEqualTo(3);
        assertThat(read(back, "$.left", Integer.class)).isZero();
    }

    @Test
    void a_workbook_cut_off_made_to_harm_or_no_workbook_at_all_is_refused_in_a_sentence() throws Exception {
        byte[] whole = book();
        assertThat(send("/api/exchange/readings", Arrays.copyOf(whole, whole.length / 2))).hasStatus(400);
        assertThat(send("/api/exchange/readings", zip("xl/workbook.xml", "<workbook/>".getBytes(StandardCharsets.UTF_8), 1))).hasStatus(400);
        byte[] zeros = zip("xl/worksheets/sheet1.xml", new byte[1_000_000], 400);
        assertThat(zeros.length).as("small to send").isLessThan(1_000_000);
        MvcTestResult bomb = send("/api/exchange/readings", zeros);
        assertThat(bomb).hasStatus(400).bodyJson().extractingPath("$.errors[0].message").asString().contains("300 MB");
        String entities = "<!DOCTYPE x [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;\">]><workbook>&c;</workbook>";
        assertThat(send("/api/exchange/notebooks", zip("xl/workbook.xml", entities.getBytes(StandardCharsets.UTF_8), 1))).hasStatus(400);
    }

    private static byte[] zip(String name, byte[] block, int times) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            for (int i = 0; i < times; i++) {
                zip.write(block);
            }
            zip.closeEntry();
        }
        return out.toByteArray();
    }
}
