package brachion.server.shape;

import brachion.core.shape.Chain;
import brachion.core.shape.Stretch;
import brachion.server.problem.RefusedFieldException;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * A curve as it travels.
 *
 * @param stretches its straights and arcs in order
 */
record ChainFields(@NotNull(message = "The curve is needed.") @Size(min = 1, max = Chain.MOST, message = "A curve has 1 to " + Chain.MOST + " straights and arcs.")
                   List<@NotNull @Valid StretchFields> stretches) {

    /** It as the core knows it. */
    Chain toChain() {
        List<Stretch> all = new ArrayList<>();
        for (int i = 0; i < stretches.size(); i++) {
            all.add(stretches.get(i).toStretch("chain.stretches[" + i + "]"));
        }
        return new Chain(all);
    }

    static ChainFields of(Chain chain) {
        return new ChainFields(chain.stretches().stream().map(StretchFields::of).toList());
    }

    /** What the core makes of a curve; what cannot be made of it is refused as a field. */
    static <T> T asked(String field, Supplier<T> answer) {
        try {
            return answer.get();
        } catch (IllegalArgumentException impossible) {
            throw new RefusedFieldException(field, sentence(impossible.getMessage()));
        }
    }

    private static String sentence(String message) {
        return message.endsWith(".") ? message : message + ".";
    }
}
