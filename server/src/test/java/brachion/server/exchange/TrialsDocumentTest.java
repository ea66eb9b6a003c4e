package brachion.server.exchange;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import brachion.server.recipe.Workshops;
import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Records as a JSON document, held against its schema by an independent validator (networknt json-schema-validator). */
@ServerTest
class TrialsDocumentTest {

    private static final Path COMMITTED = Path.of("src/main/resources/schema/trials.schema.json");
    private static final JsonMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String COMPONENTS = "#/components/schemas/";
    private static final String DEFINITIONS = "#/$defs/";

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private TrialsDocument document;

    @Autowired
    private Workshops workshops;

    @Autowired
    private Trials trials;

    private static MvcTestResult bringIn(MockMvcTester mvc, byte[] file) {
        return Wire.table(mvc, "/api/exchange/trials?fileName=trials.json", file);
    }

    private JsonSchema schema() throws IOException {
        return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(mvc.get().uri("/api/exchange/schema").exchange().getResponse().getContentAsString());
    }

    private static Set<?> faults(JsonSchema schema, byte[] document) throws IOException {
        return schema.validate(new com.fasterxml.jackson.databind.ObjectMapper().readTree(document));
    }

    /** What the interface says of a trial is what a document may hold. Refreshed by running this test with {@code -Dopenapi.write=true}. */
    @Test
    void the_committed_schema_says_what_the_interface_says() throws Exception {
        JsonNode components = JSON.readTree(mvc.get().uri("/v3/api-docs").exchange().getResponse().getContentAsString()).path("components").path("schemas");
        Map<String, JsonNode> definitions = new LinkedHashMap<>();
        define("TrialFields", components, definitions);
        ObjectNode schema = JSON.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", "Records of bends")
                .put("description", "Lengths in mm, temperatures in °C, moisture in per cent of oven-dry mass.").put("type", "object");
        ObjectNode properties = schema.putObject("properties");
        properties.putObject("format").put("const", TrialsDocument.FORMAT);
        properties.putObject("version").put("const", TrialsDocument.VERSION);
        properties.putObject("trials").put("type", "array").putObject("items").put("$ref", DEFINITIONS + "TrialFields");
        schema.putArray("required").add("format").add("version").add("trials");
        ObjectNode defined = schema.putObject("$defs");
        new TreeSet<>(definitions.keySet()).forEach(name -> defined.set(name, definitions.get(name)));
        String pretty = JSON.writeValueAsString(schema).replace("\r\n", "\n").replace(COMPONENTS, DEFINITIONS) + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(COMMITTED, pretty, StandardCharsets.UTF_8);
        }
        assertThat(Files.readString(COMMITTED, StandardCharsets.UTF_8)).isEqualTo(pretty);
    }

    private static void define(String name, JsonNode components, Map<String, JsonNode> definitions) {
        JsonNode component = components.path(name);
        if (definitions.putIfAbsent(name, component) == null) {
            component.findValues("$ref").forEach(ref -> define(ref.asString().substring(COMPONENTS.length()), components, definitions));
        }
    }

    @Test
    void two_years_of_records_hold_to_the_schema_and_come_back_as_the_same_records() throws Exception {
        // what a test before left of the sample workshop is not all of it
        assertThat(delete(mvc, "/api/sample")).hasStatus2xxSuccessful();
        assertThat(put(mvc, "/api/sample", "")).hasStatus2xxSuccessful();
        byte[] taken = mvc.get().uri("/api/exchange/document?shop=sample").exchange().getResponse().getContentAsByteArray();
        assertThat(faults(schema(), taken)).isEmpty();
        int all = JSON.readTree(taken).path("trials").size();
        assertThat(all).isGreaterThan(150);
        MvcTestResult came = bringIn(mvc, taken);
        assertThat(came).hasStatusOk();
        assertThat(read(came, "$.coming", Integer.class)).isEqualTo(all);
        byte[] again = mvc.get().uri("/api/exchange/document").exchange().getResponse().getContentAsByteArray();
        assertThat(JSON.readTree(again)).isEqualTo(JSON.readTree(taken));
        MvcTestResult twice = bringIn(mvc, again);
        assertThat(read(twice, "$.coming", Integer.class)).isZero();
        assertThat(read(twice, "$.alreadyHere", Integer.class)).isEqualTo(all);
        assertThat(read(Wire.table(mvc, "/api/exchange/notebooks", taken),
                "$.ours", Boolean.class)).isTrue();
        assertThat(delete(mvc, "/api/sample")).hasStatus2xxSuccessful();
    }

    /** Quotes, line ends, formulas, signs beyond the first plane: what can be written down comes back letter by letter. */
    @Test
    void whatever_a_note_says_comes_back() throws IOException {
        Random luck = new Random(11);
        post(mvc, "/api/trials", Wire.cleanTrial());
        TrialFields plain = Wire.written(trials).get(0);
        List<TrialFields> all = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            StringBuilder note = new StringBuilder();
            luck.ints(luck.nextInt(40), 0, 9).mapToObj(kind -> switch (kind) {
                case 0 -> "\"";
                case 1 -> "\r\n";
                case 2 -> "=1+1";
                case 3 -> "\\u0041";
                case 4 -> Character.toString(0x1F332 + luck.nextInt(40));
                case 5 -> ",;\t";
                case 6 -> "\uFEFF";
                default -> Character.toString('a' + luck.nextInt(26));
            }).forEach(note::append);
            all.add(new TrialFields(plain.bentOn(), plain.recipe(), plain.done(), plain.outcome(), note.toString()));
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (TrialsDocument.Writing writing = document.writing(file)) {
            for (TrialFields trial : all) {
                writing.trial(trial);
            }
        }
        List<TrialFields> back = new ArrayList<>();
        document.read(new ByteArrayInputStream(file.toByteArray()), workshops.now(), back::add);
        assertThat(back).isEqualTo(all);
    }

    @Test
    void what_is_no_such_document_is_refused_in_words_and_nothing_comes_in() throws Exception {
        post(mvc, "/api/trials", Wire.cleanTrial());
        byte[] good = mvc.get().uri("/api/exchange/document").exchange().getResponse().getContentAsByteArray();
        String text = new String(good, StandardCharsets.UTF_8);
        Map<String, String> damaged = Map.of(
                "trials[0].outcome.severity", text.replace("\"CLEAN\"", "\"SPLENDID\""),
                "trials[0].recipe.blank.thicknessMm", text.replaceFirst("(\"thicknessMm\":)[\\d.]+", "$1-3"),
                "trials[0].bentOn", text.replaceFirst("\"bentOn\":\"[^\"]+\",", ""));
        for (Map.Entry<String, String> each : damaged.entrySet()) {
            byte[] file = each.getValue().getBytes(StandardCharsets.UTF_8);
            assertThat(each.getValue()).isNotEqualTo(text);
            assertThat(refusedFields(bringIn(mvc, file))).containsExactly(each.getKey());
            assertThat(faults(schema(), file)).as("the schema refuses it, too: " + each.getKey()).isNotEmpty();
        }
        assertThat(bringIn(mvc, text.substring(0, text.length() / 2).getBytes(StandardCharsets.UTF_8))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("breaks off");
        assertThat(bringIn(mvc, "{\"a\": 1}".getBytes(StandardCharsets.UTF_8))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("holds no bends");
        assertThat(bringIn(mvc, text.replace("\"version\": 1", "\"version\": 2").getBytes(StandardCharsets.UTF_8))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("newer version");
        assertThat(bringIn(mvc, ("{\"format\": \"brachion-trials\", \"version\": 1, \"trials\": " + "[".repeat(100_000)).getBytes(StandardCharsets.UTF_8))).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(Wire.written(trials)).hasSize(1);
    }
}
