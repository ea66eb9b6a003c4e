package brachion.devices;

import brachion.core.quantity.Moisture;
import brachion.core.rig.SteamRig;
import brachion.core.rig.WallMaterial;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The running product, as an instrument meets it. */
final class Workshop {

    private static final Duration PATIENCE = Duration.ofSeconds(5);
    /** What opens the door of a chamber. */
    private static final Set<String> OPENS = Set.of("INTO_HEAT", "PULLED");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient http = HttpClient.newHttpClient();
    private final String address;

    Workshop(String address) {
        this.address = address;
    }

    /**
     * A reading to send.
     *
     * @param readAt   when
     * @param measured what was read, by the names of what is measured
     */
    record Reading(Instant readAt, Map<String, Double> measured) {
    }

    /** The rig as it is described there. */
    SteamRig rig() throws IOException, InterruptedException {
        JsonNode rig = get("/api/rig").get("rig");
        return new SteamRig(number(rig, "lengthMm"), number(rig, "widthMm"), number(rig, "heightMm"),
                WallMaterial.valueOf(rig.get("wall").asString()), number(rig, "wallThicknessMm"), number(rig, "insulationThicknessMm"),
                number(rig, "ventAreaMm2"), number(rig, "generatorWatts"), rig.get("generators").asInt(), number(rig, "tankLitres"),
                number(rig, "shopC"), number(rig, "altitudeM"));
    }

    private static double number(JsonNode node, String name) {
        return node.get(name).asDouble();
    }

    /** How often the door was opened, by what is said on the bench. */
    long doorOpened() throws IOException, InterruptedException {
        return get("/api/bench").get("pieces").valueStream().flatMap(piece -> piece.get("said").valueStream())
                .filter(said -> OPENS.contains(said.get("tap").asString())).count();
    }

    /** Relative humidity of the shop [%]. */
    double humidityPercent() throws IOException, InterruptedException {
        return number(get("/api/rig").get("rig"), "shopHumidityPercent");
    }

    /** What the boards in stock were last found to hold [%]. */
    List<Double> moistureOfBoards() throws IOException, InterruptedException {
        return get("/api/stock/boards").valueStream().map(board -> board.get("moisture")).filter(known -> !known.isEmpty())
                .map(known -> number(known.get(known.size() - 1), "percent")).toList();
    }

    /** What the pieces on the rack weigh by now, those that were weighed at the start [g]. */
    List<Double> massesOnTheRack(Instant now) throws IOException, InterruptedException {
        LocalDate today = now.atZone(ZoneId.systemDefault()).toLocalDate();
        return get("/api/rack").valueStream().filter(drying -> drying.get("piece").has("startMassG")).map(drying -> {
            JsonNode piece = drying.get("piece");
            long days = ChronoUnit.DAYS.between(LocalDate.parse(piece.get("startedOn").asString()), today);
            double moisture = drying.get("curve").valueStream().filter(day -> number(day, "days") <= days).reduce((before, after) -> after)
                    .map(day -> number(day.get("moisturePercent"), "middle")).orElse(number(piece, "startMoisturePercent"));
            return new Moisture(number(piece, "startMoisturePercent")).ovenDryMass(number(piece, "startMassG")) * (1 + moisture / 100);
        }).toList();
    }

    private JsonNode get(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE).build(), BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IOException(path + " is answered " + answer.statusCode());
        }
        return JSON.readTree(answer.body());
    }

    /** Sends readings as an instrument; answers the status. */
    int send(String instrument, String token, List<Reading> readings) throws IOException, InterruptedException {
        var sent = JSON.createObjectNode();
        var list = sent.putArray("readings");
        readings.forEach(reading -> {
            ObjectNode each = list.addObject().put("readAt", reading.readAt().toString());
            reading.measured().forEach(each::put);
        });
        return http.send(HttpRequest.newBuilder(URI.create(address + "/api/instruments/" + instrument + "/readings")).timeout(PATIENCE)
                .header("Content-Type", "application/json").header("Authorization", "Bearer " + token)
                .POST(HttpRequest.BodyPublishers.ofString(sent.toString())).build(), BodyHandlers.ofString()).statusCode();
    }
}
