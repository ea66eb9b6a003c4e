package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** A lamination of thick sawn plies over a thin clean one, beside the two ways it is made of and a beam cut into layers. */
class KerfedPliesTest {

    private static final Kerfs SAW = new Kerfs(3.2, 1.6, 6.35);
    private static final Kerfs FINE = new Kerfs(3.2, 0.5, 4);
    private static final double STOCK = 6.35;
    private static final double RADIUS = 130;

    private static Recipe recipe(int plies, double clean, Kerfs saw) {
        Recipe dry = Recipes.ash().moisture(8).thickness(STOCK).radius(RADIUS).steamed();
        return dry.withMethod(new KerfedPlies(Glue.PVA, plies, clean, saw));
    }

    private static Recipe at(double radius, Method method, double thickness) {
        return Recipes.ash().moisture(8).thickness(thickness).radius(radius).steamed().withMethod(method);
    }

    /** What lies against the form is a ply as in any lamination; what lies over it is a sawn piece of its own radius. */
    @Test
    void it_asks_what_the_harder_of_its_clean_ply_and_its_innermost_web_asks() {
        double thick = 2.5;
        assertThat(recipe(3, thick, SAW).demand().tensionRatio())
                .isCloseTo(at(RADIUS, new ColdLamination(Glue.PVA, 5), thick).demand().tensionRatio(), within(1e-9));
        double thin = 1;
        Kerfs coarse = new Kerfs(3.2, 2.4, 9);
        assertThat(recipe(3, thin, coarse).demand().tensionRatio()).isCloseTo(
                at(RADIUS + thin, new KerfBending(coarse, KerfBending.Board.SOLID, Optional.empty()), STOCK).demand().tensionRatio(), within(1e-9));
        // plies as thick as these without cuts break at once
        assertThat(recipe(3, 1.2, SAW).demand().tensionRatio())
                .isLessThan(0.4 * at(RADIUS, new ColdLamination(Glue.PVA, 2), STOCK).demand().tensionRatio());
    }

    /** A thicker clean ply lifts the webs to a gentler curve, which counts where they decide. */
    @Test
    void a_thicker_clean_ply_a_thicker_web_and_a_wider_pitch_are_never_safer() {
        for (double at = 0.6; at < 3; at += 0.2) {
            double here = at;
            assertThat(recipe(3, here + 0.2, FINE).demand().tensionRatio()).isGreaterThan(recipe(3, here, FINE).demand().tensionRatio() * (1 - 1e-9));
            assertThat(recipe(3, 1, new Kerfs(3.2, here + 0.2, 6.35)).demand().tensionRatio()).as("web " + here)
                    .isGreaterThanOrEqualTo(recipe(3, 1, new Kerfs(3.2, here, 6.35)).demand().tensionRatio() * (1 - 1e-9));
            assertThat(recipe(3, 1, new Kerfs(3.2, 1.6, 4 * here + 0.8)).demand().tensionRatio())
                    .isGreaterThanOrEqualTo(recipe(3, 1, new Kerfs(3.2, 1.6, 4 * here)).demand().tensionRatio() * (1 - 1e-9));
        }
    }

    private static double loses(Recipe recipe) {
        return recipe.method().springback(recipe.blank(), recipe.bend(), Shop.USUAL, recipe.demand()).elasticShare();
    }

    /** A beam cut into slices along and across it, glued on the form and let go: what moment is left turns each slice back (strength of materials). */
    @Property(tries = 40)
    void what_it_loses_is_what_a_beam_of_those_slices_loses(@ForAll @IntRange(min = 2, max = 6) int plies, @ForAll @DoubleRange(min = 0.8, max = 6) double clean,
                                                            @ForAll @DoubleRange(min = 0.8, max = 3) double web) {
        Kerfs saw = new Kerfs(2, web, 12);
        assertThat(loses(recipe(plies, clean, saw))).isCloseTo(sliced(plies, clean, saw), within(0.01));
    }

    /** Cuts that leave all but a hair standing are none. */
    @Test
    void equal_plies_spring_back_as_those_of_any_lamination() {
        assertThat(loses(recipe(4, STOCK, new Kerfs(1, STOCK, 50)))).isCloseTo(1.0 / 16, within(1e-9));
        assertThat(loses(recipe(4, STOCK, SAW))).as("sawn through halfway they pull less").isLessThan(1.0 / 16);
    }

    private static double sliced(int plies, double clean, Kerfs saw) {
        double cut = (saw.kerfMm() + 2 * saw.webMm()) / saw.pitchMm();
        double ofSawn = 1 / (cut / inertia(List.of(new double[] {0, saw.webMm()})) + (1 - cut) / inertia(List.of(new double[] {0, STOCK})));
        double moment = inertia(List.of(new double[] {0, clean})) + (plies - 1) * ofSawn;
        List<double[]> flanges = new ArrayList<>(List.of(new double[] {0, clean}));
        for (int ply = 1; ply < plies; ply++) {
            flanges.add(new double[] {clean + ply * STOCK - saw.webMm(), clean + ply * STOCK});
        }
        return moment * (cut / inertia(flanges) + (1 - cut) / inertia(List.of(new double[] {0, clean + (plies - 1) * STOCK})));
    }

    /** Second moment about the centroid of layers that lie between two heights each, slice by slice. */
    private static double inertia(List<double[]> layers) {
        double area = 0;
        double first = 0;
        double second = 0;
        for (double[] layer : layers) {
            int slices = 400;
            double thick = (layer[1] - layer[0]) / slices;
            for (int i = 0; i < slices; i++) {
                double y = layer[0] + (i + 0.5) * thick;
                area += thick;
                first += y * thick;
                second += y * y * thick;
            }
        }
        return second - first * first / area;
    }

    /** The stiffness of a sawn ply beside a strip cut into slices, each bent by the same moment. */
    @Test
    void a_sawn_ply_closes_as_a_strip_of_webs_and_wood_would() {
        double turned = IntStream.range(0, 10_000).mapToDouble(i -> (i + 0.5) / 10_000 * SAW.pitchMm() < 3.2 + 2 * 1.6 ? 1.6 : STOCK)
                .map(thick -> 1 / Math.pow(thick, 3)).average().orElseThrow();
        assertThat(((KerfedPlies) recipe(3, 1, SAW).method()).stiffestPlyMm(STOCK)).isCloseTo(1 / Math.cbrt(turned), within(0.01));
        assertThat(((KerfedPlies) recipe(3, 5, SAW).method()).stiffestPlyMm(STOCK)).as("the clean ply, where that is stiffer").isEqualTo(5);
    }

    /** Circle arithmetic by hand: plies of 6.35 mm over 1.6 mm on 130 mm through 120 degrees; the outermost lies on 144.3 mm and needs 48 cuts of 6.35 mm. */
    @Test
    void its_sheet_says_the_plies_and_where_the_saw_goes() {
        Recipe recipe = recipe(3, 1.6, SAW);
        Recipe asSaid = recipe.withInnerRadiusMm(RADIUS);
        Sheet sheet = asSaid.method().sheet(asSaid);
        double angle = Math.toRadians(asSaid.bend().angleDegrees());
        assertThat(sheet.value(Sheet.Measure.CUTS)).hasValue(Math.ceil((130 + 1.6 + 2 * STOCK) * angle / 6.35));
        assertThat(sheet.value(Sheet.Measure.CLEAN_PLY)).hasValue(1.6);
        assertThat(sheet.value(Sheet.Measure.GLUE_LINES)).hasValue(2);
        assertThat(sheet.value(Sheet.Measure.OUTER_ARC).orElseThrow()).isCloseTo((130 + 1.6 + 2 * STOCK) * angle, within(1e-9));
        assertThat(sheet.value(Sheet.Measure.CUT_DEPTH)).hasValue(STOCK - 1.6);
        double eachOfTheInnermost = 6.35 / (130 + 1.6 + STOCK);
        assertThat(sheet.value(Sheet.Measure.ROOM_LEFT).orElseThrow()).isCloseTo(3.2 - eachOfTheInnermost * (STOCK - 1.6), within(1e-9));
    }

    @Test
    void what_cannot_be_sawn_or_closed_is_refused_by_its_setting() {
        Bend tight = new Bend(30, 120);
        assertThat(recipe(3, 1, SAW).method().refusals(STOCK, recipe(3, 1, SAW).bend())).isEmpty();
        assertThat(recipe(3, 7, SAW).method().refusals(STOCK, tight)).containsOnlyKeys("cleanMm");
        assertThat(recipe(3, 1, new Kerfs(3.2, 7, 6)).method().refusals(STOCK, tight)).containsOnlyKeys("webMm");
        assertThat(recipe(3, 1, new Kerfs(1, 1.6, 20)).method().refusals(STOCK, tight)).containsOnlyKeys("pitchMm");
    }

    @Test
    void a_search_tries_it_for_a_tight_curve_and_keeps_the_finished_section() {
        AtHand atHand = new AtHand(List.of(SpeciesCatalogue.published().require("white-ash")), List.of(Seasoning.KILN_DRIED), List.of(),
                List.of(AtHand.Support.NONE), true, List.of(MethodKind.KERFED_PLIES), List.of(3.0, 1.6));
        List<Recipe> tried = MethodKind.KERFED_PLIES.toTry(new WantedPiece(new Bend(120, 90), 19, 40), atHand, atHand.species().get(0)).stream().flatMap(List::stream).toList();
        assertThat(tried).isNotEmpty().allSatisfy(recipe -> {
            assertThat(recipe.method().finishedMm(recipe.blank().thicknessMm())).isCloseTo(19, within(1e-5));
            assertThat(((KerfedPlies) recipe.method()).cleanMm()).isEqualTo(1.6);
        });
        assertThat(MethodKind.KERFED_PLIES.toTry(new WantedPiece(new Bend(120, 90), 1, 40), atHand, atHand.species().get(0)).stream().flatMap(List::stream)).isEmpty();
    }

    @Test
    void what_can_be_changed_lowers_what_is_asked_and_keeps_the_section() {
        Recipe recipe = recipe(3, 2.4, new Kerfs(3.2, 1.6, 8));
        List<Change> changes = recipe.method().changes(recipe, new Marks(5, 0.5));
        assertThat(changes).extracting(Change::kind).containsExactly(Change.Kind.DEEPER_CUTS, Change.Kind.CLOSER_CUTS, Change.Kind.THINNER_CLEAN_PLY);
        Recipe thinner = changes.get(2).on().apply(recipe);
        assertThat(thinner.method().finishedMm(thinner.blank().thicknessMm())).isCloseTo(recipe.method().finishedMm(STOCK), within(1e-9));
        assertThat(thinner.demand().tensionRatio()).isLessThan(recipe.demand().tensionRatio());
        assertThat(recipe.method().demand(recipe.blank(), recipe.bend(), Shop.USUAL, Physics.USUAL).tensionRatio()).isEqualTo(recipe.demand().tensionRatio());
    }
}
