package brachion.core.form;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.quantity.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a strap with stops is made to: its length, and the bolts that hold each stop on it. The bolts stand in one row along the pull, so
 * that one hole at a time weakens the band. Reckoned as a steel band in tension after EN 1993-1-1, 6.2.3, and EN 1993-1-8, tables 3.3 and
 * 3.4 (from memory), under half as much again as the pull that is computed (EN 1990, variable load). A guide; where a strap holds back
 * enough to hurt, what local practice asks goes before it.
 *
 * @param betweenStopsMm from stop to stop, with the slack that is meant [mm]
 * @param bandMm         length of the band [mm]
 * @param bearsN         pull the whole band bears with that margin [N]
 * @param bolts          how its stops are bolted on; none where nothing is bolted (cloth, plastic, gripped ends), or no bolts bear it
 */
public record StrapFitting(double betweenStopsMm, double bandMm, double bearsN, Optional<Row> bolts) {

    /** Partial factor of connections and net sections (EN 1993-1-8, 2.2). */
    static final double GAMMA_M2 = 1.25;
    /** Factor of a variable load (EN 1990, table A1.2). */
    private static final double LOAD_FACTOR = 1.5;
    /** Net sections bear nine tenths of their strength. */
    private static final double NET = 0.9;
    /** From a hole to an end, over its diameter: so far off the band bears the most at a hole. */
    private static final double END_HOLES = 3;
    /** From hole to hole likewise. */
    private static final double PITCH_HOLES = 3.75;
    /** From a hole to an edge likewise. */
    private static final double EDGE_HOLES = 1.5;
    private static final double BEARING = 2.5;
    private static final int FEWEST = 2;
    private static final int MOST = 6;
    /** Left to grip or to sew round at each end, where nothing is bolted [mm] (a round number chosen by us). */
    private static final double GRIPPED_MM = 150;

    /**
     * A row of bolts.
     *
     * @param bolt    the bolt
     * @param atMm    where their holes are, from the face of the stop outwards [mm]
     * @param tailMm  how far the band goes on behind the face of the stop [mm]
     */
    public record Row(Bolt bolt, List<Double> atMm, double tailMm) {

        /** Keeps the places as they are now. */
        public Row {
            atMm = List.copyOf(atMm);
        }
    }

    /**
     * A strap for a piece.
     *
     * @param strap   the strap
     * @param stockMm length of the piece as it is laid in [mm]
     * @param pullN   the most it has to bear [N]
     * @param units   whose bolts are taken
     */
    public static StrapFitting of(Strap strap, double stockMm, double pullN, UnitSystem units) {
        double between = stockMm + (strap.ends() == StrapEnds.STOPS ? strap.endGapMm() : 0);
        double gross = strap.widthMm() * strap.covered() * strap.thicknessMm() * strap.material().bearsMpa() / LOAD_FACTOR;
        if (strap.ends() == StrapEnds.NOT_HELD) {
            return new StrapFitting(between, stockMm, gross, Optional.empty());
        }
        Optional<Row> row = strap.ends() == StrapEnds.STOPS && strap.material().isMetal()
                ? Bolt.of(units).stream().flatMap(bolt -> row(strap, pullN * LOAD_FACTOR, bolt).stream()).findFirst() : Optional.empty();
        return new StrapFitting(between, between + 2 * row.map(Row::tailMm).orElse(GRIPPED_MM), gross, row);
    }

    /** As few of a bolt as bear a pull [N]; none where the band is too narrow or too thin for it. */
    private static Optional<Row> row(Strap strap, double pullN, Bolt bolt) {
        double width = strap.widthMm() * strap.covered();
        double strength = strap.material().strengthMpa();
        double hole = bolt.holeMm();
        double net = NET * (width - hole) * strap.thicknessMm() * strength / GAMMA_M2;
        double each = Math.min(bolt.shearedAtN(), BEARING * strength * bolt.diameterMm() * strap.thicknessMm() / GAMMA_M2);
        int many = Math.max(FEWEST, (int) Math.ceil(pullN / each));
        if (width < 2 * EDGE_HOLES * hole || net < pullN || many > MOST) {
            return Optional.empty();
        }
        List<Double> at = IntStream.range(0, many).mapToObj(i -> END_HOLES * hole + i * PITCH_HOLES * hole).toList();
        return Optional.of(new Row(bolt, at, at.get(many - 1) + END_HOLES * hole));
    }
}
