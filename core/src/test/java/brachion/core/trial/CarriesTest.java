package brachion.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.hipparchus.stat.descriptive.rank.Percentile;
import org.hipparchus.stat.descriptive.rank.Percentile.EstimationType;
import org.junit.jupiter.api.Test;

class CarriesTest {

    @Test
    void two_carries_are_no_habit() {
        assertThat(Carries.of(List.of(9.0, 12.0))).isEmpty();
        assertThat(Carries.of(List.of(14.0, 9.0, 10.0))).hasValueSatisfying(carries -> assertThat(carries.medianS()).isEqualTo(10));
    }

    /** Against the quantiles of type 7 of a statistics library (Hipparchus). */
    @Property
    void quantiles_are_those_of_a_statistics_library(@ForAll @Size(min = 3, max = 40) List<@DoubleRange(min = 1, max = 300) Double> seconds) {
        Carries carries = Carries.of(seconds).orElseThrow();
        Percentile library = new Percentile().withEstimationType(EstimationType.R_7);
        library.setData(seconds.stream().mapToDouble(Double::doubleValue).toArray());
        assertThat(carries.medianS()).isCloseTo(library.evaluate(50), within(1e-9));
        assertThat(carries.quickS()).isCloseTo(library.evaluate(10), within(1e-9));
        assertThat(carries.slowS()).isCloseTo(library.evaluate(90), within(1e-9));
    }
}
