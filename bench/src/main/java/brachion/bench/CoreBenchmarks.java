package brachion.bench;

import brachion.core.bending.BendSection;
import brachion.core.bending.SectionCondition;
import brachion.core.bending.SectionState;
import brachion.core.bending.Strap;
import brachion.core.bending.StrapMaterial;
import brachion.core.forecast.BendMap;
import brachion.core.forecast.Forecast;
import brachion.core.forecast.Forecaster;
import brachion.core.forecast.Levers;
import brachion.core.forecast.SideBySide;
import brachion.core.forecast.WaySearch;
import brachion.core.method.AtHand;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.SteamBox;
import brachion.core.method.WantedPiece;
import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Flaw;
import brachion.core.trial.Outcome;
import brachion.core.trial.Severity;
import brachion.core.trial.Trial;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What the core costs: one section, one forecast, one fit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmarks {

    private static final Marks INCHES = new Marks(25.4 / 8, 25.4 / 32);
    private static final Species ASH = SpeciesCatalogue.published().require("white-ash");

    private static final List<Stage> WHOLE = List.of(Stage.of(StageKind.SOAK, 12 * 3600, 18),
            Stage.of(StageKind.STEAM_BOX, 7200, 98), Stage.of(StageKind.CARRY, 30, 18),
            Stage.of(StageKind.FORM, 86_400, 18), Stage.of(StageKind.RACK, 14 * 86_400, 18));

    private double thicknessMm = 12;
    private double chamberC = 97;
    private double searchedMm = 16;
    private double radiusMm = 120;
    private final BendSection section = new BendSection(ASH, SectionCondition.uniform(0.9, 20), 19, 25, 140, 500,
            Optional.of(new Strap(StrapMaterial.STEEL, 0.9, 25, 1)), Physics.USUAL);
    private final List<Trial> thousand = trials(1000);
    private final RiskModel fitted = RiskModel.fit(thousand);
    private final Forecaster forecaster = new Forecaster(fitted);
    private final Recipe measured = recipe(19, 140, OptionalDouble.of(18), OptionalDouble.of(20));
    private final Recipe unmeasured = recipe(19, 140, OptionalDouble.empty(), OptionalDouble.empty());

    /** One section solve. */
    @Benchmark
    public SectionState section() {
        return section.solve();
    }

    /** One forecast of a piece whose moisture and grain are known. */
    @Benchmark
    public Forecast forecastMeasured() {
        return forecaster.forecast(measured);
    }

    /** One forecast of a piece that nobody measured: fifteen possibilities. */
    @Benchmark
    public Forecast forecastUnmeasured() {
        return forecaster.forecast(unmeasured);
    }

    /** A forecast of a piece never seen before, its heat and water included. */
    @Benchmark
    public Forecast forecastNewPiece() {
        thicknessMm = 12 + (thicknessMm + 0.001) % 12;
        return forecaster.forecast(recipe(thicknessMm, 140, OptionalDouble.of(18), OptionalDouble.of(20)));
    }

    /** A whole recipe of inch stock: 12 h soak, 2 h steam, 30 s carry, 24 h form, 14 d rack. */
    @Benchmark
    public double wholeRecipe() {
        ProcessSimulation piece = new ProcessSimulation(new Piece(0.6, 25, 50, 8, 18));
        WHOLE.forEach(piece::run);
        return piece.field().meanMoisturePercent();
    }

    /** Soak, steam and carry of 60 thicknesses from 2 to 25 mm. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public double thicknessSweep() {
        double sum = 0;
        for (int i = 0; i < 60; i++) {
            ProcessSimulation piece = new ProcessSimulation(new Piece(0.6, 2 + 23 * i / 59.0, 50, 8, 18));
            WHOLE.subList(0, 3).forEach(piece::run);
            sum += piece.field().meanSoftness();
        }
        return sum;
    }

    /** A bend map of 60 × 40, its thicknesses followed through steam before. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public BendMap bendMap() {
        return BendMap.of(fitted, unmeasured, new BendMap.Extent(2, 40, 30, 1200, 60, 40));
    }

    /** The same of a chamber a little hotter each time, so that every thickness is followed anew. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public BendMap bendMapAnew() {
        chamberC = 97 + (chamberC + 0.001) % 1;
        return BendMap.of(fitted, unmeasured.withMethod(((SteamBox) unmeasured.method()).withChamberC(chamberC)),
                new BendMap.Extent(2, 40, 30, 1200, 60, 40));
    }

    /** A search over all woods of which nothing is remembered but what one search shares. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    @Measurement(iterations = 3, time = 1)
    public WaySearch.Found search() {
        searchedMm = 16 + (searchedMm + 0.01) % 4;
        AtHand everything = new AtHand(SpeciesCatalogue.published().all(), List.of(Seasoning.values()),
                List.of(searchedMm, searchedMm - 2), List.of(AtHand.Support.NONE, AtHand.Support.STEEL), true,
                List.of(MethodKind.values()), List.of(1.0, 1.6, 2.0, 2.4, 3.2, 4.0, 4.8));
        WaySearch.Wanted wanted = new WaySearch.Wanted(new WantedPiece(new Bend(100, 190), searchedMm, 22), 0.9, WaySearch.Order.MOST_TRIED);
        return new WaySearch(fitted).find(wanted, everything, (done, of) -> { });
    }

    /** Every way to one curve, side by side, their heat and water remembered. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public SideBySide sideBySide() {
        radiusMm = 120 + (radiusMm + 1) % 80;
        return SideBySide.of(fitted, recipe(16, radiusMm, OptionalDouble.of(15), OptionalDouble.of(20)), 0.9);
    }

    /** Three minutes of a strip of 2.5 mm on a hot pipe. */
    @Benchmark
    public double hotPipe() {
        ProcessSimulation strip = new ProcessSimulation(new Piece(0.55, 2.5, 25, 12, 20));
        strip.run(Stage.of(StageKind.HOT_PIPE, 180, 130).touching(new Stage.Contact(0.15, true)));
        return strip.field().innerFaceC();
    }

    /** What to change about a bend, single steps and together, nothing remembered of it. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public Levers levers() {
        thicknessMm = 12 + (thicknessMm + 0.001) % 12;
        return Levers.of(forecaster, recipe(thicknessMm, 120, OptionalDouble.of(15), OptionalDouble.of(20)), 0.9, INCHES);
    }

    /** A fit of 1,000 trials, their sections included; their heat and water are remembered from the fit before. */
    @Benchmark
    public RiskModel refitThousand() {
        return RiskModel.fit(thousand);
    }

    static List<Trial> trials(int count) {
        Random random = new Random(7);
        List<Trial> trials = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Recipe recipe = recipe(4 + 20 * random.nextDouble(), 80 + 300 * random.nextDouble(),
                    OptionalDouble.of(8 + 16 * random.nextDouble()), OptionalDouble.of(10 + 20 * random.nextDouble()));
            boolean holds = recipe.demand().tensionRatio() * Math.exp(0.25 * random.nextGaussian()) < 1;
            trials.add(new Trial(recipe, holds ? Outcome.clean() : Outcome.damaged(Severity.BROKEN, Flaw.SNAP)));
        }
        return trials;
    }

    private static Recipe recipe(double thicknessMm, double radiusMm, OptionalDouble moisture, OptionalDouble run) {
        Blank blank = new Blank(ASH, Seasoning.AIR_DRIED, moisture, GrowthRings.FLAT, run, Knots.CLEAR, thicknessMm, 25);
        return new Recipe(blank, new Bend(radiusMm, 180), new SteamBox(0, 60, 98, 15, Optional.empty()));
    }
}
