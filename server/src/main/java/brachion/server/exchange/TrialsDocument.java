package brachion.server.exchange;

import brachion.core.method.Workshop;
import brachion.server.problem.FieldError;
import brachion.server.problem.NewerRecordException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.trial.TrialFields;
import jakarta.validation.Validator;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
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

    /**
     * @param format  what it is
     * @param version version of its meaning
     * @param trials  the records
     */
    record Document(String format, int version, List<TrialFields> trials) {
    }

    /** Whether a file is meant as such a document: no table begins with a brace. */
    static boolean isOne(byte[] file) {
        return text(Arrays.copyOf(file, Math.min(file.length, LOOKED_AT))).startsWith("{");
    }

    private static String text(byte[] file) {
        return RawTable.text(file).stripLeading();
    }

    byte[] write(List<TrialFields> trials) {
        return json.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build().writeValueAsBytes(new Document(FORMAT, VERSION, trials));
    }

    /** The records of a document, all of them or none: one that cannot be written down here is refused by its number and its field. */
    List<TrialFields> read(byte[] file, Workshop workshop) {
        JsonNode document = tree(file);
        if (!FORMAT.equals(document.path("format").asString(""))) {
            throw refused("This JSON document holds no bends: its “format” is not “" + FORMAT + "”.");
        }
        if (document.path("version").asInt(0) != VERSION) {
            throw refused("A newer version of Brachion wrote this document. Bring it in there.");
        }
        JsonNode trials = document.path("trials");
        if (!trials.isArray()) {
            throw refused("This JSON document has no list of “trials”.");
        }
        return IntStream.range(0, trials.size()).mapToObj(place -> trial(trials.get(place), place, workshop)).toList();
    }

    private JsonNode tree(byte[] file) {
        try {
            return json.readTree(text(file));
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 0 : broken.getLocation().getLineNr();
            throw refused("This JSON document cannot be read: it breaks off or is damaged" + (line > 0 ? " in line " + line : "") + ".");
        }
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
