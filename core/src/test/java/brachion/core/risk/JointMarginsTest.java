package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.method.FailureMode;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.physics.Unsure;
import brachion.core.risk.JointMargins.OfPiece;
import brachion.core.trial.Severity;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What margins hang on together, beside what the fit itself says of their spread. */
class JointMarginsTest {

    private static final Recipe BEND = Recipes.ash().thickness(16).radius(200).moisture(14).steamed();
    private static final RiskModel RECORDS = RiskModel.fit(new LognormalShop(4).hidden(0.03).trials(30, () -> Recipes.ash().radius(150).moisture(14).steamed()
            .withNames(new Names("Ines", "old board", ""))));

    private static double square(double[] one, double[] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += one[i] * other[i];
        }
        return sum;
    }

    @Test
    void all_a_record_can_tell_of_a_margin_is_in_its_slopes() {
        for (RiskModel risk : List.of(RiskModel.withoutRecords(), RECORDS)) {
            for (Recipe recipe : List.of(BEND.withNames(new Names("Ines", "old board", "")), BEND.withNames(new Names("Ines", "new board", "")))) {
                Possible piece = Possible.typical(recipe);
                for (FailureMode mode : risk.modes(recipe)) {
                    OfPiece of = risk.jointly(mode, List.of(piece)).pieces().get(0);
                    double spread = risk.margin(mode, Severity.FLAW, piece).sd();
                    assertThat(of.unbroken()).isEqualTo(risk.margin(mode, Severity.FLAW, piece));
double told = Math.sqrt(square(of.unbrokenSlopes(), of.unbrokenSlopes()));
                    if (mode == FailureMode.TENSION) {
                        assertThat(told).as("how many flaws are hidden is unknown besides").isBetween(0.6 * spread, 1.01 * spread);
                    } else {
                        assertThat(told).as("%s of %s", mode, recipe.names()).isCloseTo(spread, within(1e-6));
                    }
                }
            }
        }
    }

    @Test
    void two_pieces_of_a_new_board_share_it_and_two_boards_do_not() {
        Possible one = Possible.typical(BEND.withNames(new Names("", "new board", "")));
        Possible same = Possible.typical(BEND.withInnerRadiusMm(260).withNames(new Names("", "new board", "")));
        Possible other = Possible.typical(BEND.withInnerRadiusMm(260).withNames(new Names("", "another", "")));
        List<OfPiece> pieces = RECORDS.jointly(FailureMode.TENSION, List.of(one, same, other)).pieces();
        double shared = square(pieces.get(0).unbrokenSlopes(), pieces.get(1).unbrokenSlopes()) - square(pieces.get(0).unbrokenSlopes(), pieces.get(2).unbrokenSlopes());
        double alone = square(pieces.get(2).unbrokenSlopes(), pieces.get(2).unbrokenSlopes());
        assertThat(shared).isPositive().isLessThan(alone);
    }

    @Test
    void the_same_strip_again_tells_less_than_one_that_differs_if_nothing_else_does() {
        Possible one = Possible.typical(BEND);
        Possible other = Possible.typical(BEND.withInnerRadiusMm(200.001));
        List<OfPiece> pieces = RECORDS.jointly(FailureMode.TENSION, List.of(one, one, other)).pieces();
        assertThat(square(pieces.get(0).unbrokenSlopes(), pieces.get(1).unbrokenSlopes()))
                .isGreaterThan(square(pieces.get(0).unbrokenSlopes(), pieces.get(2).unbrokenSlopes()) + 0.02);
    }

    @Test
    void an_unsure_constant_is_counted_in_steps() {
        JointMargins joint = RiskModel.withoutRecords().jointly(FailureMode.TENSION, List.of(Possible.typical(BEND)));
        assertThat(joint.unsure()).containsKey(Unsure.BOX_HEAT).allSatisfy((constant, direction) ->
                assertThat(Math.sqrt(square(direction, direction))).as("%s, before any record", constant).isCloseTo(1, within(1e-6)));
    }

    @Test
    void measurements_carry_the_information_of_the_outcome() {
        double[][] information = Cavity.expectedInformation(0.4, 1.1, 0.03);
        double[] clean = {1, 0.3, -2};
        double[] unbroken = {1, -0.5, -2};
        List<double[]> tells = JointMargins.measurements(information, clean, unbroken);
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                int row = i;
                int column = j;
                double expected = clean[i] * (information[0][0] * clean[j] + information[0][1] * unbroken[j])
                        + unbroken[i] * (information[1][0] * clean[j] + information[1][1] * unbroken[j]);
                assertThat(tells.stream().mapToDouble(tell -> tell[row] * tell[column]).sum()).isCloseTo(expected, within(1e-12));
            }
        }
    }
}
