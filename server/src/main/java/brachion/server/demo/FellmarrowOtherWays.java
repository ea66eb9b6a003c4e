package brachion.server.demo;

import static brachion.core.method.Glue.PVA;
import static brachion.core.method.GrowthRings.FLAT;
import static brachion.core.method.GrowthRings.MIXED;
import static brachion.core.method.GrowthRings.ON_EDGE;
import static brachion.core.method.GrowthRings.RIFT;
import static brachion.core.method.Seasoning.AIR_DRIED;
import static brachion.core.method.Seasoning.GREEN;
import static brachion.core.method.Seasoning.KILN_DRIED;
import static brachion.server.demo.FellmarrowWorkshop.job;

import brachion.core.bending.Outline;
import brachion.core.method.Clamping;
import brachion.core.method.FreeBending;
import brachion.core.method.GreenRod;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.HotBath;
import brachion.core.method.HotPipe;
import brachion.core.method.KerfBending;
import brachion.core.method.KerfedPlies;
import brachion.core.method.Kerfs;
import brachion.core.method.Method;
import brachion.core.method.PressedPlate;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBag;
import brachion.core.method.SteamBox;
import brachion.core.method.SteamInPlace;
import brachion.core.method.SteamedPlies;
import brachion.core.method.Thinning;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.server.demo.Job.Otherwise;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the invented workshop bent otherwise than in its box and its clamps: the pipe that was too cold, the webs sawn too thick. */
final class FellmarrowOtherWays {

    static final List<Job> JOBS = List.of(
            job(2025, 4, 19, 6, "Drum binding, cool pipe", "hard-maple", AIR_DRIED, 11, MIXED, 2.4, 12, 60, 150, pipe(110, 2)),
            job(2025, 5, 17, 6, "Drum binding, hotter pipe", "hard-maple", AIR_DRIED, 11, MIXED, 2.4, 12, 60, 150, pipe(130, 3)),
            job(2025, 6, 21, 5, "Hoop lining", "black-cherry", KILN_DRIED, 8, FLAT, 3.2, 20, 90, 180, pipe(130, 5)),
            job(2025, 8, 16, 6, "Sled runner, in the bag", "white-oak", AIR_DRIED, 16, ON_EDGE, 16, 40, 300, 80, inTheBag(50)),
            job(2025, 9, 20, 4, "Porch rail, in place", "white-oak", GREEN, 32, RIFT, 19, 38, 700, 60, inPlace(45, 15)),
            job(2025, 10, 18, 5, "Basket rim, hot bath", "red-oak", KILN_DRIED, 8, FLAT, 5, 25, 110, 330, bath(40)),
            job(2026, 2, 21, 5, "Garden hoop, without a form", "white-ash", AIR_DRIED, 20, ON_EDGE, 14, 30, 330, 150, free(40)),
            job(2026, 3, 14, 5, "Curved apron, webs too thick", "beech", KILN_DRIED, 8, FLAT, 19, 70, 220, 90, sawn(3.2, 9.5)),
            job(2026, 3, 28, 6, "Curved apron, sawn deeper", "beech", KILN_DRIED, 8, FLAT, 19, 70, 220, 90, sawn(1.6, 9.5)),
            job(2026, 4, 11, 4, "Box lid, pressed plate", "sitka-spruce", AIR_DRIED, 9, ON_EDGE, 4, 220, 700, 26, pressed(14, 40)),
            job(2026, 4, 25, 4, "Tray, pressed too high", "hard-maple", AIR_DRIED, 10, FLAT, 5, 180, 600, 30, pressed(26, 30)),
            job(2026, 5, 23, 5, "Drum shell, steamed plies", "hard-maple", AIR_DRIED, 14, FLAT, 3.2, 100, 150, 340, plies(30, 3)),
            job(2026, 6, 20, 6, "Crook of a green pole", "white-ash", GREEN, 34, MIXED, 24, 24, 75, 180, rod(40, 15)),
            job(2026, 7, 11, 5, "Sled runner, pulled from the bag", "white-ash", AIR_DRIED, 17, ON_EDGE, 16, 40, 260, 80, pulled(50)),
            job(2026, 10, 2, 3, "Bench end, clean ply too thick", "black-walnut", KILN_DRIED, 8, FLAT, 7, 60, 130, 90, kerfedPlies(3.2, Clamping.Order.FROM_THE_TIGHT_END, Clamping.Force.TIGHT, Clamping.Backing.NOTHING)),
            job(2026, 10, 3, 4, "Bench end, kerfed plies", "black-walnut", KILN_DRIED, 8, FLAT, 7, 60, 130, 90, kerfedPlies(1.6, Clamping.Order.FROM_THE_MIDDLE, Clamping.Force.FIRM, Clamping.Backing.PLASTIC_SHEET)),
            job(2026, 10, 4, 4, "Settle arm, shaved at the bend", "white-oak", AIR_DRIED, 17, ON_EDGE, 26, 45, 240, 80, shaved(60, 16)));

    private FellmarrowOtherWays() {
    }

    private static Handling handled(double soakHours, double carrySeconds) {
        return new Handling(soakHours, SoakAdditive.NONE, carrySeconds, Optional.empty(), OptionalDouble.of(24));
    }

    private static Otherwise as(Method method) {
        return new Otherwise(method);
    }

    private static Otherwise pipe(double celsius, double minutes) {
        return as(new HotPipe(new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(2)),
                new Heating(StageKind.HOT_PIPE, minutes, celsius), new Stage.Contact(0.15, true), HotPipe.By.HANDS));
    }

    private static Otherwise inTheBag(double minutes) {
        return as(new SteamBag(handled(0, 0), bag(minutes), SteamBag.Bent.IN_THE_BAG));
    }

    private static Otherwise pulled(double minutes) {
        return as(new SteamBag(handled(0, 20), bag(minutes), SteamBag.Bent.PULLED));
    }

    private static Otherwise inPlace(double minutes, double steamOn) {
        return as(new SteamInPlace(handled(0, 0), bag(minutes), steamOn));
    }

    private static Otherwise bath(double minutes) {
        return as(new HotBath(handled(0, 15), new Heating(StageKind.HOT_BATH, minutes, 97)));
    }

    private static Otherwise free(double minutes) {
        return as(new FreeBending(handled(0, 0), bag(minutes)));
    }

    private static Heating bag(double minutes) {
        return new Heating(StageKind.STEAM_BAG, minutes, 98);
    }

    private static Otherwise rod(double minutes, double thinnedMm) {
        return as(new GreenRod(handled(0, 15), new Heating(StageKind.STEAM_BOX, minutes, 98), thinnedMm, 400, Outline.ROUND));
    }

    private static Otherwise sawn(double webMm, double pitchMm) {
        return as(new KerfBending(new Kerfs(3.2, webMm, pitchMm), KerfBending.Board.SOLID, Optional.of(3.2)));
    }

    private static Otherwise shaved(double minutes, double thinnedMm) {
        Thinning thinned = new Thinning(thinnedMm, 420, Optional.empty());
        return as(new SteamBox(new Handling(0, SoakAdditive.NONE, 12, Optional.empty(), OptionalDouble.of(48), Optional.of(thinned)),
                new Heating(StageKind.STEAM_BOX, minutes, 98)));
    }

    private static Otherwise kerfedPlies(double cleanMm, Clamping.Order order, Clamping.Force force, Clamping.Backing backing) {
        return as(new KerfedPlies(PVA, 3, cleanMm, new Kerfs(3.2, 2.4, 8), new Clamping(Optional.of(order), Optional.of(force), Optional.of(backing))));
    }

    private static Otherwise pressed(double acrossMm, double minutes) {
        return as(new PressedPlate(new Handling(0.25, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(240)),
                new Heating(StageKind.HOT_BATH, minutes, 96), acrossMm, 200, 3, PressedPlate.Between.METAL_SHEETS, PressedPlate.Bag.BAGGED));
    }

    private static Otherwise plies(double minutes, int count) {
        return as(new SteamedPlies(handled(0, 15), new Heating(StageKind.STEAM_BOX, minutes, 98), PVA, count));
    }
}
