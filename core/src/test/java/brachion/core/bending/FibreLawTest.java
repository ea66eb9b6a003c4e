package brachion.core.bending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import org.junit.jupiter.api.Test;

/** White oak: E12 12,300 MPa, crushing 51.3 MPa (Wood Handbook); 2 % and 4 % less for each point of water more. */
class FibreLawTest {

    private static final Species OAK = SpeciesCatalogue.published().require("white-oak");

    @Test
    void dry_wood_has_the_published_stiffness_and_strength() {
        FibreLaw dry = FibreLaw.of(OAK, 0, 12, 0.22);
        assertThat(dry.stiffnessMpa()).isEqualTo(12_300);
        assertThat(dry.crushingMpa()).isEqualTo(51.3);
        assertThat(FibreLaw.of(OAK, 0, 17, 0.22).stiffnessMpa()).isCloseTo(12_300 * 0.9, within(1e-9));
        assertThat(FibreLaw.of(OAK, 0, 17, 0.22).crushingMpa()).isCloseTo(51.3 * 0.8, within(1e-9));
    }

    @Test
    void wood_beyond_saturation_is_as_weak_as_saturated_wood() {
        assertThat(FibreLaw.of(OAK, 0.3, 60, 0.22)).isEqualTo(FibreLaw.of(OAK, 0.3, 25, 0.22));
        assertThat(FibreLaw.of(OAK, 0.3, 24, 0.22).crushingMpa()).isGreaterThan(FibreLaw.of(OAK, 0.3, 25, 0.22).crushingMpa());
    }

    @Test
    void thoroughly_softened_wood_crushes_at_the_softened_share() {
        assertThat(FibreLaw.of(OAK, 1, 20, 0.3).crushingMpa()).isCloseTo(0.3 * 51.3, within(1e-9));
        assertThat(FibreLaw.of(OAK, 0.5, 12, 0.22).crushingMpa()).isCloseTo((1 + 0.22) / 2 * 51.3, within(1e-9));
    }

    @Test
    void stress_follows_the_strain_to_the_crushing_stress_and_folds_beyond() {
        FibreLaw law = FibreLaw.of(OAK, 0, 12, 0.22);
        double crushing = 51.3 / 12_300;
        assertThat(law.stressMpa(0.004)).isCloseTo(49.2, within(1e-9));
        assertThat(law.stressMpa(-crushing / 2)).isCloseTo(-51.3 / 2, within(1e-9));
        double folded = law.stressMpa(-2 * crushing);
        assertThat(folded).isLessThan(-51.3).isGreaterThan(-60);
        double step = 1e-6;
        for (double strain : new double[] {0.01, -crushing / 2, -2 * crushing, -20 * crushing}) {
            double slope = (law.stressMpa(strain + step) - law.stressMpa(strain - step)) / (2 * step);
            assertThat(law.tangentMpa(strain)).as("slope at %s", strain).isCloseTo(slope, within(1e-3));
        }
        assertThat(law.tangentMpa(-2 * crushing)).isLessThan(law.tangentMpa(0) / 10).isPositive();
    }
}
