package brachion.core.process;

import java.util.OptionalDouble;

/**
 * When what a bender waits for comes about, in seconds from a state of a piece on; empty when not within the time looked at. The
 * bounds are round numbers chosen by us.
 */
public final class Moments {

    private static final double HOT_WITHIN_C = 3;
    private static final double SOFT_BOUND = 0.7;
    private static final double SOFT_SHARE = 0.8;
    private static final double CARRY_BOUND = 0.5;
    private static final double COLD_WITHIN_C = 5;

    private static final double LONGEST_HEAT_S = 8 * 3600;
    private static final double LONGEST_CARRY_S = 600;
    private static final double LONGEST_FORM_S = 7 * 86_400;
    private static final double LONGEST_RACK_S = 180 * 86_400;

    private Moments() {
    }

    /** Until the core is within 3 °C of what heats it; eight hours are looked at. */
    public static OptionalDouble hot(ProcessSimulation from, Stage heat) {
        return FirstMoment.when(from.copy(), heat.lasting(LONGEST_HEAT_S), field -> field.coreC() - heat.mediumC() + HOT_WITHIN_C);
    }

    /** Until four fifths of the section are softer than 0.7; eight hours are looked at. */
    public static OptionalDouble soft(ProcessSimulation from, Stage heat) {
        return FirstMoment.when(from.copy(), heat.lasting(LONGEST_HEAT_S), field -> softShare(field) - SOFT_SHARE);
    }

    /** Share of a section that is softer than 0.7. */
    public static double softShare(SectionField field) {
        return field.shareSofterThan(SOFT_BOUND);
    }

    /** Out of the heat until the outer quarter has fallen below softness 0.5; zero when it is not that soft, ten minutes are looked at. */
    public static OptionalDouble outerFaceHard(ProcessSimulation from, double shopC, double relativeHumidity) {
        Stage carry = new Stage(StageKind.CARRY, LONGEST_CARRY_S, shopC, shopC, relativeHumidity);
        return FirstMoment.when(from.copy(), carry,
                field -> CARRY_BOUND - field.condition().outerQuarterSoftness());
    }

    /** On the form until no part is more than 5 °C above the shop; a week is looked at. */
    public static OptionalDouble cold(ProcessSimulation from, Stage form) {
        return FirstMoment.when(from.copy(), form.lasting(LONGEST_FORM_S), field -> form.shopC() + COLD_WITHIN_C - field.hottestC());
    }

    /** In the air until the mean moisture is below a bound [%]; half a year is looked at. */
    public static OptionalDouble below(double percent, ProcessSimulation from, Stage rack) {
        return FirstMoment.when(from.copy(), rack.lasting(LONGEST_RACK_S), field -> percent - field.meanMoisturePercent());
    }
}
