package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.forecast.NearRecord.Likeness;
import brachion.core.method.FailureMode;
import brachion.core.method.Heating;
import brachion.core.method.HotBath;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.SteamBox;
import brachion.core.process.StageKind;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

class NeighboursTest {

    private static final Recipe HOOP = Recipes.ash().thickness(8).radius(150).steamed().withNames(new Names("Wren", "ash 1", ""));

    private static Trial trial(long id, Recipe recipe) {
        return new Trial(id, recipe, Outcome.clean(), OptionalDouble.empty());
    }

    private static final Trial TWIN = trial(1, HOOP);
    private static final Trial OTHER_WOOD = trial(2, Recipes.ash().species("red-oak").thickness(8).radius(150).steamed());
    private static final Trial OTHER_CURVE = trial(3, Recipes.ash().thickness(8).radius(500).steamed());
    private static final Trial STRAPPED = trial(4, Recipes.ash().thickness(8).radius(150).steelStrap(0.9, 0).steamed());
    private static final Trial LAMINATION = trial(5, Recipes.ash().thickness(3).radius(300).moisture(9).laminated(5));
    private static final List<Trial> ALL = List.of(LAMINATION, STRAPPED, OTHER_CURVE, OTHER_WOOD, TWIN);

    private static Evidence evidence(List<Trial> trials) {
        return new Forecaster(RiskModel.fit(trials)).forecast(HOOP).evidence();
    }

    @Test
    void the_piece_itself_is_nearest_and_another_method_is_never_near() {
        List<NearRecord> nearest = evidence(ALL).nearest();
        assertThat(nearest.get(0).trial()).isEqualTo(TWIN);
        assertThat(nearest.get(0).alike()).containsExactlyElementsOf(EnumSet.complementOf(EnumSet.of(Likeness.ACROSS)));
        assertThat(nearest).extracting(NearRecord::trial).doesNotContain(LAMINATION);
        assertThat(evidence(ALL).trialsOfFamily()).isEqualTo(4);
    }

    /** The distance of every record worked out once more from what each asks of its two faces. */
    @Test
    void the_nearest_are_those_that_ask_as_much_before_those_alike_in_wood_and_support() {
        Random random = new Random(17);
        List<Trial> trials = new ArrayList<>();
        for (int i = 1; i <= 60; i++) {
            Recipes recipe = Recipes.ash().species(random.nextBoolean() ? "white-ash" : "white-oak").thickness(5 + random.nextInt(12)).radius(90 + random.nextInt(200));
            trials.add(trial(i, (random.nextBoolean() ? recipe : recipe.steelStrap(0.9, 0)).steamed()));
        }
        RiskModel risk = RiskModel.fit(trials);
        Possible here = Possible.typical(HOOP);
        List<Long> byDistance = trials.stream().sorted(Comparator.comparingDouble(other -> apart(risk, here, other.recipe()))).map(Trial::id).limit(4).toList();
        assertThat(new Forecaster(risk).forecast(HOOP).evidence().nearest()).extracting(near -> near.trial().id()).containsExactlyElementsOf(byDistance);
    }

    private static double apart(RiskModel risk, Possible here, Recipe other) {
        Possible there = Possible.typical(other);
        double stretch = risk.logRatio(FailureMode.TENSION, here) - risk.logRatio(FailureMode.TENSION, there);
        double squeeze = risk.logRatio(FailureMode.COMPRESSION, here) - risk.logRatio(FailureMode.COMPRESSION, there);
        return 16 * stretch * stretch + 4 * squeeze * squeeze + (HOOP.blank().species().equals(other.blank().species()) ? 0 : 1) + (other.method().strap().isEmpty() ? 0 : 1);
    }

    @Test
    void what_is_alike_is_said_and_what_is_not_is_not() {
        assertThat(alike(OTHER_WOOD)).contains(Likeness.THICKNESS, Likeness.MOISTURE, Likeness.SUPPORT)
                .doesNotContain(Likeness.SPECIES, Likeness.BOARD, Likeness.PERSON);
        assertThat(alike(OTHER_CURVE)).contains(Likeness.SPECIES).doesNotContain(Likeness.STRETCH, Likeness.SQUEEZE);
        assertThat(alike(STRAPPED)).contains(Likeness.SPECIES, Likeness.THICKNESS).doesNotContain(Likeness.SUPPORT, Likeness.STRETCH);
    }

    private static List<Likeness> alike(Trial trial) {
        return evidence(ALL).nearest().stream().filter(near -> near.trial().equals(trial)).findFirst().orElseThrow().alike();
    }

    @Test
    void bends_that_ask_about_as_much_are_counted_near() {
        assertThat(evidence(List.of(TWIN)).trialsNear()).isEqualTo(1);
        assertThat(evidence(List.of(OTHER_CURVE, STRAPPED)).trialsNear()).isZero();
        assertThat(evidence(List.of()).trialsNear()).isZero();
        assertThat(evidence(List.of()).beyondRecords()).as("no record at all").isTrue();
        assertThat(evidence(List.of(TWIN)).beyondRecords()).isFalse();
    }

    @Test
    void records_are_counted_by_how_they_were_bent_and_whose_they_are() {
        Trial bath = trial(6, HOOP.withMethod(new HotBath(((SteamBox) HOOP.method()).handling(), new Heating(StageKind.HOT_BATH, 45, 98))));
        Trial elsewhere = trial(7, HOOP.withNames(HOOP.names().of("Oak Lane")));
        RiskModel risk = RiskModel.fit(List.of(TWIN, bath, LAMINATION)).with(elsewhere);
        Evidence evidence = new Forecaster(risk).forecast(HOOP).evidence();
        assertThat(evidence.trialsOfFamily()).isEqualTo(3);
        assertThat(evidence.trialsThisWay()).as("from a steam box").isEqualTo(2);
        assertThat(evidence.ofOtherShops().ofFamily()).isEqualTo(1);
        assertThat(new Forecaster(risk).forecast(bath.recipe()).evidence().trialsThisWay()).isEqualTo(1);
    }

    @Test
    void the_order_of_the_records_changes_nothing() {
        List<Trial> turned = new ArrayList<>(ALL);
        Collections.reverse(turned);
        assertThat(evidence(turned)).isEqualTo(evidence(ALL));
    }
}
