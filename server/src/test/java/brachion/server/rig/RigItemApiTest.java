package brachion.server.rig;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Things in the rig, and the pieces that have them. */
@ServerTest
class RigItemApiTest {

    @Autowired
    private MockMvcTester mvc;

    private static String thing(String kind, String name, int room, String more) {
        return "{\"kind\": \"%s\", \"name\": \"%s\", \"room\": %d, \"note\": \"\"%s}".formatted(kind, name, room, more);
    }

    private long added(String kind, String name, int room, String more) {
        MvcTestResult added = post(mvc, "/api/rig/items", thing(kind, name, room, more));
        assertThat(added).hasStatus(HttpStatus.CREATED);
        return read(added, "$.id", Long.class);
    }

    private MvcTestResult onBench(String name, String madeWith) {
        return post(mvc, "/api/bench", "{\"name\": \"%s\", \"recipe\": %s, \"madeWith\": [%s]}".formatted(name, Wire.recipe(12, 200, Wire.STEAM), madeWith));
    }

    private static String one(long item) {
        return "{\"itemId\": %d, \"takes\": 1}".formatted(item);
    }

    private void tap(long piece, Instant at, String... taps) {
        Instant moment = at;
        for (String tap : taps) {
            assertThat(post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"%s\", \"saidAt\": \"%s\"}".formatted(tap, moment))).as(tap).hasStatusOk();
            moment = moment.plusSeconds(10);
        }
    }

    private MvcTestResult use() {
        return mvc.get().uri("/api/bench/items").exchange();
    }

    @Test
    void a_thing_is_kept_changed_taken_away_and_put_back() {
        long id = added("FORM", " Seven inch form ", 1, ", \"radiusMm\": 177.8, \"angleDegrees\": 180, \"place\": \"North wall\"");
        assertThat(put(mvc, "/api/rig/items/" + id + "?version=0", thing("FORM", "Seven inch form", 2, ", \"radiusMm\": 180"))).hasStatusOk();
        assertThat(put(mvc, "/api/rig/items/" + id + "?version=0", thing("FORM", "Other", 2, ""))).hasStatus(HttpStatus.CONFLICT);
        long tin = added("GLUE", "Spring tin", 1, ", \"glue\": \"PVA\", \"openMinutes\": 12, \"label\": {\"closedMinutes\": 20, \"spreadGramsPerM2\": 180, \"wantsDamp\": false, \"batch\": \"B7\", \"openedOn\": \"2026-09-01\"}");
        assertThat(read(mvc.get().uri("/api/rig/items").exchange(), "$[1].item.label.batch", String.class)).isEqualTo("B7");
        assertThat(delete(mvc, "/api/rig/items/" + tin + "?version=0")).hasStatusOk();
        MvcTestResult all = mvc.get().uri("/api/rig/items").exchange();
        assertThat(read(all, "$[0].item.name", String.class)).isEqualTo("Seven inch form");
        assertThat(read(all, "$[0].item.radiusMm", Double.class)).isEqualTo(180);
        assertThat(delete(mvc, "/api/rig/items/" + id + "?version=1")).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/rig/items").exchange(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/rig/items/" + id + "/restoration", "")).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/rig/items").exchange(), "$.length()", Integer.class)).isEqualTo(1);
    }

    @Test
    void what_such_a_thing_does_not_have_is_refused_by_field() {
        assertThat(refusedFields(post(mvc, "/api/rig/items", thing("STRAP", "Strap", 1, ", \"radiusMm\": 100")))).containsExactly("radiusMm");
        assertThat(refusedFields(post(mvc, "/api/rig/items", thing("FORM", "Form", 1, ", \"glue\": \"PVA\"")))).containsExactly("glue");
        assertThat(refusedFields(post(mvc, "/api/rig/items", thing("FORM", "Form", 1, ", \"label\": {\"batch\": \"7\"}")))).containsExactly("label");
        assertThat(refusedFields(post(mvc, "/api/rig/items", thing("GLUE", "Tin", 1, ", \"label\": {\"pressureMpa\": 700}")))).containsExactly("label.pressureMpa");
        assertThat(refusedFields(post(mvc, "/api/rig/items", thing("FORM", "", 0, ", \"radiusMm\": 1")))).containsExactlyInAnyOrder("name", "room", "radiusMm");
        assertThat(refusedFields(onBench("Rib", one(4711)))).containsExactly("madeWith");
        long form = added("FORM", "Form", 1, "");
        assertThat(refusedFields(onBench("Rib", one(form) + ", " + one(form)))).containsExactly("madeWith");
    }

    @Test
    void a_form_is_busy_from_the_pull_until_its_hold_is_over() {
        long form = added("FORM", "Form", 1, ", \"radiusMm\": 200");
        long first = read(onBench("Rib 1", one(form)), "$.id", Long.class);
        long second = read(onBench("Rib 2", one(form)), "$.id", Long.class);
        assertThat(read(use(), "$[0].coming[*].name", List.class)).isEqualTo(List.of("Rib 1", "Rib 2"));
        Instant start = Instant.now().minus(Duration.ofHours(2));
        tap(first, start, "INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED");
        MvcTestResult busy = use();
        assertThat(read(busy, "$[0].free", Integer.class)).isZero();
        assertThat(read(busy, "$[0].holding[0].pieceId", Long.class)).isEqualTo(first);
        Instant until = Instant.parse(read(busy, "$[0].holding[0].until", String.class));
        Instant clamped = start.plusSeconds(30);
        assertThat(Duration.between(clamped, until).toMinutes()).as("a day on the form, as nobody planned otherwise").isCloseTo(24 * 60, within(1L));
        assertThat(read(busy, "$[0].freeFrom", String.class)).isEqualTo(read(busy, "$[0].holding[0].until", String.class));
        assertThat(read(busy, "$[0].coming[0].pieceId", Long.class)).isEqualTo(second);
        tap(first, Instant.now().minusSeconds(5), "RELEASED");
        assertThat(read(use(), "$[0].free", Integer.class)).isEqualTo(1);
    }

    @Test
    void for_a_bend_what_fits_and_is_free_first_is_suggested_and_for_a_job_what_its_last_piece_had() {
        long narrow = added("FORM", "Narrow", 1, ", \"radiusMm\": 200, \"widthMm\": 5");
        long other = added("FORM", "Other curve", 1, ", \"radiusMm\": 300");
        long fits = added("FORM", "Fits", 1, ", \"radiusMm\": 200, \"widthMm\": 90");
        added("HOT_PIPE", "Pipe", 1, "");
        MvcTestResult choices = post(mvc, "/api/bench/items/choices", "{\"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM)));
        assertThat(read(choices, "$[*].itemId", List.class)).as("a pipe is of no use for it").hasSize(3);
        assertThat(read(choices, "$[?(@.suggested == true)].item.name", List.class)).isEqualTo(List.of("Fits"));
        assertThat(read(choices, "$[0].misfits[0].what", String.class)).isEqualTo("TOO_NARROW");
        assertThat(read(choices, "$[1].misfits[0].what", String.class)).isEqualTo("OTHER_RADIUS");
        assertThat(read(choices, "$[1].misfits[0].has", Double.class)).isEqualTo(300);
        assertThat(read(choices, "$[1].misfits[0].needs", Double.class)).isEqualTo(200);
        long job = read(post(mvc, "/api/jobs", """
                {"name": "Rims", "wanted": 2, "certainty": 0.9, "flawsPass": true, "note": "", "recipe": %s}""".formatted(Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
        assertThat(post(mvc, "/api/bench", "{\"name\": \"Rim 1\", \"jobId\": %d, \"recipe\": %s, \"madeWith\": [%s]}"
                .formatted(job, Wire.recipe(12, 200, Wire.STEAM), one(narrow)))).hasStatus(HttpStatus.CREATED);
        MvcTestResult again = post(mvc, "/api/bench/items/choices", "{\"recipe\": %s, \"jobId\": %d}".formatted(Wire.recipe(12, 200, Wire.STEAM), job));
        assertThat(read(again, "$[?(@.suggested == true)].item.name", List.class)).isEqualTo(List.of("Narrow"));
        assertThat(List.of(other, fits)).doesNotContain(narrow);
    }

    @Test
    void what_a_piece_is_made_with_can_be_said_later_and_what_does_not_fit_is_told() {
        long strap = added("STRAP", "Steel strap", 1, ", \"thicknessMm\": 1.5, \"widthMm\": 20, \"lengthMm\": 300, \"material\": \"STEEL\"");
        MvcTestResult laid = onBench("Rib", "");
        long id = read(laid, "$.id", Long.class);
        MvcTestResult said = put(mvc, "/api/bench/%d/items?version=0".formatted(id), "{\"madeWith\": [%s]}".formatted(one(strap)));
        assertThat(read(said, "$.madeWith[0].name", String.class)).isEqualTo("Steel strap");
        assertThat(read(said, "$.madeWith[0].misfits[*].what", List.class)).contains("TOO_SHORT");
        assertThat(put(mvc, "/api/bench/%d/items?version=0".formatted(id), "{\"madeWith\": []}")).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void it_hangs_in_the_air_of_its_drying_place() {
        long loft = added("DRYING_PLACE", "Loft", 20, ", \"celsius\": 27, \"humidityPercent\": 33");
        long id = read(onBench("Rib", one(loft)), "$.id", Long.class);
        tap(id, Instant.now().minus(Duration.ofHours(1)), "INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED", "RELEASED");
        MvcTestResult rack = mvc.get().uri("/api/rack").exchange();
        assertThat(read(rack, "$[0].piece.shopC", Double.class)).isEqualTo(27);
        assertThat(read(rack, "$[0].piece.shopHumidityPercent", Double.class)).isEqualTo(33);
    }

    @Test
    void ways_say_what_is_not_at_hand_once_the_rig_is_described() {
        String asked = "{\"recipe\": %s, \"wanted\": 0.9}".formatted(Wire.recipe(12, 200, Wire.STEAM));
        assertThat(read(sideBySide(asked), "$.ways[*].notAtHand[*]", List.class)).isEmpty();
        added("STEAM_BOX", "Box", 4, ", \"lengthMm\": 3000");
        MvcTestResult beside = sideBySide(asked);
        assertThat(read(beside, "$.ways[?(@.recipe.method.kind == 'STEAM_BOX')].notAtHand[*]", List.class)).contains("FORM").doesNotContain("STEAM_BOX");
    }

    @Test
    void ways_say_when_the_piece_is_dry_in_the_air_it_dries_in() {
        String asked = "{\"recipe\": %s, \"wanted\": 0.9}".formatted(Wire.recipe(12, 200, Wire.STEAM));
        double inTheShop = dryDays(asked, "STEAM_BOX");
        added("DRYING_PLACE", "Loft", 20, ", \"celsius\": 30, \"humidityPercent\": 30");
        assertThat(dryDays(asked, "STEAM_BOX")).isPositive().isLessThan(0.8 * inTheShop);
        assertThat(dryDays(asked, "COLD_LAMINATION")).as("nothing was wetted").isZero();
    }

    private double dryDays(String asked, String way) {
        return (double) read(sideBySide(asked), "$.ways[?(@.recipe.method.kind == '%s')].dryDays".formatted(way), List.class).get(0);
    }

    private MvcTestResult sideBySide(String asked) {
        return post(mvc, "/api/forecast/side-by-side", asked);
    }

    @Test
    void a_record_says_with_what_and_of_which_blank_it_was_made() {
        long form = added("FORM", "Form", 1, "");
        String board = """
                {"name": "Plank 7", "speciesId": "white-ash", "seasoning": "AIR_DRIED", "growthRings": "FLAT", "lengthMm": 2000, "widthMm": 200, "thicknessMm": 27, "kerfMm": 3,
                 "note": "", "marks": [], "readings": [], "blanks": []}""";
        long stock = read(post(mvc, "/api/stock/boards", board), "$.id", Long.class);
        MvcTestResult laid = post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s, \"madeWith\": [%s], \"stockId\": %d, \"blankName\": \"Blank 2\"}"
                .formatted(Wire.recipe(12, 200, Wire.STEAM), one(form), stock));
        assertThat(read(laid, "$.blankName", String.class)).isEqualTo("Blank 2");
        long id = read(laid, "$.id", Long.class);
        tap(id, Instant.now().minusSeconds(600), "INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED", "RELEASED");
        MvcTestResult hung = mvc.get().uri("/api/rack").exchange();
        assertThat(post(mvc, "/api/rack/%d/weigh-ins?version=%d".formatted(read(hung, "$[0].id", Long.class), read(hung, "$[0].version", Integer.class)),
                "{\"weighedOn\": \"%s\", \"moisturePercent\": 9.5}".formatted(java.time.LocalDate.now().plusDays(6)))).hasStatusOk();
        int version = read(mvc.get().uri("/api/bench").exchange(), "$.pieces[0].version", Integer.class);
        MvcTestResult judged = post(mvc, ("/api/bench/%d/verdict?version=" + version).formatted(id), "{\"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\"}");
        MvcTestResult made = mvc.get().uri("/api/bench/records/" + read(judged, "$.trialId", Long.class)).exchange();
        assertThat(read(made, "$.things", List.class)).isEqualTo(List.of("Form"));
        assertThat(read(made, "$.stockId", Long.class)).isEqualTo(stock);
        assertThat(read(made, "$.dried.toPercent", Double.class)).isEqualTo(9.5);
        assertThat(read(made, "$.dried.days", Double.class)).isEqualTo(6);
        assertThat(read(mvc.get().uri("/api/bench/records/999999").exchange(), "$.things", List.class)).isEmpty();
        assertThat(refusedFields(post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s, \"stockId\": 999999}".formatted(Wire.recipe(12, 200, Wire.STEAM)))))
                .containsExactly("stockId");
    }
}
