package brachion.server.demo;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.ColdLamination;
import brachion.core.method.FreeBending;
import brachion.core.method.GreenRod;
import brachion.core.method.HotPipe;
import brachion.core.method.HotWood;
import brachion.core.method.KerfBending;
import brachion.core.method.KerfedPlies;
import brachion.core.method.Kerfs;
import brachion.core.method.Knots;
import brachion.core.method.Method;
import brachion.core.method.PressedPlate;
import brachion.core.method.SteamedPlies;
import brachion.core.method.Thinning;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.server.recipe.BlankFields;
import brachion.server.recipe.RecipeFields;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/**
 * How pieces end in the invented shop: a rough rule of its own with round numbers, kept apart from the product's
 * mechanics and statistics on purpose.
 */
final class ShopLuck {

    /** Stretch a well-prepared inch of each wood takes [%]; invented. */
    private static final Map<String, Double> STRETCH = Map.of(
            "white-ash", 3.9, "white-oak", 3.8, "red-oak", 3.8, "hard-maple", 3.2, "black-cherry", 3.1,
            "hickory", 3.9, "black-walnut", 4.0, "yellow-birch", 3.3, "beech", 3.6, "sitka-spruce", 2.4);

    /** Squeeze each wood takes before it creases [%], of those that take more or less than most; invented. */
    private static final Map<String, Double> SQUEEZE =
            Map.of("white-oak", 26.0, "red-oak", 25.0, "black-walnut", 25.0, "white-ash", 14.0, "sitka-spruce", 7.0);

    private final Random random;

    ShopLuck(Random random) {
        this.random = random;
    }

    /** How a piece ended; flaw is null when it is clean. */
    record Ending(Severity severity, Flaw flaw) {
    }

    Ending ending(RecipeFields recipe, double moisture, double grainRun, double hands) {
        BlankFields blank = recipe.blank();
        double asked = asked(recipe);
        double bears = STRETCH.get(blank.speciesId()) * (1 - 1.8 / grainRun)
                * (blank.knots() == Knots.IN_BEND ? 0.75 : 1);
        boolean laminated = method(recipe) instanceof ColdLamination || method(recipe) instanceof KerfedPlies;
        double ready = ready(method(recipe), blank.thicknessMm(), moisture);
        bears *= ready;
        double outer = asked * (laminated ? 1 : share(recipe)) / bears * hands * Math.exp(0.17 * random.nextGaussian());
        double inner = asked / SQUEEZE.getOrDefault(blank.speciesId(), 17.0) / (laminated ? 2 : ready) * Math.exp(0.2 * random.nextGaussian());
        if (method(recipe) instanceof PressedPlate plate && across(plate, blank.thicknessMm(), ready) > 1) {
            return new Ending(Severity.BROKEN, Flaw.GRAIN_SPLIT);
        }
        if (random.nextDouble() < (laminated ? 0.16 : 0.03)) {
            Flaw odd = laminated ? Flaw.GLUE_LINE_GAP : Flaw.GRAIN_SPLIT;
            return new Ending(random.nextBoolean() ? Severity.FLAW : Severity.BROKEN, odd);
        }
        if (outer > 0.92 && outer >= inner) {
            boolean broken = outer > 1.3;
            Flaw flaw = broken ? Flaw.SNAP : random.nextInt(4) == 0 ? Flaw.EDGE_CRACK : Flaw.OUTER_SPLINTER;
            return new Ending(broken ? Severity.BROKEN : Severity.FLAW, flaw);
        }
        if (inner > 1) {
            return new Ending(inner > 1.35 ? Severity.BROKEN : Severity.FLAW, Flaw.INNER_CREASE);
        }
        return new Ending(Severity.CLEAN, null);
    }

    /** Stretch of the outer face, or of the web under saw cuts, half of what lies across it [%]; freely bent, a third more. */
    private static double asked(RecipeFields recipe) {
        Method method = method(recipe);
        double thickness = method instanceof HotWood hot ? hot.thinning().map(Thinning::thicknessMm).orElse(recipe.blank().thicknessMm()) : recipe.blank().thicknessMm();
        if (method instanceof GreenRod) {
            return 115 * thickness / (2 * recipe.innerRadiusMm() + thickness);
        }
        double whole = 100 * thickness / (2 * recipe.innerRadiusMm() + thickness);
        if (method instanceof KerfBending sawn) {
            return ofWebs(sawn.kerfs(), recipe.innerRadiusMm() + thickness);
        }
        if (method instanceof KerfedPlies plies) {
            double clean = plies.cleanMm();
            return Math.max(100 * clean / (2 * recipe.innerRadiusMm() + clean), ofWebs(plies.kerfs(), recipe.innerRadiusMm() + clean + thickness));
        }
        return method instanceof FreeBending ? 1.33 * whole : whole;
    }

    private static double ofWebs(Kerfs kerfs, double outerRadius) {
        return 50 * kerfs.webMm() / outerRadius * kerfs.pitchMm() / (kerfs.kerfMm() + 2 * kerfs.webMm());
    }

    /** How near to splitting a plate comes that is stretched across its grain; 4 % is what it bears at its best. */
    private double across(PressedPlate plate, double thickness, double ready) {
        double rise = plate.acrossRiseMm() / plate.widthMm();
        return (267 * rise * rise + 400 * rise * thickness / plate.widthMm()) / (4 * ready) * Math.exp(0.2 * random.nextGaussian());
    }

    /** How much of its best a piece gives; dry wood bent cold gives little. */
    private static double ready(Method method, double thickness, double moisture) {
        if (method instanceof HotPipe pipe) {
            return onThePipe(pipe, thickness);
        }
        return method instanceof HotWood hot ? readiness(hot, thickness, moisture) : 0.22;
    }

    /** Too short on the pipe and it is hard, too long or too thick and the back has gone soft or never will. */
    private static double onThePipe(HotPipe pipe, double thickness) {
        double heat = pipe.heating().minutes() * (pipe.heating().celsius() - 85) / 45 * pipe.contact().share() / 0.15;
        double needed = thickness * thickness / 2.2;
        return Math.max(0.2, 0.95 * Math.exp(-Math.pow(Math.log(heat / needed), 2) / 1.6));
    }

    /** The apprentice pulls unevenly; the others hardly differ. */
    double hands(String person) {
        return switch (person) {
            case "Wren" -> 1.12;
            case "Odo" -> 0.97;
            default -> 1;
        };
    }

    /** Every board is a little better or worse than its like, always the same. */
    double board(String name) {
        return Math.exp(0.08 * new Random(name.hashCode()).nextGaussian());
    }

    /** How many times its radius a piece has when it is let go. */
    double opening(RecipeFields recipe) {
        double noise = 0.008 * random.nextGaussian();
        if (method(recipe) instanceof ColdLamination stack) {
            return 1 + 1.1 / Math.pow(stack.plies(), 2) + noise;
        }
        if (method(recipe) instanceof HotWood hot) {
            double strap = hot.strap().isPresent() ? 0.6 : 1;
            double plies = hot instanceof SteamedPlies glued ? Math.pow(glued.plies(), 2) : 1;
            return 1 + strap / plies * (0.025 + 0.055 * Math.exp(-hot.holdHours().orElse(24) / 16)) + noise;
        }
        return 1.02 + noise;
    }

    private static Method method(RecipeFields recipe) {
        return recipe.method().toMethod(recipe.blank().widthMm());
    }

    /** How much of its best the heated piece gives: wet enough, hot enough, long enough. */
    private static double readiness(HotWood steam, double thickness, double moisture) {
        double wet = Math.min(1, (moisture + (steam.soakHours() > 0 ? 60 / thickness : 0)) / 15);
        double hot = Math.min(1, Math.max(0.3, (steam.heating().celsius() - 70) / 25));
        double cooked = 1 - Math.exp(-steam.heating().minutes() / (8 + thickness));
        return Math.max(0.25, wet * hot * cooked);
    }

    /** Share of the stretch that a support leaves to the wood. */
    private static double share(RecipeFields recipe) {
        Optional<Strap> strap = method(recipe).strap();
        if (strap.isEmpty()) {
            return 1;
        }
        double slack = strap.get().endGapMm() / (recipe.innerRadiusMm() * Math.toRadians(recipe.angleDegrees()));
        return strap.get().material() == StrapMaterial.STEEL ? 0.10 + 9 * slack : 0.92;
    }
}
