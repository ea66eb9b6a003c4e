package brachion.core.strips;

import brachion.core.strips.Draws.Chances;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * What a set of strips is worth: by how much the log loss of forecasting the bends that are meant falls, as expected, which is the
 * mutual information of how these end and of how the strips end (Lindley, Ann. Math. Statist. 27, 1956). By nested Monte Carlo with
 * common random numbers (Ryan, J. Comput. Graph. Statist. 12, 2003): in each of many ways things may stand the strips end as they
 * would there, and other ways are weighed by how well they agree with that.
 */
final class Imagined implements SetSearch.Worth<Imagined.Agreement> {

    private static final long SEED = 20_261_202;
    /** However a strip ends, no way is ruled out: somebody may have written it down wrong. */
    private static final double SLIP = 0.01;

    /** By candidate and mode, as things truly stand in each imagined afternoon. */
    private final Chances[][] ends;
    /** By candidate and mode, in each way that is weighed. */
    private final Chances[][] weighed;
    /** By bend that is meant: the chance that it does not break, in each way that is weighed. */
    private final double[][] meant;
    /** By bend that is meant: that chance as it is said now. */
    private final double[] now;
    private final int afternoons;
    private final int ways;
    private final double lossNow;

    /**
     * How well each way that is weighed agrees with how the strips ended so far.
     *
     * @param strips how many strips there were
     * @param weight by afternoon and way
     */
    record Agreement(int strips, float[][] weight) {
    }

    /**
     * What is said after some strips.
     *
     * @param loss   expected log loss of forecasting a bend that is meant, on average [nats]
     * @param moved  by how much the odds of each bend move, as a variance
     */
    record Said(double loss, double[] moved) {
    }

    /**
     * @param truth      how things may truly stand
     * @param other      ways that are weighed
     * @param modes      how many modes there are
     * @param meant      how many of the pieces are bends that are meant; they come first
     * @param candidates which of the others may be strips
     */
    Imagined(Draws truth, Draws other, int modes, int meant, List<Integer> candidates) {
        this.ends = chances(truth, modes, candidates);
        this.weighed = chances(other, modes, candidates);
        this.afternoons = truth.count();
        this.ways = other.count();
        this.meant = IntStream.range(0, meant).mapToObj(bend -> {
            double[] unbroken = new double[ways];
            Arrays.fill(unbroken, 1);
            for (int mode = 0; mode < modes; mode++) {
                double[] in = other.chances(mode, bend).unbroken();
                Arrays.setAll(unbroken, way -> unbroken[way] * in[way]);
            }
            return unbroken;
        }).toArray(double[][]::new);
        this.now = Arrays.stream(this.meant).mapToDouble(bend -> Arrays.stream(bend).average().orElseThrow()).toArray();
        this.lossNow = Arrays.stream(now).map(Imagined::entropy).average().orElseThrow();
    }

    private static Chances[][] chances(Draws draws, int modes, List<Integer> pieces) {
        return pieces.parallelStream().map(piece -> IntStream.range(0, modes).mapToObj(mode -> draws.chances(mode, piece)).toArray(Chances[]::new)).toArray(Chances[][]::new);
    }

    /** Log loss of forecasting with a chance what happens with it [nats]. */
    static double entropy(double p) {
        return p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p);
    }

    @Override
    public Agreement nothing() {
        float[][] even = new float[afternoons][ways];
        for (float[] each : even) {
            Arrays.fill(each, 1);
        }
        return new Agreement(0, even);
    }

    @Override
    public Agreement with(Agreement known, int candidate) {
        float[][] weight = new float[afternoons][];
        for (int afternoon = 0; afternoon < afternoons; afternoon++) {
            weight[afternoon] = agreeing(known, candidate, afternoon);
        }
        return new Agreement(known.strips() + 1, weight);
    }

    @Override
    public double promised(Agreement known, int candidate) {
        double loss = 0;
        double[] expected = new double[meant.length];
        for (int afternoon = 0; afternoon < afternoons; afternoon++) {
            expect(agreeing(known, candidate, afternoon), expected);
            loss += loss(expected);
        }
        return lossNow - loss / afternoons;
    }

    /** What is said of the bends that are meant once so much is known. */
    Said said(Agreement known) {
        double[] moved = new double[meant.length];
        double loss = 0;
        double[] expected = new double[meant.length];
        for (float[] weight : known.weight()) {
            expect(weight, expected);
            loss += loss(expected) / afternoons;
            for (int bend = 0; bend < moved.length; bend++) {
                moved[bend] += (expected[bend] - now[bend]) * (expected[bend] - now[bend]) / afternoons;
            }
        }
        return new Said(loss, moved);
    }

    /** Log loss of forecasting a bend that is meant now, on average [nats]. */
    double lossNow() {
        return lossNow;
    }

    /** Variance of the odds of each bend now. */
    double[] open() {
        return IntStream.range(0, meant.length)
                .mapToDouble(bend -> Arrays.stream(meant[bend]).map(p -> (p - now[bend]) * (p - now[bend])).average().orElseThrow()).toArray();
    }

    private double loss(double[] expected) {
        double loss = 0;
        for (double each : expected) {
            loss += entropy(each);
        }
        return loss / expected.length;
    }

    private void expect(float[] weight, double[] expected) {
        double sum = 0;
        for (float each : weight) {
            sum += each;
        }
        for (int bend = 0; bend < expected.length; bend++) {
            double mean = 0;
            double[] chance = meant[bend];
            for (int way = 0; way < weight.length; way++) {
                mean += weight[way] * chance[way];
            }
            expected[bend] = mean / sum;
        }
    }

    /** How well each way agrees once a strip more has ended, in one afternoon. */
    private float[] agreeing(Agreement known, int candidate, int afternoon) {
        float[] weight = known.weight()[afternoon].clone();
        for (int mode = 0; mode < ends[candidate].length; mode++) {
            // the chance by which a strip ends is its place's and the afternoon's, whichever strip it is
            double chance = new SplittableRandom(SEED + (known.strips() * 31L + mode) * 1_000_003 + afternoon).nextDouble();
            Chances here = ends[candidate][mode];
            int severity = chance < here.clean()[afternoon] ? 0 : chance < here.unbroken()[afternoon] ? 1 : 2;
            Chances there = weighed[candidate][mode];
            for (int way = 0; way < weight.length; way++) {
                weight[way] *= (float) (there.of(severity, way) + SLIP);
            }
        }
        return weight;
    }
}
