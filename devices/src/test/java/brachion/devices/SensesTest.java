package brachion.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Meter, scale and room sensor in a shop whose boards, rack and air are known. */
class SensesTest {

    private static final Instant NOON = Instant.parse("2026-11-20T12:00:00Z");

    private HttpServer product;
    private Workshop workshop;

    @BeforeEach
    void listen() throws IOException {
        product = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        answer("/api/rig", """
                {"version": 0, "rig": {"lengthMm": 1500, "widthMm": 150, "heightMm": 150, "wall": "PLYWOOD", "wallThicknessMm": 18, "insulationThicknessMm": 25,
                 "ventAreaMm2": 300, "generatorWatts": 1500, "generators": 1, "tankLitres": 4, "shopC": 18, "altitudeM": 0, "shopHumidityPercent": 50}}""");
        answer("/api/stock/boards", "[{\"moisture\": [{\"percent\": 30}, {\"percent\": 12}]}, {\"moisture\": []}, {\"moisture\": [{\"percent\": 22}]}]");
        // begun two days ago at 300 g and 25 %, so 240 g of wood; today at 20 % that makes 288 g
        LocalDate begun = NOON.atZone(ZoneId.systemDefault()).toLocalDate().minusDays(2);
        answer("/api/rack", """
                [{"piece": {"startedOn": "%s", "startMassG": 300, "startMoisturePercent": 25},
                  "curve": [{"days": 0, "moisturePercent": {"middle": 25}}, {"days": 2, "moisturePercent": {"middle": 20}}, {"days": 4, "moisturePercent": {"middle": 19}}]},
                 {"piece": {"startedOn": "%s", "startMoisturePercent": 25}, "curve": []}]""".formatted(begun, begun));
        product.start();
        workshop = new Workshop("http://127.0.0.1:" + product.getAddress().getPort());
    }

    private void answer(String path, String body) {
        product.createContext(path, exchange -> {
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
    }

    @AfterEach
    void stop() {
        product.stop(0);
    }

    private List<Map<String, Double>> read(Sense sense, Instant from, int seconds) throws Exception {
        sense.listen(workshop, from);
        return IntStream.range(0, seconds).mapToObj(second -> sense.read(from.plusSeconds(second))).filter(read -> !read.isEmpty()).toList();
    }

    private static double mean(List<Map<String, Double>> readings, String of) {
        return readings.stream().mapToDouble(reading -> reading.get(of)).average().orElseThrow();
    }

    @Test
    void a_meter_is_pressed_into_the_boards_that_are_known_in_turn() throws Exception {
        List<Map<String, Double>> read = read(new Meter(new Random(3)), NOON, 8000);
        assertThat(read).hasSize(400).allMatch(reading -> reading.get("moisturePercent") * 2 % 1 == 0);
        List<Map<String, Double>> dry = IntStream.range(0, 400).filter(i -> i % 2 == 0).mapToObj(read::get).toList();
        List<Map<String, Double>> wet = IntStream.range(0, 400).filter(i -> i % 2 == 1).mapToObj(read::get).toList();
        assertThat(mean(wet, "moisturePercent") - mean(dry, "moisturePercent")).isCloseTo(10, within(0.2));
    }

    @Test
    void a_scale_weighs_what_hangs_on_the_rack_and_is_empty_between() throws Exception {
        List<Map<String, Double>> read = read(new Scale(new Random(4)), NOON, 300);
        assertThat(read).hasSize(250);
        assertThat(read.get(0).get("massG")).as("still settling").isLessThan(270);
        assertThat(read.get(20).get("massG")).isCloseTo(288, within(2.0));
    }

    @Test
    void a_room_is_warmest_and_driest_in_the_afternoon() throws Exception {
        List<Map<String, Double>> afternoon = read(new RoomSensor(new Random(5)), Instant.parse("2026-11-20T14:50:00Z"), 1200);
        List<Map<String, Double>> night = read(new RoomSensor(new Random(5)), Instant.parse("2026-11-20T02:50:00Z"), 1200);
        assertThat(afternoon).hasSize(120);
        assertThat(mean(afternoon, "celsius")).isCloseTo(20, within(0.1));
        assertThat(mean(night, "celsius")).isCloseTo(16, within(0.1));
        assertThat(mean(afternoon, "humidityPercent")).isLessThan(46);
        assertThat(mean(night, "humidityPercent")).isGreaterThan(55);
    }
}
