package brachion.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import brachion.core.photo.PointedSlope.Line;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.junit.jupiter.api.Test;

/** Radius, slope and gap from places pointed at on a picture. */
class PointingTest {

    private static final KnownLength TEN_PX_A_MM = new KnownLength(new Spot(0, 0), new Spot(3000, 0), 300);

    private static Spot on(Spot centre, double radius, double degrees) {
        return new Spot(centre.xPx() + radius * Math.cos(Math.toRadians(degrees)), centre.yPx() + radius * Math.sin(Math.toRadians(degrees)));
    }

    /** Intersecting chords (Euclid, Elements III.35): a chord of 240 mm that rises by 40 lies on a circle of 200. */
    @Test
    void three_places_make_the_circle_of_their_chord_and_rise() {
        PointedCurve curve = PointedCurve.through(List.of(new Spot(500, 900), new Spot(1700, 500), new Spot(2900, 900)), 1).orElseThrow();
        assertThat(curve.radius(TEN_PX_A_MM, 1).mm()).isCloseTo(200, within(1e-6));
        assertThat(curve.centre().xPx()).isCloseTo(1700, within(1e-6));
        assertThat(curve.centre().yPx()).isCloseTo(2500, within(1e-6));
    }

    @Property
    void places_on_a_circle_give_it_back(@ForAll @DoubleRange(min = -5000, max = 5000) double x, @ForAll @DoubleRange(min = -5000, max = 5000) double y,
                                         @ForAll @DoubleRange(min = 200, max = 20_000) double radius, @ForAll @DoubleRange(min = 40, max = 300) double arc,
                                         @ForAll @IntRange(min = 3, max = 12) int places) {
        Spot centre = new Spot(x, y);
        List<Spot> spots = IntStream.range(0, places).mapToObj(i -> on(centre, radius, 20 + arc * i / (places - 1))).toList();
        assertThat(PointedCurve.through(spots, 1)).hasValueSatisfying(curve -> assertThat(curve.radiusPx()).isCloseTo(radius, within(radius * 1e-6)));
    }

    /** The spread that is said is the spread there is: the same places pointed at ten thousand times. */
    @Test
    void a_radius_is_off_by_as_much_as_it_says() {
        Random hand = new Random(7);
        for (double arc : new double[] {60, 120, 200}) {
            for (int places : new int[] {3, 7}) {
                List<Spot> spots = IntStream.range(0, places).mapToObj(i -> on(new Spot(1500, 1500), 1000, arc * i / (places - 1))).toList();
                StreamingStatistics radii = new StreamingStatistics();
                for (int i = 0; i < 10_000; i++) {
                    List<Spot> pointed = spots.stream().map(at -> new Spot(at.xPx() + 2 * hand.nextGaussian(), at.yPx() + 2 * hand.nextGaussian())).toList();
                    radii.addValue(PointedCurve.through(pointed, 2).orElseThrow().radiusPx());
                }
                assertThat(PointedCurve.through(spots, 2).orElseThrow().sdPx()).isCloseTo(radii.getStandardDeviation(), within(radii.getStandardDeviation() * 0.05));
            }
        }
    }

    @Test
    void places_on_a_line_or_on_one_another_make_no_circle() {
        assertThat(PointedCurve.through(List.of(new Spot(0, 0), new Spot(100, 0), new Spot(200, 0)), 1)).isEmpty();
        assertThat(PointedCurve.through(List.of(new Spot(0, 0), new Spot(100, 0.4), new Spot(200, 0)), 1)).isEmpty();
        assertThat(PointedCurve.through(List.of(new Spot(5, 5), new Spot(5, 5), new Spot(5, 5)), 1)).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> PointedCurve.through(List.of(new Spot(0, 0), new Spot(1, 1)), 1));
    }

    /** A picture is drawn with a piece bent to 180 mm and a rule of 100 mm; the edges are found in its pixels and pointed at. */
    @Test
    void a_known_circle_on_a_picture_is_measured_within_a_hundredth() {
        double perMm = 2.37;
        BufferedImage picture = new BufferedImage(1200, 900, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = picture.createGraphics();
        drawn.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawn.setColor(Color.WHITE);
        drawn.fillRect(0, 0, 1200, 900);
        drawn.setColor(Color.BLACK);
        double radius = 180 * perMm;
        drawn.fill(new Ellipse2D.Double(611.3 - radius, 700.8 - radius, 2 * radius, 2 * radius));
        drawn.setStroke(new BasicStroke(3, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        drawn.draw(new Line2D.Double(40.6, 40, 40.6 + 100 * perMm, 40));
        drawn.dispose();
        KnownLength rule = new KnownLength(new Spot(edge(picture, 0, 40, 1, 0), 40), new Spot(edge(picture, 600, 40, -1, 0), 40), 100);
        List<Spot> curve = DoubleStream.of(300, 480, 611, 740, 920).mapToObj(x -> new Spot(x, edge(picture, (int) x, 100, 0, 1))).toList();
        assertThat(PointedCurve.through(curve, 1).orElseThrow().radius(rule, 1).mm()).isCloseTo(180, within(1.8));
        assertThat(PointedCurve.through(List.of(curve.get(0), curve.get(2), curve.get(4)), 1).orElseThrow().radius(rule, 1).mm()).isCloseTo(180, within(1.8));
    }

    /** Where it turns dark on the way from a place, on the axis along which it goes. */
    private static double edge(BufferedImage picture, int x, int y, int dx, int dy) {
        int steps = 0;
        while ((picture.getRGB(x + steps * dx, y + steps * dy) & 0xFF) > 127) {
            steps++;
        }
        return dx != 0 ? x + steps * dx : y + steps * dy;
    }

    @Test
    void a_length_is_no_better_known_than_what_it_is_held_to() {
        Measured gap = TEN_PX_A_MM.between(new Spot(100, 100), new Spot(100, 200), 1);
        assertThat(gap.mm()).isCloseTo(10, within(1e-9));
        // two ends each off by a pixel, of a hundred: 1.4 in 100, and the camera's lean 0.4
        assertThat(gap.sdMm()).isCloseTo(10 * Math.hypot(Math.sqrt(2) / 100, 0.0038), within(1e-3));
        KnownLength shortRule = new KnownLength(new Spot(0, 0), new Spot(50, 0), 5);
        assertThat(shortRule.between(new Spot(100, 100), new Spot(100, 2100), 1).sdMm() / 200).isCloseTo(Math.sqrt(2) / 50, within(1e-3));
        assertThatIllegalArgumentException().isThrownBy(() -> new KnownLength(new Spot(1, 1), new Spot(1, 1), 10));
        assertThatIllegalArgumentException().isThrownBy(() -> new KnownLength(new Spot(1, 1), new Spot(1, 2), 0));
        assertThatIllegalArgumentException().isThrownBy(() -> TEN_PX_A_MM.between(new Spot(1, 1), new Spot(1, 1), 1));
    }

    /** A fine rise of 1 in 12 is 4.76° (Wood Handbook FPL-GTR-282, ch. 5: slope of grain as the tangent). */
    @Test
    void slope_of_grain_is_the_tangent_between_edge_and_grain() {
        PointedSlope slope = PointedSlope.between(new Line(new Spot(0, 0), new Spot(2400, 0)), new Line(new Spot(100, 300), new Spot(1300, 400)), 1);
        assertThat(slope.run().orElseThrow()).isCloseTo(12, within(1e-9));
        assertThat(slope.degrees()).isCloseTo(4.764, within(1e-3));
        assertThat(slope.steepest()).isBetween(11.0, 12.0);
        PointedSlope turned = PointedSlope.between(new Line(new Spot(2400, 0), new Spot(0, 0)), new Line(new Spot(100, 300), new Spot(1300, 400)), 1);
        assertThat(turned).isEqualTo(slope);
        PointedSlope straight = PointedSlope.between(new Line(new Spot(0, 0), new Spot(400, 0)), new Line(new Spot(0, 50), new Spot(400, 51)), 1);
        assertThat(straight.run()).isEmpty();
        assertThat(straight.steepest()).isGreaterThan(60);
    }

    @Test
    void the_angle_is_off_by_as_much_as_it_says() {
        Random hand = new Random(11);
        List<Spot> ends = List.of(new Spot(0, 0), new Spot(800, 0), new Spot(0, 100), new Spot(600, 200));
        StreamingStatistics angles = new StreamingStatistics();
        for (int i = 0; i < 20_000; i++) {
            List<Spot> off = new ArrayList<>(ends.stream().map(at -> new Spot(at.xPx() + hand.nextGaussian(), at.yPx() + hand.nextGaussian())).toList());
            angles.addValue(PointedSlope.between(new Line(off.get(0), off.get(1)), new Line(off.get(2), off.get(3)), 1).degrees());
        }
        double said = PointedSlope.between(new Line(ends.get(0), ends.get(1)), new Line(ends.get(2), ends.get(3)), 1).sdDegrees();
        assertThat(said).isCloseTo(angles.getStandardDeviation(), within(angles.getStandardDeviation() * 0.04));
    }

    @Test
    void nobody_points_finer_than_the_picture_is() {
        assertThat(Pointed.sdPx(3)).isEqualTo(3);
        assertThat(Pointed.sdPx(0.1)).isEqualTo(0.5);
        assertThat(Optional.of(Pointed.together(0))).hasValueSatisfying(lean -> assertThat(lean).isCloseTo(0.0038, within(1e-4)));
    }
}
