package brachion.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/** Refusals that no field is at fault for: a sentence for each, wherever in the server it is noticed. */
public final class Problems {

    /** After which time a request that found no room, or no database, is worth repeating. */
    static final Duration SOON = Duration.ofSeconds(2);
    static final String NOT_LOST = " Nothing you typed is lost.";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Map<Integer, String> SENTENCES = Map.ofEntries(
            Map.entry(400, "This is no request that can be read."),
            Map.entry(403, "This page is no longer known here. Load it again and repeat what you did." + NOT_LOST),
            Map.entry(404, "There is nothing at this address."),
            Map.entry(405, "This address takes no such request."),
            Map.entry(406, "Answers here are JSON, and tables are text/csv."),
            Map.entry(408, "The request took too long to arrive. Send it again." + NOT_LOST),
            Map.entry(413, "This is longer than what is accepted here." + NOT_LOST),
            Map.entry(414, "The address is too long."),
            Map.entry(415, "JSON is accepted here as application/json, and a table as text/csv."),
            Map.entry(429, "The workshop is busy with other questions of this size. Ask again in a moment." + NOT_LOST),
            Map.entry(431, "The request's headers are too long."),
            Map.entry(500, "Something went wrong here that should not have." + NOT_LOST + " What happened stands in the server's log."),
            Map.entry(501, "No such request is known here."),
            Map.entry(503, "The database does not answer. Nothing you typed is lost: try again in a moment."),
            Map.entry(507, "The disk is full: what you sent was not written. Make room on it, then send it again." + NOT_LOST));

    private Problems() {
    }

    /** The problem of a status. */
    public static ProblemDetail of(HttpStatusCode status) {
        int nearest = SENTENCES.containsKey(status.value()) ? status.value() : status.is5xxServerError() ? 500 : 400;
        return ProblemDetail.forStatusAndDetail(status, SENTENCES.get(nearest));
    }

    /**
     * Writes the problem of a status where no controller does.
     *
     * @throws IOException when nobody takes it any more
     */
    public static void write(HttpServletResponse response, HttpStatusCode status) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write(json(status));
    }

    /** The problem of a status as it travels. */
    public static String json(HttpStatusCode status) {
        ProblemDetail problem = of(status);
        return JSON.createObjectNode().put("detail", problem.getDetail()).put("status", status.value()).put("title", problem.getTitle()).toString();
    }

    static ProblemDetail fields(List<FieldError> errors) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST,
                errors.size() == 1 ? errors.get(0).message() : errors.size() + " entries need another look.");
        problem.setTitle("Not accepted");
        problem.setProperty("errors", errors);
        return problem;
    }
}
