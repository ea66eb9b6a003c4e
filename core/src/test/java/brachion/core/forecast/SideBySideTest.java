package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.SideBySide.Compared;
import brachion.core.method.Blank;
import brachion.core.method.MethodKind;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.risk.RiskModel;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every way to one curve beside the planned one. */
class SideBySideTest {

    private static final RiskModel TABLES = RiskModel.withoutRecords();
    private static final double WANTED = 0.9;

    private static SideBySide beside(Recipe planned) {
        return SideBySide.of(TABLES, planned, WANTED);
    }

    @Test
    void each_way_stands_there_once_or_is_said_to_be_impossible() {
        SideBySide all = beside(Recipes.ash().moisture(14).thickness(16).radius(180).steamed());
        List<MethodKind> kinds = new ArrayList<>(all.ways().stream().map(way -> way.recipe().method().kind()).toList());
        kinds.addAll(all.impossible());
        assertThat(kinds).containsExactlyInAnyOrder(MethodKind.values());
    }

    @Test
    void the_planned_way_stands_as_it_is_planned_and_every_other_makes_the_same_piece() {
        Recipe planned = Recipes.ash().moisture(9).thickness(16).radius(180).steamed();
        SideBySide all = beside(planned);
        assertThat(all.ways()).filteredOn(Compared::planned).singleElement().extracting(Compared::recipe).isEqualTo(planned);
        assertThat(all.ways()).allSatisfy(way -> {
            assertThat(way.recipe().bend()).isEqualTo(planned.bend());
            Blank blank = way.recipe().blank();
            assertThat(blank.species()).isEqualTo(planned.blank().species());
            assertThat(way.recipe().method().finishedMm(blank.thicknessMm())).isCloseTo(planned.blank().thicknessMm(), within(1e-6));
            Forecast full = new Forecaster(TABLES).forecast(way.recipe());
            assertThat(way.forecast().unbroken()).isEqualTo(full.unbroken());
            assertThat(way.forecast().limiting()).isEqualTo(full.modes().get(0));
            assertThat(way.forecast().springback()).isEqualTo(full.springback());
            assertThat(way.forecast().beyondRecords()).isEqualTo(full.evidence().beyondRecords());
            assertThat(way.attentionHours()).isBetween(0.0, way.hours());
            assertThat(way.recipe().method().refusals(blank.thicknessMm(), way.recipe().bend())).isEmpty();
            assertThat(way.recipe().method().equipment()).isNotEmpty().doesNotHaveDuplicates();
        });
    }

    @Test
    void good_ways_come_first_and_the_least_trouble_of_them() {
        SideBySide all = beside(Recipes.ash().moisture(14).thickness(8).radius(150).steamed());
        List<Compared> good = all.ways().stream().filter(way -> way.forecast().unbroken().probability() >= WANTED).toList();
        List<Compared> others = all.ways().subList(good.size(), all.ways().size());
        assertThat(all.ways().subList(0, good.size())).isEqualTo(good).isNotEmpty()
                .isSortedAccordingTo((a, b) -> Double.compare(a.attentionHours(), b.attentionHours()));
        assertThat(others).isSortedAccordingTo((a, b) -> Double.compare(b.forecast().unbroken().probability(), a.forecast().unbroken().probability()));
    }

    /** Cuts would close, and plies of the thickest that are looked at are still two: a band of veneer is neither sawn nor stacked. */
    @Test
    void what_cannot_make_it_is_named() {
        SideBySide all = beside(Recipes.ash().moisture(14).thickness(1.0).radius(60).steamed());
        assertThat(all.impossible()).contains(MethodKind.KERF_BENDING, MethodKind.COLD_LAMINATION).doesNotContain(MethodKind.STEAM_BOX);
    }
}
