package brachion.core.forecast;

/**
 * How far a bend opens when it is let go, and the form that allows for it.
 *
 * @param releasedRadiusMm        inner radius to be expected after release [mm]
 * @param releasedRadiusLowMm     lower end, eight times in ten [mm]
 * @param releasedRadiusHighMm    upper end [mm]
 * @param computedReleasedRadiusMm as computed, without records [mm]
 * @param formRadiusMm            the form to bend it on so that it comes to the radius asked for [mm]
 * @param measured                how many measured pieces it rests on
 */
public record SpringbackForecast(double releasedRadiusMm, double releasedRadiusLowMm, double releasedRadiusHighMm,
                                 double computedReleasedRadiusMm, double formRadiusMm, int measured) {
}
