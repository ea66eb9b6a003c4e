package brachion.server.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.paper.ReadSheet;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class CurveApiTest {

    private static final String S = """
            {"stretches": [{"kind": "STRAIGHT", "lengthMm": 100}, {"kind": "ARC", "innerRadiusMm": 200, "angleDegrees": 60, "turn": "LEFT"},
                           {"kind": "STRAIGHT", "lengthMm": 80}, {"kind": "ARC", "innerRadiusMm": 260, "angleDegrees": 60, "turn": "RIGHT"}]}""";
    private static final String FORM = """
            {"kind": "%s", "sheetThicknessMm": 18, "sheetLengthMm": 2440, "sheetWidthMm": 1220, "sheetPrice": 45, "clampReachMm": 200, "spacingMm": 100, "pegMm": 12}""";

    @Autowired
    private MockMvcTester mvc;

    private static String asked(String method, String chain, boolean turned) {
        return "{\"recipe\": %s, \"chain\": %s, \"strapTurned\": %s, \"overhangMm\": 0}".formatted(Wire.recipe(12, 200, method), chain, turned);
    }

    private MvcTestResult file(String type, String query, String contents) {
        return mvc.post().uri("/api/curves/drawn?" + query).with(SecurityMockMvcRequestPostProcessors.csrf()).contentType(MediaType.parseMediaType(type))
                .content(contents.getBytes(StandardCharsets.UTF_8)).exchange();
    }

    @Test
    void a_curve_of_two_bends_is_forecast_as_a_whole() {
        MvcTestResult answer = Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEEL_STRAP, S, false));
        assertThat(answer).hasStatusOk();
        double whole = Wire.read(answer, "$.unbroken.probability", Double.class);
        assertThat(whole).isBetween(Wire.read(answer, "$.eachForItself", Double.class), Wire.read(answer, "$.asWorst", Double.class));
        assertThat(Wire.read(answer, "$.bends[*].bareFace", List.class)).isEqualTo(List.of(false, true));
        assertThat(Wire.read(answer, "$.near", List.class)).hasSize(4);
        assertThat(Wire.read(answer, "$.middleMm", Double.class)).isCloseTo(180 + Math.toRadians(60) * (206 + 266), within(1e-6));
        assertThat(Wire.read(answer, "$.stockMm", Double.class)).as("under a strap the outer face is as long as the stock").isCloseTo(180 + Math.toRadians(60) * (212 + 272), within(1e-6));
        assertThat(Wire.read(answer, "$.onForm.stretches[1].innerRadiusMm", Double.class)).isLessThan(200);
        assertThat(Wire.read(answer, "$.crosses", Boolean.class)).isFalse();
    }

    @Test
    void what_goes_over_at_the_ends_is_stock_and_lies_between_the_stops_of_the_strap() {
        MvcTestResult answer = Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEEL_STRAP, S, true).replace("\"overhangMm\": 0", "\"overhangMm\": 80"));
        double stock = 180 + Math.toRadians(60) * (212 + 272) + 160;
        assertThat(Wire.read(answer, "$.stockMm", Double.class)).isCloseTo(stock, within(1e-6));
        assertThat(Wire.read(answer, "$.strap.betweenStopsMm", Double.class)).isCloseTo(stock, within(1e-6));
        assertThat(Wire.read(answer, "$.strap.pullN", Double.class)).isPositive();
        assertThat(Wire.read(answer, "$.strap.fittings[*].units", List.class)).containsExactlyInAnyOrder("INCH", "METRIC");
        assertThat(Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEEL_STRAP, S, true).replace("\"overhangMm\": 0", "\"overhangMm\": -1"))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEAM, S, false))).bodyJson().doesNotHavePath("$.strap");
    }

    private static String sheet(String title) {
        return "{\"paper\": \"A4\", \"units\": \"METRIC\", \"title\": \"%s\", \"rows\": [{\"label\": \"It pulls with\", \"value\": \"1 kg\"}]}".formatted(title);
    }

    @Test
    void a_strap_has_a_sheet_with_its_length_and_its_holes() throws Exception {
        MvcTestResult answer = Wire.post(mvc, "/api/sheets/strap", "{\"sheet\": %s, \"curve\": %s}".formatted(sheet("S: the strap"), asked(Wire.STEEL_STRAP.replace("0.9", "2.5"), S, true)
                .replace("\"widthMm\": 25", "\"widthMm\": 60")));
        assertThat(answer).hasStatusOk();
        ReadSheet read = new ReadSheet(answer.getResponse().getContentAsByteArray());
        long between = Math.round(180 + Math.toRadians(60) * (212 + 272));
        assertThat(read.text()).contains("S: the strap", "It pulls with", "from stop to stop " + between + " mm", "R 200 mm, 60°", "The strap laid flat", "One end, full size");
        assertThat(read.onOneAnother()).isEmpty();
        MvcTestResult none = Wire.post(mvc, "/api/sheets/strap", "{\"sheet\": %s, \"curve\": %s}".formatted(sheet("S"), asked(Wire.STEAM, S, true)));
        assertThat(none).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(none)).containsExactly("curve.recipe.method");
    }

    private static final String PIPE = """
            {"kind": "HOT_PIPE", "soakHours": 0, "pipeMinutes": 3, "pipeC": 130, "contactPercent": 15}""";

    @Test
    void on_a_pipe_each_bend_is_heated_where_it_lies_along_the_strip() throws Exception {
        MvcTestResult answer = Wire.post(mvc, "/api/curves/forecast", asked(PIPE, S, false).replace("\"overhangMm\": 0", "\"overhangMm\": 30"));
        assertThat(answer).hasStatusOk();
        double first = Math.toRadians(60) * 206;
        assertThat(Wire.read(answer, "$.heated[0].fromMm", Double.class)).isCloseTo(130, within(1e-6));
        assertThat(Wire.read(answer, "$.heated[0].toMm", Double.class)).isCloseTo(130 + first, within(1e-6));
        assertThat(Wire.read(answer, "$.heated[1].fromMm", Double.class)).isCloseTo(210 + first, within(1e-6));
        assertThat(Wire.read(answer, "$.heated[*].down", List.class)).isEqualTo(List.of("LEFT", "RIGHT"));
        assertThat(Wire.read(Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEAM, S, false)), "$.heated", List.class)).isEmpty();
        MvcTestResult sheet = Wire.post(mvc, "/api/sheets/pipe", "{\"sheet\": %s, \"curve\": %s, \"tightestFirst\": true}".formatted(sheet("S: on the pipe"), asked(PIPE, S, false)));
        assertThat(sheet).hasStatusOk();
        ReadSheet read = new ReadSheet(sheet.getResponse().getContentAsByteArray());
        assertThat(read.text()).contains("S: on the pipe", "100 mm", Math.round(first) + " mm", "the heavy edge lies on the pipe");
        assertThat(read.onOneAnother()).isEmpty();
        MvcTestResult steamed = Wire.post(mvc, "/api/sheets/pipe", "{\"sheet\": %s, \"curve\": %s, \"tightestFirst\": true}".formatted(sheet("S"), asked(Wire.STEAM, S, false)));
        assertThat(Wire.refusedFields(steamed)).containsExactly("curve.recipe.method");
    }

    @Test
    void every_form_has_a_sheet_drawn_to_scale() throws Exception {
        for (String kind : List.of("ONE_SIDED", "PRESS", "RIBS", "BLOCKS", "PEG_BOARD")) {
            MvcTestResult answer = Wire.post(mvc, "/api/sheets/form", "{\"sheet\": %s, \"curve\": %s, \"form\": %s}".formatted(sheet(kind), asked(Wire.STEAM, S, false), FORM.formatted(kind)));
            assertThat(answer).as(kind).hasStatusOk();
            ReadSheet read = new ReadSheet(answer.getResponse().getContentAsByteArray());
            assertThat(read.text()).as(kind).contains(kind, "The form, 1 : ", "How the parts lie on ");
            assertThat(read.onOneAnother()).as(kind).isEmpty();
        }
    }

    @Test
    void a_form_that_is_a_rack_has_spacers() {
        MvcTestResult answer = Wire.post(mvc, "/api/curves/form", "{\"curve\": %s, \"form\": %s}".formatted(asked(Wire.STEAM, S, false).replace("\"widthMm\": 25", "\"widthMm\": 70"),
                FORM.formatted("ONE_SIDED").replace("\"pegMm\": 12", "\"pegMm\": 12, \"alsoRack\": true")));
        assertThat(answer).hasStatusOk();
        assertThat(Wire.read(answer, "$.parts[*].role", List.class)).isEqualTo(List.of("BODY", "SPACER"));
        assertThat(Wire.read(answer, "$.alsoRack", Boolean.class)).isTrue();
        assertThat(Wire.read(answer, "$.clamps", Integer.class)).isEqualTo(7);
    }

    @Test
    void what_is_missing_or_impossible_is_refused_where_it_is() {
        MvcTestResult noRadius = Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEAM, "{\"stretches\": [{\"kind\": \"ARC\", \"angleDegrees\": 90, \"turn\": \"LEFT\"}]}", false));
        assertThat(noRadius).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.refusedFields(noRadius)).containsExactly("chain.stretches[0].innerRadiusMm");
        assertThat(Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEAM, "{\"stretches\": []}", false))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.post(mvc, "/api/curves/forecast", asked(Wire.STEAM, "{\"stretches\": [{\"kind\": \"STRAIGHT\", \"lengthMm\": 9000}, {\"kind\": \"STRAIGHT\", \"lengthMm\": 9000}]}", false)))
                .hasStatus(HttpStatus.BAD_REQUEST);
    }

    @Test
    void forms_of_every_kind_are_laid_out_on_sheets() {
        for (String kind : List.of("ONE_SIDED", "PRESS", "RIBS", "BLOCKS", "PEG_BOARD")) {
            MvcTestResult answer = Wire.post(mvc, "/api/curves/form", "{\"curve\": %s, \"form\": %s}".formatted(asked(Wire.STEAM, S, false), FORM.formatted(kind)));
            assertThat(answer).as(kind).hasStatusOk();
            assertThat(Wire.read(answer, "$.sheets", Integer.class)).isPositive();
            assertThat(Wire.read(answer, "$.cost", Double.class)).isEqualTo(45.0 * Wire.read(answer, "$.sheets", Integer.class));
            assertThat(Wire.read(answer, "$.parts[0].path", String.class)).startsWith("M").endsWith("Z");
        }
        String short_ = FORM.formatted("ONE_SIDED").replace("\"clampReachMm\": 200", "\"clampReachMm\": 50");
        MvcTestResult refused = Wire.post(mvc, "/api/curves/form", "{\"curve\": %s, \"form\": %s}".formatted(asked(Wire.STEAM, S, false), short_));
        assertThat(Wire.refusedFields(refused)).containsExactly("form");
    }

    @Test
    void patterns_come_as_files_of_their_kind() throws Exception {
        String request = "{\"recipe\": %s, \"chain\": %s, \"strapTurned\": false, \"what\": \"%s\", \"form\": %s, \"name\": \"Rail\", \"units\": \"INCH\", \"paper\": \"A4\"}";
        for (String what : List.of("PIECE", "ON_FORM", "FORM")) {
            String body = request.formatted(Wire.recipe(12, 200, Wire.STEAM), S, what, FORM.formatted("ONE_SIDED"));
            MvcTestResult svg = Wire.post(mvc, "/api/curves/drawing/svg", body);
            assertThat(svg).hasStatusOk().hasContentType("image/svg+xml");
            assertThat(svg.getResponse().getHeader(HttpHeaders.CONTENT_DISPOSITION)).contains(".svg");
            assertThat(SvgReader.read(svg.getResponse().getContentAsByteArray()).lines()).isNotEmpty();
            MvcTestResult dxf = Wire.post(mvc, "/api/curves/drawing/dxf", body);
            assertThat(DxfReader.read(dxf.getResponse().getContentAsByteArray(), 1).lines()).isNotEmpty();
            MvcTestResult pdf = Wire.post(mvc, "/api/curves/drawing/pdf", body);
            try (PDDocument document = Loader.loadPDF(pdf.getResponse().getContentAsByteArray())) {
                assertThat(document.getNumberOfPages()).isGreaterThan(1);
                assertThat(document.getDocumentInformation().getTitle()).startsWith("Rail");
            }
        }
        MvcTestResult noForm = Wire.post(mvc, "/api/curves/drawing/svg", request.formatted(Wire.recipe(12, 200, Wire.STEAM), S, "FORM", "null"));
        assertThat(Wire.refusedFields(noForm)).containsExactly("form");
    }

    @Test
    void a_drawing_from_elsewhere_becomes_a_curve() {
        MvcTestResult svg = file("image/svg+xml", "toleranceMm=0.1&along=LEFT_FACE&thicknessMm=12",
                "<svg xmlns='http://www.w3.org/2000/svg' width='500mm' viewBox='0 0 500 500'><path d='M10 300 H110 A100 100 0 0 0 210 200 V100'/></svg>");
        assertThat(svg).hasStatusOk();
        assertThat(Wire.read(svg, "$.asDrawn", Boolean.class)).isTrue();
        assertThat(Wire.read(svg, "$.chain.stretches[1].innerRadiusMm", Double.class)).as("the inner face was drawn").isCloseTo(100, within(0.001));
        MvcTestResult dxf = file("image/vnd.dxf", "toleranceMm=1&along=MIDDLE&thicknessMm=12&bareUnits=INCH",
                "0\nSECTION\n2\nENTITIES\n0\nARC\n10\n0\n20\n0\n40\n8\n50\n0\n51\n90\n0\nENDSEC\n0\nEOF\n");
        assertThat(Wire.read(dxf, "$.chain.stretches[0].innerRadiusMm", Double.class)).isCloseTo(8 * 25.4 - 6, within(0.001));
        assertThat(Wire.read(dxf, "$.unitSaid", Boolean.class)).isFalse();
        assertThat(file("image/svg+xml", "toleranceMm=1&along=MIDDLE&thicknessMm=12", "<svg xmlns='http://www.w3.org/2000/svg'/>")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(file("image/svg+xml", "toleranceMm=1&along=MIDDLE&thicknessMm=12", "x".repeat(3_000_000))).hasStatus(HttpStatus.CONTENT_TOO_LARGE);
        MvcTestResult tight = file("image/svg+xml", "toleranceMm=0.1&along=MIDDLE&thicknessMm=12",
                "<svg xmlns='http://www.w3.org/2000/svg' width='50mm' viewBox='0 0 50 50'><path d='M10 30 H20 A8 8 0 0 0 28 22 V10'/></svg>");
        assertThat(Wire.refusedFields(tight)).containsExactly("file");
    }

    @Test
    void places_become_a_curve_within_the_tolerance() {
        MvcTestResult answer = Wire.post(mvc, "/api/curves/points", """
                {"places": [{"xMm": 0, "yMm": 0}, {"xMm": 100, "yMm": 30}, {"xMm": 200, "yMm": 80}, {"xMm": 300, "yMm": 160}], "toleranceMm": 0.5, "along": "MIDDLE", "thicknessMm": 12}""");
        assertThat(answer).hasStatusOk();
        assertThat(Wire.read(answer, "$.offMm", Double.class)).isLessThan(0.56);
        String circle = IntStream.rangeClosed(0, 12).mapToObj(i -> "{\"xMm\": %s, \"yMm\": %s}".formatted(500 + 400 * Math.cos(Math.PI * i / 12), 600 - 400 * Math.sin(Math.PI * i / 12)))
                .collect(Collectors.joining(","));
        MvcTestResult traced = Wire.post(mvc, "/api/curves/points", """
                {"places": [%s], "picture": {"from": {"xMm": 10, "yMm": 10}, "to": {"xMm": 10, "yMm": 210}, "lengthMm": 100}, "toleranceMm": 0.5, "along": "MIDDLE", "thicknessMm": 12}""".formatted(circle));
        List<Double> radii = Wire.read(traced, "$.chain.stretches[?(@.kind=='ARC')].innerRadiusMm", List.class);
        assertThat(radii.get(radii.size() / 2)).as("400 px at half a millimetre").isCloseTo(200 - 6, within(6.0));
        assertThat(Wire.read(traced, "$.chain.stretches[5].turn", String.class)).as("seen on the picture it goes round to the left").isEqualTo("LEFT");
        MvcTestResult one = Wire.post(mvc, "/api/curves/points", """
                {"places": [{"xMm": 0, "yMm": 0}, {"xMm": 0, "yMm": 0}, {"xMm": 0, "yMm": 0}], "toleranceMm": 0.5, "along": "MIDDLE", "thicknessMm": 12}""");
        assertThat(Wire.refusedFields(one)).containsExactly("places");
        MvcTestResult pasted = Wire.post(mvc, "/api/curves/points", """
                {"text": "x;y\\n0;0\\n4;1,2\\n8;3,1\\n\\n12;6,3", "units": "INCH", "toleranceMm": 0.5, "along": "MIDDLE", "thicknessMm": 12}""");
        assertThat(pasted).hasStatusOk();
        MvcTestResult words = Wire.post(mvc, "/api/curves/points", """
                {"text": "0 0, 10 ten, 20 5", "units": "METRIC", "toleranceMm": 0.5, "along": "MIDDLE", "thicknessMm": 12}""");
        assertThat(Wire.refusedFields(words)).containsExactly("text");
    }

    @Test
    void a_curve_is_kept_by_name_let_go_and_brought_back() {
        String curve = "{\"name\": \" Chair rail \", \"chain\": %s, \"strapTurned\": true}".formatted(S);
        MvcTestResult first = Wire.post(mvc, "/api/curves/kept", curve);
        assertThat(first).hasStatusOk();
        int id = Wire.read(first, "$.id", Integer.class);
        assertThat(Wire.read(Wire.post(mvc, "/api/curves/kept", curve.replace("true", "false")), "$.id", Integer.class)).as("one of that name is this one").isEqualTo(id);
        assertThat(Wire.read(Wire.post(mvc, "/api/curves/kept", curve.replace(", \"strapTurned\": true", "")), "$.id", Integer.class)).as("not turned where nobody says so").isEqualTo(id);
        MvcTestResult all = mvc.get().uri("/api/curves/kept").exchange();
        assertThat(Wire.read(all, "$[*].name", List.class)).isEqualTo(List.of("Chair rail"));
        assertThat(Wire.read(all, "$[0].curve.strapTurned", Boolean.class)).isFalse();
        assertThat(Wire.delete(mvc, "/api/curves/kept/" + id)).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(Wire.read(mvc.get().uri("/api/curves/kept").exchange(), "$", List.class)).isEmpty();
        assertThat(Wire.post(mvc, "/api/curves/kept/" + id + "/restoration", "")).hasStatusOk();
        assertThat(Wire.post(mvc, "/api/curves/kept", "{\"name\": \"\", \"chain\": %s}".formatted(S))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(mvc.get().uri("/api/curves/familiar?curve=S&innerRadiusMm=200&angleDegrees=60").exchange()).hasStatusOk();
        assertThat(mvc.get().uri("/api/curves/familiar?curve=S&innerRadiusMm=2&angleDegrees=60").exchange()).hasStatus(HttpStatus.BAD_REQUEST);
    }
}
