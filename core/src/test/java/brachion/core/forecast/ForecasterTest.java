package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.NearRecord.Likeness;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.Knots;
import brachion.core.method.LimitLaw;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
import brachion.core.method.Term;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.stat.correlation.SpearmansCorrelation;
import org.junit.jupiter.api.Test;

class ForecasterTest {

    /** The simulation behind the odds steps adaptively and is good to about this much of a probability. */
    private static final double NUMERICAL_NOISE = 0.003;

    private static final Forecaster BY_TABLES = new Forecaster(RiskModel.withoutRecords());

    /** The published radii are defined as those at which breakages do not pass 5 per cent. */
    @Test
    void good_stock_at_its_published_radius_breaks_about_one_time_in_twenty() {
        Recipe recipe = Recipes.ash().moisture(22).grainRun(1000).thickness(25).radius(330).steamed();
        assertThat(BY_TABLES.forecast(recipe).unbroken().probability())
                .as("wider than 0.95 only by the uncertainty of the prior").isBetween(0.87, 0.95);
    }

    @Property(tries = 100)
    void thinner_gentler_wetter_or_quicker_never_lowers_the_odds(
            @ForAll @DoubleRange(min = 2, max = 25) double thickness,
            @ForAll @DoubleRange(min = 5, max = 24) double moisture) {
        Recipes bend = Recipes.ash().thickness(thickness).radius(150).moisture(moisture);
        double odds = unbroken(bend) - NUMERICAL_NOISE;
        assertThat(unbroken(bend.thickness(0.9 * thickness))).isGreaterThanOrEqualTo(odds);
        assertThat(unbroken(bend.radius(160))).isGreaterThanOrEqualTo(odds);
        assertThat(unbroken(bend.moisture(moisture + 1))).isGreaterThanOrEqualTo(odds);
        // a skin that has just begun to stiffen carries a little of the stretch, as a strap would; it is worth
        // less than a hundredth and is gone within ten seconds
        assertThat(unbroken(bend.carry(1))).isGreaterThanOrEqualTo(odds - 0.01);
    }

    @Test
    void a_strap_rescues_a_bend_that_tension_limits() {
        Recipes tight = Recipes.ash().thickness(20).radius(120);
        Forecast bare = BY_TABLES.forecast(tight.steamed());
        Forecast strapped = BY_TABLES.forecast(tight.steelStrap(0.9, 0).steamed());
        assertThat(bare.modes().get(0).mode()).isEqualTo(FailureMode.TENSION);
        assertThat(bare.modes().get(0).reasons().get(0).cause()).isEqualTo(Term.CURVE);
        assertThat(strapped.unbroken().probability()).isGreaterThan(bare.unbroken().probability() + 0.4);
    }

    @Test
    void hard_kiln_dried_stock_is_named_as_the_reason() {
        Forecast dry = BY_TABLES.forecast(Recipes.ash().moisture(7).thickness(10).radius(250).steamed());
        assertThat(dry.modes().get(0).reasons().get(0).cause()).isEqualTo(Term.DRY_WOOD);
    }

    @Test
    void a_slow_carry_is_named_as_the_reason() {
        Forecast slow = BY_TABLES.forecast(Recipes.ash().thickness(6).radius(120).carry(60).steamed());
        assertThat(slow.modes().get(0).reasons().get(0).cause()).isEqualTo(Term.CARRY);
        assertThat(slow.unbroken().probability())
                .isLessThan(unbroken(Recipes.ash().thickness(6).radius(120)) - 0.2);
    }

    @Test
    void knots_and_sloping_grain_add_their_share() {
        Forecast flawed = BY_TABLES.forecast(Recipes.ash().knots(Knots.IN_BEND).grainRun(8).steamed());
        assertThat(flawed.modes()).filteredOn(m -> m.mode() == FailureMode.TENSION).singleElement()
                .satisfies(mode -> assertThat(mode.reasons()).extracting(Reason::cause)
                        .contains(Term.KNOTS, Term.SLOPING_GRAIN));
        assertThat(flawed.unbroken().probability()).isLessThan(unbroken(Recipes.ash()));
    }

    @Test
    void the_reasons_add_up_to_the_risk() {
        Recipe recipe = Recipes.ash().moisture(9).grainRun(10).steamed();
        RiskModel risk = RiskModel.withoutRecords();
        for (ModeForecast mode : new Forecaster(risk).forecast(recipe).modes()) {
            double sum = mode.reasons().stream().mapToDouble(Reason::size).sum();
            assertThat(sum).isCloseTo(risk.slope(recipe.method().family(), mode.mode()) * LimitLaw.LOGNORMAL.load(Math.log(mode.ratio())),
                    within(1e-9));
        }
    }

    @Test
    void what_nobody_measured_widens_the_range() {
        Recipes bend = Recipes.ash().moisture(8).thickness(8).radius(250);
        Odds measured = BY_TABLES.forecast(bend.steamed()).unbroken();
        Odds guessed = BY_TABLES.forecast(bend.steamedUnmeasured(Seasoning.KILN_DRIED)).unbroken();
        assertThat(guessed.high() - guessed.low()).isGreaterThan(measured.high() - measured.low());
        assertThat(guessed.probability()).isBetween(guessed.low(), guessed.high());
    }

    @Test
    void records_narrow_the_range_and_are_counted() {
        Recipe recipe = Recipes.ash().thickness(12).radius(220).steamed();
        List<Trial> held = Collections.nCopies(20, new Trial(recipe, Outcome.clean()));
        Forecast before = BY_TABLES.forecast(recipe);
        Forecast after = new Forecaster(RiskModel.fit(held)).forecast(recipe);
        assertThat(before.evidence()).isEqualTo(new Evidence(0, 0, 0, new Evidence.OfOtherShops(0, 0), true, before.evidence().guesses(), List.of()));
        assertThat(after.evidence().trialsNear()).isEqualTo(20);
        assertThat(after.evidence().beyondRecords()).isFalse();
        assertThat(after.evidence().nearest()).hasSize(4).allSatisfy(near -> assertThat(near.alike())
                .contains(Likeness.SPECIES, Likeness.STRETCH, Likeness.SQUEEZE, Likeness.THICKNESS, Likeness.SUPPORT));
        assertThat(after.unbroken().probability()).isGreaterThan(before.unbroken().probability());
        assertThat(after.unbroken().high() - after.unbroken().low())
                .isLessThan(before.unbroken().high() - before.unbroken().low());
        assertThat(after.unbrokenByTables()).isEqualTo(before.unbroken());
    }

    @Test
    void a_bend_harder_than_any_record_is_beyond_them() {
        List<Trial> gentle = List.of(new Trial(Recipes.ash().thickness(6).radius(600).steamed(), Outcome.clean()));
        Forecaster forecaster = new Forecaster(RiskModel.fit(gentle));
        assertThat(forecaster.forecast(Recipes.ash().thickness(20).radius(200).steamed()).evidence().beyondRecords())
                .isTrue();
        assertThat(forecaster.forecast(Recipes.ash().thickness(5).radius(600).steamed()).evidence().beyondRecords())
                .isFalse();
    }

    @Test
    void clean_is_never_likelier_than_unbroken() {
        List<Trial> mixed = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            mixed.add(new Trial(Recipes.ash().thickness(6 + 2 * i).steamed(),
                    i % 3 == 0 ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER) : Outcome.clean()));
        }
        Forecast forecast = new Forecaster(RiskModel.fit(mixed)).forecast(Recipes.ash().steamed());
        assertThat(forecast.clean().probability()).isLessThan(forecast.unbroken().probability());
    }

    /** USDA Wood Handbook, pieces unbroken in the steam-bending test; ranks only, over species that also have radii. */
    @Test
    void ranks_species_much_as_the_published_bending_test_did() {
        List<Species> both = SpeciesCatalogue.published().all().stream()
                .filter(s -> s.unbrokenPercent().isPresent() && !s.radii().unsupportedEstimated()).toList();
        double[] forecast = both.stream()
                .mapToDouble(s -> unbroken(Recipes.ash().species(s.id()).thickness(20).radius(300).moisture(22)))
                .toArray();
        double[] published = both.stream().mapToDouble(s -> s.unbrokenPercent().getAsDouble()).toArray();
        assertThat(both).hasSizeGreaterThan(8);
        assertThat(new SpearmansCorrelation().correlation(forecast, published)).isGreaterThanOrEqualTo(0.5);
    }

    private static double unbroken(Recipes recipe) {
        return BY_TABLES.forecast(recipe.steamed()).unbroken().probability();
    }
}
