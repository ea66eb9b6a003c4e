package brachion.server.exchange;

import brachion.core.method.Workshop;
import brachion.server.problem.NewerRecordException;
import brachion.server.problem.RefusedFieldException;
import brachion.server.trial.TrialFields;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
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
    private static final String BYTE_ORDER_MARK = "\uFEFF";

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
        String begin = text(file.length > 1024 ? Arrays.copyOf(file, 1024) : file);
        return begin.startsWith("{");
    }

    private static String text(byte[] file) {
        String text = new String(file, StandardCharsets.UTF_8);
        return (text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text).stripLeading();
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
        String at = "trials[" + place + "]";
        TrialFields trial;
        try {
            trial = json.treeToValue(node, TrialFields.class);
        } catch (JacksonException unreadable) {
            String path = unreadable.getPath().stream().map(JacksonException.Reference::getPropertyName).filter(Objects::nonNull)
                    .collect(Collectors.joining("."));
            throw new RefusedFieldException(at + (path.isEmpty() ? "" : "." + path), "Trial " + (place + 1) + " cannot be read" + (path.isEmpty() ? "." : ": “" + path + "” is not understood."));
        }
        if (trial == null) {
            throw new RefusedFieldException(at, "Trial " + (place + 1) + " is empty.");
        }
        validator.validate(trial).stream().min(Comparator.comparing(wrong -> wrong.getPropertyPath().toString())).ifPresent(wrong -> {
            throw refused(at, place, wrong);
        });
        try {
            trial.requireSense(workshop);
        } catch (RefusedFieldException wrong) {
            throw new RefusedFieldException(at + "." + wrong.error().field(), "Trial " + (place + 1) + ": " + wrong.getMessage());
        } catch (NewerRecordException | IllegalArgumentException wrong) {
            throw new RefusedFieldException(at, "Trial " + (place + 1) + ": " + wrong.getMessage());
        }
        return trial;
    }

    private static RefusedFieldException refused(String at, int place, ConstraintViolation<TrialFields> wrong) {
        return new RefusedFieldException(at + "." + wrong.getPropertyPath(), "Trial " + (place + 1) + ", " + wrong.getPropertyPath() + ": " + wrong.getMessage());
    }

    private static RefusedFieldException refused(String sentence) {
        return new RefusedFieldException("file", sentence);
    }
}
