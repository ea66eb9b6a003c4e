package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.Bend;
import brachion.core.method.Recipe;
import brachion.core.method.Setting;
import brachion.core.method.Settings;
import brachion.core.quantity.Measurement;
import brachion.core.risk.RiskModel;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A number that is one in a hundred more or less, and no count, changes the odds by no more than two in a hundred: nature has no steps there. */
class SmoothTest {

    private static final Forecaster TABLES = new Forecaster(RiskModel.withoutRecords());
    private static final double STEP = 1.01;
    private static final double MOST = 0.02;
    /** A hundredth of a temperature is most of a degree, over which wood softens much where it softens at all. */
    private static final double MOST_BY_HEAT = 0.03;
    /** Steps looked at, down and up from the recipe. */
    private static final int DOWN = -4;
    private static final int UP = 8;

    /** Recipes of every way that practice has something to say of, whose odds can move. */
    static List<LevelsTest.Level> levels() {
        List<LevelsTest.Level> all = LevelsTest.levels();
        return IntStream.range(0, all.size()).filter(i -> i % 3 == 0).mapToObj(all::get).toList();
    }

    @ParameterizedTest
    @MethodSource("levels")
    void odds_follow_every_measured_number_without_a_jump(LevelsTest.Level level) {
        numbersOf(level.recipe()).forEach((name, recipeAt) -> {
            double before = Double.NaN;
            for (int step = DOWN; step <= UP; step++) {
                double odds = oddsAt(recipeAt, Math.pow(STEP, step));
                double jump = Double.isNaN(before) || Double.isNaN(odds) ? 0 : Math.abs(odds - before);
                assertThat(jump).as("%s: %s at %d %%", level, name, step).isLessThan(name.endsWith("C") ? MOST_BY_HEAT : MOST);
                before = odds;
            }
        });
    }

    /** NaN where such a recipe is refused. */
    private static double oddsAt(DoubleFunction<Recipe> recipeAt, double factor) {
        Recipe recipe;
        try {
            recipe = recipeAt.apply(factor);
        } catch (IllegalArgumentException refused) {
            return Double.NaN;
        }
        return TABLES.unbroken(recipe).probability();
    }

    /** The recipe with each of its numbers so many times what it is, by the name of the number. */
    private static Map<String, DoubleFunction<Recipe>> numbersOf(Recipe recipe) {
        Map<String, DoubleFunction<Recipe>> numbers = new TreeMap<>();
        numbers.put("thickness", by -> recipe.withBlank(recipe.blank().withThicknessMm(recipe.blank().thicknessMm() * by)));
        numbers.put("width", by -> recipe.withBlank(recipe.blank().withWidthMm(recipe.blank().widthMm() * by)));
        numbers.put("radius", by -> recipe.withInnerRadiusMm(recipe.bend().innerRadiusMm() * by));
        numbers.put("angle", by -> new Recipe(recipe.blank(), new Bend(recipe.bend().innerRadiusMm(), recipe.bend().angleDegrees() * by), recipe.method(), recipe.names(), recipe.shop()));
        recipe.blank().moisturePercent().ifPresent(percent -> numbers.put("moisture", by -> recipe.withBlank(recipe.blank().withMoisturePercent(percent * by))));
        recipe.blank().grainRun().ifPresent(run -> numbers.put("slope of grain", by -> recipe.withBlank(recipe.blank().withGrainRun(run * by))));
        Map<String, Object> given = recipe.method().settings().values();
        for (Setting<?> setting : recipe.method().kind().settings()) {
            if (setting instanceof Setting.Measured measured && measured.measurement() != Measurement.COUNT && given.get(measured.key()) instanceof Double value && value > 0) {
                numbers.put(measured.key(), by -> with(recipe, measured.key(), value * by));
            }
        }
        return numbers;
    }

    private static Recipe with(Recipe recipe, String key, double value) {
        Map<String, Object> given = new HashMap<>(recipe.method().settings().values());
        given.put(key, value);
        Settings.Reading read = Settings.read(recipe.method().kind().settings(), given);
        if (!read.problems().isEmpty()) {
            throw new IllegalArgumentException(read.problems().toString());
        }
        return recipe.withMethod(recipe.method().kind().of(read.settings(), recipe.blank().widthMm()));
    }
}
