package brachion.server.shell;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.Client;
import brachion.server.Wire;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Many who ask for a map at once are answered one after the other, or asked to come again; small questions go past them. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BigQuestionsTest {

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
}
