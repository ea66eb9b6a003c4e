package brachion.server.storage;

import brachion.server.problem.UnstorableException;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.NumberDeserializers;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** What comes in is only taken if it can also be kept and given back as it was: numbers that are numbers, days of our time, text. */
@Component
public class StorableValues extends SimpleModule {

    private static final long serialVersionUID = 1L;
    private static final LocalDate FIRST_DAY = LocalDate.of(1800, 1, 1);
    private static final LocalDate LAST_DAY = LocalDate.of(2199, 12, 31);

    StorableValues() {
        addDeserializer(Double.class, new Checked<>(Double.class, new NumberDeserializers.DoubleDeserializer(Double.class, null),
                number -> Double.isFinite(number) ? Optional.empty() : Optional.of("A number belongs here, of a size a computer can hold.")));
        addDeserializer(LocalDate.class, new Checked<>(LocalDate.class, LocalDateDeserializer.INSTANCE, StorableValues::wrongWith));
        addDeserializer(String.class, new Checked<>(String.class, StringDeserializer.instance, StorableValues::wrongWith));
    }

    /** What keeps a day from being kept, a sentence; empty when nothing does. */
    public static Optional<String> wrongWith(LocalDate day) {
        return day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY) ? Optional.of("A day lies between " + FIRST_DAY + " and " + LAST_DAY + ".")
                : Optional.empty();
    }

    private static Optional<String> wrongWith(String text) {
        for (int i = 0; i < text.length(); i++) {
            char letter = text.charAt(i);
            boolean pair = Character.isHighSurrogate(letter) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1));
            if (letter == 0 || Character.isSurrogate(letter) && !pair) {
                return Optional.of("The text holds a character that is none.");
            }
            i += pair ? 1 : 0;
        }
        return Optional.empty();
    }

    /** A check after reading. */
    private interface Check<T> {

        Optional<String> wrongWith(T value);
    }

    private static final class Checked<T> extends ValueDeserializer<T> {

        private final Class<T> type;
        private final ValueDeserializer<T> reading;
        private final Check<T> check;

        @SuppressWarnings("unchecked")
        Checked(Class<T> type, ValueDeserializer<?> reading, Check<T> check) {
            this.type = type;
            this.reading = (ValueDeserializer<T>) reading;
            this.check = check;
        }

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) {
            T value = reading.deserialize(parser, context);
            Optional<String> wrong = value == null ? Optional.empty() : check.wrongWith(value);
            if (wrong.isPresent()) {
                throw new UnstorableException(parser, type, wrong.get());
            }
            return value;
        }

        @Override
        public Object getEmptyValue(DeserializationContext context) {
            return null;
        }
    }
}
