package brachion.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.bending.Strap;
import brachion.core.bending.StrapEnds;
import brachion.core.bending.StrapMaterial;
import brachion.core.form.StrapFitting.Row;
import brachion.core.quantity.UnitSystem;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class StrapFittingTest {

    private static Strap steel(double thicknessMm, double widthMm) {
        return new Strap(StrapMaterial.STEEL, thicknessMm, widthMm, 0);
    }

    @Test
    void bolts_shear_at_what_tables_of_steel_construction_print() {
        // "Steel Building Design: Design Data" (SCI P363), non-preloaded bolts of class 8.8 in single shear: M12 32.4 kN; from memory
        assertThat(Bolt.M12.shearedAtN()).isCloseTo(32_400, within(100.0));
    }

    @Test
    void a_wide_band_takes_the_thinnest_bolts_and_goes_on_behind_the_last_of_them() {
        StrapFitting fitting = StrapFitting.of(steel(1.5, 50), 900, 6_000, UnitSystem.METRIC);
        Row row = fitting.bolts().orElseThrow();
        assertThat(row.bolt()).isEqualTo(Bolt.M6);
        // by hand: 9 kN with its factor; a hole bears 2.5·360·6·1.5/1.25 = 6.5 kN, so two bear it, holes of 7 mm, 21 mm from the ends, 26.25 mm apart
        assertThat(row.atMm()).containsExactly(21.0, 47.25);
        assertThat(row.tailMm()).isEqualTo(68.25);
        assertThat(fitting.bandMm()).isEqualTo(900 + 2 * 68.25);
        assertThat(fitting.bearsN()).isCloseTo(50 * 1.5 * 250 / 1.5, within(1e-9));
    }

    @Test
    void inches_take_bolts_in_inches_and_the_slack_lies_between_the_stops() {
        StrapFitting fitting = StrapFitting.of(new Strap(StrapMaterial.STEEL, 1.5, 50, 3), 900, 6_000, UnitSystem.INCH);
        assertThat(fitting.bolts().orElseThrow().bolt().label()).startsWith("1/4");
        assertThat(fitting.betweenStopsMm()).isEqualTo(903);
    }

    @Test
    void nothing_is_bolted_to_cloth_nor_where_the_band_is_too_weak_and_a_band_that_only_backs_is_as_long_as_the_piece() {
        assertThat(StrapFitting.of(new Strap(StrapMaterial.WEBBING, 2, 50, 0), 900, 500, UnitSystem.METRIC).bolts()).isEmpty();
        assertThat(StrapFitting.of(steel(0.5, 20), 900, 6_000, UnitSystem.METRIC).bolts()).isEmpty();
        StrapFitting backing = StrapFitting.of(new Strap(StrapMaterial.STEEL, 0.5, 20, 0, 1, StrapEnds.NOT_HELD), 900, 0, UnitSystem.METRIC);
        assertThat(List.of(backing.bandMm(), backing.betweenStopsMm())).containsExactly(900.0, 900.0);
    }

    @Property
    void whatever_row_is_told_bears_the_pull_at_its_holes_between_them_and_at_its_edges(@ForAll @DoubleRange(min = 0.3, max = 6) double thickness,
                                                                                       @ForAll @DoubleRange(min = 12, max = 120) double width, @ForAll @DoubleRange(min = 0, max = 40_000) double pull) {
        StrapFitting.of(steel(thickness, width), 900, pull, UnitSystem.METRIC).bolts().ifPresent(row -> {
            double hole = row.bolt().holeMm();
            assertThat((width - hole) / 2).as("band beside a hole").isGreaterThanOrEqualTo(hole - 1e-9);
            assertThat((width - hole) * thickness * 360).as("what is left beside a hole, without any factor").isGreaterThan(1.5 * pull);
            assertThat(row.atMm().size() * row.bolt().diameterMm() * thickness * 360 * 2 + 1e-6).as("what presses on the holes").isGreaterThanOrEqualTo(1.5 * pull);
            assertThat(row.atMm().get(0)).isGreaterThanOrEqualTo(2 * hole);
            assertThat(row.tailMm()).isGreaterThan(row.atMm().get(row.atMm().size() - 1));
        });
    }

    @Property
    void pulling_harder_never_takes_fewer_or_thinner_bolts(@ForAll @DoubleRange(min = 100, max = 20_000) double pull, @ForAll @DoubleRange(min = 1, max = 2) double more) {
        StrapFitting.of(steel(2, 60), 900, pull * more, UnitSystem.METRIC).bolts().ifPresent(harder -> {
            Row row = StrapFitting.of(steel(2, 60), 900, pull, UnitSystem.METRIC).bolts().orElseThrow();
            assertThat(row.bolt().diameterMm()).isLessThanOrEqualTo(harder.bolt().diameterMm());
            assertThat(row.bolt() != harder.bolt() || row.atMm().size() <= harder.atMm().size()).isTrue();
        });
    }
}
