package brachion.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.junit.jupiter.api.Test;

class FittedLineTest {

    /** Without room to smooth it is the natural cubic spline of a reference library (Hipparchus). */
    @Test
    void without_a_tolerance_it_is_the_natural_cubic_spline() {
        List<Place> points = List.of(new Place(0, 0), new Place(40, 25), new Place(95, 30), new Place(140, 5), new Place(200, 12), new Place(230, 60));
        SmoothingSpline ours = SmoothingSpline.through(points, 1e-9);
        double[] t = new double[points.size()];
        for (int i = 1; i < t.length; i++) {
            t[i] = t[i - 1] + points.get(i - 1).to(points.get(i));
        }
        PolynomialSplineFunction x = new SplineInterpolator().interpolate(t, points.stream().mapToDouble(Place::xMm).toArray());
        PolynomialSplineFunction y = new SplineInterpolator().interpolate(t, points.stream().mapToDouble(Place::yMm).toArray());
        for (double u = 0; u <= 1; u += 0.01) {
            double along = Math.min(t[t.length - 1], u * t[t.length - 1]);
            assertThat(ours.at(u).place().to(new Place(x.value(along), y.value(along)))).isLessThan(1e-6);
        }
    }

    @Property(tries = 40)
    void points_pricked_off_a_circle_give_its_radius(@ForAll @DoubleRange(min = 80, max = 600) double radius, @ForAll @LongRange(min = 0, max = 1000) long seed) {
        Random pricks = new Random(seed);
        List<Place> points = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double angle = Math.PI * i / 24;
            double off = radius + 0.3 * (2 * pricks.nextDouble() - 1);
            points.add(new Place(off * Math.cos(angle), off * Math.sin(angle)));
        }
        FittedLine fitted = FittedLine.through(points, 0.5);
        assertThat(fitted.offMm()).as("no point is passed further off than asked").isLessThanOrEqualTo(0.56);
        Course line = fitted.line();
        double turned = line.at(line.lengthMm() * 0.75).headingRad() - line.at(line.lengthMm() * 0.25).headingRad();
        assertThat(line.lengthMm() / 2 / turned).as("mean radius over the middle half").isCloseTo(radius, within(0.08 * radius));
    }

    /** An ellipse is tightest at the end of its long axis, with radius b²/a (handbook of mathematics). */
    @Test
    void the_tightest_place_of_half_an_ellipse_is_where_it_should_be() {
        double a = 300;
        double b = 180;
        List<Place> points = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            double angle = -Math.PI / 2 + Math.PI * i / 60;
            points.add(new Place(a * Math.cos(angle), b * Math.sin(angle)));
        }
        Course line = FittedLine.through(points, 0.05).line();
        double tightest = line.runs().stream().mapToDouble(run -> Math.abs(run.curvature())).max().orElseThrow();
        assertThat(1 / tightest).isCloseTo(b * b / a, within(0.04 * b * b / a));
        OneBend bend = Chain.along(line, 10).bends(10).get(0);
        assertThat(bend.tightestAtMm()).as("in the middle").isCloseTo(line.lengthMm() / 2, within(0.08 * line.lengthMm()));
        double ramanujan = Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b))) / 2;
        assertThat(line.lengthMm()).as("half its girth by Ramanujan's formula").isCloseTo(ramanujan, within(0.05));
    }

    /** The places a curve passes by java.awt.geom lie on our arcs. */
    @Property(tries = 100)
    void a_bezier_curve_lies_on_its_arcs(@ForAll @DoubleRange(min = 50, max = 400) double reach, @ForAll @DoubleRange(min = -200, max = 200) double lift,
                                         @ForAll @DoubleRange(min = 100, max = 300) double rise) {
        CubicBezier curve = new CubicBezier(Place.ORIGIN, new Place(reach, lift), new Place(400 - reach / 2, rise), new Place(500, rise));
        List<Place> on = Trace.along(curve, 0.005).places(0.0005);
        PathIterator theirs = new FlatteningPathIterator(new CubicCurve2D.Double(0, 0, reach, lift, 400 - reach / 2, rise, 500, rise).getPathIterator(null), 0.5, 8);
        double[] at = new double[6];
        for (; !theirs.isDone(); theirs.next()) {
            theirs.currentSegment(at);
            Place place = new Place(at[0], at[1]);
            double nearest = on.stream().mapToDouble(place::to).min().orElseThrow();
            double gap = on.get(0).to(on.get(1));
            assertThat(nearest).isLessThan(Math.max(2 * gap, 2));
        }
        assertThat(FittedLine.along(Trace.along(curve, 0.005), 0.01).asDrawn()).isTrue();
    }

    @Test
    void a_drawn_corner_is_rounded_within_the_tolerance_or_refused() {
        Trace corner = Trace.through(List.of(new Place(0, 0), new Place(200, 0), new Place(320, 160)), false);
        FittedLine fitted = FittedLine.along(corner, 5);
        assertThat(fitted.asDrawn()).isFalse();
        assertThat(fitted.offMm()).isLessThanOrEqualTo(5.5);
    }

    @Test
    void too_few_places_and_a_line_of_nothing_are_refused() {
        Place here = new Place(3, 4);
        assertThatThrownBy(() -> FittedLine.through(List.of(here, here, here), 1)).hasMessageContaining("three places");
        assertThatThrownBy(() -> FittedLine.along(Trace.through(List.of(here, here), false), 1)).hasMessageContaining("no length");
    }
}
