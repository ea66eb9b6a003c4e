package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.wood.SpeciesCatalogue;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What can be changed about a bend, by how much and at what trouble: whole lists, worked out by hand. */
class ChangesTest {

    private static final Marks MARKS = new Marks(5, 0.5);
    private static final Strap LOOSE = new Strap(StrapMaterial.STEEL, 0.8, 25, 1);

    private static Handling handling(double soakHours, double carrySeconds, Optional<Strap> strap) {
        return new Handling(soakHours, SoakAdditive.NONE, carrySeconds, strap, OptionalDouble.empty());
    }

    private static Recipe steamed(Recipes stock, Handling handling, double minutes, double celsius) {
        return stock.steamed().withMethod(new SteamBox(handling, new Heating(StageKind.STEAM_BOX, minutes, celsius)));
    }

    /** Each as kind, what it becomes, and the trouble. */
    private static List<String> said(Recipe recipe) {
        return Change.of(recipe, MARKS).stream().map(change -> String.format(Locale.ROOT, "%s %.4g /%d", change.kind(), change.amount(), change.effort())).toList();
    }

    private static Recipe all(Recipe recipe) {
        Recipe changed = recipe;
        for (Change change : Change.of(recipe, MARKS)) {
            changed = change.on().apply(changed);
        }
        return changed;
    }

    @Test
    void an_ordinary_steam_bend() {
        Recipe recipe = steamed(Recipes.ash(), handling(0, 15, Optional.empty()), 60, 98);
        assertThat(said(recipe)).containsExactly("THINNER 11.00 /4", "SOAK 14.00 /2", "STEAM_LONGER 120.0 /1", "QUICKER_CARRY 10.00 /1", "STEEL_STRAP 0.7938 /4", "WIDER_RADIUS 220.0 /8");
        Recipe changed = all(recipe);
        assertThat(changed.blank().thicknessMm()).isEqualTo(11);
        assertThat(changed.bend().innerRadiusMm()).isEqualTo(220);
        assertThat(changed.method()).isEqualTo(new SteamBox(handling(14, 10, Optional.of(new Strap(StrapMaterial.STEEL, 25.4 / 32, 25, 0))), new Heating(StageKind.STEAM_BOX, 120, 98)));
    }

    @Test
    void a_bend_with_much_against_it() {
        Recipe recipe = steamed(Recipes.ash().thickness(5).moisture(12).radius(40).grainRun(12).knots(Knots.IN_BEND), handling(14, 10, Optional.of(LOOSE)), 130, 90);
        assertThat(said(recipe)).containsExactly("THINNER 4.500 /4", "SOAK 48.00 /2", "HOTTER_CHAMBER 98.00 /1", "TIGHTEN_STOPS 0.000 /1", "WETTER_STOCK 20.00 /4",
                "WIDER_RADIUS 45.00 /8", "STRAIGHTER_GRAIN 25.00 /1", "CLEAR_STOCK 0.000 /1");
        Recipe changed = all(recipe);
        assertThat(changed.blank().moisturePercent()).hasValue(20);
        assertThat(changed.blank().grainRun()).hasValue(25);
        assertThat(changed.blank().knots()).isEqualTo(Knots.CLEAR);
        assertThat(changed.method().strap()).contains(new Strap(StrapMaterial.STEEL, 0.8, 25, 0));
        assertThat(((SteamBox) changed.method()).heating()).isEqualTo(new Heating(StageKind.STEAM_BOX, 130, 98));
    }

    /** Steam doubles up to four hours; a degree short of full heat is full heat; what is wet, soaked and thin enough stays. */
    @Test
    void what_is_done_well_enough_is_left() {
        assertThat(said(steamed(Recipes.ash().thickness(0.9).moisture(17), handling(48, 10, Optional.of(LOOSE.againstHardStops())), 120, 97)))
                .containsExactly("STEAM_LONGER 240.0 /1", "WIDER_RADIUS 220.0 /8");
        assertThat(said(steamed(Recipes.ash().thickness(6).moisture(16.9), handling(13.9, 10.1, Optional.empty()), 121, 96.9)))
                .containsExactly("THINNER 5.500 /4", "SOAK 14.00 /2", "HOTTER_CHAMBER 98.00 /1", "QUICKER_CARRY 10.00 /1", "STEEL_STRAP 0.7938 /4", "WETTER_STOCK 20.00 /4", "WIDER_RADIUS 220.0 /8");
    }

    /** Shaved over the length of the bend alone: 90° of a radius of 200 and 8 mm is 326.7 mm, and twice that is usual. */
    @Test
    void a_piece_thinned_for_its_bend_is_shaved_thinner_or_further() {
        Handling shaved = handling(48, 10, Optional.of(LOOSE.againstHardStops())).withThinning(Optional.of(new Thinning(8, 150, Optional.empty())));
        Recipe recipe = steamed(Recipes.ash(), shaved, 200, 98);
        assertThat(said(recipe)).containsExactly("SHAVED_THINNER 7.500 /2", "SHAVED_FURTHER 653.5 /1", "WIDER_RADIUS 220.0 /8");
        assertThat(((HotWood) all(recipe).method()).thinning()).hasValueSatisfying(thinned -> {
            assertThat(thinned.thicknessMm()).isEqualTo(7.5);
            assertThat(thinned.overMm()).isEqualTo(2 * Math.PI / 2 * 208);
        });
        assertThat(all(recipe).blank().thicknessMm()).isEqualTo(12);
        Handling far = shaved.withThinning(Optional.of(new Thinning(8, 700, Optional.empty())));
        assertThat(said(steamed(Recipes.ash(), far, 200, 98))).containsExactly("SHAVED_THINNER 7.500 /2", "WIDER_RADIUS 220.0 /8");
    }

    @Test
    void a_strip_on_the_pipe_and_a_plate_in_its_frame() {
        HotPipe pipe = new HotPipe(handling(48, 0, Optional.empty()), new Heating(StageKind.HOT_PIPE, 3, 120), new Stage.Contact(0.15, true), HotPipe.By.HANDS);
        assertThat(said(Recipes.ash().thickness(3).radius(60).steamed().withMethod(pipe)))
                .containsExactly("THINNER 2.500 /4", "PIPE_LONGER 6.000 /1", "HOTTER_PIPE 130.0 /1", "STEEL_STRAP 0.7938 /4", "WIDER_RADIUS 70.00 /8");
        Recipe plate = Recipes.ash().pressed();
        assertThat(said(plate)).containsExactly("THINNER 11.00 /4", "SOAK 14.00 /2", "BATH_LONGER 60.00 /1", "HOTTER_BATH 98.00 /1", "FLATTER_ACROSS 2.000 /8", "WIDER_RADIUS 220.0 /8");
        Recipe bare = plate.withMethod(((PressedPlate) plate.method()).between(PressedPlate.Between.NOTHING).risingMm(0.9));
        assertThat(said(bare)).contains("METAL_SHEETS 0.5000 /4").noneMatch(change -> change.startsWith("FLATTER_ACROSS"));
        assertThat(((PressedPlate) all(bare).method()).between()).isEqualTo(PressedPlate.Between.METAL_SHEETS);
        assertThat(((PressedPlate) all(plate).method()).acrossRiseMm()).isEqualTo(2);
    }

    /** A web 1/64" thinner unless less than a millimetre is left; cuts at three quarters of the pitch, half a cut of wood between them at least. */
    @Test
    void cuts_are_set_deeper_and_closer() {
        Recipe sawn = sawn(3.2, 12);
        assertThat(said(sawn)).containsExactly("DEEPER_CUTS 2.803 /1", "CLOSER_CUTS 9.000 /2", "WIDER_RADIUS 220.0 /8");
        assertThat(((KerfBending) all(sawn).method()).kerfs()).isEqualTo(new Kerfs(3.2, 3.2 - 25.4 / 64, 9));
        assertThat(said(sawn(1.3, 6.3))).containsExactly("WIDER_RADIUS 220.0 /8");
        assertThat(said(sawn(1 + 25.4 / 64, 6.4))).contains("DEEPER_CUTS 1.000 /1", "CLOSER_CUTS 4.800 /2");
    }

    private static Recipe sawn(double web, double pitch) {
        return Recipes.ash().steamed().withMethod(new KerfBending(new Kerfs(3.2, web, pitch), KerfBending.Board.SOLID, Optional.of(3.0)));
    }

    /** One ply more of the same finished section, and as many as there are of the strips and the veneer that are commonly had. */
    @Test
    void plies_get_thinner_and_more() {
        Recipe cold = Recipes.ash().thickness(3).laminated(4);
        assertThat(said(cold)).containsExactly("THINNER_PLIES 2.400 /4", "THINNER_PLIES 1.500 /4", "THINNER_PLIES 0.8000 /4", "THINNER_PLIES 0.6000 /4", "WIDER_RADIUS 220.0 /8");
        assertThat(all(cold).method()).isEqualTo(new ColdLamination(Glue.PVA, 20));
        assertThat(said(Recipes.ash().thickness(0.3).laminated(4))).as("no thinner ply can be cut").containsExactly("WIDER_RADIUS 220.0 /8");
        Recipe set = Recipes.ash().thickness(3).steamed().withMethod(new SteamedPlies(handling(0, 15, Optional.empty()), new Heating(StageKind.STEAM_BOX, 30, 98), Glue.PVA, 4));
        assertThat(said(set)).containsExactly("SOAK 14.00 /2", "STEAM_LONGER 60.00 /1", "QUICKER_CARRY 10.00 /1", "STEEL_STRAP 0.7938 /4", "THINNER_PLIES 2.400 /4", "THINNER_PLIES 1.500 /4", "THINNER_PLIES 0.8000 /4", "THINNER_PLIES 0.6000 /4", "WIDER_RADIUS 220.0 /8");
        assertThat(((SteamedPlies) all(set).method()).plies()).isEqualTo(20);
    }

    /** 10 mm in one clean ply of 2 and four sawn of 2 mm each: a clean ply 1/64" thinner leaves that to the four. */
    @Test
    void a_clean_ply_gives_what_it_is_thinner_by_to_the_others() {
        Recipe stack = Recipes.ash().thickness(2.5).steamed().withMethod(new KerfedPlies(Glue.PVA, 5, 2, new Kerfs(3.2, 1.6, 9)));
        assertThat(said(stack)).containsExactly("DEEPER_CUTS 1.203 /1", "CLOSER_CUTS 6.750 /2", "THINNER_CLEAN_PLY 1.603 /2", "WIDER_RADIUS 220.0 /8");
        double finished = stack.method().finishedMm(2.5);
        Recipe changed = all(stack);
        assertThat(changed.method().finishedMm(changed.blank().thicknessMm())).isCloseTo(finished, within(1e-9));
    }

    /** What cures a way of failing: clamped at once, as wet as published, hot through; a piece as wet already is not made wetter. */
    @Test
    void cures_come_in_their_order_and_each_asks_less() {
        Recipe recipe = Recipes.ash().moisture(10).carry(40).steamed();
        Demand asIs = recipe.demand();
        List<Cure> cures = recipe.method().cures(recipe);
        assertThat(cures).extracting(Cure::term).containsExactly(Term.CARRY, Term.DRY_WOOD, Term.TOO_LITTLE_HEAT);
        double[] asked = cures.stream().mapToDouble(cure -> cure.on().apply(asIs).tensionRatio()).toArray();
        assertThat(asked[0]).isLessThan(asIs.tensionRatio() * 0.995);
        assertThat(asked[1]).isLessThan(asked[0] * 0.99);
        assertThat(asked[2]).isLessThan(asked[1] * 1.001);
        Recipe wet = Recipes.ash().moisture(22).steamed();
        assertThat(wet.method().cures(wet).get(1).on().apply(asIs)).isSameAs(asIs);
    }

    @Test
    void stock_nobody_measured_is_taken_as_it_usually_is() {
        Recipe kiln = Recipes.ash().steamedUnmeasured(Seasoning.KILN_DRIED);
        assertThat(said(kiln)).contains("WETTER_STOCK 20.00 /4", "STRAIGHTER_GRAIN 25.00 /1");
        assertThat(said(Recipes.ash().steamedUnmeasured(Seasoning.GREEN))).doesNotContain("WETTER_STOCK 20.00 /4");
        assertThat(SpeciesCatalogue.published().require("white-ash")).isEqualTo(kiln.blank().species());
    }
}
