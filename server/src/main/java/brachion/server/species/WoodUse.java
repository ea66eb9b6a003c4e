package brachion.server.species;

import java.util.Optional;

/** Told by every capability that keeps something of a wood; a wood in use is not taken away. */
public interface WoodUse {

    /** What is of this wood, such as “12 trials”; empty when nothing is. */
    Optional<String> of(String speciesId);

    /**
     * So many of something, in words.
     *
     * @param count how many
     * @param one   what one is called
     * @param many  what several are called
     */
    static Optional<String> counted(long count, String one, String many) {
        return count == 0 ? Optional.empty() : Optional.of(count == 1 ? "1 " + one + " is" : count + " " + many + " are");
    }
}
