package brachion.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** All a shop keeps as one JSON document, held against its schema by an independent validator (networknt json-schema-validator). */
@ServerTest
class ShopDocumentTest extends KeptShopTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    /** As many programs write what they have read: pretty, and by the alphabet. */
    private static final JsonMapper SORTED = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY).build();

    private Set<?> faults(byte[] document) throws IOException {
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(new String(bytes("/api/backup/schema"), StandardCharsets.UTF_8))
                .validate(new com.fasterxml.jackson.databind.ObjectMapper().readTree(document));
    }

    private MvcTestResult bringBack(byte[] document) {
        return restore(document, BackupTypes.DOCUMENT);
    }

    private static Map<String, String> rows(byte[] zip) throws IOException {
        Map<String, String> rows = entries(zip);
        rows.remove("brachion.json");
        return fromItsFirstTrial(rows);
    }

    @Test
    void it_holds_to_its_schema_and_comes_back_to_the_last_row() throws IOException {
        fillTheShop();
        Map<String, String> before = rows(bytes("/api/backup"));
        byte[] document = bytes("/api/backup/document");
        assertThat(faults(document)).isEmpty();
        JsonNode tables = JSON.readTree(document).path("tables");
        assertThat(tables.path("photo_image").path(0).path("jpeg").binaryValue()).as("a photograph is in it").startsWith(0xFF, 0xD8);
        assertThat(tables.path("person").path(0).path("name").asString()).isEqualTo("Odo");

        emptyTheShop();
        MvcTestResult answer = bringBack(document);
        assertThat(answer).hasStatusOk();
        assertThat(Wire.read(answer, "$.rows", Long.class)).isEqualTo(tables.valueStream().mapToLong(JsonNode::size).sum());
        assertThat(rows(bytes("/api/backup"))).isEqualTo(before);
    }

    @Test
    void another_program_may_have_written_it_in_another_order() throws IOException {
        fillTheShop();
        Map<String, String> before = rows(bytes("/api/backup"));
        byte[] sorted = SORTED.writeValueAsBytes(JSON.treeToValue(JSON.readTree(bytes("/api/backup/document")), Map.class));
        assertThat(new String(sorted, StandardCharsets.UTF_8)).startsWith("{").contains("\n").containsSubsequence("\"format\"", "\"tables\"", "\"bench_item\"", "\"wood\"", "\"version\"");
        emptyTheShop();
        assertThat(bringBack(("\uFEFF" + new String(sorted, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8))).hasStatusOk();
        assertThat(rows(bytes("/api/backup"))).isEqualTo(before);
    }

    private static byte[] changed(byte[] document, Consumer<ObjectNode> change) {
        ObjectNode tree = (ObjectNode) JSON.readTree(document);
        change.accept(tree);
        return JSON.writeValueAsBytes(tree);
    }

    private static ObjectNode firstRow(ObjectNode document, String table) {
        return (ObjectNode) document.path("tables").path(table).path(0);
    }

    @Test
    void what_cannot_come_back_is_refused_in_words_and_nothing_is_touched() {
        fillTheShop();
        byte[] document = bytes("/api/backup/document");
        emptyTheShop();
        refused(bringBack(Arrays.copyOf(document, document.length / 2)), "breaks off or is damaged");
        refused(bringBack((new String(document, StandardCharsets.UTF_8) + "{}").getBytes(StandardCharsets.UTF_8)), "behind its end");
        refused(bringBack(("{\"product\": \"" + "x".repeat(33_000_000)).getBytes(StandardCharsets.UTF_8)), "breaks off or is damaged");
        refused(bringBack("{\"format\": \"brachion-trials\"}".getBytes(StandardCharsets.UTF_8)), "holds no shop");
        Map<String, Consumer<ObjectNode>> wrong = Map.of(
                "newer version of Brachion wrote this document", tree -> tree.put("version", 2),
                "newer version of Brachion (", tree -> tree.put("schema", "999"),
                "older version", tree -> tree.put("schema", "3"),
                "does not say its “shop”", tree -> tree.remove("shop"),
                "is no moment", tree -> tree.put("madeAt", "yesterday"),
                "no table “clamps”", tree -> ((ObjectNode) tree.path("tables")).putArray("clamps"),
                "no list of rows", tree -> ((ObjectNode) tree.path("tables")).put("person", "Odo"),
                "no column “nickname”", tree -> firstRow(tree, "person").put("nickname", "O"),
                "“trial” holds what does not fit", tree -> firstRow(tree, "trial").put("logged_at", "noon"),
                "“photo_image” holds what does not fit", tree -> firstRow(tree, "photo_image").put("photo_id", 77_777));
        wrong.forEach((why, change) -> refused(bringBack(changed(document, change)), why));
        refused(bringBack(changed(document, tree -> ((ArrayNode) tree.path("tables").path("person")).add("Odo"))), "holds something that is no row");
        List.of("trial", "person", "photo").forEach(table ->
                assertThat(database.queryForObject("select count(*) from " + table, Integer.class)).as(table).isZero());
        assertThat(bringBack(document)).hasStatusOk();
        assertThat(bringBack(document)).as("and no second time").hasStatus(HttpStatus.CONFLICT);
    }
}
