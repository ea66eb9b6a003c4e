package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import brachion.core.process.Shop;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cuts, webs and what they ask of the wood, beside circle arithmetic worked by hand and a composite beam cut into slices. */
class KerfBendingTest {

    private static final double THICK = 12.7;
    private static final double KERF = 3.2;
    private static final Bend QUARTER = new Bend(76, 90);
    private static final Percentage TWO_PERCENT = Percentage.withPercentage(2);

    private static KerfBending sawn(double web, double pitch, Optional<Double> backer) {
        return new KerfBending(new Kerfs(KERF, web, pitch), KerfBending.Board.SOLID, backer);
    }

    private static Recipe recipe(double web, double pitch) {
        return new Recipe(Recipes.ash().moisture(8).thickness(THICK).steamed().blank(), QUARTER, sawn(web, pitch, Optional.of(3.2)));
    }

    /**
     * A half inch piece on a 76 mm radius through a quarter turn, worked by hand (circle arithmetic): webs that would bend over more
     * than a pitch bend as the outer face does, 3.2/(2·88.7).
     */
    @ParameterizedTest
    @CsvSource({"1.6, 6.35, 22, 0.0089, 2.4, 0.06", "3.2, 6.35, 22, 0.0180, 2.5, 0.06", "12, 6.35, 22, 0.0676, 3.15, 0.06",
        "1.6, 12.7, 11, 0.0179, 1.6, 0.23"})
    void cuts_are_those_of_circle_arithmetic(double web, double pitch, int count, double strain, double room, double facet) {
        KerfCuts cuts = KerfCuts.of(THICK, QUARTER, KERF, web, pitch);
        assertThat(cuts.count()).isEqualTo(count);
        assertThat(cuts.webStrain()).isCloseTo(strain, TWO_PERCENT);
        assertThat(cuts.roomMm()).isCloseTo(room, within(0.05));
        assertThat(cuts.facetMm()).isCloseTo(facet, within(0.005));
        assertThat(cuts.count() * cuts.eachRad()).isBetween(Math.PI / 2, Math.PI / 2 + cuts.eachRad());
    }

    /** A cut more or less that the curve needs is no jump in what each web is asked. */
    @Test
    void a_hair_more_pitch_radius_or_angle_asks_a_hair_more_or_less() {
        for (double step = 0; step < 400; step++) {
            double pitch = 4 + step / 20;
            assertThat(asked(1.6, pitch * 1.01, QUARTER)).as("pitch %s", pitch).isBetween(asked(1.6, pitch, QUARTER) * (1 - 1e-12), asked(1.6, pitch, QUARTER) * 1.03);
            Bend bend = new Bend(60 + step / 2, 20 + step / 4);
            Bend wider = new Bend(bend.innerRadiusMm() * 1.01, bend.angleDegrees() * 1.01);
            assertThat(asked(1.6, 9, wider)).as("%s", bend).isBetween(asked(1.6, 9, bend) * 0.97, asked(1.6, 9, bend) * (1 + 1e-12));
        }
    }

    private static double asked(double web, double pitch, Bend bend) {
        return KerfCuts.of(THICK, bend, KERF, web, pitch).webStrain();
    }

    /** The section that is solved is the web's own: as the closed form says while it is elastic, a little less once its inner face yields. */
    @Test
    void the_web_is_asked_what_the_closed_form_says() {
        Bend gentle = new Bend(400, 90);
        for (double web : new double[] {1.2, 1.6, 2.4}) {
            double elastic = recipe(web, 6.35).method().demand(recipe(web, 6.35).blank(), gentle, Shop.USUAL, Physics.USUAL).state().outerStrain();
            assertThat(elastic).isCloseTo(KerfCuts.of(THICK, gentle, KERF, web, 6.35).webStrain(), TWO_PERCENT);
            double closed = KerfCuts.of(THICK, QUARTER, KERF, web, 6.35).webStrain();
            assertThat(recipe(web, 6.35).demand().state().outerStrain()).isBetween(0.8 * closed, closed);
        }
    }

    @Test
    void a_shallower_cut_and_a_wider_pitch_are_never_safer() {
        double before = 0;
        for (double web = 0.8; web < 6; web += 0.4) {
            double asked = recipe(web, 6.35).demand().tensionRatio();
            assertThat(asked).isGreaterThan(before);
            before = asked;
        }
        before = 0;
        for (double pitch = 4; pitch < 60; pitch += 1) {
            double asked = recipe(1.6, pitch).demand().tensionRatio();
            assertThat(asked).isGreaterThanOrEqualTo(before * (1 - 1e-9));
            before = asked;
        }
    }

    @Test
    void cuts_that_close_too_early_are_refused_with_what_would_reach() {
        assertThat(recipe(1.6, 6.35).method().refusals(THICK, QUARTER)).isEmpty();
        Recipe early = recipe(1.6, 30);
        assertThat(early.method().refusals(THICK, QUARTER)).containsOnlyKeys("pitchMm");
        String sentence = early.method().refusals(THICK, QUARTER).get("pitchMm");
        double accepted = Double.parseDouble(sentence.replaceAll(".*no further apart than ([0-9.]+) mm.*", "$1"));
        assertThat(sawn(1.6, accepted, Optional.empty()).refusals(THICK, QUARTER)).isEmpty();
        double wider = Double.parseDouble(sentence.replaceAll(".*wider than ([0-9.]+) mm.*", "$1"));
        assertThat(new KerfBending(new Kerfs(wider, 1.6, 30), KerfBending.Board.SOLID, Optional.empty()).refusals(THICK, QUARTER)).isEmpty();
        assertThat(sawn(THICK, 6.35, Optional.empty()).refusals(THICK, QUARTER)).containsOnlyKeys("webMm");
    }

    /**
     * Springback beside a beam of the same flanges cut into slices along its length: the curvature that is lost is the moment
     * over E·I of each slice, averaged (composite beam, strength of materials).
     */
    @Test
    void a_backer_holds_the_curve_and_a_web_alone_does_not() {
        Recipe recipe = recipe(1.6, 6.35);
        Springback backed = springback(recipe, Optional.of(3.2));
        assertThat(backed.elasticShare()).isCloseTo(slices(1.6, 6.35, 3.2), Offset.offset(0.002));
        assertThat(springback(recipe, Optional.of(6.4)).elasticShare()).isNotEqualTo(backed.elasticShare());
        assertThat(springback(recipe, Optional.empty()).elasticShare()).isGreaterThan(0.8);
        assertThat(backed.elasticShare()).isBetween(0.001, 0.2);
    }

    private static Springback springback(Recipe recipe, Optional<Double> backer) {
        KerfBending way = sawn(1.6, 6.35, backer);
        return way.springback(recipe.blank(), QUARTER, Shop.USUAL, way.demand(recipe.blank(), QUARTER, Shop.USUAL, Physics.USUAL));
    }

    private static double slices(double web, double pitch, double backer) {
        KerfCuts cuts = KerfCuts.of(THICK, QUARTER, KERF, web, pitch);
        double moment = 0;
        double curvature = 1 / (QUARTER.innerRadiusMm() + THICK / 2);
        int layers = 2000;
        for (int i = 0; i < layers; i++) {
            double y = (i + 0.5) / layers - 0.5;
            moment += y * web * (y * web / cuts.webRadiusMm()) * web / layers
                    + y * backer * (y * backer / (QUARTER.innerRadiusMm() - backer / 2)) * backer / layers;
        }
        double lost = 0;
        int slices = 1000;
        for (int i = 0; i < slices; i++) {
            boolean cut = (i + 0.5) / slices * pitch < KERF + 2 * web;
            lost += moment / inertia(cut, web, backer) / slices;
        }
        return lost / curvature;
    }

    /** Second moment about the centroid, layer by layer from the backer's free face up. */
    private static double inertia(boolean cut, double web, double backer) {
        int layers = 4000;
        double height = THICK + backer;
        double area = 0;
        double first = 0;
        double second = 0;
        for (int i = 0; i < layers; i++) {
            double y = (i + 0.5) / layers * height;
            if (!cut || y < backer || y > height - web) {
                area += height / layers;
                first += y * height / layers;
                second += y * y * height / layers;
            }
        }
        return second - first * first / area;
    }

    @Test
    void its_sheet_says_where_the_saw_goes() {
        Sheet sheet = recipe(1.6, 6.35).method().sheet(recipe(1.6, 6.35));
        assertThat(sheet.lines()).contains(new Sheet.Line(Sheet.Measure.CUTS, 22), new Sheet.Line(Sheet.Measure.PITCH, 6.35));
        assertThat(sheet.lines()).filteredOn(line -> line.measure() == Sheet.Measure.OUTER_ARC).first()
                .extracting(Sheet.Line::value).isEqualTo(Math.PI / 2 * (76 + THICK));
    }
}
