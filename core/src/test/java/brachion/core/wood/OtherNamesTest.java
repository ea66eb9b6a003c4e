package brachion.core.wood;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class OtherNamesTest {

    private static final List<Species> WOODS = SpeciesCatalogue.published().all();

    @Test
    void a_name_means_one_wood() {
        // a panel has no botanical name of its own
        List<String> names = WOODS.stream().flatMap(wood -> Stream.concat(Stream.of(wood.commonName(), wood.panel() ? wood.id() : wood.latinName()), OtherNames.of(wood).stream()))
                .map(name -> name.toLowerCase(Locale.ROOT)).toList();
        assertThat(names).doesNotHaveDuplicates().doesNotContain("");
    }

    @Test
    void every_wood_named_is_in_the_catalogue() {
        assertThat(OtherNames.ids()).isSubsetOf(WOODS.stream().map(Species::id).toList());
    }

    @Test
    void a_wood_is_known_by_what_yards_call_it() {
        assertThat(OtherNames.of(SpeciesCatalogue.published().require("yellow-poplar"))).contains("Tulipwood", "Tulip poplar");
        assertThat(OtherNames.of(SpeciesCatalogue.published().require("european-beech"))).contains("Buche", "Hêtre");
    }
}
