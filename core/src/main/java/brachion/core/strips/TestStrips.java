package brachion.core.strips;

import brachion.core.forecast.Forecaster;
import brachion.core.method.Recipe;
import brachion.core.method.TestMeans;
import brachion.core.physics.Unsure;
import brachion.core.risk.JointMargins;
import brachion.core.risk.JointMargins.OfPiece;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.strips.Imagined.Agreement;
import brachion.core.strips.StripSet.Left;
import brachion.core.strips.StripSet.Meant;
import brachion.core.strips.StripSet.Strip;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Chooses test strips: a Bayesian design for the forecasts of the bends that are meant (Chaloner and Verdinelli, Statistical Science
 * 10, 1995). The fit's normal approximation says how the strips and the bends hang together ({@link JointMargins}), boards and hands
 * they share counted in; imagined afternoons say what a set is worth ({@link Imagined}).
 */
public final class TestStrips {

    /** With less of a constant's variance gone than this, a strip is not said to be about it. */
    private static final double ABOUT = 0.03;
    private static final int CHUNK = 4;
    private static final int AFTERNOONS = 64;
    private static final int WAYS = 384;
    /** Strips are looked at closely that promise most by themselves, as many of each class of odds. */
    private static final int CLASSES = 10;
    private static final int OF_A_CLASS = 16;
    /** With many bends in mind each strip costs more to look at, so fewer are. */
    private static final int FEWEST_OF_A_CLASS = 4;
    private static final double FOLLOWING = 0.4;

    private final RiskModel risk;
    private final List<Possible> meant;
    private final List<Possible> candidates;
    private final List<JointMargins> modes;

    private TestStrips(RiskModel risk, List<Possible> meant, List<Possible> candidates) {
        this.risk = risk;
        this.meant = meant;
        this.candidates = candidates;
        List<Possible> all = Stream.concat(meant.stream(), candidates.stream()).toList();
        this.modes = risk.modes(meant.get(0).recipe().method().family()).stream().map(mode -> risk.jointly(mode, all)).toList();
    }

    /** Is told how far the choice has come, as a share; may throw to give up. */
    public interface Progress {

        void at(double share);
    }

    /**
     * Chooses strips; the same question always finds the same ones.
     *
     * @param risk  what the records say
     * @param meant the bends that are meant, of one family; one at least
     * @param like  stock and settings strips begin from, of the same family
     * @param means what can be varied
     * @param count how many strips to spare
     * @throws IllegalArgumentException where nothing is meant, or a bend of another family
     */
    public static StripSet of(RiskModel risk, List<Recipe> meant, Recipe like, TestMeans means, int count, Progress progress) {
        if (meant.isEmpty() || meant.stream().anyMatch(each -> each.method().family() != like.method().family())) {
            throw new IllegalArgumentException("Strips tell of bends of their own family alone.");
        }
        List<Possible> candidates = followed(like.method().testStrips(like, means), progress);
        return new TestStrips(risk, meant.stream().map(Possible::typical).toList(), candidates).best(count, progress);
    }

    private static List<Possible> followed(List<List<Recipe>> groups, Progress progress) {
        List<Possible> followed = new ArrayList<>();
        for (int from = 0; from < groups.size(); from += CHUNK) {
            followed.addAll(groups.subList(from, Math.min(groups.size(), from + CHUNK)).parallelStream().flatMap(group -> {
                group.get(0).method().followTogether(group.get(0).blank(), group.get(0).shop(), group.stream().map(Recipe::method).toList());
                return group.stream().map(Possible::typical);
            }).toList());
            progress.at(FOLLOWING * Math.min(1, (double) (from + CHUNK) / groups.size()));
        }
        return followed;
    }

    private StripSet best(int count, Progress progress) {
        List<Integer> looked = closely();
        List<Integer> pieces = looked.stream().map(candidate -> meant.size() + candidate).toList();
        Imagined imagined = new Imagined(new Draws(modes, 0, AFTERNOONS), new Draws(modes, AFTERNOONS, WAYS), modes.size(), meant.size(), pieces);
        int[] chosen = new SetSearch<>(imagined, looked.size(), false).best(count, (done, of) -> progress.at(FOLLOWING + (1 - FOLLOWING) * done / of));
        return set(imagined, chosen, Arrays.stream(chosen).map(looked::get).toArray());
    }

    /** The candidates that promise most to first order, of each class of odds. */
    private List<Integer> closely() {
        double[] promise = firstOrder();
        int most = Math.max(FEWEST_OF_A_CLASS, OF_A_CLASS / meant.size());
        List<List<Integer>> classes = IntStream.range(0, CLASSES).<List<Integer>>mapToObj(i -> new ArrayList<>()).toList();
        for (int candidate : IntStream.range(0, promise.length).boxed().sorted(Comparator.comparingDouble((Integer i) -> promise[i]).reversed()).toList()) {
            List<Integer> its = classes.get(Math.min(CLASSES - 1, (int) (CLASSES * holds(meant.size() + candidate))));
            if (its.size() < most) {
                its.add(candidate);
            }
        }
        return classes.stream().flatMap(List::stream).toList();
    }

    /** Chance that no mode breaks a piece. */
    private double holds(int piece) {
        return modes.stream().mapToDouble(mode -> mode.pieces().get(piece).unbroken().probability()).reduce(1, (a, b) -> a * b);
    }

    /** How much of the variance of the odds of all bends that are meant each candidate takes, to first order. */
    private double[] firstOrder() {
        double[] taken = new double[candidates.size()];
        for (JointMargins in : modes) {
            List<OfPiece> bends = in.pieces().subList(0, meant.size());
            List<double[]> directions = bends.stream().map(OfPiece::unbrokenSlopes).toList();
            // the odds move with a margin by P·(1 − p of the mode)
            double[] moves = IntStream.range(0, bends.size()).mapToDouble(bend -> holds(bend) * (1 - bends.get(bend).unbroken().probability())).toArray();
            Learned nothing = Learned.nothing(in.dimension());
            IntStream.range(0, taken.length).parallel().forEach(candidate -> {
                double[] falls = new double[moves.length];
                nothing.addFalls(in.pieces().get(meant.size() + candidate).tells(), directions, falls);
                for (int bend = 0; bend < falls.length; bend++) {
                    taken[candidate] += moves[bend] * moves[bend] * falls[bend];
                }
            });
        }
        return taken;
    }

    private StripSet set(Imagined imagined, int[] chosen, int[] candidate) {
        Forecaster forecaster = new Forecaster(risk);
        Learned[] all = learned(candidate, -1);
        Imagined.Said said = imagined.said(agreement(imagined, chosen, -1));
        double whole = imagined.lossNow() - said.loss();
        List<Unsure> hang = Arrays.stream(Unsure.values()).filter(each -> meant.stream().anyMatch(bend -> bend.sensitivity().hangsOn(each))).toList();
        List<Strip> strips = IntStream.range(0, chosen.length).parallel().mapToObj(i -> {
            Recipe recipe = candidates.get(candidate[i]).recipe();
            double without = imagined.lossNow() - imagined.said(agreement(imagined, chosen, i)).loss();
            return new Strip(recipe, forecaster.unbroken(recipe), whole > 0 ? Math.max(0, 1 - without / whole) : 0, about(hang, learned(candidate, i), all));
        }).sorted(Comparator.comparingDouble((Strip strip) -> strip.unbroken().probability()).reversed()).toList();
        double[] open = imagined.open();
        List<Meant> bends = IntStream.range(0, meant.size()).mapToObj(i -> new Meant(meant.get(i).recipe(), forecaster.unbroken(meant.get(i).recipe()),
                Math.sqrt(open[i]), Math.sqrt(Math.max(0, open[i] - said.moved()[i])))).toList();
        List<Left> left = hang.stream().map(each -> new Left(each, sd(learned(new int[0], -1), each), sd(all, each)))
                .sorted(Comparator.comparingDouble((Left each) -> each.sdThen() / each.sdNow())).toList();
        return new StripSet(strips, bends, imagined.lossNow(), said.loss(), left, candidates.size());
    }

    private static Agreement agreement(Imagined imagined, int[] chosen, int without) {
        Agreement known = imagined.nothing();
        for (int i = 0; i < chosen.length; i++) {
            known = i == without ? known : imagined.with(known, chosen[i]);
        }
        return known;
    }

    /** What is known of every mode after some of the candidates, to first order. */
    private Learned[] learned(int[] candidate, int without) {
        return modes.stream().map(mode -> {
            Learned known = Learned.nothing(mode.dimension());
            for (int i = 0; i < candidate.length; i++) {
                known = i == without ? known : known.with(mode.pieces().get(meant.size() + candidate[i]).tells());
            }
            return known;
        }).toArray(Learned[]::new);
    }

    /** The constant of which a strip tells most that the others do not. */
    private Optional<Unsure> about(List<Unsure> hang, Learned[] without, Learned[] with) {
        return hang.stream().max(Comparator.comparingDouble(each -> sd(without, each) / sd(with, each)))
                .filter(each -> Math.pow(sd(with, each) / sd(without, each), 2) < 1 - ABOUT);
    }

    /** How well a constant is known, from the breaks that tell most of it. */
    private double sd(Learned[] known, Unsure constant) {
        return IntStream.range(0, known.length).filter(mode -> modes.get(mode).unsure().containsKey(constant))
                .mapToDouble(mode -> Math.sqrt(known[mode].variance(modes.get(mode).unsure().get(constant)))).min().orElse(1);
    }
}
