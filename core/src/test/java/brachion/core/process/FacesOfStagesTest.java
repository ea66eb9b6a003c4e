package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.SectionCondition;
import brachion.core.physics.Physics;
import brachion.core.wood.LigninSoftening;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** What lies against the faces of a piece in each stage, worked out by hand, and what a face of the wood is like for it. */
class FacesOfStagesTest {

    private static final Physics USUAL = Physics.USUAL;
    private static final Shop WARM = new Shop(25, 0.5, 0);
    private static final Shop HIGH = new Shop(15, 0.4, 2000);

    private static Surroundings faces(Stage stage) {
        return stage.environment(USUAL).at(0);
    }

    private static Stage in(StageKind kind, double celsius) {
        return new Stage(kind, 600, celsius, 20, 0.4);
    }

    /**
     * Three twentieths of the time on a pipe at 130 °C, 300 W/(m²K) while it touches, and 10 in the air of 20 °C for the rest:
     * 45 + 8.5 towards (45·130 + 8.5·20)/53.5 = 112.52 °C.
     */
    @Test
    void a_rocked_strip_sees_the_pipe_for_a_share_of_the_time() {
        Surroundings wet = faces(in(StageKind.HOT_PIPE, 130).touching(new Stage.Contact(0.15, true)));
        assertThat(wet.inner().heatTransfer()).isCloseTo(53.5, within(1e-9));
        assertThat(wet.inner().mediumC()).isCloseTo(112.5234, within(1e-4));
        assertThat(wet.inner().wetting()).isEqualTo(1e-5);
        assertThat(wet.inner().drying()).isZero();
        assertThat(wet.inner().towardsPercent()).isEqualTo(30);
        assertThat(wet.outer()).isEqualTo(Surface.heatOnly(10, 20));
        assertThat(wet.sides()).isEqualTo(wet.outer());
        Surroundings dry = faces(in(StageKind.HOT_PIPE, 130).touching(new Stage.Contact(1, false)));
        assertThat(dry.inner()).isEqualTo(Surface.heatOnly(300, 130));
        assertThat(in(StageKind.HOT_PIPE, 130).contact()).isEqualTo(Stage.Contact.FULL);
    }

    @Test
    void water_and_steam_lie_against_all_faces() {
        for (StageKind water : new StageKind[] {StageKind.SOAK, StageKind.HOT_BATH}) {
            assertThat(faces(in(water, 80))).isEqualTo(Surroundings.all(new Surface(500, 80, 1e-4, 0, 30)));
        }
        assertThat(faces(in(StageKind.SIMMER, 96))).isEqualTo(Surroundings.all(Surface.heatOnly(1000, 96)));
        assertThat(faces(in(StageKind.STEAM_BOX, 98))).isEqualTo(Surroundings.all(new Surface(400, 98, 1e-6, 0, USUAL.steamMoisturePercent())));
        for (StageKind bag : new StageKind[] {StageKind.STEAM_BAG, StageKind.STEAM_ON}) {
            assertThat(faces(in(bag, 98))).isEqualTo(Surroundings.all(new Surface(600, 98, 1e-6, 0, USUAL.steamMoisturePercent())));
        }
        Physics weak = new Physics(0.7, USUAL.waterUptake(), USUAL.softeningShiftC(), USUAL.steamMoisturePercent(), USUAL.strapShare(), USUAL.softCrushing(), 0, 0);
        assertThat(in(StageKind.STEAM_BOX, 98).environment(weak).at(0).inner().heatTransfer()).isCloseTo(280, within(1e-9));
    }

    /** Carried, it only cools; on the form its inner face gives off no water; on the rack the air is all round. */
    @Test
    void afterwards_it_cools_and_dries() {
        assertThat(faces(in(StageKind.CARRY, 98))).isEqualTo(Surroundings.all(Surface.heatOnly(40, 20)));
        Surroundings form = faces(in(StageKind.FORM, 20));
        assertThat(form.inner()).isEqualTo(Surface.heatOnly(100, 20));
        assertThat(form.outer().drying()).isEqualTo(3e-8);
        assertThat(form.outer().towardsPercent()).as("40 % at 20 °C is 7.7 % in the published table").isCloseTo(7.7, within(0.1));
        assertThat(faces(in(StageKind.RACK, 20))).isEqualTo(Surroundings.all(form.outer()));
    }

    /** Water boils at 93.3 °C at 2,000 m (standard atmosphere): steam and baths are no hotter there, a pipe is. */
    @Test
    void a_stage_in_a_shop_is_as_warm_as_the_shop_lets_it_be() {
        assertThat(Stage.unheated(StageKind.SOAK, 60, WARM)).isEqualTo(new Stage(StageKind.SOAK, 60, 25, 25, 0.5));
        assertThat(in(StageKind.CARRY, 98).in(WARM).mediumC()).isEqualTo(25);
        assertThat(in(StageKind.STEAM_BOX, 98).in(WARM)).isEqualTo(new Stage(StageKind.STEAM_BOX, 600, 98, 25, 0.5));
        assertThat(in(StageKind.STEAM_BOX, 98).in(HIGH).mediumC()).isCloseTo(93.3, within(0.3));
        assertThat(in(StageKind.HOT_BATH, 98).in(HIGH).mediumC()).isCloseTo(93.3, within(0.3));
        assertThat(in(StageKind.HOT_PIPE, 130).touching(new Stage.Contact(0.2, false)).in(HIGH)).isEqualTo(
                new Stage(StageKind.HOT_PIPE, 600, 130, 15, 0.4).touching(new Stage.Contact(0.2, false)));
    }

    @Test
    void rules_of_thumb_for_steaming_are_about_a_box_and_a_bag() {
        assertThat(Arrays.stream(StageKind.values()).filter(StageKind::ruledByThumb)).containsExactly(StageKind.STEAM_BOX, StageKind.STEAM_BAG);
        assertThat(Arrays.stream(StageKind.values()).filter(StageKind::softens))
                .containsExactly(StageKind.HOT_BATH, StageKind.STEAM_BOX, StageKind.STEAM_BAG, StageKind.SIMMER, StageKind.HOT_PIPE);
    }

    /** On a pipe the inner face is the hotter and softer one; between them the piece runs from one to the other, and stage by stage it goes on. */
    @Test
    void a_face_against_the_pipe_is_hotter_and_softer_than_the_back() {
        ProcessSimulation strip = new ProcessSimulation(new Piece(0.55, 4, 20, 14, 18));
        SectionField reached = strip.run(Stage.of(StageKind.HOT_PIPE, 40, 130).touching(new Stage.Contact(0.4, true)));
        assertThat(reached).isSameAs(strip.field());
        assertThat(reached.innerFaceC()).isGreaterThan(reached.outerFaceC() + 5).isLessThan(130);
        assertThat(reached.innerFaceC()).isGreaterThanOrEqualTo(reached.hottestC());
        assertThat(reached.coldestC()).isLessThan(reached.hottestC()).isGreaterThan(18);
        assertThat(strip.condition().softness(0)).isGreaterThan(strip.condition().softness(SectionCondition.LAYERS - 1) + 0.02);
        // the very face, not the middle of its cell
        assertThat(strip.condition().softness(0)).isCloseTo(LigninSoftening.softness(reached.innerFaceC(), strip.condition().moisturePercent(0), 0), within(0.03));
        ProcessSimulation copy = strip.copy();
        double hot = copy.run(Stage.of(StageKind.CARRY, 60, 18)).hottestC();
        assertThat(hot).isLessThan(reached.hottestC() - 10);
        assertThat(strip.field()).as("its copy went on alone").isSameAs(reached);
    }

    /** An even piece is at its core what it is everywhere; one that is heated lags there, and at the middle of a parabola that is the lowest place. */
    @Test
    void the_core_lags_behind() {
        Piece piece = new Piece(0.55, 24, 400, 14, 18);
        ProcessSimulation plank = new ProcessSimulation(piece);
        assertThat(plank.field().coreC()).isCloseTo(18, within(1e-9));
        SectionField heated = plank.run(Stage.of(StageKind.STEAM_BOX, 900, 98));
        double[] profile = heated.profile(SectionField.Quantity.TEMPERATURE, 101);
        assertThat(heated.coreC()).isCloseTo(profile[50], within(0.5)).isLessThan(profile[40]).isLessThanOrEqualTo(heated.coldestC() + 1e-9);
        assertThat(profile[0]).isCloseTo(profile[100], within(1e-6)).isGreaterThan(90);
    }
}
