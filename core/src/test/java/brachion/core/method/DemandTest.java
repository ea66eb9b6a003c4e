package brachion.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import brachion.core.wood.Species;
import brachion.core.wood.SpeciesCatalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DemandTest {

    /** By definition of the published radius: good inch stock, softened as published, stands at its limit. */
    @Test
    void stock_at_its_published_radius_is_asked_exactly_what_it_bears() {
        Demand demand = Recipes.ash().moisture(22).grainRun(1000).thickness(25).radius(330).carry(0).steamed().demand();
        assertThat(demand.tensionRatio()).isCloseTo(1, within(0.03));
    }

    /** Thin-strip bending: strain t/(2R) at MOR/E gives R = t/(2·MOR/E) (strength of materials, elastic). */
    @ParameterizedTest
    @ValueSource(doubles = {1, 2.5, 4})
    void a_cold_ply_reaches_its_limit_near_the_elastic_radius(double plyMm) {
        Species oak = SpeciesCatalogue.published().require("white-oak");
        double elasticRadius = plyMm / (2 * oak.bendingStrengthMpa() / oak.stiffnessMpa());
        Demand demand = Recipes.ash().species("white-oak").moisture(10).grainRun(1000).thickness(plyMm)
                .radius(elasticRadius).laminated(6).demand();
        assertThat(demand.tensionRatio()).isCloseTo(1, withPercentage(15));
    }

    /** NDS, structural glued laminated timber: t/R at most 1/100 for hardwoods and 1/125 for softwoods. */
    @Test
    void at_the_radii_of_structural_codes_a_ply_is_well_under_its_limit() {
        for (Species species : SpeciesCatalogue.published().all()) {
            boolean softwood = species.woodClass() == brachion.core.wood.WoodClass.SOFTWOOD;
            Demand demand = Recipes.ash().species(species.id()).moisture(12).thickness(19)
                    .radius(19 * (softwood ? 125 : 100)).laminated(4).demand();
            assertThat(demand.tensionRatio()).as(species.id()).isLessThan(0.9);
        }
    }

    @Test
    void the_cure_for_each_thing_lowers_the_demand() {
        Demand sloping = Recipes.ash().moisture(9).grainRun(10).steamed().demand();
        assertThat(sloping.straightGrained().tensionRatio()).isLessThan(sloping.tensionRatio());
        assertThat(sloping.straightGrained().compressionRatio()).isEqualTo(sloping.compressionRatio());
        assertThat(sloping.thoroughlySoftened().tensionRatio()).isLessThan(sloping.tensionRatio());
        assertThat(sloping.thoroughlySoftened().compressionRatio()).isLessThan(sloping.compressionRatio());
    }

    @Test
    void a_blank_nobody_measured_has_no_demand_of_its_own() {
        assertThatThrownBy(() -> Recipes.ash().steamedUnmeasured(Seasoning.KILN_DRIED).demand())
                .hasMessageContaining("moisture");
    }

    @Test
    void sizes_no_bench_has_seen_are_refused_by_name() {
        assertThatThrownBy(() -> Recipes.ash().thickness(250).steamed()).hasMessageContaining("Thickness");
        assertThatThrownBy(() -> Recipes.ash().radius(1).steamed()).hasMessageContaining("Inner radius");
        assertThatThrownBy(() -> new ColdLamination(Glue.EPOXY, 1)).hasMessageContaining("Plies");
    }
}
