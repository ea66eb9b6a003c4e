package brachion.core.method;

import brachion.core.bending.SectionCondition;
import brachion.core.bending.Strap;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Steam-box bending: the stock lies in a chamber of steam, is pulled and bent at once over a form. How soft each depth
 * is when it is bent comes from following heat and water through soak, steam and carry.
 *
 * @param soakHours    hours under water beforehand
 * @param steamMinutes minutes in the chamber at temperature
 * @param chamberC     temperature of the chamber [°C]
 * @param carrySeconds seconds from the chamber to fully clamped
 * @param strap        the strap on the outer face, if any
 */
public record SteamBox(double soakHours, double steamMinutes, double chamberC, double carrySeconds,
                       Optional<Strap> strap) implements Method {

    private static final ConditionMemo MEMO = new ConditionMemo();

    /** Refuses settings no chamber has. */
    public SteamBox {
        PhysicalBound.SOAK_HOURS.require(soakHours);
        PhysicalBound.STEAM_MINUTES.require(steamMinutes);
        PhysicalBound.CHAMBER_C.require(chamberC);
        PhysicalBound.CARRY_SECONDS.require(carrySeconds);
    }

    @Override
    public MethodKind kind() {
        return MethodKind.STEAM_BOX;
    }

    @Override
    public Demand demand(Blank blank, Bend bend) {
        return Demand.of(blank, bend, condition(blank), strap);
    }

    /** The same settings with a carry of another length [s]. */
    public SteamBox withCarrySeconds(double seconds) {
        return new SteamBox(soakHours, steamMinutes, chamberC, seconds, strap);
    }

    /** What is done up to the moment of bending. */
    public List<Stage> stages() {
        List<Stage> stages = new ArrayList<>();
        if (soakHours > 0) {
            stages.add(Stage.of(StageKind.SOAK, soakHours * 3600, Stage.SHOP_C));
        }
        stages.add(Stage.of(StageKind.STEAM_BOX, steamMinutes * 60, chamberC));
        if (carrySeconds > 0) {
            stages.add(Stage.of(StageKind.CARRY, carrySeconds, Stage.SHOP_C));
        }
        return stages;
    }

    private SectionCondition condition(Blank blank) {
        Piece piece = piece(blank);
        List<Stage> stages = stages();
        return MEMO.of(piece, stages, () -> {
            ProcessSimulation simulation = new ProcessSimulation(piece);
            stages.forEach(simulation::run);
            return simulation.field().condition();
        });
    }

    /** The blank as the process finds it: its moisture known, as warm as the shop. */
    public static Piece piece(Blank blank) {
        return new Piece(blank.species().basicSpecificGravity(), blank.thicknessMm(), blank.widthMm(),
                Demand.known(blank.moisturePercent(), "moisture"), Stage.SHOP_C);
    }
}
