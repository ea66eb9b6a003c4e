package brachion.core.risk;

import brachion.core.risk.Worlds.World;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Finds the {@link Worlds} of a mode that hidden flaws look like: values of their share are tried one after the other away from the
 * ordinary one, as long as they are not hopeless. Asked again of records that say much the same, it starts each fit where it ended
 * the last time.
 */
final class WorldSearch {

    /** A share of hidden flaws this unlikely is not looked at further. */
    private static final double UNLIKELY = 2e-3;
    /** Nor are those beyond one that lies this much below the best, in log probability. */
    private static final double HOPELESS = 8;

    private final double[] values = HiddenShare.values();
    private final Map<Group, Double> sds;
    /** Log probability of each value beside the best when it was last looked at. */
    private final double[] lastBelow = new double[values.length];
    /** The mode last found under each value; null where none was sought. */
    private final double[][] modes = new double[values.length][];

    WorldSearch(Map<Group, Double> sds) {
        this.sds = sds;
    }

    /**
     * The worlds, each fitted only as closely as comparing them takes.
     *
     * @param splits how prone to hidden flaws each piece was that split along the grain
     */
    Worlds of(GroupScales scales, double[] splits) {
        double[] logWeight = HiddenShare.logPrior();
        LaplaceFit[] fits = new LaplaceFit[values.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int step : new int[] {1, -1}) {
            int from = step > 0 ? HiddenShare.ORDINARY : HiddenShare.ORDINARY - 1;
            double inside = 0;
            for (int i = from; i >= 0 && i < values.length && !hopeless(inside, lastBelow[i]); i += step) {
                fits[i] = scales.roughly(sds, values[i], start(i, step, scales));
                modes[i] = fits[i].mode();
                logWeight[i] += fits[i].logEvidence() + HiddenShare.logSplits(values[i], splits);
                most = Math.max(most, logWeight[i]);
                inside = most - logWeight[i];
            }
        }
        List<World> worlds = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            double below = fits[i] == null ? lastBelow[i] : most - logWeight[i];
            lastBelow[i] = below;
            if (fits[i] != null && Math.exp(-below) > UNLIKELY) {
                worlds.add(new World(Math.exp(-below), values[i], fits[i]));
            }
        }
        return Worlds.ofAnyWeight(worlds);
    }

    /** Where the mode under a value should be: where it was found the last time, or else that of the value before. */
    private double[] start(int value, int step, GroupScales scales) {
        if (modes[value] != null) {
            return modes[value];
        }
        return value == HiddenShare.ORDINARY ? scales.latestMode() : modes[value - step];
    }

    /** Whether a value need not be looked at: beyond one that is hopeless, or beyond one that is unlikely and hopeless itself the last time. */
    private static boolean hopeless(double inside, double lastBelow) {
        return inside > HOPELESS || lastBelow > HOPELESS && Math.exp(-inside) < UNLIKELY;
    }
}
