package brachion.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.shape.Stretch.Arc;
import brachion.core.shape.Stretch.Straight;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;

class CourseTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    @Test
    void half_a_circle_ends_a_diameter_away_heading_back() {
        Course half = new Course(Pose.START, List.of(new Run(Math.PI * 100, 0.01)));
        assertThat(half.end().place().xMm()).isCloseTo(0, within(1e-9));
        assertThat(half.end().place().yMm()).isCloseTo(200, within(1e-9));
        assertThat(half.end().headingRad()).isCloseTo(Math.PI, within(1e-12));
    }

    @Test
    void an_s_goes_on_as_it_began() {
        Course s = Familiar.S.chain(150, 70).middle(12);
        assertThat(s.end().headingRad()).isCloseTo(0, within(1e-12));
        double middle = 156;
        double angle = Math.toRadians(70);
        assertThat(s.end().place().yMm()).as("two arcs rise R(1 − cos θ) each, the straight between them its sine")
                .isCloseTo(2 * middle * (1 - Math.cos(angle)) + 75 * Math.sin(angle), within(1e-9));
    }

    @Test
    void a_hoop_comes_round_and_its_faces_are_as_long_as_their_circles() {
        Course hoop = Familiar.HOOP.chain(200, 90).middle(8);
        assertThat(hoop.end().place().to(Place.ORIGIN)).isCloseTo(0, within(1e-9));
        assertThat(hoop.leftBy(4).lengthMm()).isCloseTo(2 * Math.PI * 200, within(1e-9));
        assertThat(hoop.leftBy(-4).lengthMm()).isCloseTo(2 * Math.PI * 208, within(1e-9));
    }

    @Test
    void nothing_lies_beyond_the_centre_of_an_arc() {
        Course arc = new Course(Pose.START, List.of(new Run(50, 0.01)));
        assertThatThrownBy(() -> arc.leftBy(100)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("no line");
    }

    @Property(tries = 200)
    void from_its_other_end_it_is_the_same_line(@ForAll("chains") Chain chain) {
        Course there = chain.middle(10);
        Course back = there.reversed();
        assertThat(back.end().place().to(there.start().place())).isCloseTo(0, within(1e-6));
        assertThat(back.leftBy(-3).end().place().to(there.leftBy(3).start().place())).isCloseTo(0, within(1e-6));
        assertThat(back.at(12).place().to(there.at(there.lengthMm() - 12).place())).isCloseTo(0, within(1e-6));
    }

    @Property(tries = 200)
    void what_is_drawn_is_the_line(@ForAll("chains") Chain chain) {
        Course line = chain.middle(10);
        Trace drawn = line.trace();
        assertThat(drawn.lengthMm()).isCloseTo(line.lengthMm(), within(1e-6));
        assertThat(drawn.sharpestRad()).isCloseTo(0, within(1e-6));
        FittedLine again = FittedLine.along(drawn, 0.01);
        assertThat(again.asDrawn()).isTrue();
        assertThat(again.line().end().place().to(line.end().place())).isCloseTo(0, within(1e-5));
        assertThat(drawn.reversed().reversed()).isEqualTo(drawn);
        assertThat(drawn.placed(1, 5, 7).lengthMm()).isCloseTo(line.lengthMm(), within(1e-6));
    }

    /** Where no face comes near another one, the offset of a general geometry library (JTS Topology Suite) is the same line. */
    @Property(tries = 100)
    void the_line_beside_it_is_that_of_a_geometry_library(@ForAll @DoubleRange(min = 60, max = 500) double radius,
                                                          @ForAll @DoubleRange(min = 10, max = 80) double angle,
                                                          @ForAll @DoubleRange(min = 2, max = 50) double beside) {
        Course line = Familiar.S.chain(radius, angle).middle(10);
        LineString ours = lineOf(line.leftBy(beside).trace().places(0.001));
        LineString theirs = (LineString) OffsetCurve.getCurve(lineOf(line.trace().places(0.001)), beside, 256, BufferParameters.JOIN_ROUND, 5);
        assertThat(DiscreteHausdorffDistance.distance(ours, theirs, 0.5)).isLessThan(0.02);
    }

    @Provide
    static Arbitrary<Chain> chains() {
        Arbitrary<Stretch> straight = Arbitraries.doubles().between(1, 200).map(Straight::new);
        Arbitrary<Stretch> arc = Combinators.combine(Arbitraries.doubles().between(20, 400), Arbitraries.doubles().between(1, 260), Arbitraries.of(Turn.class))
                .as(Arc::new);
        return Arbitraries.oneOf(straight, arc).list().ofMinSize(1).ofMaxSize(8).map(Chain::new);
    }

    private static LineString lineOf(List<Place> places) {
        List<Coordinate> coordinates = new ArrayList<>();
        places.forEach(place -> coordinates.add(new Coordinate(place.xMm(), place.yMm())));
        return GEOMETRY.createLineString(coordinates.toArray(Coordinate[]::new));
    }
}
