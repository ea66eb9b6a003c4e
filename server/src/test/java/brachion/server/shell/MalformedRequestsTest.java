package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.Client;
import brachion.server.Wire;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is sent, the answer is an answer: never an error of the server's own, and every refusal says what is wrong. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class MalformedRequestsTest {

    private static final int REQUESTS = Integer.getInteger("brachion.malformed", 5000);
    private static final long SEED = Long.getLong("brachion.seed", 20_261_126);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final List<String> KEYS = List.of("1", "2", "0", "-1", "9223372036854775807", "9223372036854775808", "1e3", "abc", "%00", "%2e%2e", "PERSON",
            "%F0%9F%AA%B5", "x".repeat(300), "1;a=b", "%E2%80%AE");
    private static final List<String> TYPES = List.of("application/json", "application/json", "application/json", "application/json", "application/json",
            "application/json;charset=utf-16", "text/csv", "text/plain", "application/yaml", "application/x-yaml", "*/*", "multipart/form-data", "nonsense");
    private static final List<String> ACCEPTED = List.of("application/json", "*/*", "text/html", "application/yaml", "image/png", "nonsense");

    /** What works for a second or more however it is asked, and takes nothing that could be malformed but its headers: asked only so often. */
    private static final Set<String> LONG_WORK = Set.of("PUT /api/sample", "GET /api/backup");
    private static final int EACH_SO_MANY_ROUNDS = 10;
    private static final int TRIES_AGAIN = 5;

    @LocalServerPort
    private int port;

    @Autowired
    private JdbcTemplate database;

    private final RandomGenerator random = new Random(SEED);
    private Client client;

    @BeforeEach
    void openTheDoor() {
        List.of("photo_image", "photo", "trial", "row_set_aside", "brought_in", "other_shop", "weigh_in", "drying_piece", "steam_rig", "wood").forEach(table -> database.update("delete from " + table));
        client = new Client(port);
    }

    /** Some of it was asked of the sample workshop. */
    @AfterEach
    void leaveNothing() throws Exception {
        client.send(client.request("DELETE", "/api/sample", "").build());
    }

    /** What a refusal lacks; empty when it is as every refusal should be. */
    private static String wrongWith(HttpResponse<String> answer) {
        if (answer.statusCode() >= 500) {
            return "an error of the server's own";
        }
        if (answer.statusCode() < 400) {
            return "";
        }
        String type = answer.headers().firstValue("Content-Type").orElse("none");
        if (!type.startsWith("application/problem+json")) {
            return "a refusal that is " + type;
        }
        JsonNode problem = JSON.readTree(answer.body());
        if (problem.path("detail").asString("").isBlank()) {
            return "a refusal without a sentence";
        }
        for (JsonNode error : problem.path("errors")) {
            if (error.path("message").asString("").isBlank() || error.path("field").isMissingNode()) {
                return "a field without a sentence";
            }
        }
        return "";
    }

    @Test
    void every_malformed_request_is_answered_with_what_is_wrong() throws Exception {
        JsonNode description = JSON.readTree(client.get("/v3/api-docs").body());
        MalformedDocuments documents = new MalformedDocuments(description, random);
        List<Operation> operations = Operation.all(description);
        List<String> faults = new ArrayList<>();
        Set<Integer> statuses = new HashSet<>();
        for (int i = 0; i < REQUESTS; i++) {
            Operation operation = operations.get(i % operations.size());
            if (LONG_WORK.contains(operation.method() + " " + operation.template()) && i / operations.size() % EACH_SO_MANY_ROUNDS != 0) {
                continue;
            }
            String path = operation.path(this::key) + query(operation);
            String body = operation.body() == null ? "" : operation.json() ? documents.of(operation.body()) : table(documents);
            HttpRequest.Builder request = client.request(operation.method(), path, body)
                    .header("Content-Type", operation.json() || operation.body() == null ? any(TYPES) : any(List.of("text/csv", "text/csv", any(TYPES))))
                    .header("Accept", random.nextInt(3) == 0 ? any(ACCEPTED) : "*/*");
            if (random.nextInt(4) == 0) {
                request.header("Idempotency-Key", any(List.of("a-key-of-its-own", "another-key-of-its-own", "", "short", "x".repeat(500), "not a key")));
            }
            if (random.nextInt(8) == 0) {
                request.header("Brachion-Shop", any(List.of("own", "sample", "", "nobody's", "own,sample")));
            }
            HttpResponse<String> answer = answer(request.build());
            statuses.add(answer.statusCode());
            String wrong = wrongWith(answer);
            if (!wrong.isEmpty()) {
                faults.add(wrong + " (" + answer.statusCode() + "): " + operation.method() + " " + shortly(path) + " " + shortly(body) + " -> " + shortly(answer.body()));
            }
        }
        assertThat(faults).as("seed %d, %d requests, %d faults", SEED, REQUESTS, faults.size()).isEmpty();
        assertThat(statuses).as("requests reach what they are sent to").contains(200, 400, 404, 406, 415);
    }

    /** Where the product says when to ask again, as where the database is too slow beside other work, it is asked again and must answer. */
    private HttpResponse<String> answer(HttpRequest request) throws Exception {
        HttpResponse<String> answer = client.send(request);
        for (int again = 0; again < TRIES_AGAIN && answer.statusCode() == 503 && answer.headers().firstValue("Retry-After").isPresent(); again++) {
            Thread.sleep(1000);
            answer = client.send(request);
        }
        return answer;
    }

    private String key() {
        return any(KEYS);
    }

    private String query(Operation operation) {
        List<String> given = new ArrayList<>();
        for (String name : operation.query()) {
            if (random.nextInt(8) > 0) {
                given.add(name + "=" + (random.nextInt(3) > 0 ? any(List.of("0", "1", "METRIC", "true", "CLEAN", "own.csv"))
                        : any(List.of("", "-1", "%00", "99999999999", "abc", "1&" + name + "=2", "x".repeat(400), "%F0%9F%AA%B5"))));
            }
        }
        if (random.nextInt(20) == 0) {
            given.add(any(List.of("shop=", "shop=own", "shop=x", "=", "&", "a=%00", URLEncoder.encode("ä[]", StandardCharsets.UTF_8))));
        }
        return given.isEmpty() ? "" : "?" + String.join("&", given);
    }

    private String table(MalformedDocuments documents) {
        return switch (random.nextInt(6)) {
            case 0 -> any(List.of("", ",", ",,,\n,,,", "\"\"", "\"", "\u0000", ";;;;", "\ufeff", "\r\r\r", "\t\t\n\t"));
            case 1 -> "Day,Species\n\"unfinished";
            case 2 -> "Day,Day,Day\n1,2,3\n";
            case 3 -> documents.of(JSON.readTree("{\"type\": \"array\"}"));
            case 4 -> "Day,Species,Thickness (mm)\n" + "2026-11-24,ash,9\n".repeat(random.nextInt(40));
            default -> "x,".repeat(random.nextInt(2000)) + "\n" + "1,".repeat(random.nextInt(2000));
        };
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private static String shortly(String text) {
        return text.length() > 900 ? text.substring(0, 900) + "… (" + text.length() + ")" : text;
    }

    /** What once was answered with an error of the server's own. */
    @Test
    void what_once_failed_is_refused_or_answered() throws Exception {
        String recipe = Wire.recipe(12, 200, Wire.STEAM);
        String marks = "\"marks\": {\"radiusMm\": 5, \"thicknessMm\": 0.5}";
        List<HttpResponse<String>> answers = new ArrayList<>();
        for (String lamination : List.of(Wire.recipe(20, 200, Wire.EIGHT_PLIES.replace("8", "200")), Wire.recipe(0.3, 5, Wire.EIGHT_PLIES),
                Wire.recipe(0.3, 5, Wire.EIGHT_PLIES.replace("8", "200")))) {
            answers.add(client.post("/api/forecast/levers", "{\"recipe\": %s, \"wanted\": 0.9, %s}".formatted(lamination, marks)));
            answers.add(client.post("/api/forecast/next", "{\"recipe\": %s, \"others\": [], %s}".formatted(lamination, marks)));
        }
        answers.add(client.post("/api/forecast/map",
                "{\"recipe\": %s, \"thinnestMm\": 2, \"thickestMm\": 100, \"tightestMm\": 5, \"widestMm\": 20000, \"columns\": 60, \"rows\": 40}".formatted(recipe)));
        answers.add(client.post("/api/readings", "{\"bareUnits\": \"METRIC\", \"typed\": [{\"path\": \"a\", \"text\": \"" + "9".repeat(400) + " mm\"}]}"));
        for (String table : List.of(",,,\n,,,", "\"\"", ";", "\n\n\n", "\"\",\"\"\n\"\",\"\"")) {
            answers.add(client.send(client.request("POST", "/api/exchange/readings", table).header("Content-Type", "text/csv").build()));
        }
        for (String day : List.of("+12345-01-01", "0000-01-01", "-0001-01-01", "9999-12-31")) {
            answers.add(client.post("/api/trials", Wire.cleanTrial().replace("2026-11-24", day)));
        }
        answers.add(client.post("/api/trials", Wire.cleanTrial().replace("\"outcome\"", "\"done\": {\"stages\": [], \"chamber\": "
                + "[{\"minutes\": 0, \"celsius\": 40}, {\"minutes\": 1e999, \"celsius\": 97}]}, \"outcome\"")));
        answers.add(client.post("/api/forecast", "{\"recipe\": %s}".formatted(recipe.replace("\"carrySeconds\": 15", "\"carrySeconds\": 5e-324"))));
        answers.add(client.post("/api/forecast", "{\"recipe\": %s, \"recipe\": %s}".formatted(recipe, recipe)));
        answers.add(client.send(client.request("POST", "/api/forecast", "recipe: 1").header("Content-Type", "application/yaml").build()));
        answers.add(client.send(client.request("POST", "/api/forecast", "{}").header("Content-Type", "*/*").build()));
        answers.add(client.send(client.request("PUT", "/api/exchange/rows/1?version=0", "{}").header("Content-Type", "application/json").build()));
        client.send(client.request("POST", "/api/exchange/trials?fileName=old.csv", "Day,Species\n2026-11-24,no such wood\n").header("Content-Type", "text/csv").build());
        int row = database.queryForObject("select max(id) from row_set_aside", Integer.class);
        answers.add(client.put("/api/exchange/rows/" + row + "?version=0", "{\"cells\": []}"));
        for (String rig : List.of(MalformedDocuments.RIG.replace("\"generatorWatts\": 1500", "\"generatorWatts\": 200").replace("SOFTWOOD", "STEEL"),
                MalformedDocuments.RIG.replace("\"lengthMm\": 1500, \"widthMm\": 200, \"heightMm\": 200", "\"lengthMm\": 100, \"widthMm\": 100, \"heightMm\": 100"),
                MalformedDocuments.RIG.replace("\"generators\": 1", "\"generators\": 10").replace("\"ventAreaMm2\": 400", "\"ventAreaMm2\": 20000"))) {
            answers.add(client.post("/api/rig/appraisal", "{\"rig\": %s, \"load\": {\"speciesId\": \"white-ash\", \"thicknessMm\": 100, \"widthMm\": 300, ".formatted(rig)
                    + "\"lengthMm\": 3000, \"moisturePercent\": 60, \"across\": 10, \"layers\": 10}}"));
        }
        answers.add(client.send(client.request("DELETE", "/api/forecast", "").build()));
        answers.add(client.send(HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/trials")).POST(BodyPublishers.ofString("{}"))
                .header("Content-Type", "application/json").build()));
        answers.add(client.send(client.request("GET", "/api/trials", "").header("Accept", "image/png").build()));
        answers.add(client.get("/nothing/at/all/here"));
        answers.forEach(answer -> assertThat(wrongWith(answer)).as("%s -> %s", answer.uri(), shortly(answer.body())).isEmpty());
    }

    /** Lines that no client writes; they are refused before any address is looked for. */
    @ParameterizedTest
    @ValueSource(strings = {"GET /api/trials[] HTTP/1.1", "GET /api/%zz HTTP/1.1", "GET /api//trials HTTP/1.1", "GET /api/../api/trials HTTP/1.1",
        "GET /api/trials|x HTTP/1.1", "BREW /api/trials HTTP/1.1", "TRACE /api/trials HTTP/1.1", "GET /api/%2e%2e/x HTTP/1.1", "GET /api/trials;x=1 HTTP/1.1",
        "GET /api/\\x HTTP/1.1", "GET /api/%00 HTTP/1.1", "GET http://elsewhere.example/api/trials HTTP/1.1", "PUT /api/rig?version=%zz HTTP/1.1",
        "GET /api/trials?page=0&= HTTP/1.1"})
    void a_line_that_is_no_request_is_refused_with_a_sentence(String line) throws Exception {
        String answer = raw(line + "\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertThat(answer).startsWith("HTTP/1.1 4").containsIgnoringCase("Content-Type: application/problem+json").contains("\"detail\":\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Host: rebound.example", "Host: localhost\r\nHost: localhost", "", "Host: localhost\r\nContent-Length: -1",
        "Host: localhost\r\nX: \u0001", "Host: localhost\r\nTransfer-Encoding: strange"})
    void headers_that_are_none_are_refused_with_a_sentence(String headers) throws Exception {
        assertThat(raw("POST /api/trials HTTP/1.1\r\n" + headers + "\r\nConnection: close\r\n\r\n"))
                .matches(answer -> answer.startsWith("HTTP/1.1 4") || answer.startsWith("HTTP/1.1 501"))
                .containsIgnoringCase("Content-Type: application/problem+json").contains("\"detail\":\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Content-Length: 500\r\n\r\n{\"bentOn\": ", "Transfer-Encoding: chunked\r\n\r\nzz\r\n{}\r\n", "Transfer-Encoding: chunked\r\n\r\n500\r\n{"})
    void a_body_that_breaks_off_is_refused_with_a_sentence(String rest) throws Exception {
        assertThat(raw("POST /api/trials HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nCookie: XSRF-TOKEN=a\r\nX-XSRF-TOKEN: a\r\n"
                + "Content-Type: application/json\r\n" + rest)).startsWith("HTTP/1.1 400")
                .containsIgnoringCase("Content-Type: application/problem+json").contains("\"detail\":\"");
    }

    private String raw(String text) throws IOException {
        try (Socket socket = new Socket("localhost", port)) {
            socket.setSoTimeout(60_000);
            socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
            socket.shutdownOutput();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void a_document_may_be_only_so_long_and_so_deep_and_its_words_and_numbers_too() throws Exception {
        assertThat(client.post("/api/trials", "{\"note\": \"" + "x".repeat(600_000) + "\"}").statusCode()).isEqualTo(413);
        assertThat(client.post("/api/forecast/typed", "{\"bareUnits\": \"METRIC\", \"typed\": [], \"choices\": {\"a\": " + "[".repeat(100) + "]".repeat(100) + "}}").body())
                .contains("deep");
        assertThat(client.post("/api/trials", Wire.cleanTrial().replace("12", "1".repeat(500))).statusCode()).isEqualTo(400);
    }

    /** An operation of the description. */
    private record Operation(String method, String template, JsonNode body, boolean json, List<String> query) {

        static List<Operation> all(JsonNode description) {
            List<Operation> all = new ArrayList<>();
            description.get("paths").properties().forEach(path -> path.getValue().properties().forEach(each -> {
                JsonNode content = each.getValue().at("/requestBody/content");
                List<String> query = new ArrayList<>();
                each.getValue().path("parameters").forEach(parameter -> {
                    if ("query".equals(parameter.get("in").asString())) {
                        query.add(parameter.get("name").asString());
                    }
                });
                JsonNode json = content.path("application/json").path("schema");
                all.add(new Operation(each.getKey().toUpperCase(), path.getKey(), content.isMissingNode() ? null : json, !json.isMissingNode(), query));
            }));
            return all;
        }

        String path(java.util.function.Supplier<String> key) {
            String path = template;
            while (path.contains("{")) {
                path = path.replaceFirst("\\{[^}]+}", java.util.regex.Matcher.quoteReplacement(key.get()));
            }
            return path;
        }
    }
}
