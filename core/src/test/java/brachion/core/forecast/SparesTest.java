package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.OptionalInt;
import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.junit.jupiter.api.Test;

/** Blanks, test pieces and pieces still to start, beside sums over Hipparchus' binomial distribution written out here. */
class SparesTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final Recipe FAIR = Recipes.ash().thickness(20).radius(260).moisture(18).grainRun(40).steamed();
    private static final Recipe HOPELESS = Recipes.ash().thickness(30).radius(40).moisture(8).grainRun(12).steamed();

    private static double enough(Recipe recipe, int pieces, int good) {
        return OddsSpread.of(TABLES, Possible.of(recipe), Severity.FLAW).average(p -> {
            BinomialDistribution held = new BinomialDistribution(pieces, p);
            double sum = 0;
            for (int each = good; each <= pieces; each++) {
                sum += held.probability(each);
            }
            return sum;
        });
    }

    @Test
    void the_fewest_blanks_of_which_enough_come_out_good() {
        for (int good : new int[] {1, 4, 9}) {
            Spares spares = Spares.of(TABLES, FAIR, good, 0.9, Severity.FLAW);
            int blanks = spares.blanks().orElseThrow();
            assertThat(enough(FAIR, blanks, good)).isGreaterThanOrEqualTo(0.9).isCloseTo(spares.certainty(), within(1e-9));
            assertThat(blanks == good ? 0 : enough(FAIR, blanks - 1, good)).isLessThan(0.9);
            assertThat(spares.bareOdds()).isCloseTo(enough(FAIR, good, good), within(1e-9));
        }
        assertThat(Spares.of(TABLES, FAIR, 4, 0.9, Severity.FLAW).blanks().orElseThrow()).as("some are lost").isGreaterThan(4);
    }

    @Test
    void a_certainty_that_is_met_exactly_is_enough() {
        Spares spares = Spares.of(TABLES, FAIR, 4, 0.9, Severity.FLAW);
        assertThat(Spares.of(TABLES, FAIR, 4, spares.certainty(), Severity.FLAW).blanks()).isEqualTo(spares.blanks());
        Outstanding some = Outstanding.of(TABLES, FAIR, 4, 6, 0.5, Severity.FLAW);
        assertThat(Outstanding.of(TABLES, FAIR, 4, 6, some.suffices(), Severity.FLAW).toStart()).hasValue(0);
        OddsSpread spread = OddsSpread.of(TABLES, Possible.of(FAIR), Severity.FLAW);
        double third = spread.average(p -> Math.pow(p, 3)) / spread.average(p -> Math.pow(p, 2));
        assertThat(Spares.of(TABLES, FAIR, 1, third, Severity.FLAW).testPieces()).hasValue(2);
    }

    @Test
    void no_more_is_looked_at_than_a_shop_would_cut() {
        double most = enough(FAIR, Spares.MOST_BLANKS, 200);
        double beyond = enough(FAIR, Spares.MOST_BLANKS + 1, 200);
        assertThat(beyond).isGreaterThan(most);
        assertThat(Spares.of(TABLES, FAIR, 200, (most + beyond) / 2, Severity.FLAW).blanks()).isEmpty();
        assertThat(Spares.of(TABLES, FAIR, 200, most - 1e-9, Severity.FLAW).blanks()).hasValue(Spares.MOST_BLANKS);
        assertThat(Outstanding.of(TABLES, FAIR, 200, 0, (most + beyond) / 2, Severity.FLAW).toStart()).isEmpty();
        OddsSpread spread = OddsSpread.of(TABLES, Possible.of(FAIR), Severity.FLAW);
        double last = spread.average(p -> Math.pow(p, 13)) / spread.average(p -> Math.pow(p, 12));
        assertThat(Spares.of(TABLES, FAIR, 1, last - 1e-9, Severity.FLAW).testPieces()).hasValue(12);
        assertThat(Spares.of(TABLES, FAIR, 1, last + 1e-9, Severity.FLAW).testPieces()).isEmpty();
    }

    @Test
    void so_many_test_pieces_that_hold_that_the_next_one_does() {
        OddsSpread spread = OddsSpread.of(TABLES, Possible.of(FAIR), Severity.FLAW);
        double untested = spread.odds().probability();
        double wanted = untested + 0.3 * (1 - untested);
        int tests = Spares.of(TABLES, FAIR, 1, wanted, Severity.FLAW).testPieces().orElseThrow();
        assertThat(tests).isPositive();
        assertThat(spread.average(p -> Math.pow(p, tests + 1)) / spread.average(p -> Math.pow(p, tests))).isGreaterThanOrEqualTo(wanted);
        assertThat(spread.average(p -> Math.pow(p, tests)) / spread.average(p -> Math.pow(p, tests - 1))).isLessThan(wanted);
        assertThat(Spares.of(TABLES, FAIR, 1, untested - 1e-6, Severity.FLAW).testPieces()).as("it holds already").hasValue(0);
    }

    @Test
    void where_no_number_is_enough_none_is_said() {
        Spares spares = Spares.of(TABLES, HOPELESS, 150, 0.95, Severity.FLAW);
        assertThat(spares.blanks()).isEmpty();
        assertThat(spares.certainty()).isCloseTo(enough(HOPELESS, Spares.MOST_BLANKS, 150), within(1e-9));
        assertThat(spares.testPieces()).isEmpty();
        assertThat(Outstanding.of(TABLES, HOPELESS, 150, 3, 0.95, Severity.FLAW).toStart()).isEmpty();
    }

    @Test
    void what_cannot_be_asked_is_refused() {
        for (int good : new int[] {0, Spares.MOST_BLANKS / 2 + 1}) {
            assertThatIllegalArgumentException().isThrownBy(() -> Spares.of(TABLES, FAIR, good, 0.9, Severity.FLAW)).withMessageContaining("not " + good);
        }
        for (double certainty : new double[] {0, 1, Double.NaN}) {
            assertThatIllegalArgumentException().isThrownBy(() -> Spares.of(TABLES, FAIR, 2, certainty, Severity.FLAW));
            assertThatIllegalArgumentException().isThrownBy(() -> Outstanding.of(TABLES, FAIR, 2, 1, certainty, Severity.FLAW));
        }
        assertThat(Spares.of(TABLES, FAIR, Spares.MOST_BLANKS / 2, 0.5, Severity.FLAW).perPiece().probability()).isBetween(0.0, 1.0);
        assertThatIllegalArgumentException().isThrownBy(() -> Outstanding.of(TABLES, FAIR, -1, 0, 0.9, Severity.FLAW));
        assertThatIllegalArgumentException().isThrownBy(() -> Outstanding.of(TABLES, FAIR, 1, -1, 0.9, Severity.FLAW));
    }

    @Test
    void what_is_under_way_need_not_be_started() {
        int all = Spares.of(TABLES, FAIR, 4, 0.9, Severity.FLAW).blanks().orElseThrow();
        Outstanding none = Outstanding.of(TABLES, FAIR, 4, 0, 0.9, Severity.FLAW);
        assertThat(none.toStart()).hasValue(all);
        assertThat(none.suffices()).isZero();
        Outstanding some = Outstanding.of(TABLES, FAIR, 4, all - 1, 0.9, Severity.FLAW);
        assertThat(some.toStart()).hasValue(1);
        assertThat(some.suffices()).isCloseTo(enough(FAIR, all - 1, 4), within(1e-9));
        assertThat(some.perPiece()).isEqualTo(Spares.of(TABLES, FAIR, 4, 0.9, Severity.FLAW).perPiece());
        Outstanding done = Outstanding.of(TABLES, FAIR, 0, 0, 0.9, Severity.FLAW);
        assertThat(done.toStart()).isEqualTo(OptionalInt.of(0));
        assertThat(done.suffices()).isEqualTo(1);
    }

    @Test
    void a_tail_added_up_is_that_of_the_distribution() {
        for (int pieces : new int[] {1, 2, 7, 40, 400}) {
            for (int good = 1; good <= pieces; good += Math.max(1, pieces / 9)) {
                for (double p : new double[] {0, 1e-9, 0.003, 0.2, 0.5, 0.77, 0.99, 1 - 1e-9, 1}) {
                    assertThat(OddsSpread.atLeast(pieces, good, p)).as("%d of %d at %s", good, pieces, p)
                            .isCloseTo(1 - new BinomialDistribution(pieces, p).cumulativeProbability(good - 1), within(1e-11));
                }
            }
        }
        assertThat(OddsSpread.atLeast(3, 4, 1)).isZero();
    }

    @Test
    void a_job_of_which_few_come_good_is_not_laid_out_in_hundreds() {
        Odds fair = new Odds(0.6, 0.4, 0.8);
        assertThat(new Outstanding(OptionalInt.of(9), 0, fair)).returns(true, Outstanding::worthPlanning).returns(9, each -> each.toPlan(4));
        assertThat(new Outstanding(OptionalInt.of(300), 0, fair).toPlan(4)).isEqualTo(24);
        assertThat(new Outstanding(OptionalInt.of(300), 0, new Odds(0.1, 0, 0.2))).returns(false, Outstanding::worthPlanning).returns(4, each -> each.toPlan(4));
        assertThat(new Outstanding(OptionalInt.empty(), 0, fair).worthPlanning()).isFalse();
    }
}
