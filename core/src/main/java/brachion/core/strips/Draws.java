package brachion.core.strips;

import brachion.core.risk.JointMargins;
import brachion.core.risk.JointMargins.OfPiece;
import brachion.core.risk.Margin;
import java.util.List;
import org.hipparchus.random.SobolSequenceGenerator;

/**
 * Ways things may stand, drawn from what is known now: the unknowns of every mode, at the points of a Sobol' sequence (Joe and Kuo,
 * SIAM J. Sci. Comput. 30, 2008). The same are drawn for every question of the same size.
 */
final class Draws {

    /** The logistic function averaged over a normal spread is nearly one of its own (MacKay, Neural Computation 4, 1992). */
    private static final double FLATTER = Math.PI / 8;

    private final List<JointMargins> modes;
    /** By mode, draw and unknown. */
    private final double[][][] unknown;

    /**
     * @param skip  how many points of the sequence are left to others
     * @param count how many draws
     */
    Draws(List<JointMargins> modes, int skip, int count) {
        this.modes = modes;
        SobolSequenceGenerator sequence = new SobolSequenceGenerator(modes.stream().mapToInt(JointMargins::dimension).sum());
        // the first point is the corner
        sequence.skipTo(skip + 1);
        unknown = new double[modes.size()][count][];
        for (int draw = 0; draw < count; draw++) {
            double[] point = sequence.nextVector();
            int next = 0;
            for (int mode = 0; mode < unknown.length; mode++) {
                double[] normal = new double[modes.get(mode).dimension()];
                for (int i = 0; i < normal.length; i++) {
                    normal[i] = Margin.standardAt(point[next++]);
                }
                unknown[mode][draw] = normal;
            }
        }
    }

    /**
     * Chances of a piece in one mode.
     *
     * @param clean    chance that it stays clean, in each draw
     * @param unbroken chance that it does not break
     */
    record Chances(double[] clean, double[] unbroken) {

        /** Chance that it ends with a severity, in the order of {@link brachion.core.trial.Severity}. */
        double of(int severity, int draw) {
            return switch (severity) {
                case 0 -> clean[draw];
                case 1 -> unbroken[draw] - clean[draw];
                default -> 1 - unbroken[draw];
            };
        }
    }

    Chances chances(int mode, int piece) {
        OfPiece of = modes.get(mode).pieces().get(piece);
        double[] clean = new double[unknown[mode].length];
        double[] unbroken = new double[clean.length];
        for (int draw = 0; draw < clean.length; draw++) {
            double[] at = unknown[mode][draw];
            unbroken[draw] = of.sound() * chance(of.unbroken().mean(), of.unbroken().sd(), of.unbrokenSlopes(), at);
            clean[draw] = Math.min(unbroken[draw], of.sound() * chance(of.clean().mean(), of.clean().sd(), of.cleanSlopes(), at));
        }
        return new Chances(clean, unbroken);
    }

    /** What of the spread of a margin no record can tell is averaged over. */
    private static double chance(double mean, double sd, double[] slopes, double[] at) {
        double margin = mean;
        double told = 0;
        for (int i = 0; i < slopes.length; i++) {
            margin += slopes[i] * at[i];
            told += slopes[i] * slopes[i];
        }
        return 1 / (1 + Math.exp(-margin / Math.sqrt(1 + FLATTER * Math.max(0, sd * sd - told))));
    }

    int count() {
        return unknown[0].length;
    }
}
