package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SpanTest {

    @ParameterizedTest(name = "{0} is {1} s")
    @CsvSource(delimiter = '|', value = {"45 min|2700", "45|2700", "1 h 30 min|5400", "1h30min|5400", "1:30|5400", "1:30 h|5400",
        "12 hours|43200", "12 hrs.|43200", "2 days|172800", "1 day 6 h|108000", "2,5 d|216000", "0.5 h|1800", "90 s|90",
        "90 Seconds|90", "2 weeks|1209600", "0|0"})
    void reads_what_people_write(String text, double seconds) {
        assertThat(Span.parse(text, TimeUnit.MINUTE).seconds()).isCloseTo(seconds, within(1e-9));
    }

    @ParameterizedTest(name = "“{0}” is refused")
    @ValueSource(strings = {"", "overnight", "-5 min", "30 min 1 h", "5 fortnights", "1:75", "3 min min", "1/2 h", "h"})
    void refuses_what_it_cannot_read(String text) {
        assertThatThrownBy(() -> Span.parse(text, TimeUnit.MINUTE)).isInstanceOf(UnreadableQuantityException.class)
                .hasMessageContaining("45 min");
    }

    /** The platform's own duration is the yardstick. */
    @Property(tries = 200)
    void agrees_with_the_platforms_duration(@ForAll @IntRange(max = 40) int days, @ForAll @IntRange(max = 23) int hours,
                                            @ForAll @IntRange(max = 59) int minutes) {
        java.time.Duration duration = java.time.Duration.parse("P%dDT%dH%dM".formatted(days, hours, minutes));
        Span span = Span.parse("%d days %d h %d min".formatted(days, hours, minutes), TimeUnit.HOUR);
        assertThat(span.in(TimeUnit.SECOND)).isCloseTo(duration.toSeconds(), within(1e-6));
    }
}
