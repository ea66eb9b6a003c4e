package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.method.AtHand;
import brachion.core.method.Bend;
import brachion.core.method.Marks;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Seasoning;
import brachion.core.method.WantedPiece;
import brachion.core.process.Shop;
import brachion.core.risk.RiskModel;
import brachion.core.risk.SimulatedShop;
import brachion.core.shape.Chain;
import brachion.core.shape.Stretch;
import brachion.core.shape.Turn;
import brachion.core.trial.Flaw;
import brachion.core.trial.Severity;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.InvocationTargetException;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

/**
 * Every question that is worked out, of every way of bending, has one answer to the last digit: asked in any order, before and after
 * any other, of a program that has just started and of one that knows much already. Each run of the questions has classes of its own,
 * so it begins with nothing known, as after a restart or on another server.
 */
class OneAnswerInAnyOrderTest {

    /** Runs that begin with nothing known, each in an order of its own. */
    private static final int STARTS = 3;

    @Test
    void the_same_question_has_the_same_answer_whatever_was_asked_before() throws ReflectiveOperationException, MalformedURLException {
        Map<String, String> first = asked(1);
        assertThat(first).hasSizeGreaterThan(80);
        for (int start = 2; start <= STARTS; start++) {
            assertThat(asked(start)).as("in order %d", start).isEqualTo(first);
        }
    }

    @SuppressWarnings("unchecked")
    private static Map<String, String> asked(long order) throws ReflectiveOperationException, MalformedURLException {
        URL[] everything = Arrays.stream(System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")).split(File.pathSeparator))
                .map(OneAnswerInAnyOrderTest::url).toArray(URL[]::new);
        try (URLClassLoader started = new URLClassLoader(everything, ClassLoader.getPlatformClassLoader())) {
            return (Map<String, String>) started.loadClass(Questions.class.getName()).getMethod("asked", long.class).invoke(null, order);
        } catch (InvocationTargetException failed) {
            throw new AssertionError("A question was refused", failed.getCause());
        } catch (IOException closing) {
            throw new UncheckedIOException(closing);
        }
    }

    private static URL url(String entry) {
        try {
            return Path.of(entry).toUri().toURL();
        } catch (MalformedURLException impossible) {
            throw new IllegalArgumentException(entry, impossible);
        }
    }

    /** All questions; loaded anew for each start. */
    public static final class Questions {

        private static final Marks MARKS = new Marks(5, 0.5);
        private static final Chain CURVE = new Chain(List.of(new Stretch.Straight(80), new Stretch.Arc(140, 60, Turn.LEFT), new Stretch.Straight(30), new Stretch.Arc(210, 45, Turn.RIGHT)));

        private static final Species ASH = SpeciesCatalogue.published().require("white-ash");
        private static final WantedPiece PIECE = new WantedPiece(new Bend(118, 90), 5.3, 40, Shop.USUAL);
        private static final WantedPiece PLATE = new WantedPiece(new Bend(400, 90), 4, 150, Shop.USUAL, OptionalDouble.of(3));
        private static final AtHand AT_HAND = new AtHand(List.of(ASH), List.of(Seasoning.AIR_DRIED), List.of(), List.of(AtHand.Support.NONE, AtHand.Support.STEEL), true,
                List.of(MethodKind.values()), List.of(1.5, 3.0));

        private final RiskModel risk = RiskModel.fit(new SimulatedShop(7, 1.75, 1.2, 6).people(-0.3, 0.3).trials(40));
        private final Map<String, Supplier<Object>> questions = new TreeMap<>();

        /** Each question asked twice, all in a shuffled order; what was answered by its name. */
        public static Map<String, String> asked(long order) {
            Questions all = new Questions();
            for (MethodKind kind : MethodKind.values()) {
                all.about(kind);
            }
            all.ofTheShop();
            List<String> names = new ArrayList<>(all.questions.keySet());
            names.addAll(all.questions.keySet());
            Collections.shuffle(names, new Random(order));
            Map<String, String> answers = new TreeMap<>();
            for (String name : names) {
                String answer = String.valueOf(all.questions.get(name).get());
                String before = answers.put(name, answer);
                if (before != null && !before.equals(answer)) {
                    throw new AssertionError(name + " was answered " + before + " and then " + answer);
                }
            }
            return answers;
        }

        /** One of the recipes a search would try, from the middle of them. */
        private static Recipe planned(MethodKind kind) {
            List<Recipe> tried = kind.toTry(kind == MethodKind.PRESSED_PLATE ? PLATE : PIECE, AT_HAND, ASH).stream().flatMap(List::stream).toList();
            return tried.get(tried.size() / 2);
        }

        private void about(MethodKind kind) {
            Recipe recipe = planned(kind);
            if (recipe.method().kind() != kind) {
                throw new AssertionError("A " + kind + " was wanted, not " + recipe);
            }
            ask(kind, "forecast", () -> ofForecast(new Forecaster(risk).forecast(recipe)));
            ask(kind, "in short", () -> new Forecaster(risk).unbroken(recipe));
            ask(kind, "levers", () -> {
                Levers levers = Levers.of(new Forecaster(risk), recipe, 0.9, MARKS);
                return levers.now() + " " + levers.levers().stream().map(each -> each.change().kind() + " " + each.change().amount() + " " + each.unbroken()).toList()
                        + levers.cheapest().unbroken();
            });
            ask(kind, "diagnosis", () -> {
                Diagnosis diagnosis = Diagnosis.of(risk, recipe, recipe, Flaw.SNAP, MARKS);
                return diagnosis.now() + " " + diagnosis.likely().stream().map(each -> each.cause() + " " + each.share() + each.next().map(Levers.Lever::unbroken)).toList();
            });
            ask(kind, "spares", () -> Spares.of(risk, recipe, 6, 0.9, Severity.FLAW));
            ask(kind, "map", () -> BendMap.of(risk, recipe, new BendMap.Extent(3, 12, 60, 400, 3, 4)).unbroken());
            ask(kind, "next", () -> NextTrials.of(risk, recipe, List.of(), MARKS).toString().replaceAll("@[0-9a-f]+", ""));
            ask(kind, "curve", () -> {
                ChainForecast curve = new ChainForecaster(risk).forecast(recipe, CURVE, false);
                return curve.whole() + " " + curve.bends().stream().map(each -> each.odds()).toList();
            });
        }

        private void ofTheShop() {
            Recipe planned = planned(MethodKind.STEAM_BOX);
            questions.put("side by side", () -> SideBySide.of(risk, planned, 0.9).ways().stream().map(each -> each.recipe().method().kind() + " " + each.forecast().unbroken() + each.hours()).toList());
            questions.put("search", () -> new WaySearch(risk).find(new WaySearch.Wanted(PIECE, 0.8, WaySearch.Order.SUREST), AT_HAND, (done, of) -> { }).ways().stream()
                    .map(each -> each.recipe().method().kind() + " " + each.unbroken() + " " + each.hours()).toList());
        }

        private void ask(MethodKind kind, String what, Supplier<Object> question) {
            questions.put(kind + " " + what, question);
        }

        private static String ofForecast(Forecast forecast) {
            return forecast.unbroken() + " " + forecast.clean() + " " + forecast.unbrokenByTables() + " " + forecast.springback() + " "
                    + forecast.modes().stream().map(mode -> mode.mode() + " " + mode.ratio() + " " + mode.reasons()).toList() + forecast.missing() + forecast.evidence().trialsNear();
        }
    }
}
