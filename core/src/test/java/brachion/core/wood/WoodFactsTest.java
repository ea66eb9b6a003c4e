package brachion.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Woods of a shop's own: what is known stays, the rest is estimated from published woods. */
class WoodFactsTest {

    private static final SpeciesCatalogue PUBLISHED = SpeciesCatalogue.published();
    private static final OptionalDouble NOBODY_KNOWS = OptionalDouble.empty();

    /** Published pairs of green-volume gravity and gravity at 12 %: Wood Handbook, chapter 5 (from memory). */
    @ParameterizedTest
    @CsvSource({"0.60, 0.68, white oak", "0.55, 0.60, white ash", "0.36, 0.40, sitka spruce", "0.64, 0.72, shagbark hickory"})
    void gravity_at_12_percent_follows_from_the_basic_one(double basic, double at12) {
        assertThat(WoodWeight.at12(basic)).isCloseTo(at12, within(0.03));
        assertThat(WoodWeight.basicSpecificGravity(WoodWeight.density12(basic))).isCloseTo(basic, within(1e-12));
    }

    @Test
    void basic_gravity_0_60_weighs_743_at_12_percent() {
        assertThat(WoodWeight.density12(0.60)).isCloseTo(743, within(0.5));
    }

    @Test
    void strength_by_weight_lies_among_the_published_figures() {
        around(species -> species.bendingStrengthMpa()
                / StrengthByWeight.of(species.woodClass()).bendingStrengthMpa(species.basicSpecificGravity()));
        around(species -> species.stiffnessMpa()
                / StrengthByWeight.of(species.woodClass()).stiffnessMpa(species.basicSpecificGravity()));
        around(species -> species.crushingStrengthMpa()
                / StrengthByWeight.of(species.woodClass()).crushingStrengthMpa(species.basicSpecificGravity()));
    }

    private static void around(ToDoubleFunction<Species> publishedOverEstimated) {
        double[] ratios = PUBLISHED.all().stream().mapToDouble(publishedOverEstimated).sorted().toArray();
        assertThat(ratios[ratios.length / 2]).isBetween(0.9, 1.1);
        assertThat(DoubleStream.of(ratios).filter(ratio -> ratio > 1 / 1.33 && ratio < 1.33).count())
                .isGreaterThan(ratios.length * 9 / 10);
    }

    @Test
    void an_own_wood_stands_among_the_published_ones_with_what_is_known_of_it() {
        WoodFacts known = new WoodFacts("own-1", "Osage orange", "Maclura pomifera", WoodClass.RING_POROUS_HARDWOOD, 0.76,
                OptionalDouble.of(129), OptionalDouble.of(11_600), OptionalDouble.of(64.7), NOBODY_KNOWS,
                OptionalDouble.of(280), OptionalDouble.of(40));
        SpeciesCatalogue with = PUBLISHED.with(List.of(known));
        assertThat(with.all()).hasSize(PUBLISHED.all().size() + 1).extracting(Species::commonName).isSorted();
        Species own = with.require("own-1");
        assertThat(own.radii()).isEqualTo(new BendingRadii(280, false, 40, false));
        assertThat(own.stiffnessMpa()).isEqualTo(11_600);
        assertThat(with.require("white-oak")).isEqualTo(PUBLISHED.require("white-oak"));
    }

    @Test
    void what_nobody_knows_is_estimated_and_a_strap_never_makes_it_worse() {
        Species bare = PUBLISHED.with(List.of(facts(NOBODY_KNOWS, NOBODY_KNOWS, NOBODY_KNOWS))).require("own-2");
        assertThat(bare.radii()).isEqualTo(WoodClass.TEMPERATE_HARDWOOD.startingRadii());
        assertThat(bare.bendingStrengthMpa()).isBetween(80.0, 110.0);

        Species splits = PUBLISHED.with(List.of(facts(OptionalDouble.of(10), NOBODY_KNOWS, NOBODY_KNOWS))).require("own-2");
        Species bends = PUBLISHED.with(List.of(facts(OptionalDouble.of(95), NOBODY_KNOWS, NOBODY_KNOWS))).require("own-2");
        assertThat(splits.radii().unsupportedMm()).isGreaterThan(bends.radii().unsupportedMm());

        Species strapOnly = PUBLISHED.with(List.of(facts(NOBODY_KNOWS, NOBODY_KNOWS, OptionalDouble.of(900)))).require("own-2");
        assertThat(strapOnly.radii()).isEqualTo(new BendingRadii(900, true, 900, false));
        Species bareOnly = PUBLISHED.with(List.of(facts(NOBODY_KNOWS, OptionalDouble.of(40), NOBODY_KNOWS))).require("own-2");
        assertThat(bareOnly.radii()).isEqualTo(new BendingRadii(40, false, 40, true));
    }

    private static WoodFacts facts(OptionalDouble unbroken, OptionalDouble unsupported, OptionalDouble supported) {
        return new WoodFacts("own-2", "Hedge maple", "", WoodClass.TEMPERATE_HARDWOOD, 0.52, NOBODY_KNOWS, NOBODY_KNOWS,
                NOBODY_KNOWS, unbroken, unsupported, supported);
    }
}
