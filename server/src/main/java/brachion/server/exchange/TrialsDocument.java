package brachion.server.exchange;

import brachion.core.method.Workshop;
import brachion.server.problem.BrokenJson;
import brachion.server.problem.FieldError;
import brachion.server.problem.NewerRecordException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.trial.TrialFields;
import jakarta.validation.Validator;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Records of bends as one JSON document (RFC 8259), each exactly as it is written down here, so that what was taken out comes back as the
 * same records. What it may hold says the JSON Schema in {@code schema/trials.schema.json}.
 */
@Component
class TrialsDocument {

    static final String FORMAT = "brachion-trials";
    static final int VERSION = 1;
    private static final int LOOKED_AT = 1024;

    /** Reads and writes as the interface does: no key twice, no number that is none. */
    private final JsonMapper json;
    private final Validator validator;

    TrialsDocument(JsonMapper json, Validator validator) {
        this.json = json;
        this.validator = validator;
    }

    /** Whether a file that is still to be read is meant as such a document: no table begins with a brace. */
    static boolean isNext(BufferedInputStream file) throws IOException {
        file.mark(LOOKED_AT);
        byte[] start = file.readNBytes(LOOKED_AT);
        file.reset();
        return RawTable.text(start).stripLeading().startsWith("{");
    }

    /** Tells one trial from another. */
    Fingerprint fingerprint(TrialFields trial) {
        return Fingerprint.of(json.writeValueAsBytes(trial));
    }

    /** A document that is written trial by trial, one a line. */
    Writing writing(OutputStream file) throws IOException {
        return new Writing(new BufferedOutputStream(file));
    }

    final class Writing implements AutoCloseable {

        private final OutputStream file;
        private String before = "\n";

        private Writing(OutputStream file) throws IOException {
            this.file = file;
            text("{\"format\": \"" + FORMAT + "\", \"version\": " + VERSION + ", \"trials\": [");
        }

        void trial(TrialFields trial) throws IOException {
            text(before);
            file.write(json.writeValueAsBytes(trial));
            before = ",\n";
        }

        private void text(String text) throws IOException {
            file.write(text.getBytes(StandardCharsets.UTF_8));
        }

        @Override
        public void close() throws IOException {
            text("\n]}\n");
            file.close();
        }
    }

    /**
     * Hands over the records of a document one by one; the first that cannot be written down here is refused by its number and its field, and so is
     * what is no such document, at the latest at its end.
     */
    void read(InputStream file, Workshop workshop, Consumer<TrialFields> use) throws IOException {
        Head head = new Head();
        try (JsonParser parser = json.createParser(file)) {
            parser.nextToken();
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                parser.nextToken();
                switch (name) {
                    case "format" -> head.format = parser.<JsonNode>readValueAsTree().asString("");
                    case "version" -> head.version = parser.<JsonNode>readValueAsTree().asInt(0);
                    case "trials" -> head.trials = list(parser, workshop, use);
                    default -> parser.skipChildren();
                }
                head.requireSense();
            }
            if (parser.nextToken() != null) {
                throw refused("This JSON document cannot be read: something stands behind its end.");
            }
        } catch (JacksonException broken) {
            throw refused(BrokenJson.sentence(broken));
        }
        head.requireWhole();
    }

    /** What a document says of itself, null and 0 for what it has not said yet. */
    private static final class Head {

        private String format;
        private Integer version;
        private boolean trials;

        void requireSense() {
            if (format != null && !FORMAT.equals(format)) {
                throw refused("This JSON document holds no bends: its “format” is not “" + FORMAT + "”.");
            }
            if (version != null && version != VERSION) {
                throw refused("A newer version of Brachion wrote this document. Bring it in there.");
            }
        }

        void requireWhole() {
            format = format == null ? "" : format;
            version = version == null ? 0 : version;
            requireSense();
            if (!trials) {
                throw refused("This JSON document has no list of “trials”.");
            }
        }
    }

    private boolean list(JsonParser parser, Workshop workshop, Consumer<TrialFields> use) {
        if (parser.currentToken() != JsonToken.START_ARRAY) {
            parser.skipChildren();
            return false;
        }
        for (int place = 0; parser.nextToken() != JsonToken.END_ARRAY; place++) {
            use.accept(trial(parser.<JsonNode>readValueAsTree(), place, workshop));
        }
        return true;
    }

    private TrialFields trial(JsonNode node, int place, Workshop workshop) {
        TrialFields trial;
        try {
            trial = json.treeToValue(node, TrialFields.class);
        } catch (JacksonException unreadable) {
            throw refused(place, FieldError.unreadable(unreadable));
        }
        if (trial == null) {
            throw refused(place, new FieldError("", "It is empty."));
        }
        validator.validate(trial).stream().map(wrong -> new FieldError(wrong.getPropertyPath().toString(), wrong.getMessage())).min(Comparator.comparing(FieldError::field))
                .ifPresent(wrong -> {
                    throw refused(place, wrong);
                });
        try {
            trial.requireSense(workshop);
        } catch (RefusedFieldException wrong) {
            throw refused(place, wrong.error());
        } catch (NewerRecordException | IllegalArgumentException wrong) {
            throw refused(place, new FieldError("", wrong.getMessage()));
        }
        return trial;
    }

    private static RefusedFieldException refused(int place, FieldError wrong) {
        boolean whole = wrong.field().isEmpty();
        return new RefusedFieldException("trials[" + place + "]" + (whole ? "" : "." + wrong.field()),
                "Trial " + (place + 1) + (whole ? "" : ", " + wrong.field()) + ": " + wrong.message());
    }

    private static RefusedFieldException refused(String sentence) {
        return new RefusedFieldException("file", sentence);
    }
}
