package brachion.core.method;

import java.util.Optional;

/**
 * When a setting must be given.
 *
 * @param missing  what is said where it must be and is not; empty when it never must
 * @param of       the other setting it belongs to, if any: it is given just when that one is
 * @param being    what that other must be, if it matters
 * @param uncalled what is said where it is given although the other is not so
 */
public record Need(Optional<String> missing, Optional<Setting<?>> of, Optional<Enum<?>> being, String uncalled) {

    /** It may always be left out. */
    static final Need NEVER = new Need(Optional.empty(), Optional.empty(), Optional.empty(), "");

    /** It must always be given. */
    static Need always(String missing) {
        return new Need(Optional.of(missing), Optional.empty(), Optional.empty(), "");
    }

    /** It may be given, but only when another is. */
    static Need mayWith(Setting<?> other, String otherMissing) {
        return new Need(Optional.empty(), Optional.of(other), Optional.empty(), otherMissing);
    }

    /** It is given just when another is. */
    static Need with(Setting<?> other, String missing, String otherMissing) {
        return new Need(Optional.of(missing), Optional.of(other), Optional.empty(), otherMissing);
    }

    /** It is given just when another is a certain word. */
    static Need when(Setting<?> other, Enum<?> word, String missing, String uncalled) {
        return new Need(Optional.of(missing), Optional.of(other), Optional.of(word), uncalled);
    }

    /** Whether it must be given whatever else is. */
    public boolean unconditional() {
        return missing.isPresent() && of.isEmpty();
    }

    /** Whether it belongs to settings that are so. */
    boolean calledFor(Settings settings) {
        return of.map(other -> settings.find(other).filter(value -> being.isEmpty() || being.get() == value).isPresent())
                .orElse(true);
    }
}
