package brachion.core.method;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * How a stack of plies is closed, as far as anybody wrote it down. Workshops quarrel over all of it, and nothing is believed either way before the first
 * record (common practice).
 *
 * @param order where clamping begins
 * @param force how hard it is clamped
 * @param backing what lies between the outermost ply and the clamps
 */
public record Clamping(Optional<Order> order, Optional<Force> force, Optional<Backing> backing) {

    /** Nobody wrote it down. */
    public static final Clamping NOT_SAID = new Clamping(Optional.empty(), Optional.empty(), Optional.empty());

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

    /** What lies over the outermost ply, and bends with it. */
    public enum Backing {
        /** Nothing but the pads of the clamps. */
        NOTHING,
        /** Flexible plastic sheet. */
        PLASTIC_SHEET,
        /** Thin sheet metal. */
        METAL_SHEET
    }

    private static final Setting.Chosen<Order> ORDER = new Setting.Chosen<>("clampOrder", "clamped from", Order.class, Optional.empty(), Need.NEVER);
    private static final Setting.Chosen<Force> FORCE = new Setting.Chosen<>("clampForce", "clamped", Force.class, Optional.empty(), Need.NEVER);
    private static final Setting.Chosen<Backing> BACKING = new Setting.Chosen<>("backing", "behind the plies", Backing.class, Optional.empty(), Need.NEVER);
    /** What is set about it. */
    static final List<Setting<?>> SETTINGS = List.of(ORDER, FORCE, BACKING);

    /** As it is set. */
    static Clamping of(Settings settings) {
        return new Clamping(settings.find(ORDER), settings.find(FORCE), settings.find(BACKING));
    }

    Settings settings() {
        return Settings.NONE.with(ORDER, order).with(FORCE, force).with(BACKING, backing);
    }

    /** What bears on the glue lines: each answer beside stacks of which nobody said. */
    static List<Covariate> covariates() {
        return List.of(said(Term.FROM_THE_MIDDLE, Clamping::order, Order.FROM_THE_MIDDLE), said(Term.FROM_THE_TIGHT_END, Clamping::order, Order.FROM_THE_TIGHT_END),
                said(Term.CLAMPED_FIRMLY, Clamping::force, Force.FIRM), said(Term.CLAMPED_TIGHT, Clamping::force, Force.TIGHT));
    }

    /** What bears on the faces of the plies: a sheet that bends with them and holds splinters down, beside plies without one or of which nobody said. */
    static Covariate backingSheet() {
        return Covariate.undecided(Term.BACKING_SHEET, recipe -> Covariate.indicator(of(recipe).backing().filter(behind -> behind != Backing.NOTHING).isPresent()));
    }

    private static <T> Covariate said(Term term, Function<Clamping, Optional<T>> asked, T answer) {
        return Covariate.undecided(term, recipe -> Covariate.indicator(asked.apply(of(recipe)).filter(answer::equals).isPresent()));
    }

    private static Clamping of(Recipe recipe) {
        return ((GluedPlies) recipe.method()).clamping();
    }
}
