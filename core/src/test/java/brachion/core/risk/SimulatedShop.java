package brachion.core.risk;

import brachion.core.method.GrowthRings;
import brachion.core.method.LimitLaw;
import brachion.core.method.Names;
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

/**
 * A shop whose true risks are known: the ordinal model with parameters of the test's choosing, sampled here with code of
 * its own. Only the outer face ever fails, so that tension is what the records speak of.
 */
public final class SimulatedShop {

    private final Random random;
    private final double firstCut;
    private final double secondCut;
    private final double slope;
    private double ringsFlat;
    private double[] people = {0};
    private double[] boards = {0};

    public SimulatedShop(long seed, double firstCut, double gap, double slope) {
        this.random = new Random(seed);
        this.firstCut = firstCut;
        this.secondCut = firstCut + gap;
        this.slope = slope;
    }

    /** Rings flat against the form raise the log odds of damage by so much. */
    public SimulatedShop ringsFlat(double effect) {
        ringsFlat = effect;
        return this;
    }

    public SimulatedShop people(double... effects) {
        people = effects;
        return this;
    }

    public SimulatedShop boards(double... effects) {
        boards = effects;
        return this;
    }

    /** Bends round the published radius, from gentle to hopeless. */
    public List<Trial> trials(int count) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            GrowthRings rings = random.nextBoolean() ? GrowthRings.FLAT : GrowthRings.ON_EDGE;
            int person = random.nextInt(people.length);
            int board = random.nextInt(boards.length);
            Recipe recipe = Recipes.ash().moisture(22).grainRun(1000).thickness(8 + random.nextInt(5))
                    .radius(60 + random.nextInt(110)).steamed();
            recipe = recipe.withBlank(recipe.blank().withGrowthRings(rings)).withNames(new Names(
                    people.length > 1 ? "person " + person : "", boards.length > 1 ? "board " + board : "", ""));
            double badness = slope * LimitLaw.LOGNORMAL.load(Math.log(recipe.demand().tensionRatio())) + people[person] + boards[board]
                    + (rings == GrowthRings.FLAT ? ringsFlat : 0);
            double draw = random.nextDouble();
            double noise = Math.log(draw / (1 - draw));
            trials.add(new Trial(i + 1L, recipe, outcome(badness + noise), OptionalDouble.empty()));
        }
        return trials;
    }

    private Outcome outcome(double badness) {
        if (badness < firstCut) {
            return Outcome.clean();
        }
        return badness < secondCut ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER)
                : Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
    }
}
