package brachion.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.core.bending.StrapMaterial;
import brachion.core.bench.Misfit.What;
import brachion.core.method.Equipment;
import brachion.core.method.Glue;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MisfitTest {

    private static final Recipe STEAMED = Recipes.ash().steamed();
    private static final double RADIUS = STEAMED.bend().innerRadiusMm();
    private static final double ANGLE = STEAMED.bend().angleDegrees();

    @Test
    void a_form_of_the_curve_fits_and_others_say_by_what_they_do_not() {
        assertThat(Misfit.of(form(RADIUS, ANGLE, 200), STEAMED)).isEmpty();
        assertThat(Misfit.of(form(RADIUS * 1.005, ANGLE + 20, 200), STEAMED)).isEmpty();
        assertThat(Misfit.of(form(RADIUS * 1.05, ANGLE - 5, 10), STEAMED)).extracting(Misfit::what)
                .containsExactly(What.OTHER_RADIUS, What.LESS_ANGLE, What.TOO_NARROW);
        Misfit narrow = Misfit.of(form(RADIUS, ANGLE, 10), STEAMED).get(0);
        assertThat(narrow.has()).hasValue(10);
        assertThat(narrow.needs()).hasValue(STEAMED.blank().widthMm());
    }

    @Test
    void a_box_takes_the_arc_with_what_is_held_at_both_ends() {
        // outer arc = angle in radians × (inner radius + thickness), 100 mm of overhang at either end
        double length = Math.toRadians(ANGLE) * (RADIUS + STEAMED.blank().thicknessMm()) + 200;
        assertThat(Misfit.of(box(length + 1), STEAMED)).isEmpty();
        assertThat(Misfit.of(box(length - 1), STEAMED)).extracting(Misfit::what).containsExactly(What.TOO_SHORT);
    }

    @Test
    void what_nobody_measured_does_not_speak_against_it() {
        assertThat(Misfit.of(new RigItem(ItemKind.FORM, 1, Map.of(), Optional.empty(), Optional.empty()), STEAMED)).isEmpty();
    }

    @Test
    void another_glue_than_planned_is_named() {
        Recipe glued = BenchWays.of(MethodKind.COLD_LAMINATION);
        Glue planned = glued.method().gluedWith().orElseThrow();
        assertThat(Misfit.of(glue(planned), glued)).isEmpty();
        assertThat(Misfit.of(glue(planned == Glue.HIDE ? Glue.PVA : Glue.HIDE), glued)).extracting(Misfit::what).containsExactly(What.OTHER_GLUE);
    }

    @Test
    void a_rig_is_asked_what_is_missing_for_a_bend() {
        assertThat(RigItem.missing(STEAMED, List.of(box(9000)))).containsExactly(Equipment.FORM);
        assertThat(RigItem.missing(STEAMED, List.of(box(9000), form(RADIUS * 2, ANGLE, 200)))).containsExactly(Equipment.FORM);
        assertThat(RigItem.missing(STEAMED, List.of(box(9000), form(RADIUS, ANGLE, 200)))).isEmpty();
    }

    @Test
    void a_thing_bears_only_what_is_measured_of_its_kind() {
        assertThatThrownBy(() -> new RigItem(ItemKind.HOT_PIPE, 1, Map.of(Trait.RADIUS, 20.0), Optional.empty(), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new RigItem(ItemKind.FORM, 1, Map.of(), Optional.of(StrapMaterial.STEEL), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static RigItem form(double radius, double angle, double width) {
        return new RigItem(ItemKind.FORM, 1, Map.of(Trait.RADIUS, radius, Trait.ANGLE, angle, Trait.WIDTH, width), Optional.empty(), Optional.empty());
    }

    private static RigItem box(double length) {
        return new RigItem(ItemKind.STEAM_BOX, 4, Map.of(Trait.LENGTH, length), Optional.empty(), Optional.empty());
    }

    private static RigItem glue(Glue glue) {
        return new RigItem(ItemKind.GLUE, 1, Map.of(), Optional.empty(), Optional.of(glue));
    }
}
