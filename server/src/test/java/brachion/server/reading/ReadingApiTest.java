package brachion.server.reading;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class ReadingApiTest {

    @Autowired
    private MockMvcTester mvc;

    @Test
    void reads_a_whole_form_in_one_request() {
        MvcTestResult read = readings("INCH", """
                {"field": "thickness", "measurement": "LENGTH", "text": "1-1/8 in"}, {"field": "radius", "measurement": "LENGTH", "text": "6"},
                {"field": "chamber", "measurement": "TEMPERATURE", "text": "212"}, {"field": "steam", "measurement": "MINUTES", "text": "1 h"},
                {"field": "moisture", "measurement": "MOISTURE", "text": "12 %"}""");
        assertThat(read).bodyJson().extractingPath("$[*].value").asArray().containsExactly(28.575, 152.4, 100.0, 60.0, 12.0);
        assertThat(read).bodyJson().extractingPath("$[2].field").isEqualTo("chamber");
    }

    @Test
    void says_of_each_entry_what_it_would_have_read() {
        MvcTestResult read = readings("METRIC", """
                {"field": "a", "measurement": "LENGTH", "text": "abc"}, {"field": "b", "measurement": "MINUTES", "text": "90 °C"},
                {"field": "c", "measurement": "ANGLE", "text": "90"}""");
        assertThat(read).hasStatusOk();
        assertThat(read).bodyJson().extractingPath("$[0].unreadable").asString().contains("abc").contains("3/16");
        assertThat(read).bodyJson().extractingPath("$[1].unreadable").asString().contains("45 min");
        assertThat(read).bodyJson().extractingPath("$[2].value").isEqualTo(90.0);
    }

    @Test
    void refuses_what_is_no_form() {
        assertThat(readings("INCH", "{\"field\": \"a\", \"measurement\": \"COLOUR\", \"text\": \"6\"}")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(readings("INCH", "{\"field\": \"a\", \"measurement\": \"LENGTH\"}")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(readings("INCH", "null")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.post(mvc, "/api/readings", "{}")).hasStatus(HttpStatus.BAD_REQUEST);
    }

    private MvcTestResult readings(String bareUnits, String typed) {
        return Wire.post(mvc, "/api/readings", "{\"bareUnits\": \"%s\", \"typed\": [%s]}".formatted(bareUnits, typed));
    }
}
