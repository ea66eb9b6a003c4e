package brachion.core.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * The largest rectangle that keeps clear of others. Its ends lie where some rectangle ends: for each pair of such places what lies
 * between them is gone through across the board, and the widest gap taken.
 */
final class LargestFree {

    private LargestFree() {
    }

    static Optional<Area> in(Area face, List<Area> taken) {
        double[] ends = places(face.alongMm(), face.endMm(), taken.stream().mapToDouble(Area::endMm));
        double[] beginnings = places(face.alongMm(), face.endMm(), taken.stream().mapToDouble(Area::alongMm));
        List<Area> upwards = taken.stream().sorted(Comparator.comparingDouble(Area::acrossMm)).toList();
        Area largest = null;
        for (double from : ends) {
            for (double to : beginnings) {
                double worth = largest == null ? 0 : largest.mm2();
                if (to > from && (to - from) * face.widthMm() > worth) {
                    largest = widestGap(face, upwards, from, to, largest);
                }
            }
        }
        return Optional.ofNullable(largest);
    }

    private static double[] places(double first, double last, DoubleStream between) {
        return DoubleStream.concat(DoubleStream.of(first, last), between.filter(place -> place > first && place < last)).distinct().toArray();
    }

    private static Area widestGap(Area face, List<Area> upwards, double from, double to, Area largest) {
        Area best = largest;
        double bottom = face.acrossMm();
        for (Area area : upwards) {
            if (area.alongMm() < to && area.endMm() > from) {
                best = larger(best, from, to, bottom, Math.min(area.acrossMm(), face.topMm()));
                bottom = Math.max(bottom, area.topMm());
            }
        }
        return larger(best, from, to, bottom, face.topMm());
    }

    private static Area larger(Area best, double from, double to, double bottom, double top) {
        boolean isLarger = top > bottom && (best == null || (to - from) * (top - bottom) > best.mm2());
        return isLarger ? new Area(from, bottom, to - from, top - bottom) : best;
    }
}
