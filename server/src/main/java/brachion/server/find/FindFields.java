package brachion.server.find;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Which records are looked for, and in what order they stand.
 *
 * @param words      words that stand in the notes or in the names of the record, all of them; null or empty for any
 * @param conditions what their facts must be, all of them
 * @param sortBy     key of the fact they stand in order of; null for the newest first
 * @param falling    whether the greatest stands first
 */
record FindFields(@Size(max = 200, message = "Look for up to 200 characters.") String words,
                  @NotNull @Size(max = 20, message = "Up to 20 facts can be asked for at once.") List<@NotNull @Valid ConditionFields> conditions,
                  @Size(max = 60) String sortBy, @NotNull Boolean falling) {

    /** Nothing that is looked for is everything. */
    FindFields {
        words = words == null ? "" : words.strip();
    }

    void requireSense() {
        for (int i = 0; i < conditions.size(); i++) {
            conditions.get(i).requireSense("conditions[" + i + "]");
        }
        if (sortBy != null) {
            Facts.of("sortBy", sortBy);
        }
    }
}
