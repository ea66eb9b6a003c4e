package brachion.core.method;

import brachion.core.bending.Strap;
import brachion.core.process.Piece;
import brachion.core.process.ProbeRecord;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.process.SteamingSchool;
import brachion.core.quantity.PhysicalBound;
import brachion.core.wood.Species;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;

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
                       OptionalDouble holdHours) implements HotWood {

    private static final double FULL_HEAT_C = 98;
    /** Longer than so many minutes nobody is told to steam. */
    private static final double LONGEST_ADVISED_MIN = 240;
    private static final double CARRY_S = 15;
    private static final double[] SOAKS_H = {0, Change.NIGHT_H, Change.LONG_SOAK_H};
    private static final double[] STEAMS_MIN = {15, 30, 60, 120, 240};

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
    public OptionalDouble minutesInSteam() {
        return OptionalDouble.of(steamMinutes);
    }

    @Override
    public double hoursToRelease() {
        return soakHours + steamMinutes / 60 + USUAL_HOLD_H;
    }

    @Override
    public boolean quickerThanSchools(Blank blank) {
        return Arrays.stream(SteamingSchool.values()).allMatch(school -> steamMinutes < school.minutes(blank.thicknessMm()));
    }

    /** Longer in the chamber, or a hotter one. */
    @Override
    public List<Change> changesOfHeat() {
        List<Change> changes = new ArrayList<>();
        double longer = Math.min(steamMinutes * 2, PhysicalBound.STEAM_MINUTES.highest());
        if (longer <= LONGEST_ADVISED_MIN) {
            changes.add(new Change(Change.Kind.STEAM_LONGER, longer, 1, at -> at.withMethod(of(at).withSteamMinutes(longer))));
        }
        if (chamberC < FULL_HEAT_C - 1) {
            changes.add(new Change(Change.Kind.HOTTER_CHAMBER, FULL_HEAT_C, 2, at -> at.withMethod(of(at).withChamberC(FULL_HEAT_C))));
        }
        return changes;
    }

    private static SteamBox of(Recipe recipe) {
        return (SteamBox) recipe.method();
    }

    /** Where steam itself cannot be so hot, the rig is not to blame. */
    @Override
    public List<Doubt> doubts(Shop shop, OptionalDouble rigC) {
        double boilingC = shop.boilingC();
        List<Doubt> doubts = new ArrayList<>();
        Doubt.above(doubts, Doubt.Kind.HOTTER_THAN_BOILING, chamberC, boilingC + Doubt.THERMOMETER_C);
        rigC.ifPresent(reaches -> Doubt.above(doubts, Doubt.Kind.HOTTER_THAN_RIG, Math.min(chamberC, boilingC),
                reaches + Doubt.THERMOMETER_C));
        return doubts;
    }

    /** What a search tries: stock at hand by seasoning and soak, each with every usual time in full steam and every support. */
    static List<List<Recipe>> toTry(WantedPiece wanted, AtHand atHand, Species species) {
        List<List<Recipe>> together = new ArrayList<>();
        List<Double> thicknesses = atHand.thicknessesMm().isEmpty() ? List.of(wanted.thicknessMm()) : atHand.thicknessesMm();
        for (double thickness : thicknesses) {
            for (Seasoning seasoning : atHand.seasonings()) {
                Blank blank = wanted.goodStock(species, seasoning, thickness);
                for (double soak : SOAKS_H) {
                    boolean pointless = soak > 0 && (!atHand.soak() || seasoning == Seasoning.GREEN);
                    if (!pointless) {
                        together.add(steamings(soak, atHand.supports(), wanted.widthMm())
                                .map(steam -> wanted.by(blank, steam)).toList());
                    }
                }
            }
        }
        return together;
    }

    private static Stream<SteamBox> steamings(double soakHours, List<AtHand.Support> supports, double widthMm) {
        return Arrays.stream(STEAMS_MIN).boxed().flatMap(minutes -> supports.stream()
                .map(support -> new SteamBox(soakHours, minutes, FULL_HEAT_C, CARRY_S, support.strap(widthMm))));
    }

    /** The same settings with another soak [h]. */
    @Override
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
    @Override
    public SteamBox withCarrySeconds(double seconds) {
        return new SteamBox(soakHours, additive, steamMinutes, chamberC, probe, seconds, strap, holdHours);
    }

    /** The same settings with another strap, or none. */
    @Override
    public SteamBox withStrap(Optional<Strap> other) {
        return new SteamBox(soakHours, additive, steamMinutes, chamberC, probe, carrySeconds, other, holdHours);
    }

    @Override
    public List<Stage> stages() {
        List<Stage> stages = new ArrayList<>(HotWood.soak(soakHours));
        stages.add(steam());
        stages.addAll(HotWood.carry(carrySeconds));
        return stages;
    }

    private Stage steam() {
        Stage steam = Stage.of(StageKind.STEAM_BOX, steamMinutes * 60, chamberC);
        return probe.map(steam::recordedBy).orElse(steam);
    }

    /**
     * Follows a blank through steamings that differ in nothing but their time and their strap, the short ones on the way
     * of the longest. The conditions are remembered and are exactly those of each followed by itself.
     */
    @Override
    public void followTogether(Blank blank, Shop shop, List<? extends Method> alike) {
        Piece piece = HotWood.piece(blank, shop);
        NavigableMap<Double, SteamBox> byTime = new TreeMap<>();
        alike.stream().map(SteamBox.class::cast).filter(each -> !Followings.knows(piece, each.stagesIn(shop)))
                .forEach(each -> byTime.put(each.steamMinutes * 60, each));
        if (byTime.isEmpty()) {
            return;
        }
        List<SteamBox> rising = List.copyOf(byTime.values());
        ProcessSimulation simulation = new ProcessSimulation(piece);
        HotWood.soak(soakHours).forEach(stage -> simulation.run(stage.in(shop)));
        List<ProcessSimulation> steamed = simulation.afterEach(rising.get(0).steam().in(shop),
                byTime.keySet().stream().mapToDouble(seconds -> seconds).toArray());
        for (int i = 0; i < rising.size(); i++) {
            ProcessSimulation one = steamed.get(i);
            HotWood.carry(carrySeconds).forEach(stage -> one.run(stage.in(shop)));
            Followings.learn(piece, rising.get(i).stagesIn(shop), steamed.get(i).condition());
        }
    }
}
