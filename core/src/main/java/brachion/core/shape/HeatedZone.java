package brachion.core.shape;

import java.util.Comparator;
import java.util.List;

/**
 * A length of a strip that is worked over a hot pipe for one of its bends. The inner face of the bend lies on the pipe, so a bend to the
 * other side is made from the other face (common practice). It is as long as the middle of the bend, θ·(R + t/2) for each arc.
 *
 * @param bend          the bend that is made there
 * @param fromMm        where it begins, from the end of the strip [mm]
 * @param toMm          where it ends [mm]
 * @param tightestFirst when its turn comes where the tightest is made first, from 1
 */
public record HeatedZone(OneBend bend, double fromMm, double toMm, int tightestFirst) {

    /**
     * The zones of a curve along the strip, one for each bend.
     *
     * @param thicknessMm thickness of the strip [mm]
     * @param overhangMm  what goes over before the curve begins [mm]
     */
    public static List<HeatedZone> along(Chain chain, double thicknessMm, double overhangMm) {
        List<OneBend> bends = chain.bends(thicknessMm);
        List<OneBend> byRadius = bends.stream().sorted(Comparator.comparingDouble(OneBend::tightestMm)).toList();
        return bends.stream().map(bend -> new HeatedZone(bend, overhangMm + bend.fromMm(), overhangMm + bend.toMm(), byRadius.indexOf(bend) + 1)).toList();
    }
}
