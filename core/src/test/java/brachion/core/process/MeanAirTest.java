package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.core.process.MeanAir.Felt;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class MeanAirTest {

    private static final Instant NOON = Instant.parse("2026-11-20T12:00:00Z");

    @Test
    void each_reading_counts_for_as_long_as_it_was_the_last() {
        MeanAir mean = MeanAir.of(List.of(felt(0, 10, 60), felt(60, 20, 40), felt(240, 30, 90))).orElseThrow();
        // an hour at 10 °C and 60 %, three at 20 °C and 40 %
        assertThat(mean).isEqualTo(new MeanAir(17.5, 45, 4));
    }

    @Test
    void one_alone_is_itself_and_none_is_nothing() {
        assertThat(MeanAir.of(List.of(felt(0, 12, 55)))).contains(new MeanAir(12, 55, 0));
        assertThat(MeanAir.of(List.of(felt(0, 12, 55), felt(0, 12, 55)))).contains(new MeanAir(12, 55, 0));
        assertThat(MeanAir.of(List.of())).isEmpty();
    }

    private static Felt felt(int minutes, double celsius, double humidity) {
        return new Felt(NOON.plusSeconds(60L * minutes), celsius, humidity);
    }
}
