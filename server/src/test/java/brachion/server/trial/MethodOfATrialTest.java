package brachion.server.trial;

import static brachion.server.Wire.post;
import static brachion.server.Wire.read;
import static brachion.server.Wire.recipe;
import static brachion.server.Wire.refusedFields;
import static brachion.server.Wire.trial;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** How the way a piece is bent travels, is kept and is refused. */
@ServerTest
class MethodOfATrialTest {

    private static final String CLEAN = "{\"severity\": \"CLEAN\", \"releasedRadiusMm\": 208}";
    private static final String BAG = "{\"kind\": \"STEAM_BAG\", \"soakHours\": 0, \"steamMinutes\": 45, \"bagC\": 98, \"bent\": \"IN_THE_BAG\"}";
    private static final String IN_PLACE = "{\"kind\": \"STEAM_IN_PLACE\", \"soakHours\": 12, \"soakAdditive\": \"SOFTENER\", \"steamMinutes\": 45, "
            + "\"bagC\": 97.5, \"steamOnMinutes\": 15, \"holdHours\": 36, \"strap\": {\"material\": \"STEEL\", \"thicknessMm\": 0.9, \"endGapMm\": 0}}";
    private static final String BATH = "{\"kind\": \"HOT_BATH\", \"soakHours\": 0, \"bathMinutes\": 25, \"bathC\": 98, \"carrySeconds\": 15}";

    private static final String PIPE = "{\"kind\": \"HOT_PIPE\", \"soakHours\": 0, \"pipeMinutes\": 3, \"pipeC\": 130, \"contactPercent\": 15, \"face\": \"DRY\", "
            + "\"strap\": {\"material\": \"STEEL\", \"thicknessMm\": 0.5, \"endGapMm\": 1, \"coveredPercent\": 60, \"ends\": \"GRIPPED\"}}";
    private static final String FREE = "{\"kind\": \"FREE_BENDING\", \"soakHours\": 2, \"steamMinutes\": 40, \"bagC\": 98, \"holdHours\": 24}";
    private static final String ROD = "{\"kind\": \"GREEN_ROD\", \"soakHours\": 0, \"steamMinutes\": 40, \"chamberC\": 98, \"carrySeconds\": 15, "
            + "\"thinnedMm\": 8, \"thinnedOverMm\": 900, \"shaped\": \"HALF_ROUND_FLAT_OUTSIDE\"}";
    private static final String PLIES = "{\"kind\": \"STEAMED_PLIES\", \"soakHours\": 0, \"steamMinutes\": 30, \"chamberC\": 98, \"carrySeconds\": 15, "
            + "\"glue\": \"EPOXY\", \"plies\": 4}";
    private static final String KERF = "{\"kind\": \"KERF_BENDING\", \"kerfMm\": 3.2, \"webMm\": 1.6, \"pitchMm\": 8, \"board\": \"PLYWOOD\", \"backerMm\": 3.2}";
    private static final String PLATE = "{\"kind\": \"PRESSED_PLATE\", \"soakHours\": 0.25, \"bathMinutes\": 30, \"bathC\": 96, \"acrossRiseMm\": 2.5, \"rounds\": 4, "
            + "\"between\": \"NOTHING\", \"bag\": \"OPEN\", \"holdHours\": 200}";
    private static final String KERFED_PLIES = "{\"kind\": \"KERFED_PLIES\", \"glue\": \"EPOXY\", \"plies\": 3, \"cleanMm\": 1.6, \"kerfMm\": 3.2, \"webMm\": 2, \"pitchMm\": 8}";
    private static final List<String> OF_OTHER_FAMILIES = List.of(Wire.EIGHT_PLIES, KERF, KERFED_PLIES, PLATE);

    @Autowired
    private MockMvcTester mvc;
    @Autowired
    private JdbcTemplate database;

    private MvcTestResult log(String method) {
        return post(mvc, "/api/trials", trial(recipe(12, 200, method), CLEAN));
    }

    static List<String> ways() {
        return List.of(Wire.STEAM, Wire.STEEL_STRAP, Wire.EIGHT_PLIES, BAG, IN_PLACE, BATH, PIPE, FREE, ROD, PLIES, KERF, KERFED_PLIES, PLATE);
    }

    /** A plate is no plate any more half round. */
    private static String bent(String method) {
        String halfRound = recipe(12, 200, method);
        return method.equals(PLATE) ? halfRound.replaceFirst("\"angleDegrees\": [0-9.]+", "\"angleDegrees\": 20") : halfRound;
    }

    @ParameterizedTest
    @MethodSource("ways")
    void every_way_comes_back_as_it_was_sent_and_is_forecast(String method) {
        long id = read(post(mvc, "/api/trials", trial(bent(method), CLEAN)), "$.id", Long.class);
        MvcTestResult kept = mvc.get().uri("/api/trials/" + id).exchange();
        assertThat(kept).bodyJson().isLenientlyEqualTo("{\"recipe\": {\"method\": %s}}".formatted(method));
        MvcTestResult forecast = Wire.forecast(mvc, bent(method));
        assertThat(read(forecast, "$.unbroken.probability", Double.class)).isBetween(0.0, 1.0);
        assertThat(read(forecast, "$.evidence.trialsThisWay", Integer.class)).isEqualTo(1);
        log(Wire.STEAM);
        MvcTestResult after = Wire.forecast(mvc, recipe(12, 200, BAG));
        boolean hot = !OF_OTHER_FAMILIES.contains(method);
        assertThat(read(after, "$.evidence.trialsOfFamily", Integer.class)).isEqualTo(hot ? 2 : 1);
        assertThat(read(after, "$.evidence.trialsThisWay", Integer.class)).isEqualTo(method.equals(BAG) ? 1 : 0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{\"kind\": \"STEAM_BOX\"}|soakHours steamMinutes chamberC carrySeconds",
        "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"TAR\", \"plies\": 2.5}|glue plies",
        "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"PVA\", \"plies\": 4, \"steamMinutes\": 30}|steamMinutes",
        "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"PVA\", \"plies\": 4, \"strap\": {\"material\": \"STEEL\"}}|strap.material",
        "{\"kind\": \"HOT_BATH\", \"soakHours\": 0, \"bathMinutes\": [1], \"bathC\": {\"of\": 1}, \"carrySeconds\": \"15\"}|bathMinutes bathC carrySeconds bathC.of",
        "{\"glue\": \"PVA\", \"plies\": 4}|kind"})
    void a_setting_that_is_wrong_is_named_by_its_place(String method, String fields) {
        assertThat(refusedFields(log(method))).containsExactlyInAnyOrder(
                Arrays.stream(fields.split(" ")).map(field -> "recipe.method." + field).toArray(String[]::new));
    }

    /** What cannot be done to this piece and this curve, 12 mm round 200 mm, is named with what would be accepted. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "webMm\": 1.6|webMm\": 12|method.webMm|less than 12.0 mm",
        "pitchMm\": 8|pitchMm\": 120|method.pitchMm|no further apart than",
        "kerfMm\": 3.2|kerfMm\": 0|method.kerfMm|between 0.3 and 12 mm"})
    void cuts_that_cannot_be_are_refused(String right, String wrong, String field, String sentence) {
        MvcTestResult refused = log(KERF.replace(right, wrong));
        assertThat(refusedFields(refused)).containsExactly("recipe." + field);
        assertThat(refused).bodyText().contains(sentence);
    }

    @Test
    void a_pipe_colder_than_any_shop_and_a_rod_of_plies_are_refused() {
        assertThat(refusedFields(log(PIPE.replace("130", "15")))).containsExactly("recipe.method.pipeC");
        assertThat(refusedFields(log(ROD.replace("\"thinnedMm\": 8", "\"thinnedMm\": 13")))).containsExactly("recipe.method.thinnedMm");
        assertThat(refusedFields(log(KERFED_PLIES.replace("1.6", "13")))).containsExactly("recipe.method.cleanMm");
        assertThat(refusedFields(log(KERFED_PLIES.replace("\"plies\": 3", "\"plies\": 1")))).containsExactly("recipe.method.plies");
        assertThat(refusedFields(log(PLATE.replace("2.5", "100")))).containsExactly("recipe.method.acrossRiseMm");
        assertThat(refusedFields(log(PLATE.replace("\"rounds\": 4", "\"rounds\": 0.5")))).containsExactly("recipe.method.rounds");
        String round = trial(recipe(12, 200, PLIES).replaceFirst("\"widthMm\"", "\"outline\": \"ROUND\", \"widthMm\""), CLEAN);
        assertThat(refusedFields(post(mvc, "/api/trials", round))).containsExactly("recipe.blank.outline");
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"STEAM_BOX\"", "[]", "5", "{\"kind\": \"ROPES\"}", "{\"kind\": 7}", "{\"kind\": {}}"})
    void what_is_no_way_of_bending_is_refused(String method) {
        assertThat(log(method)).hasStatus(HttpStatus.BAD_REQUEST);
        assertThat(refusedFields(log(method))).allMatch(field -> field.startsWith("recipe.method"));
    }

    @Test
    void a_stage_that_took_longer_than_it_can_is_refused_by_its_place() {
        String done = "{\"stages\": [{\"kind\": \"%s\", \"actualMinutes\": %s}], \"chamber\": []}, \"outcome\"";
        String inPlace = trial(recipe(12, 200, IN_PLACE), CLEAN);
        assertThat(refusedFields(post(mvc, "/api/trials", inPlace.replace("\"outcome\"", "\"done\": " + done.formatted("STEAM_ON", 1000)))))
                .containsExactly("done.STEAM_ON");
        assertThat(refusedFields(post(mvc, "/api/trials", inPlace.replace("\"outcome\"", "\"done\": " + done.formatted("CARRY", 1)))))
                .containsExactly("done.stages");
        assertThat(post(mvc, "/api/trials", inPlace.replace("\"outcome\"", "\"done\": " + done.formatted("STEAM_ON", 40)))).hasStatus(HttpStatus.CREATED);
    }

    /** Somebody started an older version on the newer one's data: nothing is guessed, nothing lost, the rest goes on. */
    @Test
    void what_a_newer_version_wrote_is_refused_with_a_sentence_and_set_aside_by_the_fit() {
        long kept = read(log(Wire.STEAM), "$.id", Long.class);
        long newer = read(log(Wire.STEAM), "$.id", Long.class);
        long unknown = read(log(Wire.STEAM), "$.id", Long.class);
        database.update("update trial set settings = json_set(settings, '$.version', 2) where id = ?", newer);
        database.update("update trial set method = 'ROPES' where id = ?", unknown);
        database.update("update trial_revision set revision = revision + 1");
        for (long id : new long[] {newer, unknown}) {
            MvcTestResult refused = mvc.get().uri("/api/trials/" + id).exchange();
            assertThat(refused).hasStatus(HttpStatus.CONFLICT);
            assertThat(read(refused, "$.detail", String.class)).contains("A newer version of Brachion wrote this").contains("nothing is lost");
        }
        assertThat(mvc.get().uri("/api/trials/" + kept)).hasStatusOk();
        Wire.forecast(mvc, recipe(12, 200, Wire.STEAM));
        MvcTestResult evidence = mvc.get().uri("/api/evidence").exchange();
        assertThat(evidence).hasStatusOk();
        assertThat(evidence).bodyJson().extractingPath("$.setAside.length()").isEqualTo(2);
    }

    @Test
    void the_database_keeps_only_documents_with_a_version() {
        long id = read(log(Wire.STEAM), "$.id", Long.class);
        for (String document : new String[] {"steam", "{}", "{\"version\": 0}"}) {
            assertThatThrownBy(() -> database.update("update trial set settings = ? where id = ?", document, id))
                    .isInstanceOf(DataAccessException.class).hasMessageContaining("trial_settings");
        }
    }
}
