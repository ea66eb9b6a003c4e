package brachion.core.method;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What is set about a way of bending. What is left out is not in it, nor is what goes without saying.
 *
 * @param values each value by the key of its setting: a number in the unit of the key, or a word
 */
public record Settings(Map<String, Object> values) {

    /** Nothing set. */
    static final Settings NONE = new Settings(Map.of());

    /** Keeps the values as they are now. */
    public Settings {
        values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }

    /**
     * What came of reading given values.
     *
     * @param settings what could be read
     * @param problems what is wrong, a sentence by the key of the setting; empty when nothing is
     */
    public record Reading(Settings settings, Map<String, String> problems) {
    }

    /**
     * Reads given values as the settings of a way of bending.
     *
     * @param wanted its settings
     * @param given  numbers and words by key; a null is left out
     */
    public static Reading read(List<Setting<?>> wanted, Map<String, Object> given) {
        Map<String, String> problems = new LinkedHashMap<>();
        Map<String, Object> values = new LinkedHashMap<>();
        for (Setting<?> setting : wanted) {
            try {
                take(setting, given.get(setting.key()), values);
            } catch (IllegalArgumentException refused) {
                problems.put(setting.key(), refused.getMessage());
            }
        }
        Settings read = new Settings(values);
        wanted.forEach(setting -> read.missing(setting, problems));
        Set<String> known = wanted.stream().map(Setting::key).collect(Collectors.toSet());
        given.forEach((key, value) -> {
            if (value != null && !known.contains(key)) {
                problems.put(key, "This does not belong to a bend done this way.");
            }
        });
        return new Reading(read, problems);
    }

    private static <T> void take(Setting<T> setting, Object given, Map<String, Object> into) {
        if (given != null) {
            T value = setting.accept(given);
            if (setting.plain().filter(value::equals).isEmpty()) {
                into.put(setting.key(), value);
            }
        }
    }

    private void missing(Setting<?> setting, Map<String, String> problems) {
        Need need = setting.need();
        boolean given = find(setting).isPresent();
        boolean unsure = problems.containsKey(setting.key()) || need.of().filter(other -> problems.containsKey(other.key())).isPresent();
        if (unsure) {
            return;
        }
        if (need.calledFor(this)) {
            need.missing().filter(sentence -> !given).ifPresent(sentence -> problems.put(setting.key(), sentence));
        } else if (values.containsKey(setting.key())) {
            problems.put(need.being().isPresent() ? setting.key() : need.of().orElseThrow().key(), need.uncalled());
        }
    }

    /** The same with one more thing set; what goes without saying is not. */
    <T> Settings with(Setting<T> setting, T value) {
        Map<String, Object> more = new LinkedHashMap<>(values);
        take(setting, value, more);
        return new Settings(more);
    }

    /** The same with one more thing set, where there is something to set. */
    <T> Settings with(Setting<T> setting, Optional<T> value) {
        return value.map(known -> with(setting, known)).orElse(this);
    }

    /** The same with everything another has. */
    Settings and(Settings others) {
        Map<String, Object> both = new LinkedHashMap<>(values);
        both.putAll(others.values);
        return new Settings(both);
    }

    /** What a setting is, if it is set or goes without saying. */
    public <T> Optional<T> find(Setting<T> setting) {
        return Optional.ofNullable(values.get(setting.key())).map(setting::accept).or(setting::plain);
    }

    /**
     * What a setting is.
     *
     * @throws NoSuchElementException when it is not set
     */
    public <T> T of(Setting<T> setting) {
        return find(setting).orElseThrow(() -> new NoSuchElementException("Nothing is set about " + setting.title()));
    }
}
