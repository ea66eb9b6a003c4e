package brachion.server.photo;

import brachion.core.photo.PointedSlope;

/**
 * Slope of grain as it was pointed at.
 *
 * @param run       the grain rises by one in so many, null where it is as straight as can be pointed at
 * @param steepest  it is hardly steeper than one in so many
 * @param degrees   the angle between edge and grain [°]
 * @param sdDegrees its standard deviation [°]
 */
record SlopeReading(Double run, Double steepest, Double degrees, Double sdDegrees) {

    static SlopeReading of(PointedSlope slope) {
        return new SlopeReading(slope.run().orElse(null), slope.steepest(), slope.degrees(), slope.sdDegrees());
    }
}
