package brachion.core.rig;

import brachion.core.process.BoilingPoint;
import brachion.core.quantity.LengthUnit;
import brachion.core.quantity.PhysicalBound;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a rig can do with a load.
 *
 * @param reachesC       temperature it comes to [°C]
 * @param holdingWatts   steam heat needed to hold the wanted temperature [W]
 * @param steamWatts     steam heat there is [W]
 * @param hold           how well it holds the wanted temperature
 * @param heatUpMinutes  minutes until chamber and load are at the wanted temperature; empty when it never comes
 * @param tankHours      hours a full tank lasts
 * @param gapAcrossMm    room between pieces once swollen [mm]
 * @param gapAboveMm     room above the top layer once swollen [mm]
 * @param gapAlongMm     room at the ends together [mm]
 * @param roomy          whether the load has the room to swell and for steam to pass
 * @param changes        what would make it hold, each by itself; empty when it does
 */
public record RigAppraisal(double reachesC, double holdingWatts, double steamWatts, Hold hold,
                           OptionalDouble heatUpMinutes, double tankHours, double gapAcrossMm, double gapAboveMm,
                           double gapAlongMm, boolean roomy, List<Change> changes) {

    /** The chamber temperature that is wanted [°C], unless water boils below it. */
    public static final double WANTED_C = 98;
    /** A chamber is never quite at boiling; how far below it is still called hot [K]; chosen by us. */
    private static final double BELOW_BOILING = 1.5;
    /** Spare power that brings the heat back after the door was open; chosen by us. */
    private static final double EASE = 1.5;
    /** Room on all sides of the stock [mm]; common practice. */
    private static final double LEAST_GAP_MM = 6;
    /** What is advised lies an inch, or two, apart. */
    private static final double INSULATION_STEP_MM = LengthUnit.INCH.millimetres();
    private static final double LENGTH_STEP_MM = 2 * LengthUnit.INCH.millimetres();

    /** How well the temperature is held. */
    public enum Hold {
        /** With power to spare for an opened door. */
        EASILY,
        /** Just, and it falls whenever the door opens. */
        BARELY,
        /** Not at all. */
        NOT
    }

    /**
     * One thing that would make it hold with power to spare.
     *
     * @param kind   what to change
     * @param amount the new length [mm], insulation [mm] or number of generators
     */
    public record Change(Kind kind, double amount) {

        /** What can be changed. */
        public enum Kind {
            /** A shorter chamber. */
            SHORTEN,
            /** Foam or wool round the walls. */
            INSULATE,
            /** More generators. */
            ADD_GENERATOR
        }
    }

    /** Appraises a rig with a load in it. */
    public static RigAppraisal of(SteamRig rig, RigLoad load) {
        double wanted = wantedC(rig);
        boolean roomy = load.gapAcrossMm(rig) >= LEAST_GAP_MM && load.gapAboveMm(rig) >= LEAST_GAP_MM
                && load.gapAlongMm(rig) >= 0;
        Hold hold = hold(rig);
        return new RigAppraisal(rig.reachesC(), rig.holdingWatts(wanted), rig.steamWatts(), hold,
                heatUpMinutes(rig, load), rig.tankHours(), load.gapAcrossMm(rig), load.gapAboveMm(rig),
                load.gapAlongMm(rig), roomy, hold == Hold.EASILY ? List.of() : changes(rig, load));
    }

    /** The temperature wanted of a rig where it stands [°C]. */
    public static double wantedC(SteamRig rig) {
        return Math.min(WANTED_C, BoilingPoint.celsius(rig.altitudeM()) - BELOW_BOILING);
    }

    private static Hold hold(SteamRig rig) {
        double spare = rig.steamWatts() / rig.holdingWatts(wantedC(rig));
        return spare >= EASE ? Hold.EASILY : spare >= 1 ? Hold.BARELY : Hold.NOT;
    }

    /**
     * One lump of walls and load under constant power: C dT/dt = P − U·A·(T − T_shop), so
     * t = C/(U·A)·ln(P/(P − U·A·ΔT)) with P the steam heat less what the vents take.
     */
    private static OptionalDouble heatUpMinutes(SteamRig rig, RigLoad load) {
        double power = rig.steamWatts() - rig.ventWatts();
        double loss = rig.wallLossPerK() * (wantedC(rig) - rig.shopC());
        if (power <= loss) {
            return OptionalDouble.empty();
        }
        double heat = rig.wallHeatPerK() + load.heatPerK();
        return OptionalDouble.of(heat / rig.wallLossPerK() * Math.log(power / (power - loss)) / 60);
    }

    private static List<Change> changes(SteamRig rig, RigLoad load) {
        List<Change> changes = new ArrayList<>();
        double shortest = Math.max(load.lengthMm(), PhysicalBound.CHAMBER_LENGTH_MM.nearest(0));
        for (double length = rig.lengthMm() - LENGTH_STEP_MM; length >= shortest; length -= LENGTH_STEP_MM) {
            if (hold(rig.withLengthMm(length)) == Hold.EASILY) {
                changes.add(new Change(Change.Kind.SHORTEN, length));
                break;
            }
        }
        for (double foam = INSULATION_STEP_MM; foam <= 4 * INSULATION_STEP_MM && PhysicalBound.INSULATION_MM.holds(foam); foam += INSULATION_STEP_MM) {
            if (foam > rig.insulationThicknessMm() && hold(rig.withInsulationMm(foam)) == Hold.EASILY) {
                changes.add(new Change(Change.Kind.INSULATE, foam));
                break;
            }
        }
        for (int more = rig.generators() + 1; more <= rig.generators() + 3 && PhysicalBound.GENERATORS.holds(more); more++) {
            if (hold(rig.withGenerators(more)) == Hold.EASILY) {
                changes.add(new Change(Change.Kind.ADD_GENERATOR, more));
                break;
            }
        }
        return changes;
    }
}
