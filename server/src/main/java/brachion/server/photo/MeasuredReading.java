package brachion.server.photo;

import brachion.core.photo.KnownLength;
import brachion.core.photo.Measured;
import brachion.core.photo.Pointed;
import brachion.core.photo.PointedCurve;
import brachion.core.photo.PointedSlope;
import java.util.Optional;

/**
 * What the places pointed at tell.
 *
 * @param curve    the circle through the curve, to be drawn over it; null when none was pointed at, or it tells none
 * @param straight whether the curve pointed at tells no circle
 * @param radius   its radius, null without a known length
 * @param slope    slope of grain, null when not pointed at
 * @param gap      the gap, null when not pointed at or without a known length
 */
record MeasuredReading(PointedCurve curve, boolean straight, Measured radius, SlopeReading slope, Measured gap) {

    /** Nothing was pointed at. */
    static final MeasuredReading NOTHING = new MeasuredReading(null, false, null, null, null);

    static MeasuredReading of(PointedFields pointed) {
        double sdPx = Pointed.sdPx(pointed.pictureToShown());
        Optional<KnownLength> known = Optional.ofNullable(pointed.knownLength());
        Optional<PointedCurve> curve = Optional.ofNullable(pointed.curve())
                .flatMap(places -> PointedCurve.through(places.stream().map(SpotFields::spot).toList(), sdPx));
        SlopeReading slope = pointed.edge() == null || pointed.grain() == null ? null
                : SlopeReading.of(PointedSlope.between(PointedFields.line(pointed.edge()), PointedFields.line(pointed.grain()), sdPx));
        Measured gap = pointed.gap() == null ? null
                : known.map(length -> length.between(pointed.gap().get(0).spot(), pointed.gap().get(1).spot(), sdPx)).orElse(null);
        return new MeasuredReading(curve.orElse(null), pointed.curve() != null && curve.isEmpty(),
                curve.flatMap(circle -> known.map(length -> circle.radius(length, sdPx))).orElse(null), slope, gap);
    }
}
