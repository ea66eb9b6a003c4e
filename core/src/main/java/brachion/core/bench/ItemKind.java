package brachion.core.bench;

import brachion.core.method.Equipment;
import brachion.core.method.Recipe;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/** Things in the rig that pieces are made with: at which steps each is taken up by a piece, and what is measured of it (common practice). */
public enum ItemKind {
    /** A steam box with its source of steam. */
    STEAM_BOX(Set.of(Equipment.STEAM_BOX), Set.of(Step.HEATING), Set.of(Trait.LENGTH)),
    /** A trough of water kept near boiling. */
    HOT_TROUGH(Set.of(Equipment.HOT_TROUGH), Set.of(Step.HEATING), Set.of(Trait.LENGTH)),
    /** A pipe, heated from within. */
    HOT_PIPE(Set.of(Equipment.HOT_PIPE), Set.of(Step.HEATING), Set.of()),
    /** A trough to soak in. */
    SOAKING_TROUGH(Set.of(Equipment.SOAKING_TROUGH), Set.of(Step.SOAKING), Set.of(Trait.LENGTH)),
    /** A form to bend round. */
    FORM(Set.of(Equipment.FORM), onTheForm(), Set.of(Trait.RADIUS, Trait.ANGLE, Trait.WIDTH)),
    /** A strap with stops. */
    STRAP(Set.of(Equipment.STRAP), Set.of(Step.BENDING, Step.ON_FORM), Set.of(Trait.THICKNESS, Trait.WIDTH, Trait.LENGTH)),
    /** Clamps of one kind; a piece takes several. */
    CLAMPS(Set.of(Equipment.FORM, Equipment.GLUING), onTheForm(), Set.of(Trait.REACH)),
    /** A glue, by its own label; nobody takes it up. */
    GLUE(Set.of(Equipment.GLUING), Set.of(), Set.of(Trait.OPEN_TIME, Trait.CLAMPED)),
    /** A place where pieces dry in an air of its own. */
    DRYING_PLACE(Set.of(), Set.of(Step.DRYING), Set.of(Trait.CELSIUS, Trait.HUMIDITY));

    private final Set<Equipment> servesAs;
    private final Set<Step> takenAt;
    private final Set<Trait> traits;

    ItemKind(Set<Equipment> servesAs, Set<Step> takenAt, Set<Trait> traits) {
        this.servesAs = servesAs;
        this.takenAt = takenAt;
        this.traits = traits;
    }

    private static Set<Step> onTheForm() {
        return Set.of(Step.BENDING, Step.ON_FORM, Step.GLUING, Step.IN_CLAMPS);
    }

    /** The kinds a bend is made with, in the order of this list. */
    public static List<ItemKind> neededFor(Recipe plan) {
        return Arrays.stream(values()).filter(kind -> kind.isNeededFor(plan)).toList();
    }

    private boolean isNeededFor(Recipe plan) {
        return this == DRYING_PLACE ? WayOfThePiece.of(plan).heated() : plan.method().equipment().stream().anyMatch(servesAs::contains);
    }

    /** Whether it is what a way of bending needs. */
    boolean servesAs(Equipment equipment) {
        return servesAs.contains(equipment);
    }

    /** Whether a piece takes it up at a step. */
    public boolean takenAt(Step step) {
        return takenAt.contains(step);
    }

    /** Whether a piece takes it up later than at a step. */
    boolean takenAfter(Step step, WayOfThePiece way) {
        return takenAt.stream().anyMatch(later -> later.compareTo(step) > 0 && way.comesTo(later));
    }

    /** Whether it is measured of such a thing. */
    public boolean has(Trait trait) {
        return traits.contains(trait);
    }
}
