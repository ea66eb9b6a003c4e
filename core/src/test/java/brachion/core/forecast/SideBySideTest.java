package brachion.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.forecast.SideBySide.Compared;
import brachion.core.method.Blank;
import brachion.core.method.MethodKind;
import brachion.core.method.Names;
import brachion.core.method.Recipe;
import brachion.core.method.Recipes;
import brachion.core.method.Seasoning;
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

    @Test
    void softened_wood_is_the_stock_at_hand_and_what_is_bent_dry_is_good_dry_stock() {
        Recipe planned = Recipes.ash().moisture(9).thickness(12).radius(180).steamed().withNames(new Names("Ina", "board 7", "the mill"));
        assertThat(beside(planned).ways()).filteredOn(way -> !way.planned()).hasSizeGreaterThan(4).allSatisfy(way -> {
            Blank blank = way.recipe().blank();
            assertThat(way.recipe().names()).isEqualTo(planned.names());
            if (way.recipe().method().stageKinds().isEmpty()) {
                assertThat(blank.seasoning()).isEqualTo(Seasoning.KILN_DRIED);
            } else {
                assertThat(blank).isEqualTo(planned.blank().withThicknessMm(blank.thicknessMm()));
            }
        });
    }

    @Test
    void no_good_way_is_quicker_than_every_school_and_the_others_are_at_their_surest() {
        for (double radius : new double[] {110, 180, 320}) {
            Recipe planned = Recipes.ash().moisture(14).thickness(16).radius(radius).steamed();
            SideBySide half = SideBySide.of(TABLES, planned, 0.5);
            SideBySide nearlySure = SideBySide.of(TABLES, planned, 0.999);
            for (Compared way : half.ways()) {
                if (!way.planned() && way.forecast().unbroken().probability() >= 0.6) {
                    assertThat(way.recipe().method().quickerThanSchools(way.recipe().blank())).as("%s", way.recipe()).isFalse();
                }
                Compared surest = nearlySure.ways().stream().filter(other -> other.recipe().method().kind() == way.recipe().method().kind()).findFirst().orElseThrow();
                assertThat(surest.forecast().unbroken().probability()).as("%s", way.recipe().method().kind())
                        .isGreaterThanOrEqualTo(way.forecast().unbroken().probability() - 0.02);
                if (!way.planned() && surest.forecast().unbroken().probability() > 0.6 && !surest.recipe().method().quickerThanSchools(surest.recipe().blank())) {
                    assertThat(way.attentionHours()).as("the surest would do, too").isLessThanOrEqualTo(surest.attentionHours());
                }
            }
        }
    }
}
