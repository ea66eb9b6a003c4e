package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.physics.Physics;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * A shop whose law is not the model's: a face gives way where its strain passes a limit that scatters log-normally by a
 * quarter from piece to piece; a share of the pieces snaps whatever it is asked.
 */
final class LognormalShop {

    private static final double SCATTER = 0.25;
    /** Published radii are those at which one piece in twenty breaks. */
    private static final double MIDDLE = 1.645 * SCATTER;
    private static final double MENDED = 0.08;

    private final Random random;
    private Physics physics = Physics.USUAL;
    private ToDoubleFunction<Recipe> hidden = recipe -> 0;
    private ToDoubleFunction<Recipe> weaker = recipe -> 0;

    LognormalShop(long seed) {
        this.random = new Random(seed);
    }

    /** A share of the pieces snaps whatever it is asked. */
    LognormalShop hidden(double share) {
        return hidden(recipe -> share);
    }

    /** Of pieces like each recipe, such a share snaps whatever it is asked. */
    LognormalShop hidden(ToDoubleFunction<Recipe> share) {
        hidden = share;
        return this;
    }

    /** The constants nobody measured are these. */
    LognormalShop physics(Physics truth) {
        physics = truth;
        return this;
    }

    /** By so much, as a logarithm, a recipe's limits lie lower than they should. */
    LognormalShop weaker(ToDoubleFunction<Recipe> by) {
        weaker = by;
        return this;
    }

    Random random() {
        return random;
    }

    List<Trial> trials(int count, Supplier<Recipe> recipes) {
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Recipe recipe = recipes.get();
            trials.add(new Trial(i + 1L, recipe, outcome(recipe), OptionalDouble.empty()));
        }
        return trials;
    }

    private Outcome outcome(Recipe recipe) {
        if (random.nextDouble() < hidden.applyAsDouble(recipe)) {
            return Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
        }
        double weak = weaker.applyAsDouble(recipe);
        double outer = Math.log(recipe.demand(physics).tensionRatio()) + weak - MIDDLE + SCATTER * random.nextGaussian();
        double inner = Math.log(recipe.demand(physics).compressionRatio()) + weak - MIDDLE + SCATTER * random.nextGaussian();
        if (Math.max(outer, inner) < 0) {
            return Outcome.clean();
        }
        Severity severity = Math.max(outer, inner) > MENDED ? Severity.BROKEN : Severity.FLAW;
        return Outcome.damaged(severity, inner > outer ? Flaw.INNER_CREASE
                : severity == Severity.BROKEN ? Flaw.SNAP : Flaw.OUTER_SPLINTER);
    }
}
