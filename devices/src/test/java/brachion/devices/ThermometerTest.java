package brachion.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The stand-in, met by a product that writes down what it is sent. */
class ThermometerTest {

    private static final String RIG = """
            {"version": 0, "rig": {"lengthMm": 1500, "widthMm": 150, "heightMm": 150, "wall": "PLYWOOD", "wallThicknessMm": 18,
             "insulationThicknessMm": 25, "ventAreaMm2": 300, "generatorWatts": 1500, "generators": 1, "tankLitres": 4, "shopC": 18, "altitudeM": 0}}""";

    private final List<Double> celsius = new ArrayList<>();
    private final List<Instant> readAt = new ArrayList<>();
    private HttpServer product;
    private String said = "[]";
    private int status = 204;
    private int together;

    @BeforeEach
    void listen() throws IOException {
        product = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        answer("/api/rig", () -> RIG);
        answer("/api/bench", () -> "{\"pieces\": [{\"said\": " + said + "}]}");
        product.createContext("/api/instruments/3/readings", exchange -> {
            assertThat(exchange.getRequestHeaders().getFirst("Authorization")).isEqualTo("Bearer secret");
            JsonNode sent = JsonMapper.builder().build().readTree(exchange.getRequestBody().readAllBytes());
            if (status == 204) {
                sent.get("readings").values().forEach(reading -> {
                    celsius.add(reading.get("celsius").asDouble());
                    readAt.add(Instant.parse(reading.get("readAt").asString()));
                });
                together = Math.max(together, sent.get("readings").size());
            }
            exchange.sendResponseHeaders(status, -1);
            exchange.close();
        });
        product.start();
    }

    private interface Text {

        String get();
    }

    private void answer(String path, Text text) {
        product.createContext(path, exchange -> {
            byte[] body = text.get().getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
    }

    @AfterEach
    void stop() {
        product.stop(0);
    }

    private Instrument instrument(Random luck) {
        return new Instrument(new Workshop("http://127.0.0.1:" + product.getAddress().getPort()), "3", "secret", new Thermometer(luck), luck);
    }

    @Test
    void it_sends_each_second_once_whatever_its_line_does_and_falls_when_the_door_is_opened() throws InterruptedException {
        Instrument thermometer = instrument(new Random(5));
        Instant start = Instant.parse("2026-11-20T08:00:00Z");
        for (int second = 0; second < 2000; second++) {
            if (second == 1200) {
                said = "[{\"tap\": \"INTO_HEAT\"}]";
            }
            assertThat(thermometer.second(start.plusSeconds(second))).isTrue();
        }
        assertThat(readAt).as("in order, each once, none lost but what is still unsent")
                .containsExactlyElementsOf(IntStream.range(0, readAt.size()).mapToObj(start::plusSeconds).toList());
        assertThat(readAt.size()).isGreaterThan(1960);
        assertThat(together).as("late ones together").isGreaterThan(5);
        double before = mean(1100, 1200);
        assertThat(before).isBetween(90.0, 101.0);
        assertThat(celsius.subList(1195, 1240).stream().mapToDouble(Double::doubleValue).min().orElseThrow()).isCloseTo(before - 15, within(4.0));
        assertThat(mean(1800, 1900)).as("back again").isCloseTo(before, within(1.0));
    }

    @Test
    void it_stops_when_the_product_does_not_know_it_and_waits_for_one_that_is_away() throws InterruptedException {
        Instrument thermometer = instrument(new Random(6));
        status = 503;
        assertThat(thermometer.second(Instant.parse("2026-11-20T08:00:00Z"))).isTrue();
        status = 401;
        assertThat(thermometer.second(Instant.parse("2026-11-20T08:00:01Z"))).isFalse();
        product.stop(0);
        assertThat(thermometer.second(Instant.parse("2026-11-20T08:00:02Z"))).isTrue();
    }

    private double mean(int from, int to) {
        return celsius.subList(from, to).stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }
}
