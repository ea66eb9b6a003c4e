package brachion.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class SheetApiTest {

    private static final String KERFED = "{\"kind\": \"KERF_BENDING\", \"kerfMm\": 3, \"webMm\": 1.6, \"pitchMm\": 8}";
    private static final String KERFED_PLIES = "{\"kind\": \"KERFED_PLIES\", \"glue\": \"PVA\", \"plies\": 3, \"cleanMm\": 1.6, \"kerfMm\": 3, \"webMm\": 2, \"pitchMm\": 8}";
    private static final String PRESSED = "{\"kind\": \"PRESSED_PLATE\", \"soakHours\": 0.25, \"bathMinutes\": 30, \"bathC\": 96, \"acrossRiseMm\": 5, \"rounds\": 3}";
    private static final String EVERYTHING = "[\"BENT\", \"LAID_OUT\", \"ACROSS\"]";

    @Autowired
    private MockMvcTester mvc;

    private static String sheet(Paper paper, String units, String more) {
        return "{\"paper\": \"%s\", \"units\": \"%s\", \"title\": \"Left rib\"%s}".formatted(paper, units, more);
    }

    private MvcTestResult asked(String sheet, String recipe, String drawn) {
        return Wire.post(mvc, "/api/sheets/bend", "{\"sheet\": %s, \"recipe\": %s, \"drawn\": %s}".formatted(sheet, recipe, drawn));
    }

    private static ReadSheet read(MvcTestResult answer) {
        assertThat(answer).hasStatusOk().hasContentType("application/pdf");
        return new ReadSheet(answer.getResponse().getContentAsByteArray());
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void no_words_lie_on_others_whatever_is_bent_and_printed_on(Paper paper) throws IOException {
        for (String units : new String[] {"INCH", "METRIC"}) {
            for (String method : new String[] {Wire.STEEL_STRAP, Wire.EIGHT_PLIES, KERFED, PRESSED}) {
                for (double thickness : new double[] {2, 12, 40}) {
                    for (double radius : new double[] {thickness * 6, 1500}) {
                        ReadSheet sheet = read(asked(sheet(paper, units, ""), Wire.recipe(thickness, radius, method), EVERYTHING));
                        assertThat(sheet.onOneAnother()).as("%s, %s mm on %s mm", method, thickness, radius).isEmpty();
                    }
                }
            }
        }
    }

    @Test
    void what_is_asked_for_stands_on_it_in_the_products_own_letters() throws IOException {
        ReadSheet sheet = read(asked(sheet(Paper.LETTER, "INCH", """
                , "lines": ["White ash, 1/2\\" × 1\\""], "rows": [{"label": "Saw cuts", "value": "22"}, {"label": "From cut to cut", "value": "5/16\\""}],
                "ready": ["Gloves on"], "byHand": ["Pulled at", "Clamped at", "Off the form on"], "cautions": ["Blade guard on."]"""),
                Wire.recipe(12, 200, KERFED), EVERYTHING));
        assertThat(sheet.pages()).isLessThanOrEqualTo(2);
        assertThat(sheet.text()).contains("Left rib", "White ash, 1/2\" × 1\"", "Saw cuts", "22", "5/16\"", "Gloves on", "Pulled at", "Off the form on", "Blade guard on.",
                "Three cuts from the side", "leave 1/16\"", "saw 1/8\"");
        assertThat(sheet.fonts()).isNotEmpty().allMatch(name -> name.contains("AtkinsonHyperlegibleNext") || name.contains("BricolageGrotesque") || name.contains("not in the file"));
        assertThat(sheet.words()).filteredOn(words -> words.text().contains("22")).allSatisfy(words -> assertThat(words.box().getHeight()).as("large enough for arm's length").isGreaterThan(8));
    }

    @Test
    void a_piece_laid_out_straight_says_how_long_it_is_and_where_it_bends() throws IOException {
        // 180° on an inner radius of 200 with 12 mm: π·212 = 666 mm on the outer face, 100 mm over at each end
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(12, 200, Wire.STEAM), "[\"LAID_OUT\"]")).text()).contains("bend 666 mm", "in all 866 mm", "100 mm");
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(2, 200, Wire.EIGHT_PLIES), "[\"ACROSS\"]")).text()).contains("8 × 2 mm = 16 mm");
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(7, 200, KERFED_PLIES), "[\"ACROSS\"]")).text())
                .contains("Three cuts from the side", "15.6 mm", "clean 1.6 mm", "leave 2 mm", "cut 5 mm", "saw 3 mm");
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(4, 600, PRESSED), "[\"ACROSS\"]")).text()).contains("Cut across the grain on its former", "5 mm", "25 mm");
        String rod = Wire.STEAM.replace("STEAM_BOX", "GREEN_ROD").replace("}", ", \"thinnedMm\": 9, \"thinnedOverMm\": 300}");
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(25, 80, rod), "[\"LAID_OUT\"]")).text()).contains("shave 300 mm to 9 mm");
        String pipe = "{\"kind\": \"HOT_PIPE\", \"soakHours\": 0, \"pipeMinutes\": 3, \"pipeC\": 130, \"contactPercent\": 15}";
        assertThat(read(asked(sheet(Paper.A4, "METRIC", ""), Wire.recipe(2.5, 60, pipe), "[\"LAID_OUT\"]")).text()).contains("heat ");
    }

    @Test
    void its_square_code_is_read_by_an_independent_reader() throws Exception {
        String address = "http://127.0.0.1:8471/bench#piece-12";
        BufferedImage picture = read(asked(sheet(Paper.A5, "METRIC", ", \"code\": \"%s\"".formatted(address)), Wire.recipe(12, 200, Wire.STEAM), "[]")).picture(0, 200);
        int[] pixels = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
        assertThat(new MultiFormatReader().decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(picture.getWidth(), picture.getHeight(), pixels)))).getText())
                .as("read by ZXing from the page").isEqualTo(address);
    }

    @Test
    void words_that_look_like_a_page_stay_words_and_nothing_is_fetched() throws IOException {
        ReadSheet sheet = read(asked(sheet(Paper.A4, "METRIC", """
                , "lines": ["<img src='file:///etc/passwd'/> ${1+1} [[2*3]] & \\u0007 \\u20AC", "<script>alert(1)</script>"]"""), Wire.recipe(12, 200, Wire.STEAM), "[]"));
        assertThat(sheet.text()).contains("<img src='file:///etc/passwd'/>", "${1+1} [[2*3]] &", "<script>alert(1)</script>");
    }

    @Test
    void a_long_list_goes_on_over_pages_that_are_numbered() throws IOException {
        String rows = "{\"label\": \"Peg\", \"value\": \"100 mm, 20 mm\"}, ".repeat(99) + "{\"label\": \"Last peg\", \"value\": \"0\"}";
        ReadSheet sheet = read(asked(sheet(Paper.A5, "METRIC", ", \"rows\": [" + rows + "]"), Wire.recipe(12, 200, Wire.STEAM), "[]"));
        assertThat(sheet.pages()).isBetween(3, 8);
        assertThat(sheet.text()).contains("Last peg", "2 / " + sheet.pages());
        assertThat(sheet.onOneAnother()).isEmpty();
    }

    private MvcTestResult logbook(String entries, boolean card) {
        return mvc.post().uri("/api/sheets/logbook").with(SecurityMockMvcRequestPostProcessors.csrf()).contentType(MediaType.parseMediaType("application/vnd.brachion.logbook+json"))
                .content("{\"sheet\": %s, \"entries\": [%s], \"card\": %s}".formatted(sheet(Paper.A5, "METRIC", ""), entries, card)).exchange();
    }

    private static String entry(String heading, String title) {
        return "{\"heading\": %s, \"title\": \"%s\", \"day\": \"1 Mar 2026\", \"facts\": [{\"term\": \"Note\", \"text\": \"went at once\\nagain\"}], \"thicknessMm\": 12, \"innerRadiusMm\": 200, \"angleDegrees\": 360}"
                .formatted(heading, title);
    }

    @Test
    void a_logbook_keeps_each_record_whole_and_begins_each_month_with_its_name() throws IOException {
        String entries = IntStream.range(0, 60).mapToObj(i -> entry(i % 20 == 0 ? "\"Month %d\"".formatted(i / 20) : "null", "Record %d, broken".formatted(i))).collect(Collectors.joining(","));
        ReadSheet sheet = read(logbook(entries, false));
        assertThat(sheet.text()).contains("Month 0", "Month 1", "Month 2", "Record 0, broken", "Record 59, broken", "went at once\nagain");
        assertThat(sheet.onOneAnother()).isEmpty();
        assertThat(sheet.pages()).isBetween(6, 20);
        for (int i = 0; i < 60; i++) {
            String title = "Record %d, broken".formatted(i);
            ReadSheet.Words found = sheet.words().stream().filter(words -> words.text().equals(title)).findFirst().orElseThrow();
            assertThat(sheet.words()).as("its note is on the same page as " + title)
                    .anyMatch(words -> words.page() == found.page() && words.text().equals("again") && words.box().getY() > found.box().getY() && words.box().getY() < found.box().getY() + 80);
        }
    }

    @Test
    void one_record_is_a_card_of_a_page() throws IOException {
        ReadSheet sheet = read(logbook(entry("null", "White ash, held"), true));
        assertThat(sheet.pages()).isEqualTo(1);
        assertThat(sheet.text()).contains("White ash, held", "1 Mar 2026");
    }

    @Test
    void a_bend_longer_than_any_piece_is_drawn_smaller() throws IOException {
        ReadSheet sheet = read(logbook(entry("null", "Wound up").replace("\"innerRadiusMm\": 200, \"angleDegrees\": 360", "\"innerRadiusMm\": 20000, \"angleDegrees\": 720"), false));
        assertThat(sheet.text()).contains("Wound up");
    }

    @Test
    void what_is_missing_or_too_much_is_refused() {
        MvcTestResult nothing = asked("{\"paper\": \"A4\", \"units\": \"INCH\"}", Wire.recipe(12, 200, Wire.STEAM), "[]");
        assertThat(nothing).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(nothing)).containsExactly("sheet.title");
        MvcTestResult much = asked(sheet(Paper.A4, "INCH", ", \"lines\": [" + "\"a\",".repeat(30) + "\"a\"]"), Wire.recipe(12, 200, Wire.STEAM), "[]");
        assertThat(Wire.refusedFields(much)).containsExactly("sheet.lines");
    }

    @Test
    void it_is_handed_over_under_a_name() {
        assertThat(asked(sheet(Paper.A4, "INCH", ""), Wire.recipe(12, 200, Wire.STEAM), "[]").getResponse().getHeader(HttpHeaders.CONTENT_DISPOSITION)).contains("brachion-sheet-").contains(".pdf");
    }

    private static String day(String heading, int bars) {
        String names = IntStream.range(0, bars).mapToObj(i -> "{\"from\": %d, \"to\": %d, \"row\": %d, \"name\": \"Rib %d\", \"number\": \"%d\"}".formatted(480 + 40 * (i % 12), 480 + 40 * (i % 12) + 35, i / 12, i, i)).collect(Collectors.joining(", "));
        return """
                {"heading": "%s", "work": [{"time": "08:30", "what": "Rib 1: into the heat, Plywood box"}, {"time": "16:50", "what": "Rib 2: off the form"}],
                "goesOn": ["On the form overnight: Rib 3 until Wed 2 Dec, 10:20"], "from": 480, "to": 1020,
                "lanes": [{"label": "Hands", "bars": [%s]}, {"label": "A form with a name that is longer than there is room", "bars": [{"from": -600, "to": 2000, "row": 0, "name": "Rib 9", "number": "9"}]}]}"""
                .formatted(heading, names);
    }

    private MvcTestResult days(String sheet, String... days) {
        return Wire.post(mvc, "/api/sheets/day", "{\"sheet\": %s, \"days\": [%s]}".formatted(sheet, String.join(", ", days)));
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void a_day_has_a_page_with_its_lanes_and_what_is_to_be_done(Paper paper) throws IOException {
        ReadSheet sheet = read(days(sheet(paper, "METRIC", ""), day("Tue 1 Dec", 12), day("Wed 2 Dec", 30)));
        assertThat(sheet.pages()).as("one each").isEqualTo(2);
        assertThat(sheet.text()).contains("Tue 1 Dec", "Wed 2 Dec", "08:30", "Rib 1: into the heat, Plywood box", "On the form overnight: Rib 3", "Hands", "12");
        assertThat(sheet.onOneAnother()).isEmpty();
    }

    @Test
    void a_day_drawn_backwards_and_no_day_at_all_are_refused() {
        assertThat(days(sheet(Paper.A4, "METRIC", ""), day("Tue 1 Dec", 1).replace("\"to\": 1020", "\"to\": 480"))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("ends after it begins");
        assertThat(days(sheet(Paper.A4, "METRIC", ""))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("1 to 62 days");
        assertThat(days(sheet(Paper.A4, "METRIC", ""), day("Tue 1 Dec", 1).replace("-600", "-2147483648").replace("2000", "2147483647"))).hasStatusOk();
    }
}
