package brachion.server.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.shape.FittedLine;
import brachion.core.shape.Place;
import brachion.core.shape.Trace;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings as other programs write them, and drawings nobody should write. */
@Timeout(20)
class DrawnFilesTest {

    private static final double QUARTER = Math.PI / 2;

    private static DrawnFile svg(String attributes, String inside) {
        return SvgReader.read(("<svg xmlns=\"http://www.w3.org/2000/svg\" " + attributes + ">" + inside + "</svg>").getBytes(StandardCharsets.UTF_8));
    }

    private static DrawnFile dxf(String header, String entities) {
        return DxfReader.read(("0\nSECTION\n2\nHEADER\n" + header + "0\nENDSEC\n" + entities + "0\nEOF\n").getBytes(StandardCharsets.UTF_8), 1);
    }

    private static String entities(String pairs) {
        return "0\nSECTION\n2\nENTITIES\n" + pairs.replace(' ', '\n') + "\n0\nENDSEC\n";
    }

    /** Rules of CSS: 96 px, 72 pt, 6 pc and 25.4 mm are an inch. */
    @ParameterizedTest
    @CsvSource({"210mm,210", "21cm,210", "8.5in,215.9", "612pt,215.9", "816px,215.9", "51pc,215.9", "816,215.9"})
    void width_and_view_box_say_how_large_a_unit_is(String width, double millimetres) {
        Trace line = svg("width='" + width + "' viewBox='0 0 1000 500'", "<path d='M0 0H1000'/>").lines().get(0);
        assertThat(line.lengthMm()).isCloseTo(millimetres, within(0.01));
    }

    @Test
    void without_a_size_a_unit_is_a_pixel_and_that_is_said() {
        DrawnFile drawn = svg("", "<line x1='0' y1='0' x2='96' y2='0'/>");
        assertThat(drawn.lines().get(0).lengthMm()).isCloseTo(25.4, within(1e-6));
        assertThat(drawn.unitSaid()).isFalse();
    }

    @Test
    void relative_commands_and_arcs_are_the_same_line_as_absolute_ones() {
        String size = "width='500mm' viewBox='0 0 500 500'";
        Trace absolute = svg(size, "<path d='M10 20 L110 20 A50 50 0 0 1 160 70 V120'/>").lines().get(0);
        Trace relative = svg(size, "<path d='m10,20 l100,0 a50,50,0,0,1,50,50 v50'/>").lines().get(0);
        assertThat(relative.lengthMm()).isCloseTo(absolute.lengthMm(), within(1e-4));
        assertThat(absolute.lengthMm()).isCloseTo(100 + 50 * QUARTER + 50, within(1e-4));
        assertThat(absolute.edges().get(1).bulge()).as("clockwise where y counts downwards is a turn to the right").isCloseTo(-Math.tan(QUARTER / 4), within(1e-6));
    }

    @Test
    void a_smooth_curve_after_a_curve_goes_on_smoothly() {
        String size = "width='500mm' viewBox='0 0 500 500'";
        Trace spelt = svg(size, "<path d='M0 0C40 0 80 30 100 60C120 90 160 120 200 120'/>").lines().get(0);
        Trace smooth = svg(size, "<path d='M0 0C40 0 80 30 100 60S160 120 200 120'/>").lines().get(0);
        assertThat(smooth.lengthMm()).isCloseTo(spelt.lengthMm(), within(1e-3));
        assertThat(FittedLine.along(smooth, 0.01).asDrawn()).isTrue();
        Trace quadratic = svg(size, "<path d='M0 0Q50 0 100 50T200 100'/>").lines().get(0);
        assertThat(quadratic.corners().get(quadratic.corners().size() - 1).place().xMm()).isCloseTo(200, within(1e-4));
    }

    @Test
    void transforms_of_groups_add_up_and_a_mirror_turns_arcs_round() {
        Trace arc = svg("width='100mm' viewBox='0 0 100 100'",
                "<g transform='translate(10,5) scale(2)'><g transform='rotate(90)'><path transform='scale(-1,1)' d='M0 0A20 20 0 0 1 20 20'/></g></g>").lines().get(0);
        assertThat(arc.lengthMm()).isCloseTo(40 * QUARTER, within(1e-4));
        assertThat(arc.edges().get(0).bulge()).isPositive();
        Trace skewed = svg("width='100mm' viewBox='0 0 100 100'", "<circle cx='0' cy='0' r='30' transform='scale(2,1)'/>").lines().get(0);
        double ramanujan = Math.PI * (3 * 90 - Math.sqrt((3 * 60 + 30) * (60 + 3 * 30)));
        assertThat(skewed.lengthMm()).as("girth of an ellipse of 60 and 30").isCloseTo(ramanujan, within(0.02));
    }

    @Test
    void what_is_only_defined_is_not_drawn_and_what_is_not_read_is_counted() {
        DrawnFile drawn = svg("width='100mm' viewBox='0 0 100 100'",
                "<defs><path d='M0 0H900'/></defs><g display='none'><path d='M0 0H800'/></g><use href='#a'/><text>R 7</text><path d='M0 0H50'/><path d='M0 9H20M50 0V30'/>");
        assertThat(drawn.lines()).hasSize(2);
        assertThat(drawn.lines().get(0).lengthMm()).as("where ends meet it is one line").isCloseTo(80, within(1e-6));
        assertThat(drawn.leftOut()).isEqualTo(2);
    }

    /** As other programs flatten a curve when they write it. */
    @Test
    void a_curve_of_thousands_of_short_straights_is_fitted() {
        String flattened = IntStream.rangeClosed(0, 9000).mapToObj(i -> "%s,%s".formatted(500 + 400 * Math.cos(Math.PI * i / 9000), 500 - 400 * Math.sin(Math.PI * i / 9000)))
                .collect(Collectors.joining(" "));
        FittedLine fitted = FittedLine.along(svg("width='1000mm' viewBox='0 0 1000 1000'", "<polyline points='" + flattened + "'/>").lines().get(0), 0.5);
        assertThat(fitted.line().lengthMm()).isCloseTo(400 * Math.PI, within(0.5));
        assertThat(fitted.line().runs()).hasSizeLessThan(400);
    }

    @ParameterizedTest
    @CsvSource({"1,25.4", "2,304.8", "4,1", "5,10", "6,1000", "0,1"})
    void a_dxf_is_as_large_as_its_unit_says(String unit, double millimetres) {
        DrawnFile drawn = dxf("9\n$INSUNITS\n70\n" + unit + "\n", entities("0 LINE 8 0 10 0 20 0 11 12 21 0"));
        assertThat(drawn.lines().get(0).lengthMm()).isCloseTo(12 * millimetres, within(1e-9));
        assertThat(drawn.unitSaid()).isEqualTo(!unit.equals("0"));
    }

    @Test
    void lines_and_arcs_drawn_piece_by_piece_are_one_line_where_they_meet() {
        DrawnFile drawn = dxf("", entities("0 ARC 8 0 10 100 20 50 40 50 50 270 51 360 0 LINE 8 0 10 150 20 50 11 150 21 200 0 LINE 8 0 10 100 20 0 11 0 21 0 0 POINT 10 3 20 3"));
        assertThat(drawn.lines()).hasSize(1);
        assertThat(drawn.lines().get(0).lengthMm()).isCloseTo(100 + 50 * QUARTER + 150, within(1e-9));
        FittedLine smooth = FittedLine.along(drawn.lines().get(0), 0.05);
        assertThat(smooth.asDrawn()).isTrue();
        assertThat(drawn.leftOut()).isZero();
    }

    @Test
    void bulges_of_both_kinds_of_polylines_are_arcs() {
        double bulge = Math.tan(QUARTER / 4);
        Trace light = dxf("", entities("0 LWPOLYLINE 90 3 70 0 10 0 20 0 10 100 20 0 42 " + bulge + " 10 150 20 50")).lines().get(0);
        Trace heavy = dxf("", entities("0 POLYLINE 66 1 70 0 0 VERTEX 10 0 20 0 0 VERTEX 10 100 20 0 42 " + bulge + " 0 VERTEX 10 150 20 50 0 SEQEND")).lines().get(0);
        assertThat(light.lengthMm()).isCloseTo(100 + 50 * QUARTER, within(1e-9));
        assertThat(heavy).isEqualTo(light);
    }

    /** A quarter circle as a rational quadratic spline with weights 1, √½, 1 (any textbook on splines). */
    @Test
    void a_rational_spline_of_a_quarter_circle_is_a_quarter_circle() {
        Trace line = dxf("", entities("0 SPLINE 70 12 71 2 72 6 73 3 40 0 40 0 40 0 40 1 40 1 40 1 10 100 20 0 10 100 20 100 10 0 20 100 41 1 41 " + Math.sqrt(0.5) + " 41 1")).lines().get(0);
        for (Trace.Corner corner : line.corners()) {
            assertThat(corner.place().to(Place.ORIGIN)).isCloseTo(100, within(1e-9));
        }
        assertThat(line.corners().get(line.corners().size() - 1).place().to(new Place(0, 100))).isLessThan(1e-9);
        Trace half = dxf("", entities("0 ELLIPSE 10 0 20 0 11 100 21 0 40 1 41 0 42 " + Math.PI)).lines().get(0);
        assertThat(half.lengthMm()).isCloseTo(100 * Math.PI, within(0.05));
    }

    @Test
    void blocks_are_put_in_turned_scaled_and_mirrored() {
        String block = "0\nSECTION\n2\nBLOCKS\n" + "0 BLOCK 2 RIB 70 0 10 5 20 0 0 ARC 10 5 20 50 40 50 50 270 51 360 0 ENDBLK".replace(' ', '\n') + "\n0\nENDSEC\n";
        Trace put = dxf("", block + entities("0 INSERT 2 RIB 10 200 20 0 41 2 42 2 50 90")).lines().get(0);
        assertThat(put.corners().get(0).place().to(new Place(200, 0))).isLessThan(1e-9);
        assertThat(put.lengthMm()).isCloseTo(100 * QUARTER, within(1e-9));
        Trace mirrored = dxf("", block + entities("0 INSERT 2 RIB 10 0 20 0 41 -1 42 1")).lines().get(0);
        assertThat(mirrored.edges().get(0).bulge()).isNegative();
        assertThat(mirrored.edges().get(0).to().xMm()).isCloseTo(-50, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;'>]><svg xmlns='http://www.w3.org/2000/svg'><path d='&b;'/></svg>",
        "<?xml version='1.0'?><!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&x;</text></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L1e400 3'/></svg>", "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L NaN 3'/></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0", "<html/>", "", "0\nSECTION",
        "<svg xmlns='http://www.w3.org/2000/svg' width='-3mm' viewBox='0 0 3 3'/>", "<svg xmlns='http://www.w3.org/2000/svg' width='3mm' viewBox='0 0 none 3'/>",
        "<svg xmlns='http://www.w3.org/2000/svg'><path transform='matrix(1,2' d='M0 0H3'/></svg>"})
    void hostile_or_broken_svg_is_refused_with_a_sentence(String file) {
        assertThatThrownBy(() -> SvgReader.read(file.getBytes(StandardCharsets.UTF_8))).isInstanceOf(IllegalArgumentException.class).message().endsWith(".");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0 LINE 10 NaN 20 0 11 1 21 1", "0 LINE 10 1e999 20 0 11 1 21 1", "0 CIRCLE 10 0 20 0 40 -5", "0 INSERT 2 NOWHERE 10 0 20 0",
        "0 SPLINE 71 3 40 0 40 1 10 0 20 0 10 1 20 1", "0 SPLINE 71 900 40 0 10 0 20 0"})
    void hostile_or_broken_dxf_is_refused_with_a_sentence(String pairs) {
        assertThatThrownBy(() -> dxf("", entities(pairs))).isInstanceOf(IllegalArgumentException.class).message().endsWith(".");
    }

    @Test
    void what_is_as_large_as_the_world_is_refused_at_once() {
        for (DrawnFile vast : List.of(dxf("", entities("0 CIRCLE 10 0 20 0 40 1e18")), dxf("", entities("0 ARC 10 0 20 0 40 1e300 50 5 51 -1e300")),
                dxf("9\n$INSUNITS\n70\n6\n", entities("0 LINE 10 0 20 0 11 900 21 0")), svg("width='9mm' viewBox='0 0 9 9'", "<path d='M0 0C1e9 0 1e9 1e9 0 1e30'/>"))) {
            assertThatThrownBy(vast::requireALength).hasMessageContaining("longer than any piece");
        }
        Trace round = dxf("", entities("0 ARC 10 0 20 0 40 10 50 350 51 -370")).lines().get(0);
        assertThat(round.lengthMm()).as("ends where it began: all the way round").isCloseTo(20 * Math.PI, within(1e-6));
    }

    @Test
    void blocks_within_themselves_and_lines_without_end_are_refused() {
        String nested = "0\nSECTION\n2\nBLOCKS\n" + "0 BLOCK 2 A 10 0 20 0 0 INSERT 2 A 10 1 20 0 0 INSERT 2 A 10 2 20 0 0 ENDBLK".replace(' ', '\n') + "\n0\nENDSEC\n";
        assertThatThrownBy(() -> dxf("", nested + entities("0 INSERT 2 A 10 0 20 0"))).hasMessageContaining("nested");
        String elsewhere = "0\nSECTION\n2\nBLOCKS\n" + "0 BLOCK 2 X 70 4 10 0 20 0 1 other.dxf 0 ENDBLK".replace(' ', '\n') + "\n0\nENDSEC\n";
        assertThatThrownBy(() -> dxf("", elsewhere + entities("0 INSERT 2 X 10 0 20 0"))).hasMessageContaining("another file");
        String endless = IntStream.range(0, 30_000).mapToObj(i -> "L" + i % 97 + " " + i % 89).collect(Collectors.joining("", "M0 0", ""));
        assertThatThrownBy(() -> svg("width='9mm' viewBox='0 0 9 9'", "<path d='" + endless + "'/>")).hasMessageContaining("20000");
        assertThatThrownBy(() -> svg("width='9mm' viewBox='0 0 9 9'", "<g>".repeat(200) + "<path d='M0 0H1'/>" + "</g>".repeat(200))).hasMessageContaining("nested");
        String inserts = IntStream.range(0, 200).mapToObj(i -> "0\nINSERT\n2\nB%d\n").collect(Collectors.joining());
        String bomb = "0\nSECTION\n2\nBLOCKS\n" + IntStream.range(0, 5).mapToObj(i -> "0\nBLOCK\n2\nB" + i + "\n" + inserts.replace("%d", Integer.toString(i + 1)) + "0\nENDBLK\n")
                .collect(Collectors.joining()) + "0\nBLOCK\n2\nB5\n0\nTEXT\n1\nnothing\n0\nENDBLK\n0\nENDSEC\n";
        assertThatThrownBy(() -> dxf("", bomb + entities("0 INSERT 2 B0 10 0 20 0"))).as("blocks of blocks that hold no line").hasMessageContaining("20000");
        String scattered = IntStream.range(0, 5000).mapToObj(i -> "0 LINE 10 " + 3 * i + " 20 0 11 " + (3 * i + 1) + " 21 0").collect(Collectors.joining(" "));
        assertThatThrownBy(() -> dxf("", entities(scattered))).hasMessageContaining("4000");
        assertThatThrownBy(() -> DxfReader.read(new byte[] {0, 1, 2}, 1)).hasMessageContaining("not a text");
        List<Trace> wild = svg("width='9mm' viewBox='0 0 9 9'", "<path d='M0 0C900 900 -900 900 0 0'/>").lines();
        assertThat(wild).hasSize(1);
    }
}
