package brachion.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.AtHand;
import brachion.core.method.Marks;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.WantedPiece;
import brachion.core.stock.Mark.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Where blanks are proposed; held to a search over every place of a narrow board. */
class PlacesTest {

    private static final double KERF_MM = 3;
    private static final Marks FINE = new Marks(1e-6, 1e-6);
    private static final BlankSize SIZE = new BlankSize(600, 40, 100, 500, 1, 1);

    private static double odds(WoodAtPlace wood) {
        return wood.inBend().isEmpty() ? 0.9 : 0.4;
    }

    private static List<LaidBlank> proposed(Board board, List<LaidBlank> laid, int wanted) {
        return new Places(board, KERF_MM, PlacesTest::odds).propose(laid, SIZE, wanted);
    }

    @Test
    void a_clear_board_fills_from_its_corner() {
        Board board = new Board(1300, 90, 27, OptionalDouble.empty(), List.of());
        assertThat(proposed(board, List.of(), 9)).extracting(LaidBlank::area)
                .containsExactly(new Area(0, 0, 600, 40), new Area(603, 0, 600, 40), new Area(0, 43, 600, 40), new Area(603, 43, 600, 40));
        assertThat(proposed(board, List.of(), 2)).hasSize(2);
        assertThat(proposed(new Board(599, 90, 27, OptionalDouble.empty(), List.of()), List.of(), 2)).isEmpty();
    }

    @Test
    void clear_grain_goes_first_and_a_knot_may_lie_in_the_end_that_is_cut_off() {
        Mark knot = new Mark(Kind.KNOT, new Area(300, 0, 20, 40), OptionalDouble.empty());
        Board board = new Board(1300, 40, 27, OptionalDouble.empty(), List.of(knot));
        List<LaidBlank> blanks = proposed(board, List.of(), 1);
        // the knot's grain ends at 340, so the bend begins there: 100 mm after the blank does
        assertThat(blanks.get(0).area().alongMm()).isEqualTo(240);
        Mark check = new Mark(Kind.CHECK, new Area(0, 10, 700, 2), OptionalDouble.empty());
        assertThat(proposed(new Board(1300, 40, 27, OptionalDouble.empty(), List.of(check)), List.of(), 3))
                .extracting(blank -> blank.area().alongMm()).containsExactly(700.0);
    }

    @Property(tries = 150)
    void what_is_proposed_can_be_sawn(@ForAll long seed) {
        Random luck = new Random(seed);
        Board board = new Board(luck.nextInt(700, 3000), luck.nextInt(45, 260), 27, OptionalDouble.empty(), marks(luck, 260));
        List<LaidBlank> first = proposed(board, List.of(), luck.nextInt(4));
        List<LaidBlank> all = new ArrayList<>(first);
        all.addAll(proposed(board, first, 40));
        Layout layout = new Layout(board, KERF_MM, all);
        for (int blank = 0; blank < all.size(); blank++) {
            assertThat(layout.trouble(blank)).isEmpty();
        }
        assertThat(layout.leftShare()).isBetween(0.0, 1.0);
    }

    /** On a board one blank wide: as many clear ones as any choice of places gives, by going through every millimetre. */
    @Property(tries = 100)
    void nobody_finds_more_clear_blanks_in_a_strip(@ForAll long seed) {
        Random luck = new Random(seed);
        Board board = new Board(luck.nextInt(600, 4000), 40, 27, OptionalDouble.empty(), marks(luck, 40));
        long clear = proposed(board, List.of(), 40).stream().filter(blank -> WoodAtPlace.of(board, blank).inBend().isEmpty()).count();
        assertThat((double) clear).isGreaterThanOrEqualTo(mostClear(board));
    }

    private static List<Mark> marks(Random luck, int width) {
        List<Mark> marks = new ArrayList<>();
        for (int i = luck.nextInt(5); i > 0; i--) {
            Area area = new Area(luck.nextInt(3000), luck.nextInt(width), luck.nextInt(5, 120), luck.nextInt(2, 40));
            marks.add(new Mark(Kind.values()[luck.nextInt(Kind.values().length)], area, OptionalDouble.empty()));
        }
        return marks;
    }

    /** The most from the right end on, for every place a blank may begin at. */
    private static int mostClear(Board board) {
        int places = (int) (board.lengthMm() - SIZE.lengthMm());
        int[] most = new int[places + 2];
        for (int place = places; place >= 0; place--) {
            WoodAtPlace wood = WoodAtPlace.of(board, SIZE.at(place, 0));
            int after = Math.min(places + 1, place + (int) Math.ceil(SIZE.lengthMm() + KERF_MM));
            int here = wood.sound() && wood.inBend().isEmpty() ? 1 + most[after] : 0;
            most[place] = Math.max(here, most[place + 1]);
        }
        return most[0];
    }

    @Test
    void a_blank_is_the_outer_arc_with_its_overhangs() {
        Recipe ash = Recipes.ash().thickness(12).radius(188).steamed();
        BlankSize size = BlankSize.of(ash, 27, KERF_MM, FINE);
        double arc = Math.toRadians(ash.bend().angleDegrees()) * 200;
        assertThat(size.lengthMm()).isCloseTo(arc + 200, within(2 * FINE.radiusMm()));
        assertThat(size.bentFromMm()).isCloseTo(100, within(FINE.radiusMm()));
        assertThat(size.bentToMm()).isCloseTo(100 + arc, within(FINE.radiusMm()));
        BlankSize sawn = BlankSize.of(ash, 27, KERF_MM, new Marks(25.4 / 8, 25.4 / 32));
        assertThat(sawn.lengthMm()).as("the next eighth of an inch").isEqualTo(Math.ceil((arc + 200) / 25.4 * 8) / 8 * 25.4, within(1e-9));
        assertThat(sawn.lengthMm() - sawn.bentToMm()).as("the bend in the middle").isCloseTo(sawn.bentFromMm(), within(1e-9));
        assertThat(size.piecesEach()).as("12 + 3 + 12 = 27").isEqualTo(2);
        assertThat(BlankSize.of(ash, 11, KERF_MM, FINE).piecesEach()).as("the board is too thin").isZero();
    }

    /** Strips from a board: floor((B + kerf)/(strip + sanding allowance + kerf)), the usual arithmetic of the rip fence. */
    @Test
    void plies_are_sawn_with_what_is_planed_off() {
        BlankSize size = BlankSize.of(Recipes.ash().thickness(3).laminated(6), 52, KERF_MM, FINE);
        assertThat(size.piecesEach()).isEqualTo((int) Math.floor((52 + 3) / (3 + 25.4 / 16 + 3)));
    }

    /** Whatever the way of bending, something is sawn for it. */
    @Test
    void every_way_has_a_blank() {
        Recipe piece = Recipes.ash().steamed();
        AtHand atHand = new AtHand(List.of(piece.blank().species()), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE), true,
                List.of(MethodKind.values()), List.of(2.0));
        WantedPiece wanted = new WantedPiece(piece.bend(), 12, Recipes.WIDTH_MM);
        for (MethodKind kind : MethodKind.values()) {
            List<Recipe> tried = kind == MethodKind.PRESSED_PLATE ? List.of(Recipes.ash().thickness(4).pressed()) : kind.toTry(wanted, atHand, piece.blank().species()).stream().flatMap(List::stream).limit(3).toList();
            assertThat(tried).as("tried %s", kind).isNotEmpty();
            for (Recipe recipe : tried) {
                BlankSize size = BlankSize.of(recipe, 52, KERF_MM, FINE);
                assertThat(size.lengthMm()).as("%s", kind).isGreaterThan(recipe.bend().outerArcMm(0));
                assertThat(size.at(0, 0).bend().lengthMm()).isLessThan(size.lengthMm());
            }
        }
    }

    /** A board as full of marks and blanks as one may be. */
    @Test
    void a_crowded_board_is_filled_all_the_same() {
        Random luck = new Random(2);
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            marks.add(new Mark(Kind.values()[luck.nextInt(Kind.values().length)], new Area(luck.nextInt(15_000), luck.nextInt(1500), 20, 10), OptionalDouble.empty()));
        }
        Board board = new Board(15_000, 1500, 52, OptionalDouble.empty(), marks);
        List<LaidBlank> first = proposed(board, List.of(), 100);
        List<LaidBlank> all = new ArrayList<>(first);
        all.addAll(proposed(board, first, 100));
        assertThat(all).hasSize(200);
        Layout layout = new Layout(board, KERF_MM, all);
        assertThat(all).allMatch(blank -> layout.trouble(all.indexOf(blank)).isEmpty());
    }
}
