package brachion.server.day;

import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.jayway.jsonpath.JsonPath;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.json.JsonMapper;

/** Shops that do as they like between one plan and the next; whatever is answered can be worked, by a reckoning of its own. */
@ServerTest
class WeekOfAnyShopTest {

    private static final int DEEDS = 30;
    private static final List<String> WAYS = List.of(Wire.STEAM, Wire.EIGHT_PLIES, Wire.STEAM.replace("\"soakHours\": 0", "\"soakHours\": 12"));
    private static final List<String> TAPS = List.of("INTO_SOAK", "INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED", "RELEASED", "GLUE_ON", "BROKE", "READING");
    private static final List<String> HOURS = List.of(
            "{\"people\": 1, \"days\": \"1234567\", \"opens\": \"00:00\", \"closes\": \"23:59\"}", "{\"people\": 3, \"days\": \"135\", \"opens\": \"09:00\", \"closes\": \"12:30\"}",
            "{\"people\": 2, \"days\": \"12345\", \"opens\": \"07:00\", \"closes\": \"16:00\", \"bendMinutes\": 40, \"glueMinutes\": 90}", "{\"people\": 1, \"days\": \"6\", \"opens\": \"08:00\", \"closes\": \"08:30\"}");

    @Autowired
    private MockMvcTester mvc;

    private final Map<Integer, Integer> room = new HashMap<>();
    private final List<Integer> jobs = new ArrayList<>();
    private int people = 1;
    private Random random;

    private String text(MvcTestResult answer) throws Exception {
        return answer.getResponse().getContentAsString();
    }

    private void thing(String fields, int many) throws Exception {
        room.put(JsonPath.read(text(post(mvc, "/api/rig/items", "{%s, \"room\": %d, \"note\": \"\"}".formatted(fields, many))), "$.id"), many);
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 2653})
    void what_is_planned_can_be_worked_whatever_the_shop_has_done_since(long seed) throws Exception {
        random = new Random(seed);
        thing("\"kind\": \"STEAM_BOX\", \"name\": \"Box\"", 2);
        thing("\"kind\": \"FORM\", \"name\": \"Form\", \"radiusMm\": 200", 1);
        thing("\"kind\": \"CLAMPS\", \"name\": \"Clamps\"", 9);
        thing("\"kind\": \"SOAKING_TROUGH\", \"name\": \"Trough\"", 3);
        int planned = 0;
        for (int deed = 0; deed < DEEDS; deed++) {
            done(seed, deed);
            String asked = asked();
            MvcTestResult answer = post(mvc, "/api/day/proposals", asked);
            assertThat(answer.getResponse().getStatus()).as("seed %d, deed %d: %s", seed, deed, asked).isIn(200, 400);
            if (answer.getResponse().getStatus() == 400) {
                assertThat(text(answer)).as("said in a sentence").containsAnyOf("hours of work", "are planned together");
                continue;
            }
            String[] lines = text(answer).split("\n");
            String line = lines[lines.length - 1];
            canBeWorked(line, "seed %d, deed %d".formatted(seed, deed));
            planned++;
            if (random.nextInt(3) > 0) {
                Map<String, Object> taken = Map.of("asked", JsonPath.read(asked, "$"), "from", JsonPath.read(line, "$.proposal.from"), "order", JsonPath.read(line, "$.proposal.order"),
                        "begins", JsonPath.read(line, "$.proposal.slots[*].beginsAt"));
                assertThat(put(mvc, "/api/day/plan", JsonMapper.shared().writeValueAsString(taken)).getResponse().getStatus()).as("seed %d, deed %d", seed, deed).isEqualTo(200);
            }
            assertThat(mvc.get().uri("/api/day").exchange()).hasStatusOk();
            assertThat(mvc.get().uri("/api/day/plan.ics").exchange()).hasStatusOk();
        }
        assertThat(planned).isGreaterThan(DEEDS / 3);
    }

    private String asked() {
        List<String> named = new ArrayList<>();
        List<String> moved = new ArrayList<>();
        for (int job : jobs) {
            if (random.nextInt(5) > 0) {
                named.add("{\"id\": %d%s}".formatted(job, random.nextBoolean() ? ", \"toStart\": " + random.nextInt(4) : ""));
            }
            if (random.nextInt(4) == 0) {
                moved.add("{\"jobId\": %d, \"number\": %d, \"noSooner\": \"%s\"}".formatted(job, 1 + random.nextInt(4), Instant.now().plusSeconds(random.nextInt(900_000) - 200_000)));
            }
        }
        return "{\"jobs\": [%s], \"anew\": %b, \"moved\": [%s]}".formatted(String.join(", ", named), random.nextInt(5) == 0, String.join(", ", moved));
    }

    private void done(long seed, int deed) throws Exception {
        List<Map<String, Object>> pieces = JsonPath.read(text(mvc.get().uri("/api/bench").exchange()), "$.pieces");
        switch (jobs.isEmpty() ? 0 : random.nextInt(9)) {
            case 0 -> {
                if (jobs.size() < 4) {
                    jobs.add(JsonPath.read(text(post(mvc, "/api/jobs", """
                            {"name": "Job %d", "wanted": %d, "certainty": 0.8, "flawsPass": true, "note": "", "recipe": %s}""".formatted(deed, 1 + random.nextInt(3), Wire.recipe(8, 200, any(WAYS))))), "$.id"));
                }
            }
            case 1, 2 -> {
                if (pieces.size() < 5) {
                    post(mvc, "/api/bench", "{\"name\": \"Piece %d\"%s, \"recipe\": %s}".formatted(deed, random.nextInt(4) == 0 ? "" : ", \"jobId\": " + any(jobs), Wire.recipe(8, 200, any(WAYS))));
                }
            }
            case 3, 4, 5, 6 -> {
                if (!pieces.isEmpty()) {
                    String tap = any(TAPS);
                    // most come out of turn and are refused
                    post(mvc, "/api/bench/" + any(pieces).get("id") + "/taps", "{\"tap\": \"%s\"%s, \"saidAt\": \"%s\"}".formatted(tap, tap.equals("READING") ? ", \"celsius\": " + (20 + random.nextInt(80)) : "", Instant.now()));
                }
            }
            case 7 -> {
                String hours = any(HOURS);
                int version = JsonPath.read(text(mvc.get().uri("/api/day").exchange()), "$.hoursVersion");
                assertThat(put(mvc, "/api/day/hours?version=" + version, hours)).hasStatusOk();
                people = JsonPath.read(hours, "$.people");
            }
            default -> {
                if (!pieces.isEmpty()) {
                    Map<String, Object> one = any(pieces);
                    Wire.delete(mvc, "/api/bench/" + one.get("id") + "?version=" + one.get("version"));
                }
            }
        }
    }

    /** No more hands and no more of a thing than there are at any moment, and each piece in its order. */
    private void canBeWorked(String line, String when) {
        List<Map<String, Object>> slots = JsonPath.read(line, "$.proposal.slots");
        TreeMap<Instant, Integer> hands = new TreeMap<>();
        Map<Integer, TreeMap<Instant, Integer>> taken = new HashMap<>();
        Map<Integer, Instant> ready = new HashMap<>();
        for (Map<String, Object> slot : slots) {
            Instant begins = Instant.parse((String) slot.get("beginsAt"));
            Instant ends = Instant.parse((String) slot.get("endsAt"));
            int piece = (int) slot.get("piece");
            assertThat(begins).as("%s: %s after what came before", when, slot).isAfterOrEqualTo(ready.getOrDefault(piece, Instant.MIN));
            assertThat(ends).as("%s: %s", when, slot).isAfterOrEqualTo(Instant.parse((String) slot.get("readyAt")));
            ready.put(piece, Instant.parse((String) slot.get("readyAt")));
            // what is under way has taken what it has taken, whether there was room or not
            if (!(boolean) slot.get("begun")) {
                count(hands, begins, Instant.parse((String) slot.get("handsOffAt")), (int) slot.get("people"));
                for (Object item : (List<?>) slot.get("items")) {
                    count(taken.computeIfAbsent((int) item, thing -> new TreeMap<>()), begins, ends, 1);
                }
            }
        }
        assertThat(most(hands)).as("%s: hands", when).isLessThanOrEqualTo(people);
        taken.forEach((thing, at) -> assertThat(most(at)).as("%s: thing %d", when, thing).isLessThanOrEqualTo(room.getOrDefault(thing, 0)));
    }

    private static void count(TreeMap<Instant, Integer> steps, Instant from, Instant to, int many) {
        steps.merge(from, many, Integer::sum);
        steps.merge(to, -many, Integer::sum);
    }

    private static int most(TreeMap<Instant, Integer> steps) {
        int now = 0;
        int most = 0;
        for (int step : steps.values()) {
            now += step;
            most = Math.max(most, now);
        }
        return most;
    }
}
