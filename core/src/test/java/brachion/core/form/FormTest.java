package brachion.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.shape.Chain;
import brachion.core.shape.Familiar;
import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Trace;
import brachion.core.shape.Turn;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

class FormTest {

    private static final SheetGoods PLYWOOD = new SheetGoods(18, 2440, 1220, 40);
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static FormWanted wanted(FormKind kind, double reach, double hole) {
        return new FormWanted(kind, 20, 50, 1.5, reach, hole, 120, 16, false, PLYWOOD);
    }

    @Test
    void a_body_round_a_quarter_turn_is_a_ring_with_two_run_outs() {
        Chain quarter = new Chain(List.of(new Arc(300, 90, Turn.LEFT)));
        Form form = Form.of(quarter, wanted(FormKind.ONE_SIDED, 150, 0));
        double depth = 150 - 20 - 1.5 - 20;
        double ring = Math.PI / 4 * (300 * 300 - (300 - depth) * (300 - depth));
        assertThat(polygon(form.parts().get(0).outline()).getArea()).isCloseTo(ring + 2 * 40 * depth, within(5.0));
        assertThat(form.parts().get(0).layers()).as("three layers of 18 mm back 50 mm").isEqualTo(3);
    }

    @Property(tries = 150)
    void a_body_has_no_loops_and_every_hole_lies_in_the_wood(@ForAll Familiar curve, @ForAll @DoubleRange(min = 30, max = 500) double radius,
                                                            @ForAll @DoubleRange(min = 20, max = 170) double angle, @ForAll @DoubleRange(min = 90, max = 250) double reach) {
        Form form = Form.of(curve.chain(radius, angle), new FormWanted(FormKind.ONE_SIDED, 20, 50, 0, reach, 30, 80, 10, false, new SheetGoods(18, 5000, 5000, 0)));
        Polygon wood = polygon(form.parts().get(0).outline());
        if (curve == Familiar.S || curve == Familiar.SINGLE) {
            assertThat(wood.isValid()).as("free of loops").isTrue();
        }
        for (Hole hole : form.parts().get(0).holes()) {
            assertThat(wood.getExteriorRing().distance(GEOMETRY.createPoint(new Coordinate(hole.centre().xMm(), hole.centre().yMm()))))
                    .as("but for the straights the arcs are cut into").isGreaterThanOrEqualTo(hole.diameterMm() - 0.02);
        }
    }

    @Test
    void a_form_that_is_a_rack_has_air_between_its_layers_and_spacers_at_every_pin() {
        FormWanted rack = new FormWanted(FormKind.ONE_SIDED, 20, 80, 0, 200, 0, 120, 12, true, PLYWOOD);
        Form form = Form.of(new Chain(List.of(new Arc(400, 120, Turn.LEFT))), rack);
        Part body = form.parts().get(0);
        // 80 mm on layers of 18: three layers and two gaps reach 90
        assertThat(body.layers()).isEqualTo(3);
        assertThat(body.holes().size()).as("no layer lies free further than 300 mm").isGreaterThanOrEqualTo((int) (form.piece().lengthMm() / 2 / 300));
        Part spacer = form.parts().get(1);
        assertThat(spacer.role()).isEqualTo(Part.Role.SPACER);
        assertThat(spacer.layers()).isEqualTo(2 * body.holes().size());
        assertThat(form.alsoRack()).isTrue();
        assertThat(form.clamps()).as("a clamp at each end and every 120 mm of about 860 between").isEqualTo(8);
        assertThat(Form.of(Familiar.S.chain(200, 60), wanted(FormKind.RIBS, 200, 0)).alsoRack()).isTrue();
        assertThat(Form.of(Familiar.S.chain(200, 60), wanted(FormKind.PRESS, 200, 0)).alsoRack()).isFalse();
    }

    @Test
    void a_narrow_piece_does_not_lie_on_layers_with_air_between() {
        FormWanted narrow = new FormWanted(FormKind.ONE_SIDED, 20, 30, 0, 200, 0, 120, 12, true, PLYWOOD);
        assertThatThrownBy(() -> Form.of(Familiar.SINGLE.chain(200, 90), narrow)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("so narrow");
    }

    @Property(tries = 60)
    void the_halves_of_a_press_leave_room_for_the_piece_and_its_strap(@ForAll @DoubleRange(min = 120, max = 500) double radius, @ForAll @DoubleRange(min = 10, max = 80) double angle) {
        Form form = Form.of(Familiar.S.chain(radius, angle), new FormWanted(FormKind.PRESS, 20, 50, 1.5, 200, 0, 100, 12, false, new SheetGoods(18, 5000, 5000, 0)));
        Polygon inner = polygon(form.parts().get(0).outline());
        Polygon outer = polygon(form.parts().get(1).outline());
        assertThat(inner.isValid() && outer.isValid()).isTrue();
        assertThat(inner.distance(outer)).isCloseTo(21.5, within(0.11));
        assertThat(polygon(form.piece()).intersection(inner).getArea() + polygon(form.piece()).intersection(outer).getArea()).as("the piece lies between them").isLessThan(1);
    }

    @Test
    void a_press_does_not_open_round_more_than_a_half_turn() {
        assertThatThrownBy(() -> Form.of(Familiar.HOOP.chain(200, 90), wanted(FormKind.PRESS, 200, 0))).hasMessageContaining("one-sided form");
    }

    @Property(tries = 60)
    void pegs_touch_the_piece_and_stand_in_nothing(@ForAll Familiar curve, @ForAll @DoubleRange(min = 60, max = 400) double radius) {
        Chain chain = curve.chain(radius, 90);
        Form form = Form.of(chain, new FormWanted(FormKind.PEG_BOARD, 12, 30, 0, 200, 0, 90, 20, false, new SheetGoods(18, 5000, 5000, 0)));
        Polygon piece = polygon(Form.outline(chain.middle(12), 12));
        assertThat(form.pegs()).isPositive().isEqualTo(form.parts().get(0).holes().size());
        for (Hole peg : form.parts().get(0).holes()) {
            double away = piece.getExteriorRing().distance(GEOMETRY.createPoint(new Coordinate(peg.centre().xMm(), peg.centre().yMm())));
            assertThat(away).isBetween(9.7, 10.1);
        }
    }

    @Test
    void ribs_stand_on_their_board_no_further_apart_than_asked() {
        FormWanted wide = new FormWanted(FormKind.RIBS, 6, 400, 0, 200, 0, 120, 12, false, PLYWOOD);
        Form form = Form.of(Familiar.SINGLE.chain(400, 90), wide);
        assertThat(form.parts().get(0).layers()).as("both edges and three between: 382 mm in steps of 120 at most").isEqualTo(5);
        assertThat(form.parts().get(1).marks()).hasSize(5);
        Polygon board = polygon(form.parts().get(1).outline());
        form.parts().get(1).marks().forEach(foot -> assertThat(board.contains(polygon(foot))).isTrue());
        assertThat(polygon(form.parts().get(0).outline()).distance(polygon(form.piece()))).as("the piece lies on the ribs").isLessThan(0.01);
    }

    @Property(tries = 60)
    void blocks_touch_the_piece_and_stand_in_nothing(@ForAll Familiar curve, @ForAll @DoubleRange(min = 150, max = 400) double radius) {
        Chain chain = curve.chain(radius, 80);
        Form form = Form.of(chain, new FormWanted(FormKind.BLOCKS, 12, 30, 0, 200, 0, 90, 12, false, new SheetGoods(18, 5000, 5000, 0)));
        LineString middle = GEOMETRY.createLineString(coordinates(chain.middle(12).trace()));
        List<Trace> feet = form.parts().get(1).marks();
        assertThat(feet).hasSizeGreaterThan(2);
        assertThat(form.parts().get(0).layers()).isEqualTo(2 * feet.size());
        for (Trace foot : feet) {
            assertThat(polygon(foot).distance(middle)).as("half the thickness away").isBetween(5.8, 6.2);
            feet.stream().filter(other -> other != foot).forEach(other -> assertThat(polygon(other).intersects(polygon(foot))).isFalse());
        }
    }

    @Test
    void clamps_that_do_not_reach_are_told_how_far_they_must_open() {
        assertThatThrownBy(() -> Form.of(Familiar.SINGLE.chain(200, 90), wanted(FormKind.ONE_SIDED, 60, 0))).hasMessageContaining("82 mm");
    }

    @Test
    void a_part_larger_than_a_sheet_is_refused_with_both_sizes() {
        assertThatThrownBy(() -> Form.of(Familiar.SINGLE.chain(1500, 120), wanted(FormKind.ONE_SIDED, 200, 0))).hasMessageContaining("a sheet is 2440 × 1220");
    }

    @Property(tries = 200)
    void rectangles_on_sheets_do_not_overlap(@ForAll @Size(min = 1, max = 25) List<@IntRange(min = 20, max = 1200) Integer> lengths, @ForAll @IntRange(min = 20, max = 600) int height) {
        List<ShelfLayout.Blank> blanks = new ArrayList<>();
        for (int i = 0; i < lengths.size(); i++) {
            blanks.add(new ShelfLayout.Blank(i, lengths.get(i), 20 + (height * (i + 3)) % 580));
        }
        ShelfLayout layout = ShelfLayout.of(blanks, PLYWOOD);
        assertThat(layout.laid()).hasSameSizeAs(blanks);
        double area = blanks.stream().mapToDouble(blank -> blank.lengthMm() * blank.heightMm()).sum();
        assertThat(layout.sheets()).isGreaterThanOrEqualTo((int) Math.ceil(area / (2440 * 1220)));
        for (ShelfLayout.Laid one : layout.laid()) {
            assertThat(one.xMm() + one.lengthMm()).isLessThanOrEqualTo(2440);
            assertThat(one.yMm() + one.heightMm()).isLessThanOrEqualTo(1220);
            for (ShelfLayout.Laid other : layout.laid()) {
                boolean apart = one == other || one.sheet() != other.sheet() || one.xMm() >= other.xMm() + other.lengthMm() || other.xMm() >= one.xMm() + one.lengthMm()
                        || one.yMm() >= other.yMm() + other.heightMm() || other.yMm() >= one.yMm() + one.heightMm();
                assertThat(apart).isTrue();
            }
        }
    }

    private static Polygon polygon(Trace outline) {
        return GEOMETRY.createPolygon(coordinates(outline));
    }

    private static Coordinate[] coordinates(Trace trace) {
        return trace.places(0.02).stream().map(place -> new Coordinate(place.xMm(), place.yMm())).toArray(Coordinate[]::new);
    }
}
