package brachion.server.find;

import brachion.server.problem.RefusedFieldException;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/**
 * What a fact of the records that are looked for must be.
 *
 * @param fact  key of the fact
 * @param among of words and names: one of these, by their keys; an empty one is a record that does not say
 * @param from  of numbers: no less than this; null for no bound
 * @param below of numbers: less than this, or just this; null for no bound
 * @param since of days: not before this
 * @param until of days: not after this
 */
record ConditionFields(@NotBlank String fact,
                       @Size(max = 200, message = "Up to 200 values can be chosen.") List<@NotNull @Size(max = 80) String> among,
                       Double from, Double below, LocalDate since, LocalDate until) {

    /** What is not said is nothing. */
    ConditionFields {
        among = among == null ? List.of() : List.copyOf(among);
    }

    /** Refuses what is asked of another kind of fact. */
    void requireSense(String field) {
        Fact known = Facts.of(field, fact);
        boolean asWords = !among.isEmpty();
        boolean asNumber = from != null || below != null;
        boolean asDay = since != null || until != null;
        boolean misfits = switch (known.kind()) {
            case WORD, NAMED -> asNumber || asDay;
            case NUMBER -> asWords || asDay;
            case DAY -> asWords || asNumber;
        };
        if (misfits) {
            throw new RefusedFieldException(field, "“" + known.title() + "” is not looked for in that way.");
        }
    }
}
