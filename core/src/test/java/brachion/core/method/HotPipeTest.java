package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.process.Piece;
import brachion.core.process.ProcessSimulation;
import brachion.core.process.Shop;
import brachion.core.process.Stage;
import brachion.core.process.StageKind;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a pipe does to a thin strip: the face on it gets hot first. */
class HotPipeTest {

    private static HotPipe pipe(double celsius, double minutes, double contact) {
        return new HotPipe(new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.of(1)),
                new Heating(StageKind.HOT_PIPE, minutes, celsius), new Stage.Contact(contact, true), HotPipe.By.HANDS);
    }

    private static ProcessSimulation strip(double celsius, double minutes, double contact) {
        ProcessSimulation strip = new ProcessSimulation(new Piece(0.55, 2.5, Double.POSITIVE_INFINITY, 12, 20));
        pipe(celsius, minutes, contact).stagesIn(Shop.USUAL).forEach(strip::run);
        return strip;
    }

    /**
     * A strip 2.5 mm thick of specific gravity 0.55 from 12 %, its face wetted: worked out apart from this code by explicit
     * finite differences with the same properties of wood.
     */
    @ParameterizedTest
    @CsvSource({"130, 3, 0.15, 0.90, 0.41", "130, 3, 0.30, 0.99, 0.82", "130, 1, 0.15, 0.35, 0.04", "110, 3, 0.15, 0.62, 0.14"})
    void the_heat_goes_through_as_worked_out_apart(double celsius, double minutes, double contact, double innerQuarter, double outerQuarter) {
        SectionCondition condition = strip(celsius, minutes, contact).condition();
        double inner = 0;
        for (int layer = 0; layer < condition.layers() / 4; layer++) {
            inner += condition.softness(layer) / (condition.layers() / 4.0);
        }
        assertThat(inner).isCloseTo(innerQuarter, within(0.03));
        assertThat(condition.outerQuarterSoftness()).isCloseTo(outerQuarter, within(0.03));
    }

    @Test
    void faces_of_the_strip_are_as_hot_as_worked_out_apart() {
        ProcessSimulation strip = strip(130, 3, 0.15);
        assertThat(strip.field().innerFaceC()).isCloseTo(96, within(2.0));
        assertThat(strip.field().outerFaceC()).isCloseTo(84, within(2.0));
    }

    @Test
    void longer_and_more_contact_never_leave_the_outer_face_harder() {
        double before = 0;
        for (double minutes : new double[] {0.5, 1, 2, 3, 5, 8}) {
            double soft = strip(130, minutes, 0.15).condition().outerQuarterSoftness();
            assertThat(soft).isGreaterThanOrEqualTo(before);
            assertThat(strip(130, minutes, 0.3).condition().outerQuarterSoftness()).isGreaterThanOrEqualTo(soft);
            before = soft;
        }
    }

    /** Thicker than about 3 mm the cool rest is lost before the middle is soft (common practice). */
    @Test
    void by_hand_it_is_for_thin_stock() {
        Bend bend = new Bend(60, 90);
        double thin = asked(2, bend);
        double thick = asked(8, bend);
        assertThat(thin).isLessThan(1);
        assertThat(thick).isGreaterThan(2);
    }

    private static double asked(double thickness, Bend bend) {
        Recipe recipe = new Recipe(Recipes.ash().moisture(12).thickness(thickness).steamed().blank(), bend, pipe(130, 3, 0.15));
        return recipe.demand().tensionRatio();
    }

    @Test
    void its_sheet_gives_the_faces_and_the_chance_of_a_scorch() {
        assertThat(scorch(130, 3)).isBetween(0.0, 1.0);
        assertThat(scorch(280, 8)).isGreaterThan(30);
        assertThatThrownBy(() -> new HotPipe(new Handling(0, SoakAdditive.NONE, 5, Optional.empty(), OptionalDouble.empty()),
                new Heating(StageKind.HOT_PIPE, 3, 130), Stage.Contact.FULL, HotPipe.By.HANDS)).hasMessageContaining("not carried");
    }

    private static double scorch(double celsius, double minutes) {
        Recipe recipe = new Recipe(Recipes.ash().moisture(8).thickness(2.5).steamed().blank(), new Bend(60, 90), new HotPipe(
                new Handling(0, SoakAdditive.NONE, 0, Optional.empty(), OptionalDouble.empty()),
                new Heating(StageKind.HOT_PIPE, minutes, celsius), new Stage.Contact(0.6, false), HotPipe.By.HANDS));
        return recipe.method().sheet(recipe).lines().stream().filter(line -> line.measure() == Sheet.Measure.SCORCH)
                .mapToDouble(Sheet.Line::value).findFirst().orElseThrow();
    }

    @Test
    void thick_stock_by_hand_and_a_scorching_pipe_are_asked_about() {
        Recipe thick = new Recipe(Recipes.ash().moisture(12).thickness(6).steamed().blank(), new Bend(80, 90), pipe(220, 3, 0.15));
        assertThat(Doubt.of(thick, OptionalDouble.empty())).extracting(Doubt::kind)
                .containsExactly(Doubt.Kind.SCORCHING_PIPE, Doubt.Kind.THICK_FOR_A_PIPE);
    }

    @Test
    void what_it_is_unsure_of_is_finite() {
        Recipe recipe = new Recipe(Recipes.ash().moisture(12).thickness(3).steamed().blank(), new Bend(80, 90), pipe(130, 3, 0.15));
        assertThat(recipe.sensitivity().stepped().values()).allSatisfy(each -> assertThat(each.tensionRatio()).isFinite());
        assertThat(recipe.demand(Physics.USUAL).tensionRatio()).isEqualTo(recipe.demand().tensionRatio());
    }
}
