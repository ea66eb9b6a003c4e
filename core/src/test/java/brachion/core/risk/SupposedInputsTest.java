package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Odds;
import brachion.core.method.AtHand;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.HotWood;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.Supposed;
import brachion.core.method.WantedPiece;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;

/** Bends of which much was not written down. */
class SupposedInputsTest {

    private static final Set<Supposed> ALL = EnumSet.allOf(Supposed.class);
    private static final Recipe SAID = Recipes.ash().thickness(9).radius(150).steamed();
    private static final Recipe UNSAID = unmeasured(SAID).supposing(ALL);

    private static Recipe unmeasured(Recipe recipe) {
        Blank blank = recipe.blank();
        return recipe.withBlank(new Blank(blank.species(), Seasoning.AIR_DRIED, OptionalDouble.empty(), blank.growthRings(), OptionalDouble.empty(), blank.knots(),
                blank.thicknessMm(), 25));
    }

    private static double carry(Recipe recipe) {
        return ((HotWood) recipe.method()).carrySeconds();
    }

    private static List<Double> drawn(ToDoubleFunction<Recipe> of) {
        return SupposedInputs.draws(UNSAID).stream().map(draw -> of.applyAsDouble(draw.value())).sorted().toList();
    }

    @Test
    void each_thing_is_gone_through_evenly_and_everything_is_known_in_the_end() {
        assertThat(SupposedInputs.draws(UNSAID)).hasSize(11).allSatisfy(draw -> {
            assertThat(draw.weight()).isCloseTo(1.0 / 11, within(1e-12));
            assertThat(draw.value().supposed()).isEmpty();
            assertThat(draw.value().blank().moisturePercent()).isPresent();
            assertThat(draw.value().blank().grainRun()).isPresent();
        });
        assertThat(drawn(SupposedInputsTest::carry)).doesNotHaveDuplicates().satisfies(carries -> {
            assertThat(carries.get(5)).as("the middle one is as usual").isCloseTo(carry(SAID), within(1e-9));
            assertThat(carries.get(0) / carries.get(5)).as("one in twenty is less than half as long").isBetween(0.3, 0.5);
            assertThat(carries.get(10) / carries.get(5)).as("and one more than twice").isBetween(2.0, 3.3);
        });
        assertThat(drawn(recipe -> recipe.blank().widthMm())).doesNotHaveDuplicates();
        assertThat(SupposedInputs.draws(UNSAID)).extracting(draw -> draw.value().blank().seasoning()).contains(Seasoning.values());
        assertThat(SupposedInputs.draws(UNSAID)).extracting(draw -> draw.value().bend().angleDegrees()).contains(45.0, 90.0, 120.0, 180.0);
    }

    @Test
    void what_is_known_stays_as_it_is() {
        Recipe carried = SAID.supposing(Set.of(Supposed.CARRY));
        assertThat(SupposedInputs.draws(carried)).allSatisfy(draw -> {
            assertThat(draw.value().blank().widthMm()).isEqualTo(SAID.blank().widthMm());
            assertThat(draw.value().bend()).isEqualTo(SAID.bend());
            assertThat(((HotWood) draw.value().method()).heating()).isEqualTo(((HotWood) SAID.method()).heating());
        });
        assertThat(SAID.supposing(Set.of())).isEqualTo(SAID);
        assertThat(carried.withBend(new Bend(99, 30)).supposed()).as("another curve does not make it known").containsExactly(Supposed.CARRY);
    }

    /** Eleven bends tell what a thousand drawn at random, one thing apart from the others, tell of what the wood was asked. */
    @Test
    void few_bends_stand_for_very_many() {
        Random random = new Random(20_261_127);
        DescriptiveStatistics many = new DescriptiveStatistics();
        for (int i = 0; i < 1000; i++) {
            double share = random.nextDouble();
            Seasoning seasoning = share < 0.45 ? Seasoning.KILN_DRIED : share < 0.9 ? Seasoning.AIR_DRIED : Seasoning.GREEN;
            double moisture = Math.max(3, seasoning.meanMoisturePercent() + random.nextGaussian() * seasoning.sdMoisturePercent());
            double slope = random.nextDouble();
            HotWood way = (HotWood) SAID.method();
            Recipe one = unmeasured(SAID).withMethod(way.carriedFor(way.carrySeconds() * Math.pow(1.8, random.nextGaussian()))
                    .heatedAt(Math.min(98, 98 + 2.5 * random.nextGaussian())));
            Blank blank = one.blank().withStock(one.blank().species(), seasoning, OptionalDouble.of(moisture)).withGrainRun(slope < 0.6 ? 25 : slope < 0.85 ? 15 : 8)
                    .withWidthMm(Math.min(300, Math.max(3, 25 * Math.pow(1.6, random.nextGaussian()))));
            many.addValue(Math.log(one.withBlank(blank).demand().tensionRatio()));
        }
        DescriptiveStatistics few = new DescriptiveStatistics();
        Possible.of(UNSAID).forEach(possible -> few.addValue(Math.log(possible.demand().tensionRatio())));
        assertThat(few.getMean()).isCloseTo(many.getMean(), within(0.25 * many.getStandardDeviation()));
        assertThat(few.getStandardDeviation()).isCloseTo(many.getStandardDeviation(), within(0.35 * many.getStandardDeviation()));
    }

    /** What is not known widens the odds and never narrows them. */
    @Test
    void odds_of_a_bend_that_says_little_are_less_sure() {
        Forecaster forecaster = new Forecaster(RiskModel.withoutRecords());
        Odds said = forecaster.unbroken(SAID);
        Odds unsaid = forecaster.unbroken(UNSAID);
        assertThat(unsaid.high() - unsaid.low()).isGreaterThan(said.high() - said.low());
        assertThat(unsaid.probability()).isBetween(0.0, 1.0);
    }

    /** Records that say little teach in the same sense as those that say all, and less. */
    @Test
    void records_that_say_little_teach_less() {
        Recipe hard = Recipes.ash().thickness(9).radius(90).steamed();
        double before = held(RiskModel.withoutRecords(), hard);
        double all = held(RiskModel.fit(snapped(hard)), hard);
        double little = held(RiskModel.fit(snapped(unmeasured(hard).supposing(ALL))), hard);
        assertThat(all).isLessThan(before);
        assertThat(little).isLessThan(before).isGreaterThan(all);
    }

    private static double held(RiskModel risk, Recipe recipe) {
        return risk.holds(Severity.FLAW, Possible.known(recipe));
    }

    private static List<Trial> snapped(Recipe recipe) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            trials.add(new Trial(i + 1L, recipe, Outcome.damaged(Severity.BROKEN, Flaw.SNAP), OptionalDouble.empty()));
        }
        return trials;
    }

    /** Whatever the way, none of the bends it could have been is one that cannot be computed. */
    @Test
    void every_way_can_be_supposed() {
        WantedPiece wanted = new WantedPiece(new Bend(180, 90), 12, 30);
        AtHand atHand = new AtHand(List.of(SAID.blank().species()), List.of(Seasoning.KILN_DRIED, Seasoning.GREEN), List.of(), List.of(AtHand.Support.NONE, AtHand.Support.STEEL), true,
                List.of(MethodKind.values()), List.of(2.0));
        for (MethodKind kind : MethodKind.values()) {
            List<Recipe> tried = kind == MethodKind.PRESSED_PLATE ? List.of(Recipes.ash().thickness(4).pressed())
                    : kind.toTry(wanted, atHand, SAID.blank().species()).stream().flatMap(List::stream).limit(4).toList();
            assertThat(tried).as(kind.name()).isNotEmpty();
            for (Recipe recipe : tried) {
                Odds odds = new Forecaster(RiskModel.withoutRecords()).unbroken(recipe.supposing(ALL));
                assertThat(odds.probability()).as("%s", recipe).isBetween(0.0, 1.0);
                assertThat(RecordedTrial.of(new Trial(1, recipe.supposing(ALL), Outcome.clean(), OptionalDouble.empty())).setAside().map(SetAside::why))
                        .as("%s", recipe).isNotEqualTo(Optional.of(SetAside.Why.OUT_OF_BOUNDS));
            }
        }
    }

    /** What is kept of a piece is not taken for that of one that says more. */
    @Test
    void a_piece_that_says_less_is_another_piece() {
        Trial said = new Trial(1, SAID, Outcome.clean(), OptionalDouble.empty());
        assertThat(Followed.key(new Trial(1, SAID.supposing(ALL), Outcome.clean(), OptionalDouble.empty()))).isNotEqualTo(Followed.key(said));
    }
}
