package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.Springback;
import brachion.core.risk.Traits.Asked;
import brachion.core.trial.Trial;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.EnumMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What following the piece of a recorded trial through heat and water told: all that a fit needs of it, a few dozen numbers
 * that can be kept, so that no piece is followed twice.
 *
 * @param weight     probabilities of all the piece could have been; one where everything was known
 * @param modes      what it asked in each mode
 * @param springback springback as computed, null unless the radius after release was measured
 */
public record Followed(double[] weight, List<Mode> modes, Springback springback) {

    /**
     * What a piece asked in one mode.
     *
     * @param mode         the mode
     * @param typical      load of the most ordinary piece it could have been
     * @param load         load of all it could have been
     * @param spread       the same, by few values
     * @param spreadWeight their probabilities
     * @param unsure       by how much it rises when each unsure constant is one step worse
     */
    public record Mode(FailureMode mode, double typical, double[] load, double[] spread, double[] spreadWeight,
                       double[] unsure) {
    }

    static Followed of(RecordedTrial recorded) {
        Traits traits = recorded.traits();
        List<Mode> modes = traits.asked().entrySet().stream().map(each -> {
            Asked asked = each.getValue();
            return new Mode(each.getKey(), asked.typical(), asked.load(), asked.spread().value(), asked.spread().weight(), asked.unsure());
        }).toList();
        return new Followed(traits.weight(), modes, recorded.computed().orElse(null));
    }

    /** The trial with this, as if it had been followed now. */
    RecordedTrial of(Trial trial) {
        Map<FailureMode, Asked> asked = new EnumMap<>(FailureMode.class);
        modes.forEach(each -> asked.put(each.mode(), new Asked(each.typical(), each.load(),
                new Spread(each.spread(), each.spreadWeight()), each.unsure())));
        return new RecordedTrial(trial, new Traits(UnknownInputs.typical(trial.recipe()), weight, asked), Optional.empty(),
                Optional.ofNullable(springback));
    }

    /**
     * A key that is another one as soon as anything differs that the numbers depend on: the trial, its wood's figures, or the
     * computation.
     */
    public static String key(Trial trial) {
        return digest(Computation.NOW + trial.recipe() + trial.outcome() + trial.releasedRadiusMm());
    }

    /** Works out what the computation in force is known by; it takes a moment, which the first key would take otherwise. */
    public static void prepareKeys() {
        Objects.requireNonNull(Computation.NOW);
    }

    static String digest(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 16);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("Every Java knows SHA-256", impossible);
        }
    }

    /** The computation in force is known by what it says of a few pieces. */
    private static final class Computation {
        private static final String NOW = ReferencePieces.fingerprint();
    }
}
