package brachion.core.forecast;

import brachion.core.method.Family;
import brachion.core.risk.Margin;
import brachion.core.risk.Outlook;
import brachion.core.risk.Possible;
import brachion.core.risk.RiskModel;
import brachion.core.trial.Severity;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.distribution.discrete.BinomialDistribution;

/**
 * The odds that no failure mode does worse than accepted, spread over the uncertainty of the fit, of the share of hidden
 * flaws and of everything the piece could be. A piece holds when no mode breaks it and nothing hidden does, so its
 * probability is the product over the modes and the share without hidden flaws.
 *
 * <p>The spread is taken at evenly scattered points (the additive recurrence of Kronecker and Weyl with powers of the
 * plastic number's generalisation), the same for every forecast, so that equal questions get equal answers.
 */
final class OddsSpread {

    /** As many as the wood of any family fails in. */
    private static final int MODES = Arrays.stream(Family.values()).mapToInt(family -> family.forecast().size()).max().orElseThrow();
    private static final int MOST_POINTS = 2048;
    private static final int FEWEST_POINTS = 64;
    private static final int FEWEST_OF_AN_OUTLOOK = 12;
    private static final int FEWEST_OF_A_ROUGH_OUTLOOK = 4;
    private static final int CLASSES = 1000;
    /** From a first term that is smaller the others cannot be multiplied up. */
    private static final double SMALLEST_TERM = 1e-250;
    private static final double[][] STANDARD = points();

    private final double[] value;
    private final double[] weight;
    private final double mean;

    private OddsSpread(double[] value, double[] weight, double mean) {
        this.value = value;
        this.weight = weight;
        this.mean = mean;
    }

    /** Standard normal points, one row for each mode. */
    private static double[][] points() {
        // the real root of x^(d+1) = x + 1, by substituting into itself
        double root = 1;
        for (int round = 0; round < 100; round++) {
            root = Math.pow(root + 1, 1.0 / (MODES + 1));
        }
        double[][] points = new double[MODES][MOST_POINTS];
        for (int mode = 0; mode < MODES; mode++) {
            double step = Math.pow(root, -(mode + 1));
            for (int i = 0; i < MOST_POINTS; i++) {
                double share = (0.5 + step * (i + 1)) % 1;
                points[mode][i] = Margin.standardAt(share);
            }
        }
        return points;
    }

    static OddsSpread of(RiskModel risk, List<Possible> possible, Severity worst) {
        return of(risk, possible, worst, Math.max(FEWEST_POINTS, MOST_POINTS / possible.size()));
    }

    static OddsSpread of(RiskModel risk, List<Possible> possible, Severity worst, int points) {
        List<Outlook> outlooks = outlooks(risk, possible, worst);
        int[] count = counts(outlooks, points * possible.size());
        int size = Arrays.stream(count).sum();
        double[] value = new double[size];
        double[] weight = new double[size];
        double mean = 0;
        int next = 0;
        for (int i = 0; i < count.length; i++) {
            Outlook outlook = outlooks.get(i);
            mean += outlook.weight() * outlook.holds();
            List<Margin> margins = outlook.margins();
            for (int point = 0; point < count[i]; point++) {
                value[next] = chance(outlook.hidden(), margins, point);
                weight[next++] = outlook.weight() / count[i];
            }
        }
        return new OddsSpread(value, weight, mean);
    }

    /**
     * Just the odds, from fewer points shared among all the ways things may stand and sorted into classes of a thousandth: as close
     * as a map is drawn.
     */
    static Odds roughly(RiskModel risk, List<Possible> possible, Severity worst, int points) {
        double[] inClass = new double[CLASSES + 1];
        Map<Margin, Double> holds = new IdentityHashMap<>();
        double mean = 0;
        int next = 0;
        for (Outlook outlook : outlooks(risk, possible, worst)) {
            // most modes stand alike however large the share of hidden flaws is
            mean += outlook.weight() * outlook.holds(margin -> holds.computeIfAbsent(margin, Margin::probability));
            int count = Math.max(FEWEST_OF_A_ROUGH_OUTLOOK, (int) Math.round(points * outlook.weight()));
            for (int k = 0; k < count; k++) {
                double chance = chance(outlook.hidden(), outlook.margins(), next++ % MOST_POINTS);
                inClass[(int) Math.round(CLASSES * chance)] += outlook.weight() / count;
            }
        }
        return within(WeightedSample.shortest(inClass, Odds.HELD), mean);
    }

    private static List<Outlook> outlooks(RiskModel risk, List<Possible> possible, Severity worst) {
        List<Outlook> outlooks = new ArrayList<>();
        for (Possible each : possible) {
            for (Outlook outlook : risk.outlooks(worst, each)) {
                outlooks.add(new Outlook(each.weight() * outlook.weight(), outlook.hidden(), outlook.margins()));
            }
        }
        return outlooks;
    }

    private static int[] counts(List<Outlook> outlooks, int all) {
        return outlooks.stream().mapToInt(each -> Math.min(MOST_POINTS,
                Math.max(FEWEST_OF_AN_OUTLOOK, (int) Math.round(all * each.weight())))).toArray();
    }

    private static double chance(double hidden, List<Margin> margins, int point) {
        double chance = 1 - hidden;
        for (int mode = 0; mode < margins.size(); mode++) {
            chance *= margins.get(mode).probabilityAt(STANDARD[mode][point]);
        }
        return chance;
    }

    /**
     * Several bends of one piece.
     *
     * @param odds          odds that none breaks, halfway between both others in logarithm
     * @param asWorst       chance that the worst of them holds, as things may stand
     * @param eachForItself chance that all hold if they break independently
     */
    record Several(Odds odds, double asWorst, double eachForItself) {
    }

    /**
     * Bends of one piece that are asked alike.
     *
     * @param possible what each of them could be
     * @param many     how many there are
     */
    record Alike(List<Possible> possible, int many) {
    }

    /**
     * Several bends of one piece, of which everything is unknown together: what the stock is, how the fit errs, how many pieces hide
     * flaws.
     *
     * @param bends its bends, what they could be in the same order for all
     */
    static Several ofSeveral(RiskModel risk, List<Alike> bends, Severity worst) {
        if (bends.isEmpty()) {
            return new Several(new Odds(1, 1, 1), 1, 1);
        }
        if (bends.size() == 1 && bends.get(0).many() == 1) {
            OddsSpread alone = of(risk, bends.get(0).possible(), worst);
            return new Several(alone.odds(), alone.mean, alone.mean);
        }
        List<List<Outlook>> outlooks = bends.stream().map(bend -> outlooks(risk, bend.possible(), worst)).toList();
        List<Outlook> first = outlooks.get(0);
        int[] count = counts(first, Math.max(FEWEST_POINTS * bends.get(0).possible().size(), MOST_POINTS));
        int size = Arrays.stream(count).sum();
        double[] value = new double[size];
        double[] weight = new double[size];
        double[] sums = new double[3];
        int next = 0;
        for (int i = 0; i < count.length; i++) {
            for (int point = 0; point < count[i]; point++) {
                double least = 1;
                double product = 1;
                for (int bend = 0; bend < outlooks.size(); bend++) {
                    Outlook outlook = outlooks.get(bend).get(i);
                    double chance = chance(outlook.hidden(), outlook.margins(), point);
                    least = Math.min(least, chance);
                    product *= Math.pow(chance, bends.get(bend).many());
                }
                value[next] = Math.sqrt(least * product);
                weight[next] = first.get(i).weight() / count[i];
                sums[0] += weight[next] * value[next];
                sums[1] += weight[next] * least;
                sums[2] += weight[next] * product;
                next++;
            }
        }
        return new Several(new OddsSpread(value, weight, sums[0]).odds(), sums[1], sums[2]);
    }

    /** Mean and the shortest range that holds 80 %: it reaches 1 where a piece may well be safe, and 0 where it is hopeless. */
    Odds odds() {
        return within(new WeightedSample(value.clone(), weight.clone()).shortest(Odds.HELD), mean);
    }

    private static Odds within(double[] range, double mean) {
        return new Odds(mean, Math.min(range[0], mean), Math.max(range[1], mean));
    }

    /** Chance that of so many pieces so many come out good at least. */
    double enough(int pieces, int good) {
        return good == 0 ? 1 : average(p -> atLeast(pieces, good, p));
    }

    /** The upper tail of a binomial distribution, added up from whichever end has fewer terms. */
    static double atLeast(int pieces, int good, double p) {
        if (good > pieces) {
            return 0;
        }
        return pieces - good < good ? upTo(pieces - good, pieces, 1 - p) : 1 - upTo(good - 1, pieces, p);
    }

    /** The chance of no more than so many of so many, each with that chance. */
    private static double upTo(int most, int of, double p) {
        double term = Math.pow(1 - p, of);
        if (term < SMALLEST_TERM) {
            return new BinomialDistribution(of, p).cumulativeProbability(most);
        }
        double odds = p / (1 - p);
        double sum = term;
        for (int k = 1; k <= most; k++) {
            term *= odds * (of - k + 1) / k;
            sum += term;
        }
        return Math.min(1, sum);
    }

    /** The mean of a function of the probability, such as the chance that several pieces hold. */
    double average(DoubleUnaryOperator function) {
        double sum = 0;
        for (int i = 0; i < value.length; i++) {
            sum += weight[i] * function.applyAsDouble(value[i]);
        }
        return sum;
    }
}
