package brachion.server.rack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

@ServerTest
class RackApiTest {

    private static final String PIECE = """
            {"name": "Crook", "speciesId": "white-ash", "thicknessMm": 12, "widthMm": 25, "startedOn": "2026-11-01",
             "startMoisturePercent": 25, "startMassG": 500, "shopC": 18, "shopHumidityPercent": 35}""";

    @Autowired
    private MockMvcTester mvc;

    @Test
    void a_piece_hangs_with_a_date_and_a_weighing_moves_it() {
        MvcTestResult hung = Wire.post(mvc, "/api/rack", PIECE);
        assertThat(hung).hasStatus(HttpStatus.CREATED);
        LocalDate before = below10(hung);
        assertThat(before).isAfter(LocalDate.of(2026, 11, 3));
        // 500 g at 25 % hold 400 g of wood, so 480 g are 20 %: very slow for six days
        MvcTestResult weighed = weigh(hung, 0, "{\"weighedOn\": \"2026-11-07\", \"massG\": 480}");
        assertThat(weighed).hasStatusOk();
        assertThat(Wire.read(weighed, "$.readings[0].moisturePercent", Double.class)).isCloseTo(20, within(1e-9));
        assertThat(below10(weighed)).isAfter(before);
        assertThat(Wire.read(weighed, "$.pace.middle", Double.class)).isLessThan(0.8);
    }

    @Test
    void readings_without_sense_are_refused_and_nothing_is_lost() {
        MvcTestResult hung = Wire.post(mvc, "/api/rack", PIECE);
        assertThat(Wire.refusedFields(weigh(hung, 0, "{\"weighedOn\": \"2026-10-07\", \"moisturePercent\": 20}")))
                .containsExactly("weighedOn");
        assertThat(Wire.refusedFields(weigh(hung, 0, "{\"weighedOn\": \"2026-11-07\"}")))
                .containsExactly("moisturePercent");
        assertThat(Wire.refusedFields(weigh(hung, 0, "{\"weighedOn\": \"2026-11-07\", \"massG\": 300}")))
                .containsExactly("massG");
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$[0].readings.length()").isEqualTo(0);
        MvcTestResult unweighed = Wire.post(mvc, "/api/rack", PIECE.replace("\"startMassG\": 500, ", ""));
        assertThat(Wire.refusedFields(weigh(unweighed, 0, "{\"weighedOn\": \"2026-11-07\", \"massG\": 480}")))
                .containsExactly("massG");
        assertThat(Wire.refusedFields(Wire.post(mvc, "/api/rack", PIECE.replace("white-ash", "plywood-tree"))))
                .containsExactly("speciesId");
    }

    @Test
    void a_weighing_can_be_taken_back_and_a_piece_taken_off_and_put_back() {
        MvcTestResult hung = Wire.post(mvc, "/api/rack", PIECE);
        long id = Wire.read(hung, "$.id", Long.class);
        weigh(hung, 0, "{\"weighedOn\": \"2026-11-07\", \"moisturePercent\": 15}");
        assertThat(weigh(hung, 0, "{\"weighedOn\": \"2026-11-08\", \"moisturePercent\": 15}"))
                .as("on top of a change elsewhere").hasStatus(HttpStatus.CONFLICT);
        assertThat(Wire.delete(mvc, "/api/rack/" + id + "/weigh-ins/last?version=1")).bodyJson()
                .extractingPath("$.readings.length()").isEqualTo(0);
        assertThat(Wire.delete(mvc, "/api/rack/" + id + "?version=2")).hasStatusOk();
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$.length()").isEqualTo(0);
        assertThat(Wire.post(mvc, "/api/rack/" + id + "/restoration", "")).hasStatusOk();
        assertThat(mvc.get().uri("/api/rack")).bodyJson().extractingPath("$.length()").isEqualTo(1);
    }

    private MvcTestResult weigh(MvcTestResult piece, int version, String json) {
        return Wire.post(mvc, "/api/rack/" + Wire.read(piece, "$.id", Long.class) + "/weigh-ins?version=" + version, json);
    }

    private static LocalDate below10(MvcTestResult answer) {
        return LocalDate.parse(Wire.read(answer, "$.below10.middle", String.class));
    }
}
