package brachion.core.method;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * How a stack of plies is closed, as far as anybody wrote it down. Workshops quarrel over both, and nothing is believed either way before the first
 * record (common practice).
 *
 * @param order where clamping begins
 * @param force how hard it is clamped
 */
public record Clamping(Optional<Order> order, Optional<Force> force) {

    /** Nobody wrote it down. */
    public static final Clamping NOT_SAID = new Clamping(Optional.empty(), Optional.empty());

    /** Where clamping begins. */
    public enum Order {
        /** In the middle, and outwards to both ends. */
        FROM_THE_MIDDLE,
        /** At the tight end of the curve. */
        FROM_THE_TIGHT_END
    }

    /** How hard it is clamped. */
    public enum Force {
        /** Until the plies touch and a little glue comes out. */
        FIRM,
        /** As hard as the clamps will go. */
        TIGHT
    }

    private static final Setting.Chosen<Order> ORDER = new Setting.Chosen<>("clampOrder", "clamped from", Order.class, Optional.empty(), Need.NEVER);
    private static final Setting.Chosen<Force> FORCE = new Setting.Chosen<>("clampForce", "clamped", Force.class, Optional.empty(), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = List.of(ORDER, FORCE);

    /** As it is set. */
    static Clamping of(Settings settings) {
        return new Clamping(settings.find(ORDER), settings.find(FORCE));
    }

    Settings settings() {
        return Settings.NONE.with(ORDER, order).with(FORCE, force);
    }

    /** What bears on the glue lines: each answer beside stacks of which nobody said. */
    static List<Covariate> covariates() {
        return List.of(said(Term.FROM_THE_MIDDLE, Clamping::order, Order.FROM_THE_MIDDLE), said(Term.FROM_THE_TIGHT_END, Clamping::order, Order.FROM_THE_TIGHT_END),
                said(Term.CLAMPED_FIRMLY, Clamping::force, Force.FIRM), said(Term.CLAMPED_TIGHT, Clamping::force, Force.TIGHT));
    }

    private static <T> Covariate said(Term term, Function<Clamping, Optional<T>> asked, T answer) {
        return Covariate.undecided(term, recipe -> Covariate.indicator(asked.apply(of(recipe)).filter(answer::equals).isPresent()));
    }

    private static Clamping of(Recipe recipe) {
        return ((GluedPlies) recipe.method()).clamping();
    }
}
