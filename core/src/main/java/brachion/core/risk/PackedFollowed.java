package brachion.core.risk;

import brachion.core.method.FailureMode;
import brachion.core.method.Springback;
import brachion.core.risk.Followed.Mode;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A {@link Followed} as bytes, to be kept: reading thousands of them back takes a small part of what text would. Numbers in
 * network order, each list after its length; the version of this form stands first.
 */
public final class PackedFollowed {

    private static final byte VERSION = 1;

    private PackedFollowed() {
    }

    /** The bytes. */
    public static byte[] of(Followed followed) {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DataOutputStream bytes = new DataOutputStream(packed)) {
            bytes.writeByte(VERSION);
            write(bytes, followed.weight());
            bytes.writeShort(followed.modes().size());
            for (Mode mode : followed.modes()) {
                // by its name, which outlives its place in a list
                bytes.writeUTF(mode.mode().name());
                bytes.writeDouble(mode.typical());
                write(bytes, mode.load());
                write(bytes, mode.spread());
                write(bytes, mode.spreadWeight());
                write(bytes, mode.unsure());
            }
            Springback springback = followed.springback();
            write(bytes, springback == null ? new double[0]
                    : new double[] {springback.elasticShare(), springback.holdHours().orElse(Double.NaN), springback.hotHours()});
        } catch (IOException impossible) {
            throw new UncheckedIOException("Memory takes every byte", impossible);
        }
        return packed.toByteArray();
    }

    private static void write(DataOutputStream bytes, double[] numbers) throws IOException {
        bytes.writeShort(numbers.length);
        for (double each : numbers) {
            bytes.writeDouble(each);
        }
    }

    /**
     * What was packed.
     *
     * @throws IllegalArgumentException when the bytes are damaged or of another form
     */
    public static Followed read(byte[] packed) {
        try {
            ByteBuffer bytes = ByteBuffer.wrap(packed);
            if (bytes.get() != VERSION) {
                throw new IllegalArgumentException("its form is not known");
            }
            double[] weight = numbers(bytes);
            int count = bytes.getShort();
            List<Mode> modes = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                byte[] name = new byte[Math.max(0, Math.min(bytes.getShort(), bytes.remaining()))];
                bytes.get(name);
                modes.add(new Mode(FailureMode.valueOf(new String(name, StandardCharsets.US_ASCII)), bytes.getDouble(), numbers(bytes), numbers(bytes), numbers(bytes), numbers(bytes)));
            }
            double[] springback = numbers(bytes);
            if (bytes.hasRemaining() || springback.length != 0 && springback.length != 3) {
                throw new IllegalArgumentException("there is more to it than there should be");
            }
            return new Followed(weight, modes, springback.length == 0 ? null : new Springback(springback[0],
                    Double.isNaN(springback[1]) ? Optional.empty() : Optional.of(springback[1]), springback[2]));
        } catch (BufferUnderflowException | IllegalArgumentException damaged) {
            throw new IllegalArgumentException("A packed piece is damaged or of another form", damaged);
        }
    }

    private static double[] numbers(ByteBuffer bytes) {
        int length = bytes.getShort();
        if (length < 0 || length * Double.BYTES > bytes.remaining()) {
            throw new IllegalArgumentException("a list has no such length");
        }
        double[] numbers = new double[length];
        bytes.asDoubleBuffer().get(numbers);
        bytes.position(bytes.position() + length * Double.BYTES);
        return numbers;
    }
}
