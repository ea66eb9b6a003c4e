package brachion.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;

@ServerTest
class ReadingApiTest {

    @Autowired
    private MockMvcTester mvc;

    @Test
    void reads_fractions_and_either_scale() {
        assertThat(mvc.get().uri("/api/readings/length?text={t}", "1-1/8 in"))
                .bodyJson().extractingPath("$.millimetres").isEqualTo(28.575);
        assertThat(mvc.get().uri("/api/readings/length?text=6&bareUnit=INCH"))
                .bodyJson().extractingPath("$.millimetres").isEqualTo(152.4);
        assertThat(mvc.get().uri("/api/readings/temperature?text=212&bareScale=FAHRENHEIT"))
                .bodyJson().extractingPath("$.celsius").isEqualTo(100.0);
    }

    @Test
    void says_what_it_would_have_read() {
        assertThat(mvc.get().uri("/api/readings/length?text=abc")).hasStatusOk().bodyJson()
                .extractingPath("$.unreadable").asString().contains("abc").contains("3/16");
        assertThat(mvc.get().uri("/api/readings/temperature?text=warm")).hasStatusOk().bodyJson()
                .extractingPath("$.unreadable").asString().contains("98 °C");
        assertThat(mvc.get().uri("/api/readings/length")).hasStatus(HttpStatus.BAD_REQUEST);
    }
}
