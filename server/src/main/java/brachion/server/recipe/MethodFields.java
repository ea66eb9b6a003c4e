package brachion.server.recipe;

import brachion.core.method.Method;
import brachion.core.method.MethodKind;
import brachion.core.method.Settings;
import brachion.server.problem.RefusedFieldException;
import java.util.Map;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * How a piece is bent: which way, and what is set about it. It travels as one object, the way under {@code kind} and each
 * setting under its own key.
 *
 * @param kind  which way
 * @param given what is set, by the keys of {@link MethodKind#settings()}
 */
@OfItsKind
@JsonSerialize(using = MethodJson.Writing.class)
@JsonDeserialize(using = MethodJson.Reading.class)
public record MethodFields(MethodKind kind, Map<String, Object> given) {

    /** What goes without saying is not kept: said or not, it is the same. */
    public MethodFields {
        Settings.Reading read = kind == null ? null : Settings.read(kind.settings(), given);
        given = read != null && read.problems().isEmpty() ? read.settings().values() : given;
    }

    /** What is wrong with the settings, a sentence by key. */
    Map<String, String> problems() {
        return reading().problems();
    }

    private Settings.Reading reading() {
        return Settings.read(kind.settings(), given);
    }

    /**
     * The method the core computes with.
     *
     * @param stockWidthMm width of the stock it is done to [mm]
     * @throws RefusedFieldException when a setting is missing or none it takes
     */
    public Method toMethod(double stockWidthMm) {
        Settings.Reading read = reading();
        read.problems().forEach((key, sentence) -> {
            throw new RefusedFieldException("recipe.method." + key, sentence);
        });
        return kind.of(read.settings(), stockWidthMm);
    }

    /** A method of the core as it travels. */
    public static MethodFields of(Method method) {
        return new MethodFields(method.kind(), method.settings().values());
    }
}
