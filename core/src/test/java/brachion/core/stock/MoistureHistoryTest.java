package brachion.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.stock.MoistureHistory.How;
import brachion.core.stock.MoistureHistory.Known;
import brachion.core.stock.MoistureHistory.Reading;
import brachion.core.stock.MoistureHistory.Sample;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class MoistureHistoryTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);

    private static Reading meter(int day, double percent) {
        return new Reading(DAY.plusDays(day), OptionalDouble.of(percent), Optional.empty(), OptionalDouble.empty());
    }

    private static Reading sample(int day, double wetG, double dryG, double massG) {
        return new Reading(DAY.plusDays(day), OptionalDouble.empty(), Optional.of(new Sample(wetG, dryG)), OptionalDouble.of(massG));
    }

    private static Reading weighed(int day, double massG) {
        return new Reading(DAY.plusDays(day), OptionalDouble.empty(), Optional.empty(), OptionalDouble.of(massG));
    }

    /** The arithmetic of the oven-dry test (definition in the Wood Handbook, ch. 4): 120 g wet, 100 g dry, 20 %. */
    @Test
    void a_sample_and_a_scale_follow_a_board_while_it_dries() {
        MoistureHistory history = new MoistureHistory(List.of(weighed(30, 5500), sample(0, 120, 100, 6000), weighed(60, 5400)));
        assertThat(history.known()).extracting(Known::how).containsExactly(How.OVEN_DRY, How.SCALE, How.SCALE);
        assertThat(history.known()).extracting(Known::percent).usingComparatorForType((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : 1, Double.class)
                .containsExactly(20.0, 10.0, 8.0);
    }

    @Test
    void a_sample_is_believed_before_a_meter_and_a_later_before_an_earlier() {
        Reading both = new Reading(DAY, OptionalDouble.of(16), Optional.of(new Sample(120, 100)), OptionalDouble.of(6000));
        assertThat(new MoistureHistory(List.of(both, weighed(9, 5500))).latest().orElseThrow().percent()).isCloseTo(10, within(1e-9));
        Reading metered = new Reading(DAY.plusDays(5), OptionalDouble.of(25), Optional.empty(), OptionalDouble.of(6000));
        assertThat(new MoistureHistory(List.of(both, metered, weighed(9, 5500))).latest().orElseThrow().percent())
                .as("the meter is left aside").isCloseTo(10, within(1e-9));
        assertThat(new MoistureHistory(List.of(metered, weighed(9, 5280))).latest().orElseThrow().percent()).isCloseTo(10, within(1e-9));
    }

    @Test
    void a_scale_alone_tells_nothing() {
        assertThat(new MoistureHistory(List.of(weighed(0, 6000), weighed(9, 5500))).known()).isEmpty();
        assertThat(new MoistureHistory(List.of(meter(0, 18), weighed(9, 5500))).latest().orElseThrow().how()).isEqualTo(How.METER);
        assertThat(new MoistureHistory(List.of(sample(0, 120, 100, 6000), weighed(9, 4000))).known())
                .as("lighter than oven dry was another board").hasSize(1);
        assertThat(new MoistureHistory(List.of(sample(0, 120, 100, 6000), weighed(9, 60_000))).known()).as("no wood is so wet").hasSize(1);
        assertThat(new MoistureHistory(List.of()).latest()).isEmpty();
    }
}
