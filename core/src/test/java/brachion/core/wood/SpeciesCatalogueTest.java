package brachion.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpeciesCatalogueTest {

    private final SpeciesCatalogue catalogue = SpeciesCatalogue.published();

    @Test
    void holds_published_properties_as_they_stand_in_the_table() {
        Species oak = catalogue.require("white-oak");
        assertThat(oak.stiffnessMpa()).isEqualTo(12_300);
        assertThat(oak.crushingStrengthMpa()).isEqualTo(51.3);
        assertThat(oak.radii()).isEqualTo(new BendingRadii(330, false, 13, false));
        assertThat(catalogue.all()).hasSize(88).extracting(Species::commonName).isSorted();
    }

    @Test
    void a_species_without_published_radii_gets_marked_estimates_ranked_by_its_unbroken_percentage() {
        List<String> fromBestToWorst = List.of("magnolia", "sweetgum", "soft-maple", "cottonwood", "american-sycamore",
                "basswood");
        assertThat(fromBestToWorst).map(id -> catalogue.require(id).radii())
                .allMatch(BendingRadii::estimated)
                .isSortedAccordingTo((a, b) -> Double.compare(a.unsupportedMm(), b.unsupportedMm()));
    }

    @Test
    void a_species_with_neither_radius_nor_percentage_keeps_the_radius_of_its_class() {
        BendingRadii start = WoodClass.SOFTWOOD.startingRadii();
        assertThat(catalogue.require("sitka-spruce").radii()).isEqualTo(start);
    }

    @Test
    void a_strap_is_never_said_to_make_a_species_bend_worse() {
        assertThat(catalogue.all())
                .allSatisfy(species -> assertThat(species.radii().supportedMm()).as(species.id())
                        .isLessThanOrEqualTo(species.radii().unsupportedMm()));
    }

    /** Stiffness, strength and weight go together in sound wood: no figure may be off by a slipped digit. */
    @Test
    void figures_lie_where_those_of_wood_lie() {
        assertThat(catalogue.all()).allSatisfy(species -> {
            double gravity = species.basicSpecificGravity();
            assertThat(gravity).as(species.id()).isBetween(0.25, 0.95);
            assertThat(species.stiffnessMpa() / gravity).as("%s, stiffness over gravity", species.id()).isBetween(11_000.0, 34_000.0);
            assertThat(species.bendingStrengthMpa() / gravity).as("%s, strength over gravity", species.id()).isBetween(115.0, 260.0);
            assertThat(species.crushingStrengthMpa() / species.bendingStrengthMpa()).as("%s, crushing over bending", species.id())
                    .isBetween(0.4, 0.65);
        });
        assertThat(catalogue.all()).filteredOn(species -> !species.panel()).extracting(Species::latinName).doesNotHaveDuplicates().doesNotContain("");
    }

    /** A kerf in plywood bends its outer ply. */
    @ParameterizedTest
    @CsvSource({"birch-plywood, european-birch", "beech-plywood, european-beech", "poplar-plywood, cottonwood",
            "douglas-fir-plywood, douglas-fir", "spruce-plywood, norway-spruce", "meranti-plywood, dark-red-meranti", "sapele-plywood, sapele"})
    void plywood_has_the_figures_of_its_outer_ply(String id, String wood) {
        Species panel = catalogue.require(id);
        Species solid = catalogue.require(wood);
        assertThat(panel.panel()).isTrue();
        assertThat(solid.panel()).isFalse();
        assertThat(List.of(panel.basicSpecificGravity(), panel.bendingStrengthMpa(), panel.stiffnessMpa(), panel.crushingStrengthMpa()))
                .isEqualTo(List.of(solid.basicSpecificGravity(), solid.bendingStrengthMpa(), solid.stiffnessMpa(), solid.crushingStrengthMpa()));
    }

    @Test
    void an_unknown_species_is_named_in_the_error() {
        assertThatThrownBy(() -> catalogue.require("plywood-tree")).hasMessageContaining("plywood-tree");
        assertThat(catalogue.find("plywood-tree")).isEmpty();
    }
}
