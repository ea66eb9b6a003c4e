package brachion.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.FailureMode;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Shops in which both faces fail and the outer one fails first, so that a snapped piece hides what the inner face would
 * have done. How well the inner face does is drawn for each shop from the prior, so the ranges can be held to their word.
 */
class CensoringTest {

    private static final int SHOPS = 160;
    private static final double[] CUTS = {1.75, 2.95};
    private static final double SLOPE = 6;
    private static final double Z_80 = 1.2815515655446004;
    private static final Recipe ASKED = bend(16, 70, 1);

    private static Recipe bend(double thickness, double radius, double endGap) {
        return Recipes.ash().moisture(22).grainRun(1000).thickness(thickness).radius(radius).steelStrap(0.9, endGap).steamed();
    }

    private static Outcome outcome(Random random, Recipe recipe, double easier) {
        Possible piece = Possible.known(recipe);
        int outer = severity(random, 0, piece.demand().tensionRatio());
        int inner = severity(random, easier, piece.demand().compressionRatio());
        if (outer == 2) {
            return Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        }
        if (inner > 0) {
            return Outcome.damaged(Severity.values()[inner], Flaw.INNER_CREASE);
        }
        return outer == 1 ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER) : Outcome.clean();
    }

    /** As the model takes it, half an outcome in a hundred is written down as broken whatever it was, and as many as clean. */
    private static int severity(Random random, double easier, double ratio) {
        double slip = random.nextDouble();
        if (slip < 2 * HiddenShare.SLIP) {
            return slip < HiddenShare.SLIP ? 2 : 0;
        }
        double draw = random.nextDouble();
        double badness = SLOPE * Math.log(ratio) + Math.log(draw / (1 - draw)) - easier;
        return badness < CUTS[0] ? 0 : badness < CUTS[1] ? 1 : 2;
    }

    private static List<Trial> shop(Random random, int count, double easier) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Recipe recipe = bend(10 + random.nextInt(10), 60 + random.nextInt(120), random.nextInt(20));
            trials.add(new Trial(i + 1L, recipe, outcome(random, recipe, easier), OptionalDouble.empty()));
        }
        return trials;
    }

    /** Takes a snapped piece as proof that the inner face held, which it is not. */
    private static Trial takenAsHeld(Trial trial) {
        boolean snapped = trial.outcome().flaw().filter(Flaw.SNAP::equals).isPresent();
        return snapped ? new Trial(trial.id(), trial.recipe(), Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER),
                OptionalDouble.empty()) : trial;
    }

    private static Margin innerFace(List<Trial> trials) {
        return RiskModel.fit(trials).margin(FailureMode.COMPRESSION, Severity.FLAW, Possible.known(ASKED));
    }

    @Test
    void ranges_of_the_inner_face_hold_the_truth_though_many_pieces_snap_first() {
        int inside = 0;
        double missed = 0;
        double naivelyMissed = 0;
        long snapped = 0;
        Random random = new Random(60);
        for (int shop = 0; shop < SHOPS; shop++) {
            double easier = random.nextGaussian();
            double truth = CUTS[1] + easier - SLOPE * Math.log(ASKED.demand().compressionRatio());
            List<Trial> trials = shop(random, 120, easier);
            snapped += trials.stream().filter(trial -> trial.outcome().severityOf(FailureMode.COMPRESSION).isEmpty()).count();
            Margin margin = innerFace(trials);
            inside += Math.abs(truth - margin.mean()) < Z_80 * margin.sd() ? 1 : 0;
            missed += (margin.mean() - truth) / SHOPS;
            naivelyMissed += (innerFace(trials.stream().map(CensoringTest::takenAsHeld).toList()).mean() - truth) / SHOPS;
        }
        assertThat(snapped).as("snapped pieces in all shops").isGreaterThan(SHOPS * 15);
        assertThat((double) inside / SHOPS).as("coverage of 80 %% ranges").isBetween(0.65, 0.95);
        assertThat(Math.abs(missed)).as("bias of the log odds").isLessThan(0.15);
        assertThat(naivelyMissed).as("bias if a snapped piece counted as held").isGreaterThan(Math.abs(missed) + 0.2);
    }
}
