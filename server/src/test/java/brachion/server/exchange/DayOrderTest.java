package brachion.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayOrderTest {

    @ParameterizedTest
    @CsvSource({"3/14/2025, MONTH_FIRST, 2025-03-14", "14.3.2025, DAY_FIRST, 2025-03-14", "14-03-25, DAY_FIRST, 2025-03-14", "2025-3-14, MONTH_FIRST, 2025-03-14",
            "14-Mar-2025, MONTH_FIRST, 2025-03-14", "'March 14, 2025', DAY_FIRST, 2025-03-14", "14th march 2025, DAY_FIRST, 2025-03-14", "2025-03-14T09:30, DAY_FIRST, 2025-03-14",
            "1/2/2025, DAY_FIRST, 2025-02-01", "1/2/2025, MONTH_FIRST, 2025-01-02"})
    void a_day_is_read_as_it_is_written(String text, DayOrder order, LocalDate day) {
        assertThat(order.read(text)).contains(day);
    }

    @Test
    void what_is_no_day_is_none() {
        assertThat(DayOrder.DAY_FIRST.read("31/2/2025")).isEmpty();
        assertThat(DayOrder.DAY_FIRST.read("spring")).isEmpty();
        assertThat(DayOrder.MONTH_FIRST.read("14/3/2025")).isEmpty();
    }

    @Test
    void the_order_is_told_where_only_one_will_do() {
        assertThat(DayOrder.told(List.of("1/2/2025", "3/14/2025"))).contains(DayOrder.MONTH_FIRST);
        assertThat(DayOrder.told(List.of("1/2/2025", "14/3/2025"))).contains(DayOrder.DAY_FIRST);
        assertThat(DayOrder.told(List.of("1/2/2025", "3/4/2025"))).isEmpty();
        assertThat(DayOrder.told(List.of("2025-01-02"))).isPresent();
    }
}
