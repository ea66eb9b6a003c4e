package brachion.core.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.core.process.ProbeRecord.Reading;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ProbeRecordTest {

    @Property(tries = 100)
    void a_thinned_record_stays_within_the_tolerance_everywhere(@ForAll long seed, @ForAll @DoubleRange(min = 0.05, max = 5) double tolerance) {
        Random luck = new Random(seed);
        double[] celsius = {20};
        ProbeRecord full = new ProbeRecord(IntStream.range(0, 600)
                .mapToObj(second -> new Reading(second, celsius[0] += luck.nextGaussian() + (98 - celsius[0]) / 100)).toList());
        ProbeRecord thinned = full.thinned(tolerance);
        assertThat(full.readings()).containsAll(thinned.readings());
        full.readings().forEach(reading -> assertThat(thinned.at(reading.seconds())).isCloseTo(reading.celsius(), within(tolerance + 1e-9)));
    }

    /** A chamber that comes up as an exponential (the closed form) and stays needs few of its hour of readings. */
    @Test
    void an_hour_of_seconds_becomes_a_few_readings_that_say_the_same() {
        ProbeRecord full = new ProbeRecord(IntStream.range(0, 3600)
                .mapToObj(second -> new Reading(second, 98 - 80 * Math.exp(-second / 400.0))).toList());
        ProbeRecord thinned = full.thinned(0.3);
        assertThat(thinned.readings()).hasSizeBetween(8, 40);
        assertThat(thinned.at(555)).isCloseTo(98 - 80 * Math.exp(-555 / 400.0), within(0.3));
        assertThat(new ProbeRecord(List.of(new Reading(0, 20))).thinned(0.3).readings()).hasSize(1);
    }
}
