package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is done to hot wood before and after its heat, whichever way it is heated.
 *
 * @param soakHours    hours under water beforehand
 * @param additive     what was in the water
 * @param carrySeconds seconds from the heat to fully clamped
 * @param strap        the strap on the outer face, if any
 * @param holdHours    hours on the form, empty when nobody wrote them down
 * @param thinning     how it is thinned where it bends, if it is
 */
public record Handling(double soakHours, SoakAdditive additive, double carrySeconds, Optional<Strap> strap, OptionalDouble holdHours,
                       Optional<Thinning> thinning) {

    /** Seconds from the heat to the clamps when nobody wrote them down (common practice). */
    static final double USUAL_CARRY_S = 15;
    private static final double WHOLE_PERCENT = 100;
    private static final Setting.Measured SOAK = new Setting.Measured("soakHours", "soak", Measurement.HOURS,
            PhysicalBound.SOAK_HOURS, Need.always("Soak is needed; 0 when there was none.")).usually(0, "none");
    private static final Setting.Chosen<SoakAdditive> ADDITIVE = new Setting.Chosen<>("soakAdditive", "in the soak",
            SoakAdditive.class, Optional.of(SoakAdditive.NONE), Need.NEVER);
    /** From the heat to fully clamped. */
    static final Setting.Measured CARRY = carry(Need.always("Carry is needed."));
    private static final Setting.Measured HOLD = new Setting.Measured("holdHours", "on the form", Measurement.HOURS,
            PhysicalBound.FORM_HOURS, Need.NEVER);
    private static final Setting.Chosen<StrapMaterial> STRAP = new Setting.Chosen<>("strap.material", "strap", StrapMaterial.class,
            Optional.empty(), Need.NEVER);
    private static final String WHICH_STRAP = "Say what the strap is made of.";
    private static final Setting.Measured STRAP_THICKNESS = new Setting.Measured("strap.thicknessMm", "strap thickness",
            Measurement.LENGTH, PhysicalBound.STRAP_THICKNESS_MM, Need.with(STRAP, "The strap's thickness is needed.", WHICH_STRAP));
    private static final Setting.Measured STRAP_GAP = new Setting.Measured("strap.endGapMm", "gap at the stops",
            Measurement.LENGTH, PhysicalBound.STRAP_END_GAP_MM,
            Need.with(STRAP, "Say how much slack the stops leave; 0 when they sit hard.", WHICH_STRAP));
    private static final Setting.Measured STRAP_COVERED = new Setting.Measured("strap.coveredPercent", "strap covers", Measurement.SHARE,
            PhysicalBound.COVERED_PERCENT, Need.mayWith(STRAP, WHICH_STRAP));
    private static final Setting.Chosen<StrapEnds> STRAP_ENDS = new Setting.Chosen<>("strap.ends", "strap ends", StrapEnds.class,
            Optional.of(StrapEnds.STOPS), Need.mayWith(STRAP, WHICH_STRAP));

    /** Refuses what no shop does. */
    public Handling {
        PhysicalBound.SOAK_HOURS.require(soakHours);
        PhysicalBound.CARRY_SECONDS.require(carrySeconds);
        holdHours.ifPresent(PhysicalBound.FORM_HOURS::require);
    }

    /** Of a piece as thick throughout. */
    public Handling(double soakHours, SoakAdditive additive, double carrySeconds, Optional<Strap> strap, OptionalDouble holdHours) {
        this(soakHours, additive, carrySeconds, strap, holdHours, Optional.empty());
    }

    /** What is set about a way in the order of work: the soak, what is its own, hold and strap. */
    static List<Setting<?>> settings(Setting<?>... own) {
        List<Setting<?>> all = new ArrayList<>(List.of(SOAK, ADDITIVE));
        all.addAll(List.of(own));
        all.addAll(List.of(HOLD, STRAP, STRAP_THICKNESS, STRAP_GAP, STRAP_COVERED, STRAP_ENDS));
        return List.copyOf(all);
    }

    /** The same of a way that takes no strap. */
    static List<Setting<?>> unstrapped(Setting<?>... own) {
        return settings(own).stream().filter(setting -> !setting.key().startsWith("strap.")).toList();
    }

    /** A carry that is asked for at times. */
    static Setting.Measured carry(Need need) {
        return new Setting.Measured("carrySeconds", "carry", Measurement.SECONDS, PhysicalBound.CARRY_SECONDS, need)
                .usually(USUAL_CARRY_S, "15 s");
    }

    /** As it is set; no carry where none is. */
    static Handling of(Settings settings, double stockWidthMm) {
        Optional<Strap> strap = settings.find(STRAP).map(material -> new Strap(material, settings.of(STRAP_THICKNESS), stockWidthMm,
                settings.of(STRAP_GAP), settings.find(STRAP_COVERED).orElse(WHOLE_PERCENT) / 100, settings.of(STRAP_ENDS)));
        return new Handling(settings.of(SOAK), settings.of(ADDITIVE), settings.find(CARRY).orElse(0.0), strap,
                settings.find(HOLD).map(OptionalDouble::of).orElse(OptionalDouble.empty()), Thinning.of(settings));
    }

    /** What is set before the heat. */
    Settings before() {
        return Settings.NONE.with(SOAK, soakHours).with(ADDITIVE, additive);
    }

    /** What is set after the carry. */
    Settings after() {
        return Settings.NONE.with(HOLD, holdHours.isPresent() ? Optional.of(holdHours.getAsDouble()) : Optional.empty())
                .with(STRAP, strap.map(Strap::material)).with(STRAP_THICKNESS, strap.map(Strap::thicknessMm))
                .with(STRAP_GAP, strap.map(Strap::endGapMm))
                .with(STRAP_COVERED, strap.map(s -> s.covered() * 100).filter(percent -> percent < WHOLE_PERCENT))
                .with(STRAP_ENDS, strap.map(Strap::ends)).and(Thinning.settings(thinning));
    }

    /** The stages of its soak, none where there is none. */
    List<Stage> soak() {
        return soakHours > 0 ? List.of(Stage.unheated(StageKind.SOAK, soakHours * 3600, Shop.USUAL)) : List.of();
    }

    /** The stages of its carry, none where there is none. */
    List<Stage> carry() {
        return carrySeconds > 0 ? List.of(Stage.unheated(StageKind.CARRY, carrySeconds, Shop.USUAL)) : List.of();
    }

    /** The same with another soak [h]. */
    Handling withSoakHours(double hours) {
        return new Handling(hours, additive, carrySeconds, strap, holdHours, thinning);
    }

    /** The same with a carry of another length [s]. */
    Handling withCarrySeconds(double seconds) {
        return new Handling(soakHours, additive, seconds, strap, holdHours, thinning);
    }

    /** The same with another strap, or none. */
    Handling withStrap(Optional<Strap> other) {
        return new Handling(soakHours, additive, carrySeconds, other, holdHours, thinning);
    }

    /** The same for other hours on the form [h]. */
    Handling withHoldHours(double hours) {
        return new Handling(soakHours, additive, carrySeconds, strap, OptionalDouble.of(hours), thinning);
    }

    /** The same of a piece thinned another way, or not at all. */
    Handling withThinning(Optional<Thinning> other) {
        return new Handling(soakHours, additive, carrySeconds, strap, holdHours, other);
    }
}
