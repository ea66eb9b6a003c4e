package brachion.core.bending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeciesCapacityTest {

    private static final SpeciesCatalogue CATALOGUE = SpeciesCatalogue.published();

    /** Worked from the published unsupported radii 330, 710 and 280 mm of 25 mm stock. */
    @ParameterizedTest
    @CsvSource({"white-oak, 0.0172", "mahogany, 0.0113", "black-walnut, 0.0195"})
    void soft_tension_limit_is_the_stretch_at_the_published_radius(String id, double limit) {
        assertThat(SpeciesCapacity.of(CATALOGUE.require(id)).soft().tension()).isCloseTo(limit, within(0.0001));
    }

    /** Common practice: soft wood squeezes by a quarter of its length or more, but stretches only 1 to 3 per cent. */
    @Test
    void soft_wood_can_be_squeezed_far_and_stretched_little() {
        assertThat(SpeciesCapacity.of(CATALOGUE.require("white-ash")).soft().tension()).isBetween(0.01, 0.03);
        assertThat(SpeciesCapacity.of(CATALOGUE.require("red-oak")).soft().compression()).isGreaterThan(0.25);
    }

    @Test
    void every_species_bears_more_when_soft_than_when_dry() {
        for (Species species : CATALOGUE.all()) {
            SpeciesCapacity capacity = SpeciesCapacity.of(species);
            assertThat(capacity.soft().tension()).as(species.id()).isGreaterThanOrEqualTo(capacity.dry().tension());
            assertThat(capacity.soft().compression()).as(species.id()).isGreaterThan(capacity.dry().compression());
        }
    }

    @Test
    void sloping_grain_takes_from_stretch_only() {
        SpeciesCapacity oak = SpeciesCapacity.of(CATALOGUE.require("white-oak"));
        SectionCondition soft = SectionCondition.uniform(0.9, 20);
        StrainLimits straight = oak.limits(soft, Double.POSITIVE_INFINITY);
        StrainLimits sloping = oak.limits(soft, 10);
        assertThat(sloping.tension()).isCloseTo(0.81 * straight.tension(), within(1e-12));
        assertThat(sloping.compression()).isEqualTo(straight.compression());
    }
}
