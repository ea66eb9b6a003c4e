package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.bending.Outline;
import brachion.core.method.Bend;
import brachion.core.method.Blank;
import brachion.core.method.Change;
import brachion.core.method.GrowthRings;
import brachion.core.method.Knots;
import brachion.core.method.Marks;
import brachion.core.method.Method;
import brachion.core.method.MethodKind;
import brachion.core.method.OuterFace;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.Setting;
import brachion.core.method.Settings;
import brachion.core.quantity.PhysicalBound;
import brachion.core.risk.RiskModel;
import brachion.core.shape.Chain;
import brachion.core.shape.Familiar;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever is accepted of a way of bending, drawn by chance over all its settings, is forecast: no matter how strange. */
class EveryAcceptedRecipeTest {

    private static final int PIECES = 40;
    private static final int ADVISED = 4;
    private static final RiskModel NO_RECORDS = RiskModel.withoutRecords();
    private static final Forecaster TABLES = new Forecaster(NO_RECORDS);
    private static final ChainForecaster CHAINS = new ChainForecaster(NO_RECORDS);
    /** Marks a shop that works in millimetres measures by, and one that works in inches. */
    private static final List<Marks> MARKS = List.of(new Marks(5, 0.5), new Marks(25.4 / 8, 25.4 / 32));
    private static final List<Species> WOODS = SpeciesCatalogue.published().all();

    private final Random random = new Random(20_261_126L);

    @ParameterizedTest
    @EnumSource
    void has_odds_a_springback_and_a_sheet(MethodKind kind) {
        for (int piece = 0; piece < PIECES; piece++) {
            Recipe recipe = accepted(kind);
            Method method = recipe.method();
            Odds odds = TABLES.unbroken(recipe);
            assertThat(List.of(odds.low(), odds.probability(), odds.high())).as("%s", recipe).allSatisfy(chance -> assertThat(chance).isBetween(0.0, 1.0)).isSorted();
            assertThat(method.sheet(recipe).lines()).as("%s", recipe).isNotEmpty().allSatisfy(line -> assertThat(line.value()).isFinite());
            assertThat(TABLES.forecast(recipe).blemishes()).as("%s", recipe).allSatisfy(blemish -> assertThat(blemish.chance()).isBetween(0.0, 1.0));
            assertThat(method.attentionHours(recipe)).isFinite().isPositive();
            if (piece % 4 == 0) {
                assertThat(TABLES.forecast(recipe).springback().releasedRadiusMm()).as("%s", recipe).isFinite().isPositive();
                bentBothWays(recipe);
            }
        }
    }

    /** What is changed about it is another piece that is accepted. */
    @ParameterizedTest
    @EnumSource
    void can_be_changed_in_every_way_that_is_advised(MethodKind kind) {
        for (int piece = 0; piece < 5 * PIECES; piece++) {
            Recipe recipe = accepted(kind);
            for (Change change : Change.of(recipe, MARKS.get(piece % 2))) {
                Recipe changed = change.on().apply(recipe);
                assertThat(changed.method().refusals(changed.blank().thicknessMm(), changed.bend())).as("%s of %s", change, recipe).isEmpty();
                assertThat(changed).as("%s of %s", change, recipe).isNotEqualTo(recipe);
            }
        }
    }

    /** What to change, what to try next, the same in other plies and by other ways: there is an answer to each. */
    @ParameterizedTest
    @EnumSource
    void is_advised_on(MethodKind kind) {
        for (int piece = 0; piece < ADVISED; piece++) {
            Recipe recipe = accepted(kind);
            Marks marks = MARKS.get(piece % 2);
            assertThat(Levers.of(TABLES, recipe, 0.9, marks).levers()).as("%s", recipe).allSatisfy(lever -> assertThat(lever.unbroken().probability()).isBetween(0.0, 1.0));
            assertThat(NextTrials.of(NO_RECORDS, recipe, List.of(), marks).trials()).as("%s", recipe).allSatisfy(next -> assertThat(next.spreadNow()).isFinite());
            assertThat(SideBySide.of(NO_RECORDS, recipe, 0.9).ways()).as("%s", recipe).isNotEmpty();
            assertThat(PliesCompared.of(NO_RECORDS, recipe)).as("%s", recipe).isNotNull();
            assertThat(Spares.of(NO_RECORDS, recipe, 4, 0.8, Severity.FLAW).perPiece().probability()).as("%s", recipe).isBetween(0.0, 1.0);
            assertThat(BendMap.of(NO_RECORDS, recipe, new BendMap.Extent(2, 40, 30, 1200, 4, 4)).unbroken()).as("%s", recipe).hasSize(4)
                    .allSatisfy(row -> assertThat(row).allSatisfy(cell -> assertThat(cell.probability()).isBetween(0.0, 1.0)));
            Flaw[] seen = Flaw.values();
            assertThat(Diagnosis.of(NO_RECORDS, recipe, recipe, seen[random.nextInt(seen.length)], marks).likely()).as("%s", recipe)
                    .allSatisfy(likely -> assertThat(likely.share()).isBetween(0.0, 1.0));
        }
    }

    private Recipe accepted(MethodKind kind) {
        for (int tries = 0; tries < 1000; tries++) {
            Settings.Reading read = Settings.read(kind.settings(), given(kind));
            Blank blank = blank();
            Bend bend = new Bend(within(PhysicalBound.INNER_RADIUS_MM), 5 + random.nextInt(360));
            if (!read.problems().isEmpty()) {
                continue;
            }
            Method method = kind.of(read.settings(), blank.widthMm());
            if (method.refusals(blank.thicknessMm(), bend).isEmpty() && (method.roundStock() || blank.outline() == Outline.RECTANGLE)) {
                return new Recipe(blank, bend, method);
            }
        }
        throw new AssertionError("Settings that are accepted are not so rare");
    }

    /** One bend against the other, of what bends singly: forecast, or refused in words by the way itself. */
    private static void bentBothWays(Recipe recipe) {
        Chain s = Familiar.S.chain(recipe.bend().innerRadiusMm(), recipe.bend().angleDegrees());
        double thickness = recipe.method().finishedMm(recipe.blank().thicknessMm());
        boolean asLongAsAnyPiece = s.stretches().stream().mapToDouble(part -> part.alongMiddle(thickness).lengthMm()).sum() <= PhysicalBound.PIECE_LENGTH_MM.highest();
        try {
            ChainForecast both = CHAINS.forecast(recipe, s, false);
            assertThat(List.of(both.eachForItself(), both.whole().probability(), both.asWorst())).as("%s", recipe).isSorted().allSatisfy(chance -> assertThat(chance).isBetween(0.0, 1.0));
            assertThat(both.nearBreaking()).as("%s", recipe).allSatisfy(near -> assertThat(near).isFinite().isNotNegative());
            assertThat(both.bends()).hasSize(2).allSatisfy(bend -> assertThat(bend.formRadiusMm()).isFinite().isPositive());
            if (asLongAsAnyPiece) {
                assertThat(both.formed().middle(thickness).lengthMm()).as("%s", recipe).isPositive();
            }
        } catch (IllegalArgumentException refused) {
            assertThat(refused.getMessage()).as("%s", recipe).endsWith(".");
        }
    }

    private Map<String, Object> given(MethodKind kind) {
        Map<String, Object> given = new HashMap<>();
        boolean strapped = random.nextBoolean();
        boolean thinned = random.nextBoolean();
        for (Setting<?> setting : kind.settings()) {
            if (setting.key().startsWith("strap.") && !strapped || setting.key().startsWith("thinned") && !setting.need().unconditional() && !thinned) {
                continue;
            }
            if (setting instanceof Setting.Measured measured) {
                double value = within(measured.bound());
                given.put(setting.key(), measured.counted() ? Math.rint(value) : value);
            } else if (setting instanceof Setting.Chosen<?> chosen) {
                Enum<?>[] words = chosen.words().getEnumConstants();
                given.put(setting.key(), words[random.nextInt(words.length)]);
            }
        }
        if (random.nextBoolean()) {
            given.remove("carrySeconds");
        }
        return given;
    }

    private Blank blank() {
        Outline[] outlines = Outline.values();
        return new Blank(WOODS.get(random.nextInt(WOODS.size())), Seasoning.values()[random.nextInt(3)],
                random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(within(PhysicalBound.MOISTURE_PERCENT)), GrowthRings.UNKNOWN,
                random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(within(PhysicalBound.GRAIN_RUN)), Knots.CLEAR, OuterFace.SAWN,
                within(PhysicalBound.THICKNESS_MM), within(PhysicalBound.WIDTH_MM), outlines[random.nextInt(outlines.length)]);
    }

    /** Evenly over the orders of magnitude of a bound, and now and then its very end. */
    private double within(PhysicalBound bound) {
        int end = random.nextInt(12);
        if (end < 2) {
            return end == 0 ? bound.lowest() : bound.highest();
        }
        double lowest = Math.max(bound.lowest(), bound.highest() * 1e-4);
        return lowest * Math.pow(bound.highest() / lowest, random.nextDouble());
    }
}
