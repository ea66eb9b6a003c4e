package brachion.server.forecasting;

import java.io.DataOutputStream;
import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Records as bytes by their components as they are declared, each read back through its own constructor. The bytes carry no
 * names of components and count enums by their place, so only the very build that wrote them may read them. What stands
 * many times is written once and then by its place: one of these goes through a whole sequence in one direction.
 */
final class PackedRecords {

    private final Set<Class<?>> repeated;
    private final Map<Type, Packing> known = new HashMap<>();

    /** @param repeated kinds of records of which the same stand many times */
    PackedRecords(Set<Class<?>> repeated) {
        this.repeated = repeated;
    }

    /** How values of a type are written and read. */
    interface Packing {

        void write(DataOutputStream bytes, Object value) throws IOException;

        /** Throws any {@link RuntimeException} where the bytes are none of its own. */
        Object read(ByteBuffer bytes);
    }

    /** How values of a type are written and read; throws an {@link IllegalArgumentException} for a type that is none of these. */
    Packing of(Type type) {
        Packing packing = known.get(type);
        if (packing == null) {
            packing = type instanceof ParameterizedType of ? many(of) : type instanceof Class<?> plain ? one(plain) : refuse(type);
            known.put(type, packing);
        }
        return packing;
    }

    private static Packing refuse(Type type) {
        throw new IllegalArgumentException("No way to pack " + type);
    }

    private Packing one(Class<?> type) {
        if (type.isRecord()) {
            return repeated.contains(type) ? new Repeated(new OfRecord(type)) : new OfRecord(type);
        }
        if (type.isEnum()) {
            Object[] all = type.getEnumConstants();
            return new Plain((bytes, value) -> bytes.writeByte(((Enum<?>) value).ordinal()), bytes -> all[bytes.get()]);
        }
        if (type.isInterface()) {
            Packing name = of(String.class);
            return new Plain((bytes, value) -> {
                name.write(bytes, value.getClass().getName());
                of(value.getClass()).write(bytes, value);
            }, bytes -> of(named((String) name.read(bytes), type)).read(bytes));
        }
        Packing simple = SIMPLE.get(type);
        return simple != null ? simple : type == String.class ? new Repeated(TEXT) : refuse(type);
    }

    private static Class<?> named(String name, Class<?> of) {
        try {
            return Class.forName(name).asSubclass(of);
        } catch (ClassNotFoundException gone) {
            throw new IllegalArgumentException("There is no such class any more", gone);
        }
    }

    private Packing many(ParameterizedType type) {
        Packing each = of(type.getActualTypeArguments()[0]);
        if (type.getRawType() == Optional.class) {
            return new Plain((bytes, value) -> {
                Optional<?> there = (Optional<?>) value;
                bytes.writeBoolean(there.isPresent());
                if (there.isPresent()) {
                    each.write(bytes, there.get());
                }
            }, bytes -> bytes.get() == 0 ? Optional.empty() : Optional.of(each.read(bytes)));
        }
        if (type.getRawType() != List.class && type.getRawType() != Set.class) {
            refuse(type);
        }
        boolean list = type.getRawType() == List.class;
        return new Plain((bytes, value) -> {
            Collection<?> all = (Collection<?>) value;
            bytes.writeInt(all.size());
            for (Object one : all) {
                each.write(bytes, one);
            }
        }, bytes -> {
            int count = bytes.getInt();
            Collection<Object> all = list ? new ArrayList<>(Math.min(count, bytes.remaining())) : new LinkedHashSet<>();
            for (int i = 0; i < count; i++) {
                all.add(each.read(bytes));
            }
            return all;
        });
    }

    private interface Writing {
        void write(DataOutputStream bytes, Object value) throws IOException;
    }

    private interface Reading {
        Object read(ByteBuffer bytes);
    }

    /** One that is said by how it writes and how it reads. */
    private record Plain(Writing writing, Reading reading) implements Packing {

        @Override
        public void write(DataOutputStream bytes, Object value) throws IOException {
            writing.write(bytes, value);
        }

        @Override
        public Object read(ByteBuffer bytes) {
            return reading.read(bytes);
        }
    }

    private static byte[] read(ByteBuffer bytes, int length) {
        byte[] read = new byte[length];
        bytes.get(read);
        return read;
    }

    private static void write(DataOutputStream bytes, byte[] all) throws IOException {
        bytes.writeInt(all.length);
        bytes.write(all);
    }

    private static double[] numbers(ByteBuffer bytes) {
        double[] numbers = new double[bytes.getInt()];
        bytes.asDoubleBuffer().get(numbers);
        bytes.position(bytes.position() + numbers.length * Double.BYTES);
        return numbers;
    }

    private static void write(DataOutputStream bytes, double[] numbers) throws IOException {
        bytes.writeInt(numbers.length);
        for (double each : numbers) {
            bytes.writeDouble(each);
        }
    }

    private static final Packing TEXT = new Plain((bytes, value) -> write(bytes, ((String) value).getBytes(StandardCharsets.UTF_8)),
            bytes -> new String(read(bytes, bytes.getInt()), StandardCharsets.UTF_8));

    private static final Packing NUMBER = new Plain((bytes, value) -> bytes.writeDouble((Double) value), ByteBuffer::getDouble);

    private static final Map<Class<?>, Packing> SIMPLE = Map.of(
            double.class, NUMBER,
            Double.class, NUMBER,
            long.class, new Plain((bytes, value) -> bytes.writeLong((Long) value), ByteBuffer::getLong),
            int.class, new Plain((bytes, value) -> bytes.writeInt((Integer) value), ByteBuffer::getInt),
            boolean.class, new Plain((bytes, value) -> bytes.writeBoolean((Boolean) value), bytes -> bytes.get() != 0),
            byte[].class, new Plain((bytes, value) -> write(bytes, (byte[]) value), bytes -> read(bytes, bytes.getInt())),
            double[].class, new Plain((bytes, value) -> write(bytes, (double[]) value), PackedRecords::numbers),
            LocalDate.class, new Plain((bytes, value) -> bytes.writeLong(((LocalDate) value).toEpochDay()), bytes -> LocalDate.ofEpochDay(bytes.getLong())),
            OptionalDouble.class, new Plain((bytes, value) -> {
                OptionalDouble there = (OptionalDouble) value;
                bytes.writeBoolean(there.isPresent());
                if (there.isPresent()) {
                    bytes.writeDouble(there.getAsDouble());
                }
            }, bytes -> bytes.get() == 0 ? OptionalDouble.empty() : OptionalDouble.of(bytes.getDouble())));

    /** Written once, and by its place from then on. */
    private static final class Repeated implements Packing {

        private final Packing once;
        private final Map<Object, Integer> places = new HashMap<>();
        private final List<Object> known = new ArrayList<>();

        Repeated(Packing once) {
            this.once = once;
        }

        @Override
        public void write(DataOutputStream bytes, Object value) throws IOException {
            Integer place = places.putIfAbsent(value, places.size());
            bytes.writeInt(place == null ? places.size() - 1 : place);
            if (place == null) {
                once.write(bytes, value);
            }
        }

        @Override
        public Object read(ByteBuffer bytes) {
            int place = bytes.getInt();
            if (place == known.size()) {
                known.add(once.read(bytes));
            }
            return known.get(place);
        }
    }

    private final class OfRecord implements Packing {

        private final Constructor<?> constructor;
        private final Method[] accessors;
        private final Packing[] components;

        OfRecord(Class<?> type) {
            RecordComponent[] declared = type.getRecordComponents();
            Class<?>[] types = new Class<?>[declared.length];
            accessors = new Method[declared.length];
            components = new Packing[declared.length];
            for (int i = 0; i < declared.length; i++) {
                types[i] = declared[i].getType();
                accessors[i] = declared[i].getAccessor();
                accessors[i].setAccessible(true);
                components[i] = of(declared[i].getGenericType());
            }
            try {
                constructor = type.getDeclaredConstructor(types);
                constructor.setAccessible(true);
            } catch (NoSuchMethodException impossible) {
                throw new IllegalStateException("Every record has its constructor", impossible);
            }
        }

        @Override
        public void write(DataOutputStream bytes, Object value) throws IOException {
            try {
                for (int i = 0; i < components.length; i++) {
                    components[i].write(bytes, accessors[i].invoke(value));
                }
            } catch (ReflectiveOperationException impossible) {
                throw new IllegalStateException("A record gives out what it holds", impossible);
            }
        }

        @Override
        public Object read(ByteBuffer bytes) {
            Object[] values = new Object[components.length];
            for (int i = 0; i < values.length; i++) {
                values[i] = components[i].read(bytes);
            }
            try {
                return constructor.newInstance(values);
            } catch (ReflectiveOperationException refused) {
                throw new IllegalArgumentException("A record does not take these values", refused);
            }
        }
    }
}
