package brachion.server.find;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.jayway.jsonpath.JsonPath;
import com.jayway.jsonpath.Option;
import com.jayway.jsonpath.ParseContext;
import java.io.UnsupportedEncodingException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What is found and counted by the database, held against going through the records one by one. */
@ServerTest
class FindApiTest {

    private static final String[] NOTES = {"went at once", "snapped near the 50% mark", "", "soft_wood smell", "\\\\ back slash"};
    private static final String[] HANDS = {"Odo", "Tamsin", null};
    private static final String[] ENDS = {"{\"severity\": \"CLEAN\"}", "{\"severity\": \"FLAW\", \"flaw\": \"OUTER_SPLINTER\"}", "{\"severity\": \"BROKEN\", \"flaw\": \"SNAP\"}"};
    /** Numbers the records have, by where they stand in one. */
    private static final Map<String, String> NUMBERS = Map.of("thicknessMm", "$.recipe.blank.thicknessMm", "innerRadiusMm", "$.recipe.innerRadiusMm",
            "steamMinutes", "$.recipe.method.steamMinutes", "plies", "$.recipe.method.plies", "chamberC", "$.recipe.method.chamberC");
    private static final Map<String, String> WORDS = Map.of("severity", "$.outcome.severity", "flaw", "$.outcome.flaw", "method", "$.recipe.method.kind", "wood", "$.recipe.blank.speciesId",
            "strap.material", "$.recipe.method.strap.material", "glue", "$.recipe.method.glue");
    private static final ParseContext LENIENT = JsonPath.using(com.jayway.jsonpath.Configuration.defaultConfiguration().addOptions(Option.SUPPRESS_EXCEPTIONS));

    @Autowired
    private MockMvcTester mvc;

    @Autowired
    private JdbcTemplate database;

    /** Every record, the newest first. */
    private List<Map<String, Object>> records;

    @BeforeEach
    void many_records() throws UnsupportedEncodingException {
        Random luck = new Random(20_261_127);
        for (int i = 0; i < 60; i++) {
            String method = List.of(Wire.STEAM.replace("45", String.valueOf(20 + 5 * luck.nextInt(12))), Wire.STEEL_STRAP, Wire.EIGHT_PLIES).get(luck.nextInt(3));
            double thickness = method.equals(Wire.EIGHT_PLIES) ? 3 : 3.175 * (1 + luck.nextInt(9));
            String recipe = Wire.recipe(thickness, 100 + 25.4 * luck.nextInt(12), method);
            String person = HANDS[luck.nextInt(HANDS.length)];
            String trial = Wire.trial(person == null ? recipe : recipe.replaceFirst("\\{", "{\"person\": \"" + person + "\", "), ENDS[luck.nextInt(ENDS.length)])
                    .replace("2026-11-24", LocalDate.of(2025, 6, 1).plusDays(luck.nextInt(400)).toString()).replace("Crook handle", NOTES[luck.nextInt(NOTES.length)]);
            if (luck.nextInt(4) == 0) {
                trial = trial.replace("white-ash", "red-oak");
            }
            assertThat(post(mvc, "/api/trials", trial)).hasStatus(HttpStatus.CREATED);
        }
        records = JsonPath.parse(mvc.get().uri("/api/trials?size=200").exchange().getResponse().getContentAsString()).read("$.trials");
        assertThat(records).hasSize(60);
    }

    private MvcTestResult found(String conditions, String words, String sortBy, boolean falling) {
        String asked = "{\"words\": \"%s\", \"conditions\": [%s], \"sortBy\": %s, \"falling\": %s}".formatted(words, conditions, sortBy == null ? "null" : "\"" + sortBy + "\"", falling);
        MvcTestResult answer = post(mvc, "/api/records/found?many=200", asked);
        assertThat(answer).hasStatusOk();
        assertThat(read(post(mvc, "/api/records/count", asked), "$.total", Integer.class)).isEqualTo(read(answer, "$.trials.length()", Integer.class));
        return answer;
    }

    private static List<?> keys(MvcTestResult found) {
        return read(found, "$.trials[*].id", List.class);
    }

    private List<Object> keysOf(Predicate<Map<String, Object>> those) {
        return records.stream().filter(those).map(record -> record.get("id")).toList();
    }

    private static Double number(Map<String, Object> record, String path) {
        Object value = LENIENT.parse(record).read(path);
        return value == null ? null : ((Number) value).doubleValue();
    }

    @Test
    void every_number_is_found_between_bounds_and_puts_records_in_order() {
        NUMBERS.forEach((fact, path) -> {
            List<Double> values = records.stream().map(record -> number(record, path)).filter(value -> value != null).sorted().toList();
            double from = values.get(values.size() / 4);
            double below = values.get(values.size() * 3 / 4);
            Predicate<Map<String, Object>> between = record -> number(record, path) != null && number(record, path) >= from && (number(record, path) < below || from == below);
            assertThat(keys(found("{\"fact\": \"%s\", \"from\": %s, \"below\": %s}".formatted(fact, from, below), "", null, true))).as(fact).isEqualTo(keysOf(between));
            List<Double> rising = new ArrayList<>();
            List<Map<String, Object>> sorted = read(found("", "", fact, false), "$.trials", List.class);
            sorted.forEach(record -> rising.add(number(record, path)));
            assertThat(rising).as(fact).isSortedAccordingTo(Comparator.nullsLast(Comparator.naturalOrder()));
            List<Map<String, Object>> down = read(found("", "", fact, true), "$.trials", List.class);
            assertThat(down.stream().map(record -> number(record, path)).toList()).as("the greatest first, those that do not say last").isSortedAccordingTo(Comparator.nullsLast(Comparator.reverseOrder()));
        });
    }

    @Test
    void every_word_is_found_and_counted_as_often_as_it_stands_there() {
        WORDS.forEach((fact, path) -> {
            MvcTestResult tally = post(mvc, "/api/records/tally", "{\"of\": {\"conditions\": [], \"falling\": true}, \"rows\": \"%s\", \"units\": \"METRIC\"}".formatted(fact));
            List<String> values = read(tally, "$.rows[*].key", List.class);
            for (int i = 0; i < values.size(); i++) {
                String value = values.get(i);
                Predicate<Map<String, Object>> is = record -> value.equals(LENIENT.parse(record).read(path)) || value.isEmpty() && LENIENT.parse(record).read(path) == null;
                assertThat(read(tally, "$.cells[%d][0].trials".formatted(i), Integer.class)).as(fact + " " + value).isEqualTo(keysOf(is).size()).isPositive();
                assertThat(read(tally, "$.cells[%d][0].broken".formatted(i), Integer.class)).isEqualTo(keysOf(is.and(record -> "BROKEN".equals(LENIENT.parse(record).read("$.outcome.severity")))).size());
                assertThat(keys(found("{\"fact\": \"%s\", \"among\": [\"%s\"]}".formatted(fact, value), "", null, true))).isEqualTo(keysOf(is));
            }
            assertThat(read(tally, "$.left", Integer.class)).isZero();
        });
    }

    @Test
    void words_stand_in_notes_and_in_names_whatever_signs_they_have() {
        assertThat(keys(found("", "SNAPPED near", null, true))).isEqualTo(keysOf(record -> record.get("note").equals(NOTES[1]))).isNotEmpty();
        assertThat(keys(found("", "50%", null, true))).as("no placeholder").hasSameSizeAs(keysOf(record -> record.get("note").equals(NOTES[1])));
        assertThat(keys(found("", "t_w", null, true))).hasSameSizeAs(keysOf(record -> record.get("note").equals(NOTES[3])));
        assertThat(keys(found("", "\\\\", null, true))).hasSameSizeAs(keysOf(record -> record.get("note").toString().startsWith("\\")));
        assertThat(keys(found("", "tams", null, true))).isEqualTo(keysOf(record -> "Tamsin".equals(LENIENT.parse(record).read("$.recipe.person")))).isNotEmpty();
        assertThat(keys(found("", "nobody wrote this", null, true))).isEmpty();
        assertThat(keys(found("", "'; drop table trial; --", null, true))).isEmpty();
        assertThat(keys(found("", "", null, true))).hasSize(60);
    }

    @Test
    void two_facts_make_a_table_and_a_band_leads_to_its_records() {
        MvcTestResult tally = post(mvc, "/api/records/tally", "{\"of\": {\"conditions\": [{\"fact\": \"method\", \"among\": [\"STEAM_BOX\"]}], \"falling\": true}, \"rows\": \"thicknessMm\", \"columns\": \"person\", \"units\": \"INCH\"}");
        assertThat(tally).hasStatusOk();
        assertThat(read(tally, "$.columns[*].label", List.class)).containsOnly("Odo", "Tamsin");
        List<Map<String, Object>> rows = read(tally, "$.rows", List.class);
        List<Map<String, Object>> columns = read(tally, "$.columns", List.class);
        int all = 0;
        for (int r = 0; r < rows.size(); r++) {
            double from = ((Number) rows.get(r).get("from")).doubleValue();
            double below = ((Number) rows.get(r).get("below")).doubleValue();
            assertThat(from / 25.4 * 16).as("a mark of the rule").isCloseTo(Math.rint(from / 25.4 * 16), within(1e-6));
            for (int c = 0; c < columns.size(); c++) {
                int trials = read(tally, "$.cells[%d][%d].trials".formatted(r, c), Integer.class);
                all += trials;
                assertThat(keys(found("{\"fact\": \"method\", \"among\": [\"STEAM_BOX\"]}, {\"fact\": \"thicknessMm\", \"from\": %s, \"below\": %s}, {\"fact\": \"person\", \"among\": [\"%s\"]}"
                        .formatted(from, below, columns.get(c).get("key")), "", null, true))).hasSize(trials);
            }
        }
        assertThat(all).isEqualTo(keysOf(record -> "STEAM_BOX".equals(LENIENT.parse(record).read("$.recipe.method.kind"))).size());
    }

    @Test
    void days_are_found_between_days_and_counted_by_the_month() {
        Predicate<Map<String, Object>> march = record -> record.get("bentOn").toString().startsWith("2026-03");
        assertThat(keys(found("{\"fact\": \"day\", \"since\": \"2026-03-01\", \"until\": \"2026-03-31\"}", "", null, true))).isEqualTo(keysOf(march));
        assertThat(keys(found("{\"fact\": \"month\", \"among\": [\"2026-03\"]}", "", null, true))).isEqualTo(keysOf(march));
        List<String> days = read(found("", "", "day", false), "$.trials[*].bentOn", List.class);
        assertThat(days).isSorted();
    }

    @Test
    void pages_follow_each_other_without_a_gap() {
        List<Object> all = new ArrayList<>();
        for (int from = 0; from < 60; from += 25) {
            all.addAll(read(post(mvc, "/api/records/found?many=25&from=" + from, "{\"conditions\": [], \"sortBy\": \"severity\", \"falling\": false}"), "$.trials[*].id", List.class));
        }
        assertThat(all).hasSize(60).doesNotHaveDuplicates();
    }

    /** Whoever scrolls far down is answered from what was counted off once; as from the front. */
    @Test
    void far_down_it_goes_on_as_it_began() {
        String columns = database.queryForObject("select group_concat(column_name) from information_schema.columns where table_schema = database() and table_name = 'trial' and column_name <> 'id'",
                String.class);
        database.update("insert into trial (" + columns + ") select " + columns + " from trial join (select 1 n union all select id from trial limit 20) copies");
        List<Long> inOrder = database.queryForList("select id from trial order by thickness_mm, bent_on, id", Long.class);
        assertThat(inOrder).hasSizeGreaterThan(1200);
        for (int from : new int[] {950, 1000, 1001, 1130, inOrder.size() - 10, inOrder.size() + 10}) {
            List<Number> page = read(post(mvc, "/api/records/found?many=50&from=" + from, "{\"conditions\": [], \"sortBy\": \"thicknessMm\", \"falling\": false}"), "$.trials[*].id", List.class);
            assertThat(page.stream().map(Number::longValue)).as("from " + from).isEqualTo(inOrder.subList(Math.min(from, inOrder.size()), Math.min(from + 50, inOrder.size())));
        }
    }

    @Test
    void what_cannot_be_asked_is_refused_by_name() {
        assertThat(refusedFields(post(mvc, "/api/records/found", "{\"conditions\": [{\"fact\": \"1=1\"}], \"falling\": true}"))).containsExactly("conditions[0]");
        assertThat(refusedFields(post(mvc, "/api/records/found", "{\"conditions\": [{\"fact\": \"wood\", \"from\": 2}], \"falling\": true}"))).containsExactly("conditions[0]");
        assertThat(refusedFields(post(mvc, "/api/records/found", "{\"conditions\": [{\"fact\": \"widthMm\", \"among\": [\"2\"]}], \"falling\": true}"))).containsExactly("conditions[0]");
        assertThat(refusedFields(post(mvc, "/api/records/found", "{\"conditions\": [], \"sortBy\": \"id; drop\", \"falling\": true}"))).containsExactly("sortBy");
        assertThat(post(mvc, "/api/records/found?many=1000", "{\"conditions\": [], \"falling\": true}")).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(refusedFields(post(mvc, "/api/records/tally", "{\"of\": {\"conditions\": [], \"falling\": true}, \"rows\": \"day\", \"units\": \"METRIC\"}"))).containsExactly("rows");
    }

    @Test
    void a_view_is_kept_by_its_name_and_can_be_brought_back() {
        String view = "{\"name\": \" Broken oak \", \"find\": {\"words\": \"snap\", \"conditions\": [{\"fact\": \"wood\", \"among\": [\"red-oak\"]}], \"falling\": true}, \"rows\": \"month\"}";
        long id = read(post(mvc, "/api/records/views", view), "$.id", Long.class);
        assertThat(read(post(mvc, "/api/records/views", view.replace("snap", "crack")), "$.id", Long.class)).isEqualTo(id);
        assertThat(read(mvc.get().uri("/api/records/views").exchange(), "$[0].view.find.words", String.class)).isEqualTo("crack");
        assertThat(read(mvc.get().uri("/api/records/views").exchange(), "$[0].name", String.class)).isEqualTo("Broken oak");
        assertThat(delete(mvc, "/api/records/views/" + id)).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(read(mvc.get().uri("/api/records/views").exchange(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/records/views/" + id + "/restoration", "")).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/records/views").exchange(), "$.length()", Integer.class)).isEqualTo(1);
        assertThat(refusedFields(post(mvc, "/api/records/views", view.replace(" Broken oak ", " ")))).containsExactly("name");
    }
}
