package brachion.bench;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.FailureMode;
import brachion.core.method.Family;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Names;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.BendingRadii;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;

/**
 * Steamed trials as a shop gathers them: three pieces of a board, ten woods, eight people, four sources; every piece unlike
 * every other, three in ten with neither moisture nor slope of grain measured.
 */
final class ManyTrials {

    private static final int PIECES_OF_A_BOARD = 3;
    private static final double UNMEASURED = 0.3;

    private ManyTrials() {
    }

    static List<Trial> of(int count) {
        Random random = new Random(11);
        List<Species> species = SpeciesCatalogue.published().all().stream().filter(s -> !s.radii().unsupportedEstimated())
                .limit(10).toList();
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Recipe recipe = recipe(species.get(i % species.size()), random).withNames(new Names("person " + random.nextInt(8),
                    "board " + i / PIECES_OF_A_BOARD, "source " + random.nextInt(4)));
            trials.add(new Trial(i + 1L, recipe, outcome(recipe, random), OptionalDouble.empty()));
        }
        return trials;
    }

    /** A rough law of its own, for the sake of speed: thickness over radius against that of the published radius. */
    private static Outcome outcome(Recipe recipe, Random random) {
        double published = BendingRadii.STOCK_THICKNESS_MM / recipe.blank().species().radii().unsupportedMm();
        double asked = recipe.blank().thicknessMm() / recipe.bend().innerRadiusMm() / published;
        double badness = Math.log(asked) - 0.3 + 0.3 * random.nextGaussian();
        return badness < 0 ? Outcome.clean() : badness < 0.1 ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER)
                : Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
    }

    private static Recipe recipe(Species species, Random random) {
        GrowthRings[] rings = GrowthRings.values();
        Seasoning[] seasonings = Seasoning.values();
        double thickness = 6 + 14 * random.nextDouble();
        Optional<Strap> strap = switch (random.nextInt(3)) {
            case 0 -> Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 25, random.nextInt(3)));
            case 1 -> Optional.of(new Strap(StrapMaterial.WEBBING, 2.5, 25, 0));
            default -> Optional.empty();
        };
        boolean unmeasured = random.nextDouble() < UNMEASURED;
        double radius = species.radii().unsupportedMm() * thickness / BendingRadii.STOCK_THICKNESS_MM
                * Math.exp(0.15 + 0.4 * random.nextGaussian());
        return new Recipe(new Blank(species, seasonings[random.nextInt(seasonings.length)],
                unmeasured ? OptionalDouble.empty() : OptionalDouble.of(8 + 18 * random.nextDouble()),
                rings[random.nextInt(rings.length)],
                unmeasured ? OptionalDouble.empty() : OptionalDouble.of(10 + 20 * random.nextDouble()),
                random.nextInt(10) == 0 ? Knots.IN_BEND : Knots.CLEAR,
                random.nextInt(4) == 0 ? OuterFace.RIVEN : OuterFace.SAWN, thickness, 25), new Bend(radius, 180),
                new SteamBox(random.nextBoolean() ? 0 : 12, random.nextInt(4) == 0 ? SoakAdditive.SOFTENER : SoakAdditive.NONE,
                        30 + 60 * random.nextDouble(), 98, Optional.empty(), 15, strap, OptionalDouble.of(24)));
    }

    /** What bears on the outer face, as a table another program can fit; without boards, of which there are too many for it. */
    static void write(RiskModel risk, Path table) throws IOException {
        List<String> lines = new ArrayList<>(List.of("severity,lnD,knots,riven,soaked,minutes,rings,species,person,source"));
        double[] asked = risk.asked(Family.HOT_WOOD, FailureMode.TENSION);
        int row = 0;
        for (Held held : risk.records(Family.HOT_WOOD)) {
            Recipe recipe = held.trial().recipe();
            SteamBox steam = (SteamBox) recipe.method();
            Names names = recipe.names();
            lines.add(String.join(",", held.trial().outcome().severity().name(),
                    Double.toString(asked[row++]), recipe.blank().knots().name(),
                    recipe.blank().outerFace().name(), Boolean.toString(steam.soakHours() > 0),
                    Double.toString(Math.log(steam.steamMinutes() / 60)), recipe.blank().growthRings().name(),
                    recipe.blank().species().id(), names.person(), names.source()));
        }
        Files.write(table, lines);
    }
}
