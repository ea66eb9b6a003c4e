package brachion.core.method;

import brachion.core.quantity.Measurement;
import brachion.core.quantity.PhysicalBound;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * One thing that is set about a way of bending. Checks at the door, columns of tables, what is stored and the description
 * of the interface all come from it.
 *
 * @param <T> what its value is
 */
public sealed interface Setting<T> {

    /** Its path in the settings, with the unit in its last word, as in {@code strap.thicknessMm}. */
    String key();

    /** What its column in a table is called, without a unit. */
    String title();

    /** When it must be given. */
    Need need();

    /** What it is when nothing is said about it; said or not, it is the same. */
    Optional<T> plain();

    /**
     * A given value, checked.
     *
     * @throws IllegalArgumentException when it is none this takes, with a sentence of what would be accepted
     */
    T accept(Object given);

    /**
     * Something measured or counted.
     *
     * @param key         its path, which names the unit
     * @param title       its column
     * @param measurement how it is typed
     * @param bound       what is accepted
     * @param usual       what is supposed where a table says nothing
     * @param need        when it must be given
     */
    record Measured(String key, String title, Measurement measurement, PhysicalBound bound, Optional<Usual> usual, Need need)
            implements Setting<Double> {

        Measured(String key, String title, Measurement measurement, PhysicalBound bound, Need need) {
            this(key, title, measurement, bound, Optional.empty(), need);
        }

        /** The same, supposed to be the usual where a table says nothing. */
        Measured usually(double value, String said) {
            return new Measured(key, title, measurement, bound, Optional.of(new Usual(value, said)), need);
        }

        /** Whether it is counted in whole numbers. */
        public boolean counted() {
            return measurement == Measurement.COUNT;
        }

        @Override
        public Optional<Double> plain() {
            return Optional.empty();
        }

        @Override
        public Double accept(Object given) {
            boolean number = given instanceof Number;
            double value = number ? ((Number) given).doubleValue() : Double.NaN;
            if (!bound.holds(value)) {
                throw new IllegalArgumentException(bound.sentence() + ".");
            }
            if (counted() && value != Math.rint(value)) {
                throw new IllegalArgumentException(bound.sentence() + ", a whole number.");
            }
            return value;
        }
    }

    /**
     * What is supposed of a measurement nobody wrote down.
     *
     * @param value the value
     * @param said  how that is said
     */
    record Usual(double value, String said) {
    }

    /**
     * One of a few words.
     *
     * @param key   its path
     * @param title its column
     * @param words the words
     * @param plain the word that is meant when nothing is said
     * @param need  when it must be given
     */
    record Chosen<E extends Enum<E>>(String key, String title, Class<E> words, Optional<E> plain, Need need) implements Setting<E> {

        @Override
        public E accept(Object given) {
            return Arrays.stream(words.getEnumConstants()).filter(word -> word == given || word.name().equals(given)).findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("One of " + Arrays.stream(words.getEnumConstants())
                            .map(Enum::name).collect(Collectors.joining(", ")) + " is accepted."));
        }
    }
}
