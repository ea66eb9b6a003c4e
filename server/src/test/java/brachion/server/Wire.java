package brachion.server;

import static org.assertj.core.api.Assertions.assertThat;

import brachion.server.trial.TrialFields;
import brachion.server.trial.Trials;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Requests as the page sends them, and the JSON it sends. */
public final class Wire {

    public static final String STEAM =
            "{\"kind\": \"STEAM_BOX\", \"soakHours\": 0, \"steamMinutes\": 45, \"chamberC\": 98, \"carrySeconds\": 15}";
    public static final String STEEL_STRAP = STEAM.replace("}",
            ", \"strap\": {\"material\": \"STEEL\", \"thicknessMm\": 0.9, \"endGapMm\": 0}}");

    public static final String EIGHT_PLIES = "{\"kind\": \"COLD_LAMINATION\", \"glue\": \"EPOXY\", \"plies\": 8}";

    /** As often as the page asks again. */
    private static final int TRIES_AGAIN = 5;

    private Wire() {
    }

    public static String recipe(double thicknessMm, double radiusMm, String method) {
        return """
                {"blank": {"speciesId": "white-ash", "seasoning": "AIR_DRIED", "moisturePercent": 18,
                           "growthRings": "FLAT", "grainRun": 25, "knots": "CLEAR",
                           "thicknessMm": %s, "widthMm": 25},
                 "innerRadiusMm": %s, "angleDegrees": 180, "method": %s}"""
                .formatted(thicknessMm, radiusMm, method);
    }

    public static String trial(String recipe, String outcome) {
        return "{\"bentOn\": \"2026-11-24\", \"recipe\": %s, \"outcome\": %s, \"note\": \"Crook handle\"}"
                .formatted(recipe, outcome);
    }

    public static String cleanTrial() {
        return trial(recipe(12, 200, STEAM), "{\"severity\": \"CLEAN\", \"releasedRadiusMm\": 208}");
    }

    public static MvcTestResult post(MockMvcTester mvc, String uri, String json) {
        return mvc.post().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.APPLICATION_JSON).content(json).exchange();
    }

    public static MvcTestResult put(MockMvcTester mvc, String uri, String json) {
        return mvc.put().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf())
                .contentType(MediaType.APPLICATION_JSON).content(json).exchange();
    }

    /** The forecast of a recipe as soon as the newest fit has answered. */
    public static MvcTestResult forecast(MockMvcTester mvc, String recipe) {
        return ofTheNewestFit(() -> post(mvc, "/api/forecast", "{\"recipe\": %s}".formatted(recipe)));
    }

    /** A forecast, asked for until the newest fit has answered; the last one may answer first. */
    public static MvcTestResult ofTheNewestFit(Supplier<MvcTestResult> forecast) {
        MvcTestResult answer;
        do {
            answer = forecast.get();
            assertThat(answer).hasStatusOk();
        } while (read(answer, "$.fit.behind", Boolean.class));
        return answer;
    }

    /** A write with a key of its own. */
    public static MvcTestResult post(MockMvcTester mvc, String uri, String json, String key) {
        return mvc.post().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf()).header("Idempotency-Key", key)
                .contentType(MediaType.APPLICATION_JSON).content(json).exchange();
    }

    /** The answer to a write as the page gets it: one that is told to come again in a moment does. */
    public static MvcTestResult persistently(Supplier<MvcTestResult> write) {
        MvcTestResult answer = write.get();
        for (int again = 0; again < TRIES_AGAIN && answer.getResponse().getStatus() == HttpStatus.SERVICE_UNAVAILABLE.value()
                && answer.getResponse().containsHeader(HttpHeaders.RETRY_AFTER); again++) {
            answer = write.get();
        }
        return answer;
    }

    /** A file as the page sends tables, whatever kind it is of. */
    public static MvcTestResult table(MockMvcTester mvc, String uri, byte[] file) {
        return mvc.post().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf()).contentType("text/csv").content(file).exchange();
    }

    public static MvcTestResult delete(MockMvcTester mvc, String uri) {
        return mvc.delete().uri(uri).with(SecurityMockMvcRequestPostProcessors.csrf()).exchange();
    }

    /** All trials of the shop's own as they were written down. */
    public static List<TrialFields> written(Trials trials) {
        List<TrialFields> all = new ArrayList<>();
        trials.written(null, all::add);
        return all;
    }

    /** A value out of the answer's JSON. */
    public static <T> T read(MvcTestResult answer, String path, Class<T> type) {
        try {
            return com.jayway.jsonpath.JsonPath.parse(answer.getResponse().getContentAsString()).read(path, type);
        } catch (java.io.UnsupportedEncodingException impossible) {
            throw new AssertionError(impossible);
        }
    }

    /** The fields a refusal names. */
    @SuppressWarnings("unchecked")
    public static List<String> refusedFields(MvcTestResult answer) {
        return read(answer, "$.errors[*].field", List.class);
    }
}
