package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.Outline;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.wood.SpeciesCatalogue;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** How each family fails, what bears on it, and what tells its ways apart, worked out by hand. */
class RisksOfEachFamilyTest {

    private static final Handling HANDLING = new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty());
    private static final Kerfs KERFS = new Kerfs(3.2, 1.6, 9);

    /** One bend in every way there is. */
    private static Map<MethodKind, Method> ways() {
        Heating bag = new Heating(StageKind.STEAM_BAG, 45, 98);
        Map<MethodKind, Method> ways = new EnumMap<>(MethodKind.class);
        List.of(new SteamBox(0, 60, 98, 15, Optional.empty()), new SteamBag(HANDLING, bag, SteamBag.Bent.IN_THE_BAG), new SteamInPlace(HANDLING, bag, 15),
                new HotBath(HANDLING, new Heating(StageKind.HOT_BATH, 30, 98)), new FreeBending(HANDLING, bag),
                new GreenRod(HANDLING, new Heating(StageKind.STEAM_BOX, 30, 98), 8, 300, Outline.ROUND),
                new HotPipe(HANDLING, new Heating(StageKind.HOT_PIPE, 3, 130), Stage.Contact.FULL, HotPipe.By.HANDS), Recipes.ash().pressed().method(),
                new SteamedPlies(HANDLING, new Heating(StageKind.STEAM_BOX, 30, 98), Glue.PVA, 4), new ColdLamination(Glue.PVA, 4),
                new KerfBending(KERFS, KerfBending.Board.SOLID, Optional.empty()), new KerfedPlies(Glue.PVA, 3, 2, KERFS)).forEach(way -> ways.put(way.kind(), way));
        return ways;
    }

    @Test
    void every_way_is_looked_at_here() {
        assertThat(ways().keySet()).containsExactlyInAnyOrder(MethodKind.values());
    }

    @Test
    void what_tells_the_ways_apart() {
        Map<MethodKind, Method> ways = ways();
        assertThat(ways.values().stream().filter(Method::roundStock).map(Method::kind)).containsExactlyInAnyOrder(MethodKind.STEAM_BOX, MethodKind.STEAM_BAG,
                MethodKind.STEAM_IN_PLACE, MethodKind.HOT_BATH, MethodKind.FREE_BENDING, MethodKind.GREEN_ROD, MethodKind.HOT_PIPE);
        assertThat(ways.values().stream().filter(Method::curvedBothWays).map(Method::kind)).containsExactly(MethodKind.PRESSED_PLATE);
        assertThat(ways.values().stream().filter(Method::heatedByZones).map(Method::kind)).containsExactly(MethodKind.HOT_PIPE);
        assertThat(ways.values().stream().filter(way -> way.gluedWith().isPresent()).map(Method::kind))
                .containsExactlyInAnyOrder(MethodKind.STEAMED_PLIES, MethodKind.COLD_LAMINATION, MethodKind.KERFED_PLIES);
        assertThat(ways.values().stream().filter(way -> way.finishedMm(3) != 3).map(way -> way.kind() + " " + way.finishedMm(3)))
                .containsExactlyInAnyOrder("STEAMED_PLIES 12.0", "COLD_LAMINATION 12.0", "KERFED_PLIES 8.0");
        assertThat(ways.values().stream().filter(way -> way.stageKinds().isEmpty()).map(Method::kind))
                .containsExactlyInAnyOrder(MethodKind.COLD_LAMINATION, MethodKind.KERF_BENDING, MethodKind.KERFED_PLIES);
    }

    /** Crossed plies do not give along a curve, so plywood is sawn or glued up in sheets and never softened; its own doubt is told by its records. */
    @Test
    void plywood_is_bent_cold_alone() {
        Blank panel = new Blank(SpeciesCatalogue.published().require("birch-plywood"), Seasoning.KILN_DRIED, OptionalDouble.of(8), GrowthRings.FLAT,
                OptionalDouble.empty(), Knots.CLEAR, OuterFace.SAWN, 12, 100, Outline.RECTANGLE);
        WantedPiece piece = new WantedPiece(new Bend(300, 90), 12, 100, Shop.USUAL);
        AtHand atHand = new AtHand(List.of(panel.species()), List.of(Seasoning.KILN_DRIED), List.of(), List.of(AtHand.Support.NONE), true,
                List.of(MethodKind.values()), List.of(2.0, 3.0));
        assertThat(Arrays.stream(MethodKind.values()).filter(kind -> !kind.toTry(piece, atHand, panel.species()).stream().allMatch(List::isEmpty)))
                .isNotEmpty().isSubsetOf(MethodKind.KERF_BENDING, MethodKind.COLD_LAMINATION, MethodKind.KERFED_PLIES);
        for (MethodKind kind : List.of(MethodKind.KERF_BENDING, MethodKind.COLD_LAMINATION, MethodKind.KERFED_PLIES)) {
            Recipe cold = new Recipe(panel, new Bend(300, 90), ways().get(kind));
            assertThat(plywoodIn(cold)).as("%s", kind).isEqualTo(1);
            assertThat(plywoodIn(cold.withBlank(Recipes.ash().steamed().blank()))).as("%s of solid wood", kind).isZero();
        }
        assertThat(plywoodIn(Recipes.ash().steamed().withMethod(new KerfBending(KERFS, KerfBending.Board.PLYWOOD, Optional.empty())))).isEqualTo(1);
    }

    private static double plywoodIn(Recipe recipe) {
        return recipe.method().family().modes().stream().filter(risk -> risk.mode() == FailureMode.TENSION).flatMap(risk -> risk.covariates().stream())
                .filter(covariate -> covariate.term() == Term.PLYWOOD).mapToDouble(covariate -> covariate.value().applyAsDouble(recipe)).sum();
    }

    /** Bent cold and dry, nothing of them is heated: done as planned, no stage, never too quick, the face bare. */
    @Test
    void cold_ways_have_no_process() {
        for (MethodKind kind : List.of(MethodKind.COLD_LAMINATION, MethodKind.KERF_BENDING, MethodKind.KERFED_PLIES)) {
            Method way = ways().get(kind);
            assertThat(way.plannedMinutes(StageKind.STEAM_BOX)).isEmpty();
            assertThat(way.asDone(new Done(Map.of(), Optional.empty()))).isSameAs(way);
            assertThat(way.quickerThanSchools(Recipes.ash().steamed().blank())).isFalse();
            assertThat(way.withBareFace()).isSameAs(way);
            assertThat(way.sheet(Recipes.ash().thickness(3).steamed().withMethod(way)).lines()).isNotEmpty();
        }
        Recipe cold = Recipes.ash().thickness(3).laminated(4);
        assertThat(cold.method().thickened(cold, new Marks(5, 0.5), 2).blank().thicknessMm()).isEqualTo(6);
    }

    /** A 3 mm ply round 300 mm is just what codes allow in hardwood, and 1.25 times that in softwood. */
    @Test
    void glue_lines_are_asked_the_ply_over_its_radius() {
        Recipe ash = Recipes.ash().thickness(3).radius(300).laminated(8);
        ModeRisk glueLine = risk(ash, FailureMode.GLUE_LINE);
        assertThat(glueLine.load(ash, ash.demand())).isCloseTo(Math.log(0.5), within(1e-9));
        assertThat(glueLine.strain().of(ash, ash.demand())).isEqualTo(0.01);
        Recipe spruce = Recipes.ash().species("sitka-spruce").thickness(3).radius(300).laminated(8);
        assertThat(glueLine.load(spruce, spruce.demand())).isCloseTo(Math.log(1.25 / 2), within(1e-9));
        assertThat(glueLine.slopeMean()).isEqualTo(2);
        assertThat(glueLine.concerns(ash)).isTrue();
        assertThat(glueLine.concerns(Recipes.ash().steamed())).isFalse();
        assertThat(values(ash, FailureMode.GLUE_LINE)).isEmpty();
        assertThat(values(ash.withMethod(new ColdLamination(Glue.EPOXY, 4)), FailureMode.GLUE_LINE)).containsOnlyKeys(Term.GLUE_EPOXY, Term.MANY_PLIES)
                .containsEntry(Term.MANY_PLIES, Math.log(0.5)).containsEntry(Term.GLUE_EPOXY, 1.0);
        assertThat(values(ash.withMethod(new ColdLamination(Glue.HIDE, 8)), FailureMode.GLUE_LINE)).containsOnlyKeys(Term.GLUE_HIDE);
    }

    /** Plies that were steamed and set keep most of the curve: glue holds what each would spring back, and no more. */
    @Test
    void plies_that_were_set_pull_less_at_their_glue() {
        Recipe cold = Recipes.ash().thickness(3).laminated(4);
        Recipe set = cold.withMethod(ways().get(MethodKind.STEAMED_PLIES));
        Demand demand = set.demand();
        double pulled = ((GluedPlies) set.method()).pull(set, demand);
        double cut = ((GluedPlies) cold.method()).pull(cold, cold.demand());
        assertThat(cut).isEqualTo(3.0 / 200);
        double opening = new Springback(demand.section().elasticShare(demand.state(), 12), Optional.of(24.0)).logOpening();
        assertThat(pulled).isCloseTo(cut * (1 - Math.exp(-opening)), within(1e-12)).isBetween(0.05 * cut, 0.6 * cut);
        assertThat(set.method().inOtherPlies(set)).map(each -> ((SteamedPlies) each.method()).plies()).containsExactly(2, 3, 4, 5, 8, 15);
    }

    /** The two faces of hot wood are asked by their strains; a plywood web is told apart. */
    @Test
    void faces_are_asked_their_strains() {
        Recipe steamed = Recipes.ash().steamed();
        Demand demand = steamed.demand();
        ModeRisk outer = risk(steamed, FailureMode.TENSION);
        ModeRisk inner = risk(steamed, FailureMode.COMPRESSION);
        assertThat(outer.strain().of(steamed, demand)).isEqualTo(demand.state().outerStrain()).isPositive();
        assertThat(inner.strain().of(steamed, demand)).isEqualTo(-demand.state().innerStrain()).isPositive();
        assertThat(outer.load(steamed, demand)).isEqualTo(LimitLaw.LOGNORMAL.load(Math.log(demand.tensionRatio())));
        assertThat(inner.load(steamed, demand)).isEqualTo(LimitLaw.LOGNORMAL.load(Math.log(demand.compressionRatio())));
        assertThat(outer.slopeMean()).isEqualTo(6);
        Recipe panel = steamed.withMethod(new KerfBending(KERFS, KerfBending.Board.PLYWOOD, Optional.empty()));
        assertThat(values(panel, FailureMode.TENSION)).containsOnlyKeys(Term.PLYWOOD);
        assertThat(values(steamed.withMethod(ways().get(MethodKind.KERF_BENDING)), FailureMode.TENSION)).isEmpty();
        Map<Family, List<FailureMode>> fails = new EnumMap<>(Family.class);
        Arrays.stream(Family.values()).forEach(family -> fails.put(family, family.modes().stream().map(ModeRisk::mode).toList()));
        assertThat(fails).isEqualTo(Map.of(Family.HOT_WOOD, List.of(FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE),
                Family.COLD_PLIES, List.of(FailureMode.TENSION, FailureMode.COMPRESSION, FailureMode.GLUE_LINE),
                Family.KERFED_WEBS, List.of(FailureMode.TENSION, FailureMode.COMPRESSION), Family.PLATES, List.of(FailureMode.TENSION, FailureMode.SPLIT)));
    }

    /** Of 12 mm round 30 mm a cut of 3.2 mm closes first where there are four of them, each 22.5°: pitches of 6, 9 and 12 mm reach. */
    @Test
    void a_search_tries_cuts_that_reach_and_plies_that_are_at_hand() {
        AtHand atHand = new AtHand(List.of(), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE), false, List.of(), List.of(4.0));
        WantedPiece tight = new WantedPiece(new Bend(30, 90), 12, 25);
        WantedPiece gentle = new WantedPiece(new Bend(200, 90), 12, 25);
        assertThat(tried(MethodKind.KERF_BENDING, tight, atHand)).hasSize(12);
        assertThat(tried(MethodKind.KERF_BENDING, gentle, atHand)).hasSize(16);
        assertThat(tried(MethodKind.STEAMED_PLIES, gentle, atHand)).hasSize(5).allSatisfy(each -> {
            assertThat(((SteamedPlies) each.method()).plies()).isEqualTo(3);
            assertThat(each.blank().thicknessMm()).isEqualTo(4);
            assertThat(each.blank().seasoning()).isEqualTo(Seasoning.AIR_DRIED);
        });
        assertThat(tried(MethodKind.HOT_PIPE, gentle, atHand)).map(each -> ((HotPipe) each.method()).heating().minutes()).containsExactly(1.0, 2.0, 3.0, 5.0);
    }

    private static List<Recipe> tried(MethodKind kind, WantedPiece wanted, AtHand atHand) {
        return kind.toTry(wanted, atHand, Recipes.ash().steamed().blank().species()).stream().flatMap(List::stream).toList();
    }

    /** What a stage took otherwise can be done as planned; what went as planned cannot. */
    @Test
    void a_stage_that_went_otherwise_can_be_done_as_planned() {
        Recipe planned = Recipes.ash().steamed();
        Recipe done = planned.withMethod(((SteamBox) planned.method()).withCarrySeconds(40));
        assertThat(Change.asPlanned(done, planned, stage -> stage == StageKind.CARRY)).hasValueSatisfying(change -> {
            assertThat(change.kind()).isEqualTo(Change.Kind.AS_PLANNED);
            assertThat(change.on().apply(done)).isSameAs(planned);
        });
        assertThat(Change.asPlanned(done, planned, stage -> stage == StageKind.SOAK)).isEmpty();
        assertThat(Change.asPlanned(planned, planned, stage -> true)).isEmpty();
        assertThat(planned.shop()).isEqualTo(Shop.USUAL);
    }

    private static ModeRisk risk(Recipe recipe, FailureMode mode) {
        return recipe.method().family().modes().stream().filter(each -> each.mode() == mode).findFirst().orElseThrow();
    }

    /** What bears on a mode of a recipe: the terms that are not nought. */
    private static Map<Term, Double> values(Recipe recipe, FailureMode mode) {
        Map<Term, Double> values = new TreeMap<>();
        risk(recipe, mode).covariates().forEach(each -> values.merge(each.term(), each.value().applyAsDouble(recipe), Double::sum));
        values.values().removeIf(value -> value == 0);
        Arrays.stream(MethodKind.values()).flatMap(kind -> kind.beyondComputed().stream()).forEach(values::remove);
        return values;
    }
}
