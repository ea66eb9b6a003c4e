package brachion.server.demo;

import brachion.core.method.GrowthRings;
import brachion.core.method.Seasoning;
import brachion.core.quantity.LengthUnit;
import brachion.core.stock.Mark;
import brachion.server.stock.BoardFields;
import brachion.server.stock.LaidFields;
import brachion.server.stock.MarkFields;
import brachion.server.stock.MoistureFields;
import brachion.server.stock.Stock;
import java.time.LocalDate;
import java.util.List;

/** What lies in Fellmarrow Workshop's loft: invented boards with invented knots. */
final class FellmarrowStock {

    private static final double INCH = LengthUnit.INCH.millimetres();

    private final LocalDate today;

    FellmarrowStock(LocalDate today) {
        this.today = today;
    }

    /** Gives the key of the first, whose grain was looked at the longest. */
    long layIn(Stock stock) {
        long first = stock.add(board("ash 8/26 A", "white-ash", Seasoning.AIR_DRIED, GrowthRings.FLAT, 18.0, 96, 7, 1.0625, "loft, east side", "felled by the lane",
                List.of(mark(Mark.Kind.KNOT, 31, 1.5, 1.25, 1), mark(Mark.Kind.WILD_GRAIN, 58, 4, 9, 3, 8.0), mark(Mark.Kind.CHECK, 0, 3.25, 7, 0.25),
                        mark(Mark.Kind.SAPWOOD, 0, 6.25, 96, 0.75)),
                List.of(sample(210, 148.2, 114.6, 6480.0), weighed(96, 6080.0), meter(6, 17, 5905.0)),
                List.of(laid("Snowshoe frame", 8, 0, 28, 0.875, 4, 24), laid("Snowshoe frame", 35, 2.625, 28, 0.875, 4, 24))));
        stock.add(board("ash 8/26 B", "white-ash", Seasoning.AIR_DRIED, GrowthRings.FLAT, 25.0, 84, 6, 1.0625, "loft, east side", "felled by the lane",
                List.of(mark(Mark.Kind.KNOT, 12, 3, 0.75, 0.75), mark(Mark.Kind.KNOT, 66, 1, 1.5, 1.25), mark(Mark.Kind.WORM, 40, 4.75, 2, 0.75)),
                List.of(meter(96, 21, null), meter(6, 17, null)), List.of()));
        stock.add(board("red oak, quartered", "red-oak", Seasoning.KILN_DRIED, GrowthRings.ON_EDGE, 30.0, 72, 5.5, 1, "rack by the door", "timber yard",
                List.of(mark(Mark.Kind.CHECK, 67, 2, 5, 0.25)), List.of(meter(30, 8, null)), List.of()));
        stock.add(board("beech 10/26 A", "beech", Seasoning.AIR_DRIED, GrowthRings.MIXED, null, 60, 10, 1.25, "loft, west side", null,
                List.of(mark(Mark.Kind.BARK, 0, 8.75, 60, 1.25), mark(Mark.Kind.KNOT, 22, 5, 2, 1.5)), List.of(meter(41, 16, null)), List.of()));
        return first;
    }

    private static BoardFields board(String name, String species, Seasoning seasoning, GrowthRings rings, Double grainRun, double length, double width, double thickness,
                                     String place, String source, List<MarkFields> marks, List<MoistureFields> readings, List<LaidFields> blanks) {
        return new BoardFields(name, species, seasoning, rings, grainRun, length * INCH, width * INCH, thickness * INCH, INCH / 8, source, place, null, "",
                marks, readings, blanks);
    }

    private static MarkFields mark(Mark.Kind kind, double along, double across, double length, double width) {
        return mark(kind, along, across, length, width, null);
    }

    private static MarkFields mark(Mark.Kind kind, double along, double across, double length, double width, Double grainRun) {
        return new MarkFields(kind, along * INCH, across * INCH, length * INCH, width * INCH, grainRun);
    }

    private static LaidFields laid(String name, double along, double across, double length, double width, double bentFrom, double bentTo) {
        return new LaidFields(name, along * INCH, across * INCH, length * INCH, width * INCH, bentFrom * INCH, bentTo * INCH);
    }

    private MoistureFields sample(int daysAgo, double wetG, double dryG, Double massG) {
        return new MoistureFields(today.minusDays(daysAgo), null, wetG, dryG, massG);
    }

    private MoistureFields weighed(int daysAgo, double massG) {
        return new MoistureFields(today.minusDays(daysAgo), null, null, null, massG);
    }

    private MoistureFields meter(int daysAgo, double percent, Double massG) {
        return new MoistureFields(today.minusDays(daysAgo), percent, null, null, massG);
    }
}
