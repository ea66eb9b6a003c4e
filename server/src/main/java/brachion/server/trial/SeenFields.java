package brachion.server.trial;

import brachion.core.trial.AlongBend;
import brachion.core.trial.Flaw;
import brachion.core.trial.Seen;
import brachion.core.trial.Severity;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Something else that was seen on a piece.
 *
 * @param flaw     what was seen
 * @param severity how bad it is
 * @param flawAt   where along the bend, null when nobody wrote it down
 */
public record SeenFields(@NotNull(message = "Say what else was seen.") Flaw flaw, @NotNull(message = "Say how bad it is.") Severity severity, AlongBend flawAt) {

    Seen toSeen() {
        return new Seen(flaw, severity);
    }

    /** What else was seen, as a document; nothing is no document. */
    @Converter
    public static class AsDocument implements AttributeConverter<List<SeenFields>, String> {

        private static final JsonMapper JSON = JsonMapper.shared();

        @Override
        public String convertToDatabaseColumn(List<SeenFields> also) {
            return also == null || also.isEmpty() ? null : JSON.writeValueAsString(also);
        }

        @Override
        public List<SeenFields> convertToEntityAttribute(String document) {
            return document == null ? List.of() : JSON.readValue(document, new TypeReference<>() { });
        }
    }
}
