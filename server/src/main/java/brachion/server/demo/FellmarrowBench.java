package brachion.server.demo;

import brachion.core.bench.Tap;
import brachion.core.method.ColdLamination;
import brachion.core.method.Glue;
import brachion.core.method.GrowthRings;
import brachion.core.method.Handling;
import brachion.core.method.Heating;
import brachion.core.method.Knots;
import brachion.core.method.Method;
import brachion.core.method.OuterFace;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.process.StageKind;
import brachion.core.quantity.LengthUnit;
import brachion.server.bench.Bench;
import brachion.server.bench.PlanFields;
import brachion.server.bench.TapFields;
import brachion.server.job.JobFields;
import brachion.server.job.Jobs;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.MethodFields;
import brachion.server.recipe.RecipeFields;
import brachion.server.rig.UsedFields;
import brachion.server.trial.Trials;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is under way on Fellmarrow Workshop's bench just now: invented pieces at different steps. */
final class FellmarrowBench {

    private static final double INCH = LengthUnit.INCH.millimetres();

    private final Instant now;

    FellmarrowBench(Instant now) {
        this.now = now;
    }

    /**
     * Takes three jobs on, and lays their pieces on the bench.
     *
     * @param rig        the things they are made with
     * @param framesBent records of frames that were bent for the first
     */
    void layOn(Bench bench, Jobs jobs, Trials trials, FellmarrowRig rig, FellmarrowCurves curves, List<Long> framesBent) {
        RecipeFields frame = recipe("white-ash", Seasoning.AIR_DRIED, 17, 1 / 2.0, 13 / 16.0, 6, 180, steamed(0, 40), "Tamsin");
        RecipeFields handle = recipe("red-oak", Seasoning.KILN_DRIED, 8, 7 / 8.0, 7 / 8.0, 3.5, 180, steamed(14, 55), "Tamsin");
        RecipeFields arch = recipe("white-oak", Seasoning.KILN_DRIED, 8, 1 / 8.0, 2, 20, 150, new ColdLamination(Glue.UREA_RESIN, 10), "Odo");
        List<UsedFields> forFrames = rig.with("Plywood box", "Snowshoe form, 6 in", "Small screw clamps", "Loft over the stove");
        List<UsedFields> forHandles = rig.with("Eaves gutter", "Plywood box", "Crook form, 3 1/2 in", "Bar clamps");
        List<UsedFields> forArch = List.of(rig.with(1, "Arch form, 20 in"), rig.with(14, "Bar clamps"), rig.with(1, "Plastic resin, spring tin"));
        long frames = jobs.add(new JobFields("Snowshoe frames, four pairs", 8, 0.9, true, day(12), "For the ridge walkers, before the first snow.", frame, forFrames, curves.frame()));
        long gate = jobs.add(new JobFields("Orchard gate", 2, 0.9, false, day(20), "A crook handle on either side.", handle, forHandles, curves.handle()));
        long garden = jobs.add(new JobFields("Garden arch", 1, 0.9, false, null, "Ten plies, to stand outdoors.", arch, forArch, null));
        trials.wereFor(framesBent, frames);
        bench.lay(made("Snowshoe frame, right", frame, frames, forFrames), List.of(
                said(Tap.INTO_HEAT, 31), read(29, 41), read(25, 72), read(21, 93), read(17, 97.2), read(9, 97.6), read(2, 97.4)));
        bench.lay(made("Crook handle, left", handle, gate, forHandles), List.of(said(Tap.INTO_SOAK, 9 * 60 + 20)));
        bench.lay(made("Pannier rim, lower", recipe("beech", Seasoning.AIR_DRIED, 15, 3 / 8.0, 1, 5, 180, steamed(0, 30), "Odo"), null,
                rig.with("Plywood box", "Rim form, 5 in", "Small screw clamps")), List.of(
                said(Tap.INTO_HEAT, 20 * 60 + 40), said(Tap.AT_HEAT, 20 * 60 + 32), said(Tap.PULLED, 20 * 60), said(Tap.CLAMPED, 20 * 60 - 0.2)));
        bench.lay(made("Garden arch, ten plies", arch, garden, forArch), List.of(said(Tap.GLUE_ON, 5 * 60 + 25), said(Tap.CLAMPED, 5 * 60 + 12)));
        bench.lay(made("Snowshoe frame, spare", frame, frames, forFrames), List.of(said(Tap.PREPARED, 50)));
    }

    private static PlanFields made(String name, RecipeFields recipe, Long job, List<UsedFields> madeWith) {
        return new PlanFields(name, recipe, job, null, null, madeWith);
    }

    private LocalDate day(int ahead) {
        return LocalDate.ofInstant(now, ZoneId.systemDefault()).plusDays(ahead);
    }

    private static Method steamed(double soakHours, double minutes) {
        return new SteamBox(new Handling(soakHours, SoakAdditive.NONE, 15, Optional.empty(), OptionalDouble.of(24)),
                new Heating(StageKind.STEAM_BOX, minutes, 98));
    }

    private static RecipeFields recipe(String species, Seasoning seasoning, double moisture, double thickness, double width, double radius, double angle,
                                       Method method, String person) {
        BlankFields blank = new BlankFields(species, seasoning, moisture, GrowthRings.FLAT, 25.0, Knots.CLEAR, OuterFace.SAWN,
                thickness * INCH, width * INCH);
        return new RecipeFields(blank, radius * INCH, angle, MethodFields.of(method), person, null, null);
    }

    private TapFields said(Tap tap, double minutesAgo) {
        return new TapFields(tap, ago(minutesAgo), null, null);
    }

    private TapFields read(double minutesAgo, double celsius) {
        return new TapFields(Tap.READING, ago(minutesAgo), celsius, null);
    }

    private Instant ago(double minutes) {
        return now.minus(Duration.ofMillis(Math.round(minutes * 60_000)));
    }
}
