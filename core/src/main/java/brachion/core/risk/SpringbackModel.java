package brachion.core.risk;

import brachion.core.method.Recipe;
import brachion.core.method.Springback;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.special.Gamma;

/**
 * Springback learned from measured pieces: the opening ln(R released/R form) is the computed one, its lasting and its
 * passing part each times a factor that starts at 1, less what heat left on the form takes away beyond that, plus what a strap,
 * a species and a person add:
 * <pre>y = a_1·lasting + a_2·passing(τ) − a_3·heated + β_strap + u_species + u_person + noise</pre>
 * A normal–inverse-gamma prior makes the posterior exact (O'Hagan and Forster, Kendall's Advanced Theory of Statistics
 * 2B, ch. 11). The relaxation time τ is averaged over a grid by how probable it makes the records, with a log-normal
 * prior round 12 h. Scales of the priors are chosen by us; pieces scatter by about 3 % in radius.
 */
public final class SpringbackModel {

    private static final double SCATTER = 0.03;
    private static final double PRIOR_SHAPE = 3;
    private static final double PRIOR_RATE = (PRIOR_SHAPE - 1) * SCATTER * SCATTER;
    private static final double FACTOR_SD = 0.25;
    private static final double STRAP_SD = 0.015;
    private static final double SPECIES_SD = 0.01;
    private static final double PERSON_SD = 0.005;
    private static final double[] RELAXATION_H = {3, 5, 8, 12, 18, 27, 40};
    private static final double RELAXATION_LOG_SD = 0.5;
    /** Slots of the features: factors of the lasting and the passing part of a solid bend and of a lamination, the strap. */
    private static final int LASTING = 0;
    private static final int PASSING = 1;
    private static final int LAMINATED = 2;
    private static final int STRAPPED = 3;
    /** What heat left on the form takes away, its factor starting at 0. */
    private static final int HEATED = 4;
    private static final int OWN = HEATED + 1;

    private final TreeMap<String, Integer> species;
    private final TreeMap<String, Integer> people;
    private final List<Posterior> posteriors;
    private final int measured;
    private final int measuredSolid;
    private final int measuredHot;

    /** One relaxation time with what it makes of the records. */
    private record Posterior(double relaxationH, double weight, RealVector mean, RealMatrix covariance, double shape,
                             double rate) {
    }

    /** A measured piece. */
    private record Row(Recipe recipe, Springback computed, double opening) {
    }

    private SpringbackModel(TreeMap<String, Integer> species, TreeMap<String, Integer> people,
                            List<Posterior> posteriors, List<Row> rows) {
        this.species = species;
        this.people = people;
        this.posteriors = posteriors;
        this.measured = rows.size();
        this.measuredSolid = (int) rows.stream().filter(row -> row.computed().holdHours().isPresent()).count();
        this.measuredHot = (int) rows.stream().filter(row -> row.computed().hotHours() > 0).count();
    }

    /**
     * How a bend opens, eight times in ten.
     *
     * @param low      R released/R form, lower end
     * @param middle   the same, to be expected
     * @param high     upper end
     * @param computed the same as computed, without records
     * @param measured how many measured pieces it rests on
     */
    public record Opening(double low, double middle, double high, double computed, int measured) {
    }

    static SpringbackModel fit(List<RecordedTrial> trials) {
        List<Row> rows = trials.stream().filter(each -> each.trial().releasedRadiusMm().isPresent())
                .map(SpringbackModel::row)
                .sorted(Comparator.comparingDouble(Row::opening)
                        .thenComparingDouble(row -> row.computed().elasticShare())).toList();
        TreeMap<String, Integer> species = places(rows, Group.SPECIES::of, OWN);
        TreeMap<String, Integer> people = places(rows, Group.PERSON::of, OWN + species.size());
        List<Posterior> unweighted = new ArrayList<>();
        double[] logWeights = new double[RELAXATION_H.length];
        SpringbackModel shape = new SpringbackModel(species, people, List.of(), rows);
        for (int i = 0; i < RELAXATION_H.length; i++) {
            unweighted.add(shape.posterior(rows, RELAXATION_H[i]));
            double off = Math.log(RELAXATION_H[i] / Springback.RELAXATION_H) / RELAXATION_LOG_SD;
            logWeights[i] = unweighted.get(i).weight() - off * off / 2;
        }
        double most = Arrays.stream(logWeights).max().orElseThrow();
        double all = Arrays.stream(logWeights).map(w -> Math.exp(w - most)).sum();
        List<Posterior> posteriors = new ArrayList<>();
        for (int i = 0; i < logWeights.length; i++) {
            Posterior each = unweighted.get(i);
            posteriors.add(new Posterior(each.relaxationH(), Math.exp(logWeights[i] - most) / all, each.mean(),
                    each.covariance(), each.shape(), each.rate()));
        }
        return new SpringbackModel(species, people, posteriors, rows);
    }

    private static Row row(RecordedTrial trial) {
        Recipe recipe = trial.traits().recipe();
        double opening = Math.log(trial.trial().releasedRadiusMm().getAsDouble() / recipe.bend().innerRadiusMm());
        return new Row(recipe, trial.computed().orElseThrow(), opening);
    }

    static Springback computed(Possible piece) {
        return piece.recipe().method().springback(piece.recipe().blank(), piece.recipe().bend(), piece.recipe().shop(),
                piece.demand());
    }

    private static TreeMap<String, Integer> places(List<Row> rows, Function<Recipe, String> name, int first) {
        TreeMap<String, Integer> places = new TreeMap<>();
        rows.stream().map(row -> name.apply(row.recipe())).filter(each -> !each.isEmpty()).forEach(each -> places.put(each, 0));
        int next = first;
        for (var each : places.entrySet()) {
            each.setValue(next++);
        }
        return places;
    }

    private int size() {
        return OWN + species.size() + people.size();
    }

    private RealVector features(Recipe recipe, Springback computed, double relaxationH) {
        RealVector x = MatrixUtils.createRealVector(new double[size()]);
        if (computed.holdHours().isEmpty()) {
            x.setEntry(LAMINATED, computed.lastingPart());
        } else {
            x.setEntry(LASTING, computed.lastingPart());
            x.setEntry(PASSING, computed.passingPart(relaxationH));
            x.setEntry(HEATED, -computed.heatedPart());
        }
        if (recipe.method().strap().isPresent()) {
            x.setEntry(STRAPPED, 1);
        }
        mark(x, species, Group.SPECIES.of(recipe));
        mark(x, people, Group.PERSON.of(recipe));
        return x;
    }

    private static void mark(RealVector x, TreeMap<String, Integer> places, String name) {
        Integer place = places.get(name);
        if (place != null) {
            x.setEntry(place, 1);
        }
    }

    private RealVector priorMean() {
        RealVector mean = MatrixUtils.createRealVector(new double[size()]);
        for (int i = 0; i < STRAPPED; i++) {
            mean.setEntry(i, 1);
        }
        return mean;
    }

    /** Prior precision over that of the noise, for each coefficient. */
    private double[] priorPrecision() {
        double[] precision = new double[size()];
        for (int i = 0; i < precision.length; i++) {
            double sd = i == STRAPPED ? STRAP_SD : i < OWN ? FACTOR_SD : i < OWN + species.size() ? SPECIES_SD : PERSON_SD;
            precision[i] = SCATTER * SCATTER / (sd * sd);
        }
        return precision;
    }

    /** The conjugate update; its weight is the log of the probability of the records. */
    private Posterior posterior(List<Row> rows, double relaxationH) {
        double[] prior = priorPrecision();
        RealMatrix precision = MatrixUtils.createRealMatrix(size(), size());
        for (int i = 0; i < prior.length; i++) {
            precision.setEntry(i, i, prior[i]);
        }
        RealVector start = priorMean();
        RealVector weighted = precision.operate(start);
        double squares = start.dotProduct(weighted);
        double logPrior = Arrays.stream(prior).map(Math::log).sum();
        for (Row row : rows) {
            double[] x = features(row.recipe(), row.computed(), relaxationH).toArray();
            int[] present = IntStream.range(0, x.length).filter(i -> x[i] != 0).toArray();
            for (int i : present) {
                for (int j : present) {
                    precision.addToEntry(i, j, x[i] * x[j]);
                }
                weighted.addToEntry(i, x[i] * row.opening());
            }
            squares += row.opening() * row.opening();
        }
        CholeskyDecomposition root = new CholeskyDecomposition(precision);
        RealVector mean = root.getSolver().solve(weighted);
        double shape = PRIOR_SHAPE + rows.size() / 2.0;
        double rate = PRIOR_RATE + Math.max(0, squares - mean.dotProduct(weighted)) / 2;
        double logDeterminant = IntStream.range(0, size()).mapToDouble(i -> 2 * Math.log(root.getL().getEntry(i, i))).sum();
        double logEvidence = (logPrior - logDeterminant) / 2 + PRIOR_SHAPE * Math.log(PRIOR_RATE)
                - shape * Math.log(rate) + Gamma.logGamma(shape) - Gamma.logGamma(PRIOR_SHAPE);
        return new Posterior(relaxationH, logEvidence, mean, root.getSolver().getInverse(), shape, rate);
    }

    /** How a piece opens when it is let go. */
    public Opening opening(Possible piece) {
        Springback computed = computed(piece);
        List<Predictive> mixture = predictive(piece.recipe(), computed);
        return new Opening(Math.exp(quantile(mixture, 0.1)), Math.exp(middle(mixture)), Math.exp(quantile(mixture, 0.9)),
                Math.exp(computed.logOpening()), measured);
    }

    /** The opening to be expected, without its range. */
    public double expectedOpening(Possible piece) {
        return Math.exp(middle(predictive(piece.recipe(), computed(piece))));
    }

    /** The relaxation time the records speak for, on average [h]. */
    public double relaxationH() {
        return Math.exp(posteriors.stream().mapToDouble(p -> p.weight() * Math.log(p.relaxationH())).sum());
    }

    /**
     * Whether hours on the form take away more of the springback than computed: by how much the factor of what passes lies
     * above that of what lasts. Where less comes back than computed after any time on the form, both fall together and
     * nothing is said of the hours. Laminations, which the glue holds, have no say.
     */
    public Contrast holdingPays() {
        RealVector more = MatrixUtils.createRealVector(new double[size()]);
        more.setEntry(PASSING, 1);
        more.setEntry(LASTING, -1);
        return believed(more, measuredSolid);
    }

    /** Whether steam left on after clamping takes more of the springback away than computed: the share of what would open at once. */
    public Contrast steamLeftOnPays() {
        RealVector more = MatrixUtils.createRealVector(new double[size()]);
        more.setEntry(HEATED, 1);
        return believed(more, measuredHot);
    }

    /** What is believed of a sum of factors. */
    private Contrast believed(RealVector sum, int records) {
        double before = FACTOR_SD * sum.getNorm();
        double start = sum.dotProduct(priorMean());
        double mean = 0;
        double square = 0;
        Told told = Told.NOTHING;
        for (Posterior each : posteriors) {
            double at = sum.dotProduct(each.mean());
            double noise = each.rate() / (each.shape() - 1);
            double variance = noise * sum.dotProduct(each.covariance().operate(sum));
            mean += each.weight() * at;
            square += each.weight() * (variance + at * at);
            told = told.plus(Told.between(new Margin(start, before * Math.sqrt(noise) / SCATTER), new Margin(at, Math.sqrt(variance))).times(each.weight()));
        }
        return new Contrast(mean, Math.sqrt(Math.max(0, square - mean * mean)), before, told, records, records);
    }

    /** How many measured pieces the fit rests on. */
    public int measured() {
        return measured;
    }

    /** What one relaxation time predicts: a Student distribution. */
    private record Predictive(double weight, double location, double scale, TDistribution student) {
    }

    private List<Predictive> predictive(Recipe recipe, Springback computed) {
        List<Predictive> mixture = new ArrayList<>();
        for (Posterior each : posteriors) {
            RealVector x = features(recipe, computed, each.relaxationH());
            double unknown = unknown(species, Group.SPECIES.of(recipe), SPECIES_SD)
                    + unknown(people, Group.PERSON.of(recipe), PERSON_SD);
            double spread = each.rate() / each.shape() * (1 + unknown + x.dotProduct(each.covariance().operate(x)));
            mixture.add(new Predictive(each.weight(), x.dotProduct(each.mean()), Math.sqrt(spread),
                    new TDistribution(2 * each.shape())));
        }
        return mixture;
    }

    /** What a piece may open more or less because nobody measured one of this wood, or by these hands; over the scatter. */
    private static double unknown(TreeMap<String, Integer> known, String name, double sd) {
        return known.containsKey(name) ? 0 : sd * sd / (SCATTER * SCATTER);
    }

    /** Each of the distributions is even about its location, so their mean is as good a middle as any. */
    private static double middle(List<Predictive> mixture) {
        return mixture.stream().mapToDouble(each -> each.weight() * each.location()).sum();
    }

    /** Quantile of the mixture, by bisection between the outermost of its parts' own. */
    private static double quantile(List<Predictive> mixture, double share) {
        double reach = mixture.get(0).student().inverseCumulativeProbability(share);
        double low = mixture.stream().mapToDouble(each -> each.location() + reach * each.scale()).min().orElseThrow();
        double high = mixture.stream().mapToDouble(each -> each.location() + reach * each.scale()).max().orElseThrow();
        while (high - low > 1e-6) {
            double middle = (low + high) / 2;
            double below = mixture.stream().mapToDouble(each -> each.weight()
                    * each.student().cumulativeProbability((middle - each.location()) / each.scale())).sum();
            if (below < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
