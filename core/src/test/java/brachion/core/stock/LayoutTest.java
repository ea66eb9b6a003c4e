package brachion.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Knots;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.stock.Layout.Trouble;
import brachion.core.stock.Mark.Kind;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What lies where on a board; held to the rectangles of the JDK's geometry and to a search over every cell. */
class LayoutTest {

    private static final double KERF_MM = 3;

    private static Mark mark(Kind kind, double along, double across, double length, double width) {
        return new Mark(kind, new Area(along, across, length, width), OptionalDouble.empty());
    }

    private static Layout layout(List<Mark> marks, LaidBlank... blanks) {
        return new Layout(new Board(2400, 200, 27, OptionalDouble.of(20), marks), KERF_MM, List.of(blanks));
    }

    private static LaidBlank blank(double along, double across) {
        return new LaidBlank(new Area(along, across, 600, 40), 100, 500);
    }

    @Test
    void a_knot_counts_where_the_piece_bends_and_a_check_everywhere() {
        Mark knot = mark(Kind.KNOT, 300, 10, 20, 20);
        Layout inBend = layout(List.of(knot), blank(0, 0));
        assertThat(inBend.wood(0).inBend()).containsExactly(knot);
        assertThat(inBend.trouble(0)).as("it can be sawn all the same").isEmpty();
        Layout atTheEnd = layout(List.of(mark(Kind.KNOT, 40, 10, 20, 20)), blank(0, 0));
        assertThat(atTheEnd.wood(0).inBend()).isEmpty();
        assertThat(atTheEnd.wood(0).beside()).hasSize(1);
        Layout near = layout(List.of(mark(Kind.KNOT, 65, 10, 20, 20)), blank(0, 0));
        assertThat(near.wood(0).inBend()).as("its grain reaches 20 mm further, into the bend").hasSize(1);
        Layout checked = layout(List.of(mark(Kind.CHECK, 10, 10, 30, 2)), blank(0, 0));
        assertThat(checked.trouble(0)).contains(Trouble.SPOILT);
        Layout sap = layout(List.of(mark(Kind.SAPWOOD, 0, 0, 2400, 15)), blank(0, 0));
        assertThat(sap.wood(0).inBend()).isEmpty();
        assertThat(sap.trouble(0)).isEmpty();
    }

    @Test
    void the_forecast_takes_knots_and_the_steepest_grain_from_the_place() {
        Recipe recipe = Recipes.ash().grainRun(12).knots(Knots.IN_BEND).steamed();
        Mark wild = new Mark(Kind.WILD_GRAIN, new Area(300, 0, 100, 40), OptionalDouble.of(7));
        Recipe there = layout(List.of(wild), blank(0, 0)).wood(0).of(recipe);
        assertThat(there.blank().knots()).isEqualTo(Knots.IN_BEND);
        assertThat(there.blank().grainRun()).hasValue(7);
        Recipe clear = layout(List.of(wild), blank(0, 50)).wood(0).of(recipe);
        assertThat(clear.blank().knots()).isEqualTo(Knots.CLEAR);
        assertThat(clear.blank().grainRun()).hasValue(20);
        Board unread = new Board(2400, 200, 27, OptionalDouble.empty(), List.of());
        assertThat(WoodAtPlace.of(unread, blank(0, 0)).of(recipe).blank().grainRun()).as("nobody looked, so as planned").hasValue(12);
    }

    @Test
    void blanks_lie_on_the_board_and_a_saw_cut_apart() {
        assertThat(layout(List.of(), blank(1801, 0)).trouble(0)).contains(Trouble.OFF_THE_BOARD);
        assertThat(layout(List.of(), blank(1800, 160)).trouble(0)).as("flush with the corner").isEmpty();
        assertThat(layout(List.of(), blank(0, 0), blank(0, 42)).trouble(1)).contains(Trouble.ON_ANOTHER);
        assertThat(layout(List.of(), blank(0, 0), blank(0, 43)).trouble(1)).isEmpty();
        assertThat(layout(List.of(), blank(0, 0), blank(602, 0)).trouble(0)).contains(Trouble.ON_ANOTHER);
        assertThat(layout(List.of(), blank(603, 43), blank(0, 43), blank(0, 0)).sawingOrder()).containsExactly(2, 1, 0);
        assertThat(layout(List.of(), blank(0, 0)).leftShare()).isCloseTo(1 - 600 * 40 / (2400.0 * 200), within(1e-12));
    }

    /** The JDK's rectangles say the same of every pair. */
    @Property(tries = 300)
    void areas_overlap_as_rectangles_do(@ForAll long seed) {
        Random luck = new Random(seed);
        Area one = random(luck);
        Area other = random(luck);
        assertThat(one.overlaps(other)).isEqualTo(rectangle(one).intersects(rectangle(other)));
        assertThat(one.within(other)).isEqualTo(rectangle(other).contains(rectangle(one)));
    }

    private static Area random(Random luck) {
        return new Area(luck.nextInt(12), luck.nextInt(8), 1 + luck.nextInt(8), 1 + luck.nextInt(5));
    }

    private static Rectangle2D rectangle(Area area) {
        return new Rectangle2D.Double(area.alongMm(), area.acrossMm(), area.lengthMm(), area.widthMm());
    }

    /** Every rectangle of a small grid is tried. */
    @Property(tries = 200)
    void nothing_larger_is_left_than_what_is_found(@ForAll long seed) {
        Random luck = new Random(seed);
        Area face = new Area(0, 0, 14, 9);
        List<Area> taken = new ArrayList<>();
        for (int i = luck.nextInt(5); i > 0; i--) {
            taken.add(random(luck));
        }
        double largest = 0;
        for (int along = 0; along < 14; along++) {
            for (int across = 0; across < 9; across++) {
                for (int length = 1; length <= 14 - along; length++) {
                    for (int width = 1; width <= 9 - across; width++) {
                        Area area = new Area(along, across, length, width);
                        if (area.mm2() > largest && taken.stream().noneMatch(area::overlaps)) {
                            largest = area.mm2();
                        }
                    }
                }
            }
        }
        Optional<Area> found = LargestFree.in(face, taken);
        assertThat(found.map(Area::mm2).orElse(0.0)).isEqualTo(largest);
        found.ifPresent(area -> {
            assertThat(area.within(face)).isTrue();
            assertThat(taken).noneMatch(area::overlaps);
        });
    }

    @Test
    void what_is_left_keeps_a_saw_cut_from_the_blanks() {
        Area left = layout(List.of(mark(Kind.BARK, 0, 180, 2400, 20)), blank(0, 0)).largestLeft().orElseThrow();
        assertThat(left).isEqualTo(new Area(0, 43, 2400, 137));
    }
}
