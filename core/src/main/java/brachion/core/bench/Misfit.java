package brachion.core.bench;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Glue;
import brachion.core.method.Recipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleSupplier;

/**
 * What speaks against a thing in the rig for a bend.
 *
 * @param what  what does
 * @param has   what it has, in the unit of the trait; empty for what is no number
 * @param needs what the bend needs, in the same unit
 */
public record Misfit(What what, OptionalDouble has, OptionalDouble needs) {

    /** A curve that differs by less is the same: a hundredth of the radius (a round number chosen by us). */
    private static final double SAME_CURVE = 0.01;
    /** Sheet metal that differs by less is the same gauge [mm] (a round number chosen by us). */
    private static final double SAME_GAUGE_MM = 0.05;
    /** From reckoning alone. */
    private static final double NOTHING = 1e-6;

    /** What can speak against it. */
    public enum What {
        /** It gives another curve. */
        OTHER_RADIUS,
        /** It does not go far enough round. */
        LESS_ANGLE,
        /** The stock is wider. */
        TOO_NARROW,
        /** The stock is longer. */
        TOO_SHORT,
        /** It is of another thickness than planned. */
        OTHER_THICKNESS,
        /** It is made of something else than planned. */
        OTHER_MATERIAL,
        /** It does not open round the piece. */
        OPENS_TOO_LITTLE,
        /** It is another glue than planned. */
        OTHER_GLUE
    }

    /** What speaks against a thing for a bend, as far as it was measured. */
    public static List<Misfit> of(RigItem item, Recipe plan) {
        List<Misfit> all = new ArrayList<>();
        falls(item, Trait.RADIUS, plan.bend()::innerRadiusMm, What.OTHER_RADIUS,
                (has, needs) -> Math.abs(has - needs) - SAME_CURVE * needs).ifPresent(all::add);
        falls(item, Trait.ANGLE, plan.bend()::angleDegrees, What.LESS_ANGLE, Misfit::lacking).ifPresent(all::add);
        falls(item, Trait.WIDTH, plan.blank()::widthMm, What.TOO_NARROW, Misfit::lacking).ifPresent(all::add);
        falls(item, Trait.LENGTH, () -> plan.method().sheet(plan).stockLengthMm(), What.TOO_SHORT, Misfit::lacking).ifPresent(all::add);
        falls(item, Trait.REACH, () -> plan.method().finishedMm(plan.blank().thicknessMm()), What.OPENS_TOO_LITTLE, Misfit::lacking).ifPresent(all::add);
        Optional<Strap> strap = plan.method().strap();
        strap.flatMap(planned -> falls(item, Trait.THICKNESS, planned::thicknessMm, What.OTHER_THICKNESS,
                (has, needs) -> Math.abs(has - needs) - SAME_GAUGE_MM)).ifPresent(all::add);
        Optional<StrapMaterial> material = strap.map(Strap::material);
        if (item.strap().isPresent() && material.isPresent() && !item.strap().equals(material)) {
            all.add(new Misfit(What.OTHER_MATERIAL, OptionalDouble.empty(), OptionalDouble.empty()));
        }
        Optional<Glue> glue = plan.method().gluedWith();
        if (item.glue().isPresent() && glue.isPresent() && !item.glue().equals(glue)) {
            all.add(new Misfit(What.OTHER_GLUE, OptionalDouble.empty(), OptionalDouble.empty()));
        }
        return List.copyOf(all);
    }

    private static double lacking(double has, double needs) {
        return needs - has;
    }

    /** What the bend needs is asked only of a thing that was measured: it can take a simulation to say. */
    private static Optional<Misfit> falls(RigItem item, Trait trait, DoubleSupplier needed, What what, DoubleBinaryOperator by) {
        OptionalDouble has = item.of(trait);
        if (has.isEmpty()) {
            return Optional.empty();
        }
        double needs = needed.getAsDouble();
        return by.applyAsDouble(has.getAsDouble(), needs) > NOTHING ? Optional.of(new Misfit(what, has, OptionalDouble.of(needs))) : Optional.empty();
    }
}
