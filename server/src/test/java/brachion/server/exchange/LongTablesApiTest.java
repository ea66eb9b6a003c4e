package brachion.server.exchange;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.trial.Trials;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Tables with many rows, followed and stopped on their way, and tables of other shops. */
@ServerTest
class LongTablesApiTest {

    private static final String HEADINGS = "day,species,seasoning,moisture,thickness [mm],width [mm],inner radius [mm],bend angle,method,steam,chamber,ended,flaw,board\n";

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;
    @Autowired
    private Trials trials;

    private static String table(int rows) {
        return HEADINGS + IntStream.range(0, rows).mapToObj(i -> "2026-03-01,White ash,air dried,12 %%,%s,25,%s,90,steam box,45 min,98 °C,%s,A%d\n"
                .formatted(8 + i % 50 / 10.0, 150 + i, i % 3 == 0 ? "broken,snap" : "clean,", i % 7)).collect(Collectors.joining());
    }

    private MvcTestResult send(String uri, String key, String table) {
        return mvc.post().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf()).header("Idempotency-Key", key).contentType("text/csv")
                .content(table.getBytes(StandardCharsets.UTF_8)).exchange();
    }

    private MvcTestResult bringIn(String table, String otherShop) {
        return send("/api/exchange/trials?fileName=ledger.csv" + (otherShop == null ? "" : "&otherShop=" + otherShop), "key-" + System.nanoTime(), table);
    }

    private int here() {
        return database.queryForObject("select count(*) from trial where deleted_at is null", Integer.class);
    }

    private String taken(String of) {
        return new String(mvc.get().uri("/api/exchange/trials" + of).exchange().getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    @Test
    void a_table_can_be_followed_and_stopped_and_leaves_nothing() throws Exception {
        String table = table(12_000);
        String key = "stopped-" + System.nanoTime();
        CompletableFuture<MvcTestResult> coming = CompletableFuture.supplyAsync(() -> send("/api/exchange/trials?fileName=long.csv", key, table));
        int done = 0;
        while (done == 0) {
            assertThat(coming.isDone()).as("not at its end before anybody saw it").isFalse();
            MvcTestResult work = mvc.get().uri("/api/work/" + key).exchange();
            done = read(work, "$.done", Integer.class);
            assertThat(done == 0 || read(work, "$.of", Integer.class) == 12_000).isTrue();
        }
        assertThat(read(delete(mvc, "/api/work/" + key), "$.stopped", Boolean.class)).isTrue();
        assertThat(coming.get()).hasStatus(HttpStatus.CONFLICT);
        assertThat(here()).isZero();
        assertThat(read(mvc.get().uri("/api/exchange/tables").exchange(), "$.length()", Integer.class)).isZero();
        assertThat(read(mvc.get().uri("/api/work/" + key).exchange(), "$.underWay", Boolean.class)).isFalse();
        assertThat(send("/api/exchange/trials?fileName=long.csv", key, table(30))).as("the same key may come again, as after any refusal").hasStatusOk();
        assertThat(here()).isEqualTo(30);
    }

    @Test
    void what_is_done_or_never_was_does_not_stop() {
        String done = "key-" + System.nanoTime();
        assertThat(send("/api/exchange/trials?fileName=a.csv", done, table(3))).hasStatusOk();
        assertThat(read(delete(mvc, "/api/work/" + done), "$.stopped", Boolean.class)).isFalse();
        assertThat(read(delete(mvc, "/api/work/nobody-has-this-key"), "$.stopped", Boolean.class)).isFalse();
        assertThat(here()).isEqualTo(3);
    }

    /** Rows are written in portions; twins count across them, and keys come in the order of the table. */
    @Test
    void a_table_of_several_portions_comes_in_whole_in_its_order_and_but_once() {
        String table = table(2500);
        assertThat(read(bringIn(table, null), "$.coming", Integer.class)).isEqualTo(2500);
        assertThat(database.queryForList("select inner_radius_mm from trial order by id", Double.class)).isSorted().hasSize(2500);
        MvcTestResult again = bringIn(table + table.split("\n")[2400] + "\n", null);
        assertThat(read(again, "$.alreadyHere", Integer.class)).isEqualTo(2500);
        assertThat(read(again, "$.coming", Integer.class)).as("its twin is a piece of its own").isEqualTo(1);
        assertThat(taken("").lines().count()).isEqualTo(2502);
        MvcTestResult torn = send("/api/exchange/trials?fileName=x.csv&whole=true", "key-" + System.nanoTime(), table(1500).replace("150.0,", "") + "2026-03-01,no wood\n");
        assertThat(torn).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(here()).as("not even the portion before the fault").isEqualTo(2501);
    }

    @Test
    void another_shops_bends_are_never_taken_for_ones_own() {
        bringIn(table(4), null);
        MvcTestResult came = bringIn(table(10), "Oak Barn");
        assertThat(read(came, "$.coming", Integer.class)).as("what is one's own word for word is not another's").isEqualTo(6);
        assertThat(taken("").lines().count()).isEqualTo(5);
        long shop = database.queryForObject("select id from other_shop where name = 'Oak Barn'", Long.class);
        assertThat(taken("?otherShop=" + shop).lines().count()).isEqualTo(7);
        assertThat(mvc.get().uri("/api/exchange/document?otherShop=999999").exchange()).hasStatus(HttpStatus.NOT_FOUND);
        MvcTestResult tables = mvc.get().uri("/api/exchange/tables").exchange();
        assertThat(read(tables, "$[0].otherShop", String.class)).isEqualTo("Oak Barn");
        assertThat(read(bringIn(table(10), "Oak Barn"), "$.alreadyHere", Integer.class)).isEqualTo(10);

        assertThat(trials.recorded().trials()).extracting(trial -> trial.recipe().names().shop()).containsOnly("", "Oak Barn").hasSize(10);
        assertThat(trials.recorded().trials()).extracting(trial -> trial.recipe().names().board()).contains("A1", "A1 of Oak Barn");
        assertThat(read(mvc.get().uri("/api/names").exchange(), "$.boards[0].trials", Integer.class)).as("board A0 of another shop is not one's own").isEqualTo(1);
        MvcTestResult shops = mvc.get().uri("/api/other-shops").exchange();
        int version = read(shops, "$[0].version", Integer.class);
        assertThat(read(shops, "$[0].trials", Integer.class)).isEqualTo(6);
        long before = trials.revision();
        assertThat(put(mvc, "/api/other-shops/" + shop + "?version=" + version, "{\"name\": \"Oak Barn\", \"counted\": false}")).hasStatusOk();
        assertThat(trials.revision()).as("forecasts are made anew").isGreaterThan(before);
        assertThat(trials.recorded().trials()).extracting(trial -> trial.recipe().names().shop()).containsOnly("").hasSize(4);
        assertThat(put(mvc, "/api/other-shops/" + shop + "?version=" + version, "{\"name\": \"Oak Barn\", \"counted\": true}")).as("it was changed since").hasStatus(HttpStatus.CONFLICT);
        assertThat(refusedFields(put(mvc, "/api/other-shops/" + shop + "?version=" + (version + 1), "{\"name\": \" \", \"counted\": true}"))).containsExactly("name");
        assertThat(taken("?otherShop=" + shop).lines().count()).as("left out is not gone").isEqualTo(7);
    }

    /** Names are shown beside every form; over a hundred thousand trials they must not be counted in the trials themselves. */
    @Test
    void names_are_counted_in_an_index_alone() {
        bringIn(table(300), null);
        for (String kind : List.of("person", "board", "source")) {
            Map<String, Object> plan = database.queryForMap("explain select " + kind + "_id, count(*) from trial where shop = 'own' and deleted_at is null and other_shop_id is null "
                    + "group by " + kind + "_id");
            assertThat(String.valueOf(plan.get("Extra"))).as(kind).contains("Using index");
        }
    }

    /** A row of another shop's table that is mended later is that shop's, and goes with its table. */
    @Test
    void a_mended_row_stays_with_its_table() {
        MvcTestResult came = bringIn(table(2).replaceFirst("White ash", "Nowood"), "Oak Barn");
        assertThat(read(came, "$.left", Integer.class)).isEqualTo(1);
        MvcTestResult waiting = mvc.get().uri("/api/exchange/rows").exchange();
        String cells = tools.jackson.databind.json.JsonMapper.shared().writeValueAsString(read(waiting, "$[0].row.cells", List.class)).replace("Nowood", "White ash");
        assertThat(put(mvc, "/api/exchange/rows/" + read(waiting, "$[0].id", Long.class) + "?version=0", "{\"cells\": " + cells + "}")).hasStatusOk();
        assertThat(database.queryForList("select distinct brought_in_id from trial where other_shop_id is not null", Long.class)).hasSize(1);
        assertThat(delete(mvc, "/api/exchange/tables/" + read(came, "$.table", Long.class))).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(here()).isZero();
        assertThat(post(mvc, "/api/exchange/tables/999999/restoration", "")).hasStatus(HttpStatus.NOT_FOUND);
    }
}
