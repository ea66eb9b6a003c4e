package brachion.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Something in a recipe that can hardly be meant. It is asked about, never refused, because benches are stranger than
 * tables.
 *
 * @param kind  what is doubtful
 * @param given the value that was given
 * @param usual the value beyond which it is doubtful
 */
public record Doubt(Kind kind, double given, double usual) {

    /** Green stock is wetter than this [%]; below, the cell walls are no longer full (common practice). */
    private static final double DRIEST_GREEN_PERCENT = 20;
    /** Stock dried in the open air lies between these [%] (common practice). */
    private static final double DRIEST_AIR_DRIED_PERCENT = 8;
    private static final double WETTEST_AIR_DRIED_PERCENT = 28;
    /** Stock from the kiln is drier than this [%] unless it was stored in the wet (common practice). */
    private static final double WETTEST_KILN_DRIED_PERCENT = 14;
    /** A thermometer may be off by this much before boiling is doubted [K]. */
    static final double THERMOMETER_C = 1;
    /** Nobody bends solid stock round a form smaller than half its thickness; chosen by us. */
    private static final double LEAST_RADIUS_SHARE = 0.5;

    /** What is doubtful. */
    public enum Kind {
        /** Said to be green, but dry. */
        GREEN_BUT_DRY,
        /** Said to be air-dried, but drier than air dries. */
        AIR_DRIED_BUT_DRY,
        /** Said to be air-dried, but wet. */
        AIR_DRIED_BUT_WET,
        /** Said to be kiln-dried, but wet. */
        KILN_DRIED_BUT_WET,
        /** Steam in a vented chamber cannot be hotter than water boils at this height. */
        HOTTER_THAN_BOILING,
        /** The shop's own rig never gets so hot: air comes in with the steam, and wet stock dries in it. */
        HOTTER_THAN_RIG,
        /** Spreading and clamping take longer than the glue stays open in this shop. */
        GLUE_SETS_FIRST,
        /** Thicker than is worked by hand on a pipe: the cool back is lost before the middle is soft. */
        THICK_FOR_A_PIPE,
        /** Water skates on a pipe so hot, and dry wood scorches on it. */
        SCORCHING_PIPE,
        /** Thicker than plates are that are pressed. */
        THICK_FOR_A_PLATE,
        /** The inner radius is smaller than a form of this thickness can be. */
        TIGHTER_THAN_A_FORM
    }

    /**
     * Everything doubtful in a recipe.
     *
     * @param rigC temperature the shop's rig comes to [°C]; empty when nobody described it
     */
    public static List<Doubt> of(Recipe recipe, OptionalDouble rigC) {
        List<Doubt> doubts = new ArrayList<>();
        Blank blank = recipe.blank();
        blank.moisturePercent().ifPresent(percent -> {
            switch (blank.seasoning()) {
                case GREEN -> below(doubts, Kind.GREEN_BUT_DRY, percent, DRIEST_GREEN_PERCENT);
                case AIR_DRIED -> {
                    below(doubts, Kind.AIR_DRIED_BUT_DRY, percent, DRIEST_AIR_DRIED_PERCENT);
                    above(doubts, Kind.AIR_DRIED_BUT_WET, percent, WETTEST_AIR_DRIED_PERCENT);
                }
                case KILN_DRIED -> above(doubts, Kind.KILN_DRIED_BUT_WET, percent, WETTEST_KILN_DRIED_PERCENT);
            }
        });
        doubts.addAll(recipe.method().doubts(recipe, rigC));
        below(doubts, Kind.TIGHTER_THAN_A_FORM, recipe.bend().innerRadiusMm(),
                LEAST_RADIUS_SHARE * blank.thicknessMm());
        return doubts;
    }

    /** Whether the glue sets before everything is closed. */
    static List<Doubt> ofTheGlue(GlueUp gluing) {
        List<Doubt> doubts = new ArrayList<>();
        above(doubts, Kind.GLUE_SETS_FIRST, gluing.closingMinutes(), gluing.openMinutes());
        return doubts;
    }

    private static void below(List<Doubt> doubts, Kind kind, double given, double usual) {
        if (given < usual) {
            doubts.add(new Doubt(kind, given, usual));
        }
    }

    /** Doubts a value that lies above what is usual. */
    static void above(List<Doubt> doubts, Kind kind, double given, double usual) {
        if (given > usual) {
            doubts.add(new Doubt(kind, given, usual));
        }
    }
}
