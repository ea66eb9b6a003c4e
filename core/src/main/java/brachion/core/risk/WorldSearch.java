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
    private static final double HOPELESS = 12;

    private final double[] values = HiddenShare.values();
    private final Map<Group, Double> sds;
    /** The mode last found under each value; null where none was sought. */
    private final double[][] modes = new double[values.length][];

    WorldSearch(Map<Group, Double> sds) {
        this.sds = sds;
    }

    /**
     * The worlds, the mean of each still taken to be its mode.
     *
     * @param splits how prone to hidden flaws each piece was that split along the grain
     */
    Worlds of(GroupScales scales, double[] splits) {
        double[] logWeight = HiddenShare.logPrior();
        LaplaceFit[] fits = new LaplaceFit[values.length];
        double most = Double.NEGATIVE_INFINITY;
        for (int step : new int[] {1, -1}) {
            double[] near = scales.latestMode();
            int from = step > 0 ? HiddenShare.ORDINARY : HiddenShare.ORDINARY - 1;
            for (int i = from; i >= 0 && i < values.length; i += step) {
                fits[i] = scales.atMode(sds, values[i], modes[i] == null ? near : modes[i]);
                modes[i] = fits[i].mode();
                near = modes[i];
                logWeight[i] += fits[i].logEvidence() + HiddenShare.logSplits(values[i], splits);
                most = Math.max(most, logWeight[i]);
                if (logWeight[i] < most - HOPELESS) {
                    break;
                }
            }
        }
        List<World> worlds = new ArrayList<>();
        for (int i = 0; i < values.length; i++) {
            double weight = fits[i] == null ? 0 : Math.exp(logWeight[i] - most);
            if (weight > UNLIKELY) {
                worlds.add(new World(weight, values[i], fits[i]));
            }
        }
        return Worlds.ofAnyWeight(worlds);
    }
}
