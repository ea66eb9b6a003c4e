package brachion.bench;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.MethodKind;
import brachion.core.method.Names;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SoakAdditive;
import brachion.core.method.SteamBox;
import brachion.core.risk.FailureMode;
import brachion.core.risk.Flaw;
import brachion.core.risk.Outcome;
import brachion.core.risk.RiskModel;
import brachion.core.risk.RiskModel.Held;
import brachion.core.risk.Severity;
import brachion.core.risk.Trial;
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
 * Steamed trials enough to fit about 60 coefficients: twelve covariates, ten woods, eight people, twenty-five boards, four
 * sources. They are cut from a hundred blanks, so that following heat and water is not what is measured.
 */
final class ManyTrials {

    private static final int BLANKS = 100;

    private ManyTrials() {
    }

    static List<Trial> of(int count) {
        Random random = new Random(11);
        List<Recipe> blanks = new ArrayList<>();
        List<Species> species = SpeciesCatalogue.published().all().stream().filter(s -> !s.radii().unsupportedEstimated())
                .limit(10).toList();
        for (int i = 0; i < BLANKS; i++) {
            blanks.add(recipe(species.get(i % species.size()), random));
        }
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Recipe recipe = blanks.get(random.nextInt(BLANKS)).withInnerRadiusMm(60 + 240 * random.nextDouble())
                    .withNames(new Names("person " + random.nextInt(8), "board " + random.nextInt(25), "source " + random.nextInt(4)));
            double badness = 6 * Math.log(recipe.demand().tensionRatio()) + random.nextGaussian();
            Outcome outcome = badness < 1.75 ? Outcome.clean() : badness < 2.95
                    ? Outcome.damaged(Severity.FLAW, Flaw.OUTER_SPLINTER) : Outcome.damaged(Severity.BROKEN, Flaw.SNAP);
            trials.add(new Trial(i + 1L, recipe, outcome, OptionalDouble.empty()));
        }
        return trials;
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
        return new Recipe(new Blank(species, seasonings[random.nextInt(seasonings.length)],
                OptionalDouble.of(8 + 18 * random.nextDouble()), rings[random.nextInt(rings.length)],
                OptionalDouble.of(10 + 20 * random.nextDouble()), random.nextInt(10) == 0 ? Knots.IN_BEND : Knots.CLEAR,
                random.nextInt(4) == 0 ? OuterFace.RIVEN : OuterFace.SAWN, thickness, 25), new Bend(150, 180),
                new SteamBox(random.nextBoolean() ? 0 : 12, random.nextInt(4) == 0 ? SoakAdditive.SOFTENER : SoakAdditive.NONE,
                        30 + 60 * random.nextDouble(), 98, Optional.empty(), 15, strap, OptionalDouble.of(24)));
    }

    /** What bears on the outer face, as a table another program can fit. */
    static void write(RiskModel risk, Path table) throws IOException {
        List<String> lines = new ArrayList<>(List.of("severity,lnD,knots,riven,soaked,minutes,rings,species,person,board,source"));
        for (Held held : risk.records(MethodKind.STEAM_BOX)) {
            Recipe recipe = held.trial().recipe();
            SteamBox steam = (SteamBox) recipe.method();
            Names names = recipe.names();
            lines.add(String.join(",", held.trial().outcome().severity().name(),
                    Double.toString(Math.log(risk.ratio(FailureMode.TENSION, held.piece()))), recipe.blank().knots().name(),
                    recipe.blank().outerFace().name(), Boolean.toString(steam.soakHours() > 0),
                    Double.toString(Math.log(steam.steamMinutes() / 60)), recipe.blank().growthRings().name(),
                    recipe.blank().species().id(), names.person(), names.board(), names.source()));
        }
        Files.write(table, lines);
    }
}
