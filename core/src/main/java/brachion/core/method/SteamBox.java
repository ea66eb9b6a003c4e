package brachion.core.method;

import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.physics.Physics;
import brachion.core.physics.Unsure;
import brachion.core.process.Piece;
import brachion.core.process.ProbeRecord;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/**
 * Steam-box bending: the stock lies in a chamber of steam, is pulled and bent at once over a form. How soft each depth
 * is when it is bent comes from following heat and water through soak, steam and carry.
 *
 * @param soakHours    hours under water beforehand
 * @param additive     what was in the water
 * @param steamMinutes minutes in the chamber at temperature
 * @param chamberC     temperature of the chamber [°C]
 * @param probe        what a thermometer in the chamber wrote down, used instead of the one temperature
 * @param carrySeconds seconds from the chamber to fully clamped
 * @param strap        the strap on the outer face, if any
 * @param holdHours    hours on the form, empty when nobody wrote them down
 */
public record SteamBox(double soakHours, SoakAdditive additive, double steamMinutes, double chamberC,
                       Optional<ProbeRecord> probe, double carrySeconds, Optional<Strap> strap,
                       OptionalDouble holdHours) implements Method {

    /** Hours on the form when nobody wrote them down; a day is common practice. */
    public static final double USUAL_HOLD_H = 24;
    private static final ConditionMemo MEMO = new ConditionMemo();

    /** Refuses settings no chamber has. */
    public SteamBox {
        PhysicalBound.SOAK_HOURS.require(soakHours);
        PhysicalBound.STEAM_MINUTES.require(steamMinutes);
        PhysicalBound.CHAMBER_C.require(chamberC);
        PhysicalBound.CARRY_SECONDS.require(carrySeconds);
        holdHours.ifPresent(PhysicalBound.FORM_HOURS::require);
    }

    /** Plain water, an even chamber, and nobody wrote down how long it was held. */
    public SteamBox(double soakHours, double steamMinutes, double chamberC, double carrySeconds, Optional<Strap> strap) {
        this(soakHours, SoakAdditive.NONE, steamMinutes, chamberC, Optional.empty(), carrySeconds, strap,
                OptionalDouble.empty());
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BOX;
    }

    @Override
    public SectionCondition condition(Blank blank, Physics physics) {
        return after(piece(blank), stages(), physics);
    }

    /** Followed on a piece without edges, which costs a sixth and shifts a change of ln D little. */
    @Override
    public Sensitivity sensitivity(Blank blank, Bend bend) {
        Piece wide = piece(blank).withoutEdges();
        List<Stage> stages = stages();
        Set<Unsure> unsure = strap.isPresent() ? EnumSet.allOf(Unsure.class)
                : EnumSet.complementOf(EnumSet.of(Unsure.STRAP_SHARE));
        return Sensitivity.of(unsure, physics -> Demand.of(blank, bend, after(wide, stages, physics), strap, physics));
    }

    @Override
    public Springback springback(Blank blank, Bend bend, Demand demand) {
        double hold = holdHours.orElse(USUAL_HOLD_H);
        List<Stage> stages = stages();
        stages.add(Stage.of(StageKind.FORM, hold * 3600, Stage.SHOP_C));
        double releaseMoisture = after(piece(blank), stages, Physics.USUAL).meanMoisturePercent();
        BendSection section = demand.section();
        return new Springback(section.elasticShare(demand.state(), releaseMoisture), Optional.of(hold));
    }

    /** The same settings with another soak [h]. */
    public SteamBox withSoakHours(double hours) {
        return new SteamBox(hours, additive, steamMinutes, chamberC, probe, carrySeconds, strap, holdHours);
    }

    /** The same settings with another time in the chamber [min]. */
    public SteamBox withSteamMinutes(double minutes) {
        return new SteamBox(soakHours, additive, minutes, chamberC, probe, carrySeconds, strap, holdHours);
    }

    /** The same settings in a chamber of another, even temperature [°C]. */
    public SteamBox withChamberC(double celsius) {
        return new SteamBox(soakHours, additive, steamMinutes, celsius, Optional.empty(), carrySeconds, strap, holdHours);
    }

    /** The same settings with a carry of another length [s]. */
    public SteamBox withCarrySeconds(double seconds) {
        return new SteamBox(soakHours, additive, steamMinutes, chamberC, probe, seconds, strap, holdHours);
    }

    /** The same settings with another strap, or none. */
    public SteamBox withStrap(Optional<Strap> other) {
        return new SteamBox(soakHours, additive, steamMinutes, chamberC, probe, carrySeconds, other, holdHours);
    }

    /** What is done up to the moment of bending. */
    public List<Stage> stages() {
        List<Stage> stages = new ArrayList<>(beforeSteam());
        stages.add(steam());
        stages.addAll(afterSteam());
        return stages;
    }

    private List<Stage> beforeSteam() {
        return soakHours > 0 ? List.of(Stage.of(StageKind.SOAK, soakHours * 3600, Stage.SHOP_C)) : List.of();
    }

    private Stage steam() {
        Stage steam = Stage.of(StageKind.STEAM_BOX, steamMinutes * 60, chamberC);
        return probe.map(steam::recordedBy).orElse(steam);
    }

    private List<Stage> afterSteam() {
        return carrySeconds > 0 ? List.of(Stage.of(StageKind.CARRY, carrySeconds, Stage.SHOP_C)) : List.of();
    }

    /**
     * Follows a blank through steamings that differ in nothing but their time and their strap, the short ones on the way
     * of the longest. The conditions are remembered and are exactly those of each followed by itself.
     */
    public static void followTogether(Blank blank, List<SteamBox> steamings) {
        Piece piece = piece(blank);
        NavigableMap<Double, SteamBox> byTime = new TreeMap<>();
        steamings.stream().filter(each -> !MEMO.knows(piece, each.stages(), Physics.USUAL))
                .forEach(each -> byTime.put(each.steamMinutes * 60, each));
        if (byTime.isEmpty()) {
            return;
        }
        List<SteamBox> rising = List.copyOf(byTime.values());
        ProcessSimulation simulation = new ProcessSimulation(piece);
        rising.get(0).beforeSteam().forEach(simulation::run);
        List<ProcessSimulation> steamed = simulation.afterEach(rising.get(0).steam(),
                byTime.keySet().stream().mapToDouble(seconds -> seconds).toArray());
        for (int i = 0; i < rising.size(); i++) {
            rising.get(i).afterSteam().forEach(steamed.get(i)::run);
            MEMO.learn(piece, rising.get(i).stages(), Physics.USUAL, steamed.get(i).condition());
        }
    }

    private static SectionCondition after(Piece piece, List<Stage> stages, Physics physics) {
        return MEMO.of(piece, stages, physics, () -> {
            ProcessSimulation simulation = new ProcessSimulation(piece, physics);
            stages.forEach(simulation::run);
            return simulation.condition();
        });
    }

    /** The blank as the process finds it: its moisture known, as warm as the shop. */
    public static Piece piece(Blank blank) {
        return new Piece(blank.species().basicSpecificGravity(), blank.thicknessMm(), blank.widthMm(),
                Demand.known(blank.moisturePercent(), "moisture"), Stage.SHOP_C);
    }
}
