package brachion.core.bending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class SectionConditionTest {

    private static final SectionCondition RISING = new SectionCondition(new double[] {0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8},
            new double[] {10, 11, 12, 13, 14, 15, 16, 17});

    @Test
    void the_outer_quarter_and_the_inner_half_are_looked_at_apart() {
        assertThat(RISING.outerQuarterSoftness()).isCloseTo(0.75, within(1e-12));
        assertThat(RISING.innerHalfSoftness()).isCloseTo(0.25, within(1e-12));
        assertThat(RISING.meanMoisturePercent()).isCloseTo(13.5, within(1e-12));
    }

    @Test
    void a_share_of_the_way_to_another_condition_moves_every_layer_by_that_share() {
        SectionCondition other = new SectionCondition(new double[] {0.5, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0}, new double[] {30, 11, 12, 13, 14, 15, 16, 9});
        SectionCondition quarter = RISING.towards(other, 0.25);
        assertThat(quarter.layers()).isEqualTo(8);
        assertThat(quarter.softness(0)).isCloseTo(0.2, within(1e-12));
        assertThat(quarter.softness(7)).isCloseTo(0.6, within(1e-12));
        assertThat(quarter.moisturePercent(0)).isCloseTo(15, within(1e-12));
        assertThat(quarter.moisturePercent(7)).isCloseTo(15, within(1e-12));
        assertThat(quarter.softness(3)).isCloseTo(0.4, within(1e-12));
    }

    @Test
    void a_section_of_three_layers_or_of_halves_that_do_not_fit_is_refused() {
        assertThatThrownBy(() -> new SectionCondition(new double[3], new double[3])).hasMessageContaining("at least 4 layers");
        assertThatThrownBy(() -> new SectionCondition(new double[4], new double[5])).hasMessageContaining("not 4 and 5");
        assertThat(new SectionCondition(new double[4], new double[4]).layers()).isEqualTo(4);
    }
}
