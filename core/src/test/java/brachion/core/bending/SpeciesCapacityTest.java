package brachion.core.bending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.physics.Physics;
import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import java.util.Arrays;
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

    /** Between dry and soft the limits go with the softness of the outer quarter and of the inner half, each for itself. */
    @Test
    void half_softened_stock_bears_half_of_what_softening_gives() {
        SpeciesCapacity oak = SpeciesCapacity.of(CATALOGUE.require("white-oak"));
        double half = oak.referenceSoftness() / 2;
        StrainLimits limits = oak.limits(SectionCondition.uniform(half, 20), Double.POSITIVE_INFINITY);
        assertThat(limits.tension()).isCloseTo((oak.dry().tension() + oak.soft().tension()) / 2, within(1e-9));
        assertThat(limits.compression()).isCloseTo((oak.dry().compression() + oak.soft().compression()) / 2, within(1e-9));
        double[] softInside = new double[80];
        Arrays.fill(softInside, 0, 40, oak.referenceSoftness());
        StrainLimits inside = oak.limits(new SectionCondition(softInside, new double[80]), Double.POSITIVE_INFINITY);
        assertThat(inside.tension()).isCloseTo(oak.dry().tension(), within(1e-9));
        assertThat(inside.compression()).isCloseTo(oak.soft().compression(), within(1e-9));
    }

    /** Dry limits are MOR over E and 0.015; white oak is published at 105 and 12,300 MPa. */
    @Test
    void dry_limits_are_those_of_the_published_strength() {
        SpeciesCapacity oak = SpeciesCapacity.of(CATALOGUE.require("white-oak"));
        assertThat(oak.dry()).isEqualTo(new StrainLimits(105.0 / 12_300, 0.015));
        // 25 mm round 13 mm with the axis all but at the strap: 1 − 13/(13 + 0.97·25)
        assertThat(oak.soft().compression()).isCloseTo(0.651, within(0.015));
    }

    @Test
    void published_stock_is_hot_and_wet_throughout() {
        SectionCondition reference = SpeciesCapacity.referenceCondition(Physics.USUAL);
        assertThat(reference.softness(0)).isCloseTo(SpeciesCapacity.of(CATALOGUE.require("white-oak")).referenceSoftness(), within(1e-12));
        assertThat(reference.moisturePercent(reference.layers() - 1)).isEqualTo(22);
    }
}
