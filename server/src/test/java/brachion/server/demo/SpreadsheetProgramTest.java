package brachion.server.demo;

import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.trial.CameFrom;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.io.IOException;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What is taken out is opened by a spreadsheet program (LibreOffice Calc, as Debian packages it), and what that saves comes back. */
@ServerTest
class SpreadsheetProgramTest {

    private static final String QUIRKS = "=1+1, \"quoted\"; 007\nand 3/8 Ü „x“";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private Trials trials;
    @TempDir
    private Path folder;
    private int written;

    @BeforeEach
    void twoYears() {
        List<TrialFields> all = new ArrayList<>(new FellmarrowWorkshop(5).twoYears());
        TrialFields first = all.get(0);
        all.add(new TrialFields(first.bentOn(), first.recipe(), first.done(), first.outcome(), QUIRKS));
        trials.log(all, CameFrom.HERE);
        written = all.size();
    }

    private byte[] bytes(String uri) {
        return mvc.get().uri(uri).exchange().getResponse().getContentAsByteArray();
    }

    /** Saved by the program as another kind of file. */
    private Path saved(Path file, String as) throws IOException, InterruptedException {
        Path out = Files.createDirectories(folder.resolve("saved"));
        List<String> command = new ArrayList<>(List.of("soffice", "-env:UserInstallation=" + folder.resolve("profile").toUri(), "--headless", "--convert-to", as,
                "--outdir", out.toString(), file.toString()));
        if (file.toString().endsWith(".csv")) {
            // commas, double quotes and UTF-8, as its dialog finds by itself
            command.add(3, "--infilter=CSV:44,34,76");
        }
        Process program = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(folder.resolve("log").toFile()).start();
        assertThat(program.waitFor(300, TimeUnit.SECONDS)).as("it ends").isTrue();
        Path made = out.resolve(file.getFileName().toString().replaceFirst("\\.[a-z]+$", "." + as.replaceFirst(":.*", "")));
        assertThat(made).as(Files.readString(folder.resolve("log"))).exists();
        return made;
    }

    private Path takenOut(String uri, String name) throws IOException {
        return Files.write(folder.resolve(name), bytes(uri));
    }

    private static List<CSVRecord> cells(String csv) throws IOException {
        return CSVFormat.RFC4180.parse(new StringReader(csv)).getRecords();
    }

    @Test
    void it_shows_each_cell_of_the_workbook_as_it_stands_in_the_table() throws Exception {
        Path shown = saved(takenOut("/api/exchange/workbook?units=INCH", "bends.xlsx"), "csv:Text - txt - csv (StarCalc):44,34,76,1,,0,false,false");
        List<CSVRecord> theirs = cells(Files.readString(shown));
        List<CSVRecord> ours = cells(new String(bytes("/api/exchange/trials?units=INCH"), StandardCharsets.UTF_8).substring(1));
        assertThat(theirs).hasSize(written + 1).hasSameSizeAs(ours);
        for (int row = 0; row < ours.size(); row++) {
            for (int column = 0; column < ours.get(row).size(); column++) {
                String our = ours.get(row).get(column);
                String their = column < theirs.get(row).size() ? theirs.get(row).get(column) : "";
                assertThat(same(our, their)).as("row %d, %s: “%s” and “%s”", row, ours.get(0).get(column), our, their).isTrue();
            }
        }
        assertThat(theirs.get(written)).as("a text stays one").contains(QUIRKS);
    }

    private static boolean same(String our, String their) {
        if (!our.matches("-?\\d+(\\.\\d+)?")) {
            // words that begin as a formula does stand in a table behind an apostrophe
            return our.equals(their) || our.equals("'" + their) && their.matches("(?s)[-=+@\\t].*");
        }
        return their.matches("-?\\d+(\\.\\d+)?(E-?\\d+)?") && new BigDecimal(our).subtract(new BigDecimal(their)).abs().doubleValue() < 1e-9;
    }

    @Test
    void what_it_saves_comes_back_as_the_same_records() throws Exception {
        Path ours = takenOut("/api/exchange/workbook?units=METRIC", "bends.xlsx");
        comesBack(saved(ours, "ods"));
        comesBack(saved(ours, "xlsx"));
        comesBack(saved(takenOut("/api/exchange/trials?units=INCH", "inches.csv"), "xlsx"));
    }

    private void comesBack(Path file) throws IOException {
        MvcTestResult back = Wire.table(mvc, "/api/exchange/readings", Files.readAllBytes(file));
        assertThat(back).hasStatusOk();
        assertThat(read(back, "$.left", Integer.class)).as("%s: %s", file, read(back, "$.rows", List.class)).isZero();
        assertThat(read(back, "$.alreadyHere", Integer.class)).as(file.toString()).isEqualTo(written);
    }
}
