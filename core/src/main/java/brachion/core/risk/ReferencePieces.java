package brachion.core.risk;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.HotPipe;
import brachion.core.method.KerfBending;
import brachion.core.method.KerfedPlies;
import brachion.core.method.Kerfs;
import brachion.core.method.Knots;
import brachion.core.method.Method;
import brachion.core.method.OuterFace;
import brachion.core.method.PressedPlate;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.method.SteamedPlies;
import brachion.core.method.Thinning;
import brachion.core.process.ProbeRecord;
import brachion.core.process.ProbeRecord.Reading;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.trial.Outcome;
import brachion.core.trial.Trial;
import brachion.core.wood.SpeciesCatalogue;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A few pieces of every kind: green and kiln-dried, soaked, strapped, with a thermometer, unmeasured, shaved thinner, laminated. Whatever
 * is changed about the computation changes what it says of one of them.
 */
final class ReferencePieces {

    private static final double NOT_MEASURED = Double.NaN;

    private ReferencePieces() {
    }

    /** A short text that stands for what the computation says of all of them. */
    static String fingerprint() {
        return Followed.digest(trials().map(trial -> print(Followed.of(RecordedTrial.of(trial)))).collect(Collectors.joining()));
    }

    static String print(Followed followed) {
        return Arrays.toString(followed.weight()) + followed.springback() + followed.modes().stream()
                .map(mode -> mode.mode() + " " + mode.typical() + Arrays.toString(mode.load()) + Arrays.toString(mode.spread())
                        + Arrays.toString(mode.spreadWeight()) + Arrays.toString(mode.unsure())).collect(Collectors.joining());
    }

    static Stream<Trial> trials() {
        Optional<Strap> none = Optional.empty();
        Optional<Strap> steel = Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 25, 1));
        Optional<Strap> webbing = Optional.of(new Strap(StrapMaterial.WEBBING, 2.5, 25, 0));
        ProbeRecord probe = new ProbeRecord(List.of(new Reading(0, 20), new Reading(600, 80), new Reading(1800, 97)));
        return Stream.of(
                trial("white-oak", Seasoning.GREEN, 45, 20, steam(0, 60, none), 140),
                trial("white-ash", Seasoning.KILN_DRIED, 8, 12, steam(24, 45, steel), 90),
                trial("white-ash", Seasoning.KILN_DRIED, NOT_MEASURED, 6, steam(0, 20, webbing), 100),
                trial("western-redcedar", Seasoning.AIR_DRIED, 14, 9,
                        new SteamBox(0, SoakAdditive.NONE, 30, 98, Optional.of(probe), 20, none, OptionalDouble.of(24)), 500),
                trial("white-ash", Seasoning.AIR_DRIED, 12, 2.5, new HotPipe(new Handling(0, SoakAdditive.NONE, 0, none, OptionalDouble.empty()),
                        new Heating(StageKind.HOT_PIPE, 3, 130), new Stage.Contact(0.15, true), HotPipe.By.HANDS), 60),
                trial("white-oak", Seasoning.AIR_DRIED, 16, 25, new SteamBox(new Handling(0, SoakAdditive.NONE, 12, none, OptionalDouble.of(24),
                        Optional.of(new Thinning(14, 200, Optional.empty()))), new Heating(StageKind.STEAM_BOX, 45, 98)), 200),
                trial("hard-maple", Seasoning.AIR_DRIED, 14, 3, new SteamedPlies(new Handling(0, SoakAdditive.NONE, 15, none, OptionalDouble.of(24)),
                        new Heating(StageKind.STEAM_BOX, 30, 98), Glue.PVA, 4), 150),
                trial("beech", Seasoning.AIR_DRIED, 10, 5, new KerfedPlies(Glue.PVA, 3, 1.6, new Kerfs(3.2, 2.4, 8)), 130),
                trial("beech", Seasoning.AIR_DRIED, 10, 12.7, new KerfBending(new Kerfs(3.2, 1.6, 6.35), KerfBending.Board.SOLID, Optional.of(3.2)), 76),
                trial("sitka-spruce", Seasoning.AIR_DRIED, 9, 4, new PressedPlate(new Handling(0.25, SoakAdditive.NONE, 0, none, OptionalDouble.empty()),
                        new Heating(StageKind.HOT_BATH, 30, 96), 1, 25, 3, PressedPlate.Between.METAL_SHEETS, PressedPlate.Bag.BAGGED), 400),
                trial("beech", Seasoning.AIR_DRIED, 10, 2, new ColdLamination(Glue.EPOXY, 8), 200));
    }

    private static SteamBox steam(double soakHours, double minutes, Optional<Strap> strap) {
        return new SteamBox(soakHours, minutes, 97, 15, strap);
    }

    private static Trial trial(String species, Seasoning seasoning, double moisture, double thickness, Method method, double radius) {
        OptionalDouble measured = Double.isNaN(moisture) ? OptionalDouble.empty() : OptionalDouble.of(moisture);
        Blank blank = new Blank(SpeciesCatalogue.published().require(species), seasoning, measured, GrowthRings.FLAT,
                measured.isPresent() ? OptionalDouble.of(15) : OptionalDouble.empty(), Knots.CLEAR,
                OuterFace.SAWN, thickness, 25);
        return new Trial(0, new Recipe(blank, new Bend(radius, 120), method), Outcome.clean(), OptionalDouble.of(radius * 1.05));
    }
}
