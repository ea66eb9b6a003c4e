package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.Outline;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What each way needs at the bench, how long it takes and what bears on it; worked out by hand from what is said of the ways. */
class WorkOfEachWayTest {

    private static final Strap STEEL = new Strap(StrapMaterial.STEEL, 1, 25, 0);

    private static Handling handling(double soakHours, double carrySeconds, Optional<Strap> strap) {
        return new Handling(soakHours, SoakAdditive.NONE, carrySeconds, strap, OptionalDouble.empty());
    }

    private static Heating heat(StageKind kind, double minutes) {
        return new Heating(kind, minutes, 98);
    }

    private static Recipe by(Method method) {
        return Recipes.ash().steamed().withMethod(method);
    }

    private static void takes(Method method, double hoursToRelease, double attentionHours, Equipment... needed) {
        assertThat(method.hoursToRelease()).isCloseTo(hoursToRelease, within(1e-9));
        assertThat(method.attentionHours(by(method))).isCloseTo(attentionHours, within(1e-9));
        assertThat(method.equipment()).containsExactly(needed);
    }

    /** Half an hour to set up and clamp, whoever heats wood stays with it, a day on the form. */
    @Test
    void hot_ways_take_their_soak_their_heat_and_a_day() {
        takes(new SteamBox(handling(12, 15, Optional.of(STEEL)), heat(StageKind.STEAM_BOX, 60)), 12 + 1 + 24, 1.5,
                Equipment.SOAKING_TROUGH, Equipment.STEAM_BOX, Equipment.STRAP, Equipment.FORM);
        takes(new SteamBag(handling(0, 15, Optional.empty()), heat(StageKind.STEAM_BAG, 45), SteamBag.Bent.PULLED), 24.75, 1.25, Equipment.STEAM_BAG, Equipment.FORM);
        takes(new SteamInPlace(handling(0, 0, Optional.empty()), heat(StageKind.STEAM_BAG, 45), 15), 25, 1.5, Equipment.STEAM_BAG, Equipment.FORM);
        takes(new HotBath(handling(0, 15, Optional.empty()), heat(StageKind.HOT_BATH, 30)), 24.5, 1, Equipment.HOT_TROUGH, Equipment.FORM);
        takes(new FreeBending(handling(0, 0, Optional.empty()), heat(StageKind.STEAM_BAG, 60)), 25, 1.5, Equipment.STEAM_BAG, Equipment.POSTS);
        takes(new GreenRod(handling(0, 15, Optional.empty()), heat(StageKind.STEAM_BOX, 30), 8, 300, Outline.ROUND), 24.5, 1, Equipment.STEAM_BOX, Equipment.PEG_BOARD);
    }

    /** Ash of 12 mm round 200 mm by 90° is 323.6 mm along its middle, which a pipe of common size touches in 8.09 places. */
    @Test
    void each_place_on_the_pipe_takes_its_minutes() {
        HotPipe pipe = new HotPipe(handling(0, 0, Optional.empty()), new Heating(StageKind.HOT_PIPE, 3, 130), new Stage.Contact(0.15, true), HotPipe.By.HANDS);
        takes(pipe, 24.05, 0.5 + Math.PI / 2 * 206 / 40 * 3 / 60, Equipment.HOT_PIPE, Equipment.FORM);
        assertThat(pipe.stageKinds()).containsExactly(StageKind.SOAK, StageKind.HOT_PIPE, StageKind.FORM, StageKind.RACK);
        assertThat(pipe.minutesInSteam()).isEmpty();
        assertThat(pipe.heatedByZones()).isTrue();
    }

    /** Ten days in the frame; five minutes for each of three rounds. */
    @Test
    void a_plate_dries_in_its_frame() {
        PressedPlate plate = (PressedPlate) Recipes.ash().pressed().method();
        takes(plate, 240.5, 0.5 + 0.5 + 0.25, Equipment.HOT_TROUGH, Equipment.PLATE_FRAME, Equipment.METAL_SHEETS, Equipment.DRYING_FRAME);
        assertThat(plate.between(PressedPlate.Between.NOTHING).equipment()).containsExactly(Equipment.HOT_TROUGH, Equipment.PLATE_FRAME, Equipment.DRYING_FRAME);
        assertThat(plate.straps()).isFalse();
        assertThat(plate.minutesInSteam()).isEmpty();
        assertThat(plate.onStock(40).widthMm()).isEqualTo(40);
        assertThat(plate.cures(Recipes.ash().moisture(10).pressed())).extracting(Cure::term).containsExactly(Term.DRY_WOOD, Term.TOO_LITTLE_HEAT);
        WantedPiece wanted = new WantedPiece(new Bend(2000, 10), 4, 200, Shop.USUAL, OptionalDouble.of(10));
        assertThat(MethodKind.PRESSED_PLATE.toTry(wanted, atHand(false, List.of()), Recipes.ash().steamed().blank().species()))
                .as("sheets or none, three rounds or five, air-dried or green").hasSize(8).allSatisfy(alike -> assertThat(alike).hasSize(3))
                .allSatisfy(alike -> assertThat(((PressedPlate) alike.get(0).method()).acrossRiseMm()).isEqualTo(10));
        assertThat(plate.roundStock()).isFalse();
        assertThat(plate.curvedBothWays()).isTrue();
        assertThat(plate.stageKinds()).containsExactly(StageKind.SOAK, StageKind.HOT_BATH, StageKind.FORM, StageKind.RACK);
    }

    /** An hour and three minutes a ply to rip, spread and clamp; half a minute a saw cut. */
    @Test
    void glued_and_sawn_ways_take_hands_rather_than_heat() {
        takes(new ColdLamination(Glue.PVA, 4), Glue.CLAMPED_H, 1.2, Equipment.RIPPING, Equipment.FORM, Equipment.GLUING);
        SteamedPlies set = new SteamedPlies(handling(0, 15, Optional.empty()), heat(StageKind.STEAM_BOX, 30), Glue.PVA, 4);
        takes(set, 24.5 + Glue.CLAMPED_H, 1 + 1.2, Equipment.RIPPING, Equipment.STEAM_BOX, Equipment.FORM, Equipment.GLUING);
        KerfBending sawn = new KerfBending(new Kerfs(3.2, 1.6, 9), KerfBending.Board.SOLID, Optional.of(3.0));
        int cuts = sawn.cuts(by(sawn).blank(), by(sawn).bend()).count();
        assertThat(cuts).as("90° round 212 mm at the outer face, a cut each 9 mm").isBetween(36, 38);
        assertThat(sawn.attentionHours(by(sawn))).isCloseTo(0.75 + cuts / 120.0, within(1e-9));
        assertThat(sawn.equipment()).containsExactly(Equipment.KERF_SAW, Equipment.FORM, Equipment.BACKER, Equipment.GLUING);
        assertThat(new KerfBending(sawn.kerfs(), KerfBending.Board.SOLID, Optional.empty()).equipment()).containsExactly(Equipment.KERF_SAW, Equipment.FORM);
    }

    /** Two plies of four sawn 2.5 mm deep stacks: as many cuts in each as the outermost needs, half a minute a cut. */
    @Test
    void a_kerfed_stack_is_sawn_and_glued() {
        KerfedPlies stack = new KerfedPlies(Glue.PVA, 5, 2, new Kerfs(3.2, 1.6, 9));
        Recipe recipe = by(stack).withBlank(by(stack).blank().withThicknessMm(2.5));
        assertThat(stack.attentionHours(recipe)).as("90° round 212 mm is 333.01 mm, a hair over 37 pitches: 38 cuts in each of four").isCloseTo(1.25 + 4 * 38 / 120.0, within(1e-9));
        assertThat(stack.equipment()).containsExactly(Equipment.RIPPING, Equipment.KERF_SAW, Equipment.FORM, Equipment.GLUING, Equipment.BACKING_SHEET);
        assertThat(stack.gluedWith()).contains(Glue.PVA);
        assertThat(stack.blemishes(recipe)).as("flats of 9²/(8·212) mm beside what any glue-up shows").containsKeys(Blemish.FACETS, Blemish.PLIES_CREPT);
        assertThat(stack.blemishes(recipe).get(Blemish.FACETS)).isCloseTo(1 / (1 + Math.exp((0.2 - 81.0 / (8 * 212)) / 0.05)), within(1e-9));
        KerfedPlies thick = (KerfedPlies) stack.thickened(recipe, new Marks(5, 0.5), 1.5).method();
        assertThat(thick.cleanMm()).isEqualTo(3);
        assertThat(thick.kerfs()).isEqualTo(new Kerfs(3.2, 1.6 * 1.5, 9));
    }

    /** A web bends as a thin section whose faces are strained as between the cuts: 1.6·φ/(2·(3.2 + 2·1.6)), φ = 9/212 what a pitch turns through. */
    @Test
    void a_web_is_asked_what_its_cuts_leave_it() {
        KerfBending sawn = new KerfBending(new Kerfs(3.2, 1.6, 9), KerfBending.Board.SOLID, Optional.empty());
        double strain = 1.6 * 9 / 212 / (2 * 6.4);
        assertThat(sawn.cuts(by(sawn).blank(), by(sawn).bend()).webStrain()).isCloseTo(strain, within(1e-9));
        assertThat(by(sawn).demand().state().outerStrain()).as("but for where its neutral axis lies").isBetween(0.8 * strain, 1.2 * strain);
        assertThat(sawn.blemishes(by(sawn)).get(Blemish.FACETS)).isCloseTo(0.0454, within(1e-3));
        assertThat(((KerfBending) sawn.thickened(by(sawn), new Marks(5, 0.5), 2).method()).kerfs().webMm()).isEqualTo(3.2);
    }

    /** logit = (T − 190 °C)/12 K + 0.05·(12 % − M), of the face against a pipe too hot for a dry strip. */
    @Test
    void a_hot_pipe_scorches_a_dry_face() {
        HotPipe pipe = new HotPipe(handling(0, 0, Optional.empty()), new Heating(StageKind.HOT_PIPE, 3, 220), new Stage.Contact(0.8, false), HotPipe.By.HANDS);
        Recipe strip = by(pipe).withBlank(by(pipe).blank().withThicknessMm(3).withMoisturePercent(10));
        double face = pipe.sheet(strip).value(Sheet.Measure.INNER_FACE).orElseThrow();
        assertThat(face).isBetween(190.0, 220.0);
        double chance = pipe.blemishes(strip).get(Blemish.SCORCH);
        assertThat(Math.log(chance / (1 - chance))).isCloseTo((face - 190) / 12 + 0.05 * (12 - 10), within(0.02));
        assertThat(pipe.sheet(strip).value(Sheet.Measure.SCORCH).orElseThrow()).isCloseTo(100 * chance, within(1e-9));
        Recipe unmeasured = strip.withBlank(strip.blank().withStock(strip.blank().species(), Seasoning.GREEN, OptionalDouble.empty()));
        assertThat(pipe.blemishes(unmeasured).get(Blemish.SCORCH)).as("green wood scorches later").isLessThan(chance);
    }

    @Test
    void what_was_planned_of_each_stage_is_known_and_no_more() {
        SteamBox box = new SteamBox(new Handling(2, SoakAdditive.NONE, 30, Optional.empty(), OptionalDouble.of(20)), heat(StageKind.STEAM_BOX, 45));
        assertThat(box.stageKinds()).containsExactly(StageKind.SOAK, StageKind.STEAM_BOX, StageKind.CARRY, StageKind.FORM, StageKind.RACK);
        assertThat(box.stageKinds()).map(box::plannedMinutes)
                .containsExactly(OptionalDouble.of(120), OptionalDouble.of(45), OptionalDouble.of(0.5), OptionalDouble.of(1200), OptionalDouble.empty());
        Done done = new Done(Map.of(StageKind.SOAK, 60.0, StageKind.STEAM_BOX, 50.0, StageKind.CARRY, 1.0, StageKind.FORM, 90.0), Optional.empty());
        assertThat(box.asDone(done)).isEqualTo(new SteamBox(new Handling(1, SoakAdditive.NONE, 60, Optional.empty(), OptionalDouble.of(1.5)), heat(StageKind.STEAM_BOX, 50)));
        assertThat(box.onStock(40)).isEqualTo(box);
        assertThat(box.withStrap(Optional.of(STEEL)).onStock(40).strap()).contains(STEEL.asWideAs(40));
        assertThat(box.withStrap(Optional.of(STEEL)).withBareFace()).isEqualTo(box);
        assertThat(box.roundStock()).isTrue();
        assertThat(box.carriedFor(12).carrySeconds()).isEqualTo(12);
        assertThat(box.heatedAt(90).heating().celsius()).isEqualTo(90);
    }

    /** Rules of thumb for 12 mm say 21 minutes at least; one that is steamed for less than all of them is quick. */
    @Test
    void a_steam_is_quick_when_it_is_shorter_than_every_rule_of_thumb() {
        Blank blank = Recipes.ash().steamed().blank();
        assertThat(new SteamBox(0, 21, 98, 15, Optional.empty()).quickerThanSchools(blank)).isTrue();
        assertThat(new SteamBox(0, 45 * 12 / 25.4, 98, 15, Optional.empty()).quickerThanSchools(blank)).isFalse();
        assertThat(new SteamBox(0, 22, 98, 15, Optional.empty()).quickerThanSchools(blank)).isFalse();
    }

    /** Of each face of hot wood, the terms a recipe has by what is said of it. */
    @Test
    void what_bears_on_a_face_is_what_is_said_of_the_bend() {
        Strap slack = new Strap(StrapMaterial.STEEL, 1, 25, 0.6);
        Strap band = new Strap(StrapMaterial.WEBBING, 2, 25, 0, 1, StrapEnds.NOT_HELD);
        Handling soaked = new Handling(12, SoakAdditive.SOFTENER, 15, Optional.of(slack), OptionalDouble.empty());
        assertThat(terms(by(new SteamBox(handling(0, 15, Optional.of(STEEL)), heat(StageKind.STEAM_BOX, 60))), FailureMode.TENSION)).isEmpty();
        assertThat(terms(by(new SteamBox(soaked, heat(StageKind.STEAM_BOX, 60))), FailureMode.TENSION))
                .containsOnlyKeys(Term.SOFTENER, Term.SOAKED, Term.STRAP_SLACK).containsEntry(Term.STRAP_SLACK, 0.7).containsEntry(Term.SOAKED, 0.0);
        assertThat(terms(by(new SteamBox(soaked, heat(StageKind.STEAM_BOX, 60))), FailureMode.COMPRESSION)).containsOnlyKeys(Term.SOFTENER, Term.SOAKED);
        assertThat(terms(by(new SteamBox(handling(0, 15, Optional.of(band)), heat(StageKind.STEAM_BOX, 60))), FailureMode.TENSION))
                .containsOnlyKeys(Term.WEBBING, Term.BACKED).containsEntry(Term.BACKED, -0.3);
        Recipe bare = by(new SteamBox(handling(0, 15, Optional.empty()), heat(StageKind.STEAM_BOX, 60)));
        Blank blank = bare.blank();
        Recipe bark = bare.withBlank(new Blank(blank.species(), Seasoning.GREEN, OptionalDouble.empty(), GrowthRings.FLAT, blank.grainRun(), Knots.IN_BEND, OuterFace.BARK,
                blank.thicknessMm(), blank.widthMm(), Outline.RECTANGLE));
        assertThat(terms(bark, FailureMode.TENSION)).containsOnlyKeys(Term.GREEN_STOCK, Term.RIVEN_FACE, Term.BARK, Term.KNOTS, Term.RINGS_FLAT)
                .containsEntry(Term.RIVEN_FACE, -0.5).containsEntry(Term.KNOTS, -6 * Math.log(0.65));
    }

    /** The terms that are not nought, with what is believed of each before any record. */
    private static Map<Term, Double> terms(Recipe recipe, FailureMode mode) {
        Map<Term, Double> there = new TreeMap<>();
        HotWood.failureModes().stream().filter(risk -> risk.mode() == mode).flatMap(risk -> risk.covariates().stream())
                .filter(each -> each.value().applyAsDouble(recipe) != 0).forEach(each -> there.put(each.term(), each.priorMean()));
        return there;
    }

    /** Air-dried stock dry, soaked a night and two days; green stock is wet enough; each in five heats, bare and strapped. */
    @Test
    void a_search_tries_what_there_is() {
        Blank blank = Recipes.ash().steamed().blank();
        WantedPiece wanted = new WantedPiece(new Bend(200, 90), 12, 25);
        List<List<Recipe>> tried = MethodKind.STEAM_BOX.toTry(wanted, atHand(true, List.of()), blank.species());
        assertThat(tried).hasSize(4).allSatisfy(alike -> assertThat(alike).hasSize(10));
        assertThat(tried).map(alike -> alike.get(0).blank().seasoning() + " " + ((SteamBox) alike.get(0).method()).soakHours())
                .containsExactly("AIR_DRIED 0.0", "AIR_DRIED 14.0", "AIR_DRIED 48.0", "GREEN 0.0");
        assertThat(tried.get(0)).map(each -> ((SteamBox) each.method()).steamMinutes()).containsExactly(15.0, 15.0, 30.0, 30.0, 60.0, 60.0, 120.0, 120.0, 240.0, 240.0);
        assertThat(tried.get(0)).map(each -> each.method().strap().isPresent()).startsWith(false, true, false);
        assertThat(MethodKind.STEAM_BOX.toTry(wanted, atHand(false, List.of(10.0, 12.0)), blank.species())).map(alike -> alike.get(0).blank().thicknessMm())
                .containsExactly(10.0, 10.0, 12.0, 12.0);
        WantedPiece beam = new WantedPiece(new Bend(2000, 30), 120, 25);
        assertThat(MethodKind.STEAM_BOX.toTry(beam, atHand(true, List.of()), blank.species())).as("no plank is so thick").isEmpty();
        assertThat(MethodKind.KERF_BENDING.toTry(beam, atHand(true, List.of()), blank.species())).isEmpty();
        assertThat(MethodKind.COLD_LAMINATION.toTry(beam, atHand(true, List.of()), blank.species())).isNotEmpty();
    }

    private static AtHand atHand(boolean soak, List<Double> thicknesses) {
        return new AtHand(List.of(Recipes.ash().steamed().blank().species()), List.of(Seasoning.AIR_DRIED, Seasoning.GREEN), thicknesses,
                List.of(AtHand.Support.NONE, AtHand.Support.STEEL), soak, List.of(MethodKind.values()), List.of(4.0));
    }
}
