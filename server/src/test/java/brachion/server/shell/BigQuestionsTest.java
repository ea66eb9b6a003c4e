package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.Client;
import brachion.server.Wire;
import brachion.server.storage.JsonLines;
import jakarta.servlet.http.HttpServletResponse;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestComponent;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import tools.jackson.databind.json.JsonMapper;

/** Many who ask for a map at once are answered one after the other, or asked to come again; small questions go past them. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@Import(BigQuestionsTest.LinesThatWait.class)
class BigQuestionsTest {

    private static final CountDownLatch READ = new CountDownLatch(1);

    /** Answers with a line longer than any buffer, and with the next one when that was read to its end. */
    @TestComponent
    @RestController
    static class LinesThatWait {

        @GetMapping("/api/lines-that-wait")
        ResponseEntity<StreamingResponseBody> lines(HttpServletResponse response) {
            return ResponseEntity.ok().contentType(MediaType.APPLICATION_NDJSON).body(out -> {
                JsonLines lines = new JsonLines(response, JsonMapper.shared());
                lines.write("a".repeat(20_000));
                try {
                    lines.write(READ.await(20, TimeUnit.SECONDS));
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                }
            });
        }
    }

    @LocalServerPort
    private int port;

    private static HttpRequest map(Client client, int number) {
        return client.json("POST", "/api/forecast/map",
                "{\"recipe\": %s, \"thinnestMm\": 2, \"thickestMm\": %d, \"tightestMm\": 50, \"widestMm\": 900, \"columns\": 24, \"rows\": 12}"
                        .formatted(Wire.recipe(12, 200, Wire.STEAM), 30 + number));
    }

    @Test
    void a_small_question_does_not_wait_for_the_big_ones_and_the_line_has_an_end() throws Exception {
        Client client = new Client(port);
        List<CompletableFuture<HttpResponse<String>>> big = IntStream.range(0, 60).mapToObj(number -> client.sendAsync(map(client, number))).toList();
        assertThat(client.get("/api/rig").statusCode()).isEqualTo(200);
        assertThat(big.stream().filter(each -> !each.isDone()).count()).as("those that are still waiting").isPositive();
        List<HttpResponse<String>> answers = big.stream().map(CompletableFuture::join).toList();
        assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(200, 429);
        assertThat(answers.stream().filter(answer -> answer.statusCode() == 200)).as("ten at least find room").hasSizeGreaterThanOrEqualTo(10);
        assertThat(answers.stream().filter(answer -> answer.statusCode() == 429)).isNotEmpty().allSatisfy(answer -> {
            assertThat(answer.headers().firstValue("Retry-After")).contains("2");
            assertThat(answer.body()).contains("busy with other questions");
        });
    }

    @Test
    void a_line_is_sent_to_its_end_before_the_next_is_worked_out() throws Exception {
        HttpResponse<Stream<String>> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/lines-that-wait")).build(), HttpResponse.BodyHandlers.ofLines());
        Iterator<String> lines = answer.body().iterator();
        assertThat(lines.next()).hasSize(20_002);
        READ.countDown();
        assertThat(lines.next()).as("whether the first was read before this one was written").isEqualTo("true");
    }
}
