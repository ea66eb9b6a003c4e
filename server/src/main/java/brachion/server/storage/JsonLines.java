package brachion.server.storage;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.json.JsonMapper;

/** An answer that is given line by line, each a document of JSON of its own (NDJSON), while it is worked out. */
public final class JsonLines {

    private final BufferedWriter writer;
    private final JsonMapper json;

    /** Lines into what is answered. */
    public JsonLines(OutputStream out, JsonMapper json) {
        this.writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        this.json = json;
    }

    /**
     * One more line, sent at once.
     *
     * @throws UncheckedIOException when whoever asked has left, so that there is nobody to finish for
     */
    public void write(Object line) {
        try {
            writer.write(json.writeValueAsString(line));
            writer.newLine();
            writer.flush();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
