package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PhysicalBoundTest {

    @ParameterizedTest
    @EnumSource
    void takes_its_own_limits_and_nothing_beyond(PhysicalBound bound) {
        assertThat(bound.require(bound.lowest())).isEqualTo(bound.lowest());
        assertThat(bound.require(bound.highest())).isEqualTo(bound.highest());
        assertThat(bound.holds(Math.nextDown(bound.lowest()))).isFalse();
        assertThat(bound.holds(Math.nextUp(bound.highest()))).isFalse();
        assertThat(bound.holds(Double.NaN)).isFalse();
    }

    @Test
    void names_the_bound_and_the_value() {
        assertThatThrownBy(() -> PhysicalBound.THICKNESS_MM.require(250))
                .hasMessage("Thickness must be between 0.3 and 100 mm, not 250.0");
    }
}
