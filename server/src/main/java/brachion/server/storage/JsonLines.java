package brachion.server.storage;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.json.JsonMapper;

/** An answer that is given line by line, each a document of JSON of its own (NDJSON), while it is worked out. */
public final class JsonLines {

    private final HttpServletResponse response;
    private final JsonMapper json;

    /** Lines of an answer. */
    public JsonLines(HttpServletResponse response, JsonMapper json) {
        this.response = response;
        this.json = json;
    }

    /**
     * One more line, sent at once.
     *
     * @throws UncheckedIOException when whoever asked has left, so that there is nobody to finish for
     */
    public void write(Object line) {
        try {
            response.getOutputStream().write((json.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            // a stream that is flushed keeps the end of a long line back until the next one
            response.flushBuffer();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
