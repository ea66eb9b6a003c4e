package brachion.core.bench;

import brachion.core.bending.StrapMaterial;
import brachion.core.method.Equipment;
import brachion.core.method.Glue;
import brachion.core.method.Recipe;
import brachion.core.method.Sheet;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A thing in the rig that pieces are made with.
 *
 * @param kind     what it is
 * @param room     how many pieces it holds at once; of clamps, how many there are
 * @param measured what was measured of it, each in the unit of its trait
 * @param strap    what a strap is made of
 * @param glue     what kind of glue it is
 */
public record RigItem(ItemKind kind, int room, Map<Trait, Double> measured, Optional<StrapMaterial> strap, Optional<Glue> glue) {

    /** Keeps what was measured as it is now; refuses what such a thing does not have. */
    public RigItem {
        measured = Map.copyOf(measured);
        if (!measured.keySet().stream().allMatch(kind::has) || strap.isPresent() && kind != ItemKind.STRAP || glue.isPresent() && kind != ItemKind.GLUE) {
            throw new IllegalArgumentException("Not measured of " + kind + ": " + measured);
        }
    }

    /** What was measured of it; empty when it was not. */
    public OptionalDouble of(Trait trait) {
        Double value = measured.get(trait);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /**
     * What a bend needs and this rig does not have, or has only for another bend. What nobody describes as a thing of the rig (a saw, pegs) is
     * never missing.
     */
    public static List<Equipment> missing(Recipe plan, Collection<RigItem> rig) {
        return plan.method().equipment().stream().filter(needed -> kindFor(needed).isPresent())
                .filter(needed -> rig.stream().noneMatch(item -> item.kind() == kindFor(needed).get() && Misfit.of(item, plan).isEmpty())).toList();
    }

    /** How much of it a bend usually takes: clamps as they are measured out, as far as there are so many; one of everything else. */
    public int usuallyTaken(Recipe plan) {
        double clamps = kind == ItemKind.CLAMPS ? plan.method().sheet(plan).value(Sheet.Measure.CLAMPS).orElse(1) : 1;
        return (int) Math.min(clamps, room);
    }

    /** The thing that is meant first by what a way needs: of a form with clamps, the form; of gluing, the glue. */
    private static Optional<ItemKind> kindFor(Equipment needed) {
        return needed == Equipment.GLUING ? Optional.of(ItemKind.GLUE)
                : List.of(ItemKind.values()).stream().filter(kind -> kind.servesAs(needed)).findFirst();
    }
}
