package brachion.server.exchange;

import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Invented notebooks of different habits. Each file says in lines that begin with # what a person answers where the table itself leaves
 * doubt ({@code given}, {@code day}), what nobody knows any more ({@code unsaid}), and what must come out of it ({@code supposed}, {@code bend}: day, wood, thickness, width and inner radius in mm,
 * way, ending).
 */
@ServerTest
class InventedNotebooksTest {

    private static final Path FOLDER = Path.of("src/test/resources/notebooks");
    private static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    private MockMvcTester mvc;

    static List<String> notebooks() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    private MvcTestResult send(String uri, byte[] file) {
        return Wire.table(mvc, uri, file);
    }

    private static String body(MvcTestResult answer) {
        return new String(answer.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    /** What lines of a kind say, each without its kind. */
    private static List<String> said(List<String> lines, String kind) {
        return lines.stream().filter(line -> line.startsWith("#" + kind + " ")).map(line -> line.substring(kind.length() + 2)).toList();
    }

    @ParameterizedTest
    @MethodSource("notebooks")
    void what_must_come_out_comes_out(String name) throws IOException {
        List<String> lines = Files.readAllLines(FOLDER.resolve(name), StandardCharsets.UTF_8);
        String table = String.join("\n", lines.stream().filter(line -> !line.startsWith("#")).toList()) + "\n";
        Charset charset = said(lines, "charset").stream().map(Charset::forName).findFirst().orElse(StandardCharsets.UTF_8);
        byte[] file = (charset.equals(StandardCharsets.UTF_8) ? table : "\uFEFF" + table).getBytes(charset);

        MvcTestResult looked = send("/api/exchange/notebooks", file);
        assertThat(looked).hasStatusOk();
        ObjectNode translation = (ObjectNode) JSON.readTree(body(looked)).get("translation");
        answer(translation, lines);
        for (JsonNode word : translation.get("words")) {
            assertThat(word.get("means").asString()).as("%s is understood", word).isNotEmpty();
        }
        assertThat(put(mvc, "/api/exchange/notebooks/" + read(looked, "$.shape", String.class), translation.toString())).hasStatus(204);

        MvcTestResult read = send("/api/exchange/readings", file);
        assertThat(read(read, "$.left", Integer.class)).as(body(read)).isZero();
        JsonNode trials = JSON.readTree(body(read)).get("trials");
        List<String> bends = said(lines, "bend");
        assertThat(trials).as(body(read)).hasSameSizeAs(bends);
        for (int i = 0; i < bends.size(); i++) {
            isAs(trials.get(i), bends.get(i));
        }
        each(lines, "steam", (place, minutes) -> assertThat(trials.get(place).at("/recipe/method/steamMinutes").asDouble()).isEqualTo(Double.parseDouble(minutes)));
        each(lines, "chamber", (place, celsius) -> assertThat(trials.get(place).at("/recipe/method/chamberC").asDouble()).isCloseTo(Double.parseDouble(celsius), within(0.001)));
        said(lines, "supposed").forEach(words -> trials.forEach(trial -> assertThat(trial.get("supposed").valueStream().map(JsonNode::asString).toList()).containsExactly(words.split(" "))));
        for (String note : said(lines, "note")) {
            assertThat(trials.get(Integer.parseInt(note.substring(0, 1))).get("note").asString()).contains(note.substring(2));
        }
    }

    private interface Check {
        void of(int place, String value);
    }

    private static void each(List<String> lines, String kind, Check check) {
        for (String line : said(lines, kind)) {
            String[] values = line.split(" ");
            for (int place = 0; place < values.length; place++) {
                check.of(place, values[place]);
            }
        }
    }

    private static void isAs(JsonNode trial, String bend) {
        String[] must = bend.split(" ");
        assertThat(trial.get("bentOn").asString()).isEqualTo(must[0]);
        assertThat(trial.at("/recipe/blank/speciesId").asString()).isEqualTo(must[1]);
        assertThat(trial.at("/recipe/blank/thicknessMm").asDouble()).isCloseTo(Double.parseDouble(must[2]), within(1e-6));
        assertThat(trial.at("/recipe/blank/widthMm").asDouble()).isCloseTo(Double.parseDouble(must[3]), within(1e-6));
        assertThat(trial.at("/recipe/innerRadiusMm").asDouble()).isCloseTo(Double.parseDouble(must[4]), within(1e-6));
        assertThat(trial.at("/recipe/method/kind").asString()).isEqualTo(must[5]);
        assertThat(trial.at("/outcome/severity").asString()).isEqualTo(must[6]);
    }

    /** What the person answers; asked for nothing else than that. */
    private static void answer(ObjectNode translation, List<String> lines) {
        List<String[]> answers = said(lines, "given").stream().map(line -> line.split(" = ", 2)).toList();
        for (JsonNode asked : translation.get("given")) {
            answers.stream().filter(answer -> answer[0].equals(asked.get("column").asString())).findFirst()
                    .ifPresent(answer -> ((ObjectNode) asked).put("text", answer[1]));
            if (said(lines, "unsaid").contains(asked.get("column").asString())) {
                continue;
            }
            assertThat(asked.get("text").asString()).as("%s is asked and nobody answers; answered is %s", asked, Arrays.deepToString(answers.toArray())).isNotEmpty();
        }
        said(lines, "day").forEach(order -> translation.get("columns").forEach(column -> ((ObjectNode) column).put("dayOrder", order)));
    }
}
