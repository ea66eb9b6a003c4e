package brachion.core.strips;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.forecast.Forecaster;
import brachion.core.method.AtHand.Support;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.TestMeans;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel;
import brachion.core.strips.StripSet.Strip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;

/** A set of strips for an inch-wide ash bend in an empty shop. */
class TestStripsTest {

    private static final RiskModel EMPTY = RiskModel.withoutRecords();
    private static final Recipe BEND = Recipes.ash().thickness(16).radius(200).moisture(14).steamed();
    private static final Recipe STRIP = BEND.withNames(new Names("", "test board", ""));
    private static final TestMeans MEANS = new TestMeans(List.of(9.0, 12.0, 16.0), List.of(100.0, 150.0, 200.0), true, Set.of(Support.STEEL));
    private static final TestStrips.Progress UNSEEN = share -> { };

    private static StripSet strips(int count) {
        return TestStrips.of(EMPTY, List.of(BEND), STRIP, MEANS, count, UNSEEN);
    }

    @Test
    void strips_are_made_of_what_is_at_hand_the_safest_first_and_none_twice() {
        StripSet set = strips(6);
        assertThat(set.strips()).hasSize(6).isSortedAccordingTo(Comparator.comparingDouble((Strip strip) -> strip.unbroken().probability()).reversed());
        assertThat(set.strips()).extracting(Strip::recipe).doesNotHaveDuplicates().allSatisfy(recipe -> {
            assertThat(MEANS.thicknessesMm()).contains(recipe.blank().thicknessMm());
            assertThat(MEANS.radiiMm()).contains(recipe.bend().innerRadiusMm());
            assertThat(recipe.names().board()).isEqualTo("test board");
            assertThat(recipe.method().plannedMinutes(StageKind.FORM).orElseThrow()).as("it is let off the form the same afternoon").isLessThanOrEqualTo(30);
            assertThat(recipe.method().kind()).isEqualTo(BEND.method().kind());
        });
        assertThat(set.strips().get(0).unbroken()).isEqualTo(new Forecaster(EMPTY).unbroken(set.strips().get(0).recipe()));
        assertThat(set.looked()).isGreaterThan(100);
    }

    @Test
    void more_strips_promise_more_and_none_promises_certainty() {
        StripSet few = strips(2);
        StripSet many = strips(8);
        assertThat(few.lossNow()).isEqualTo(many.lossNow());
        assertThat(few.lossThen()).isLessThan(few.lossNow());
        assertThat(many.lossThen()).isPositive().isLessThan(few.lossThen());
        assertThat(many.meant().get(0).spreadThen()).isLessThan(few.meant().get(0).spreadThen()).isPositive();
        assertThat(few.meant().get(0).spreadThen()).isLessThan(few.meant().get(0).spreadNow());
        assertThat(many.unsure()).isNotEmpty().allSatisfy(left -> assertThat(left.sdThen()).isPositive().isLessThanOrEqualTo(left.sdNow()));
    }

    @Test
    void the_same_question_finds_the_same_strips() {
        assertThat(strips(4)).isEqualTo(strips(4));
    }

    @Test
    void without_a_trough_nothing_is_soaked_and_without_a_strap_nothing_is_held() {
        TestMeans bare = new TestMeans(List.of(16.0), List.of(150.0, 200.0), false, Set.of());
        assertThat(TestStrips.of(EMPTY, List.of(BEND), STRIP, bare, 4, UNSEEN).strips()).extracting(Strip::recipe).allSatisfy(recipe -> {
            assertThat(recipe.method().plannedMinutes(StageKind.SOAK).orElseThrow()).isZero();
            assertThat(recipe.method().strap()).isEmpty();
        });
    }

    @Test
    void every_way_has_strips_of_its_own() {
        for (Recipe way : List.of(Recipes.ash().thickness(3).radius(200).laminated(6), Recipes.ash().thickness(3).radius(900).pressed())) {
            TestMeans means = new TestMeans(List.of(2.0, 3.0), List.of(way.bend().innerRadiusMm(), 1.3 * way.bend().innerRadiusMm()), false, Set.of());
            StripSet set = TestStrips.of(EMPTY, List.of(way), way, means, 3, UNSEEN);
            assertThat(set.strips()).hasSize(3).allSatisfy(strip -> assertThat(strip.recipe().method().kind()).isEqualTo(way.method().kind()));
        }
    }

    @Test
    void it_says_how_far_it_is_and_can_be_given_up() {
        List<Double> seen = new ArrayList<>();
        TestStrips.of(EMPTY, List.of(BEND), STRIP, MEANS, 3, seen::add);
        assertThat(seen).isSorted().last().isEqualTo(1.0);
        assertThatThrownBy(() -> TestStrips.of(EMPTY, List.of(BEND), STRIP, MEANS, 3, share -> {
            throw new CancellationException();
        })).isInstanceOf(CancellationException.class);
    }

    @Test
    void bends_of_another_family_are_refused() {
        Recipe glued = Recipes.ash().thickness(3).radius(200).laminated(6);
        assertThatThrownBy(() -> TestStrips.of(EMPTY, List.of(glued), STRIP, MEANS, 3, UNSEEN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> TestStrips.of(EMPTY, List.of(), STRIP, MEANS, 3, UNSEEN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new TestMeans(List.of(), List.of(200.0), false, Set.of())).isInstanceOf(IllegalArgumentException.class);
    }
}
