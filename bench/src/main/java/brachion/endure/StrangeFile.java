package brachion.endure;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Changes a valid file by its structure: the parts of an archive, the chunks of a PNG, the words of a text; now and then its bare bytes. */
final class StrangeFile {

    private static final Charset BYTES = StandardCharsets.ISO_8859_1;
    /** What readers stumble over. */
    private static final List<String> PIECES = List.of("2147483648", "-1", "1E999999999", "NaN", "0", "99999999999999999999", "\u0000", "\"", "'", "<", "</", "]]>", "<!--", "&#0;", "&amp;", "%s", "../../x",
            "\r\n\r\n", ";;;;;;;;;;", "[[[[[[[[", "{\"a\":", "null", "true", "\u00ff\u00fe", "9".repeat(400), "a".repeat(5000), "M0 0", "z", "e-324", "=1+1", "<svg>", "SECTION", "EOF", "LWPOLYLINE");
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

    private final Random random;

    StrangeFile(Random random) {
        this.random = random;
    }

    /** The file changed in one to four places. */
    byte[] of(byte[] file) {
        if (random.nextInt(6) == 0) {
            return bytes(file);
        }
        if (file.length > 4 && file[0] == 'P' && file[1] == 'K') {
            return archive(file);
        }
        if (file.length > PNG.length && file[0] == PNG[0] && file[1] == PNG[1]) {
            return png(file);
        }
        return text(file);
    }

    private byte[] archive(byte[] file) {
        try {
            Map<String, byte[]> parts = parts(file);
            List<String> names = new ArrayList<>(parts.keySet());
            for (int change = random.nextInt(3); change >= 0; change--) {
                String name = names.get(random.nextInt(names.size()));
                switch (random.nextInt(6)) {
                    case 0 -> parts.remove(name);
                    case 1 -> parts.put(name + random.nextInt(3), parts.getOrDefault(name, new byte[0]));
                    default -> parts.computeIfPresent(name, (part, bytes) -> of(bytes));
                }
            }
            return zip(parts);
        } catch (IOException noArchive) {
            return bytes(file);
        }
    }

    private static Map<String, byte[]> parts(byte[] file) throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                parts.put(entry.getName(), in.readAllBytes());
            }
        }
        if (parts.isEmpty()) {
            throw new ZipException("Nothing in it");
        }
        return parts;
    }

    private static byte[] zip(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
            }
        }
        return out.toByteArray();
    }

    /** A chunk is lost, doubled, longer or shorter than it says, or says something else, with a sum that is right again. */
    private byte[] png(byte[] file) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(PNG);
        ByteBuffer in = ByteBuffer.wrap(file, PNG.length, file.length - PNG.length);
        while (in.remaining() >= 12) {
            int length = in.getInt();
            if (length < 0 || length > in.remaining() - 8) {
                return bytes(file);
            }
            byte[] typed = new byte[4 + length];
            in.get(typed);
            in.getInt();
            int times = random.nextInt(12) == 0 ? random.nextInt(3) : 1;
            for (int i = 0; i < times; i++) {
                chunk(out, random.nextInt(4) == 0 ? bytes(typed) : typed);
            }
        }
        return out.toByteArray();
    }

    private void chunk(ByteArrayOutputStream out, byte[] typed) {
        CRC32 sum = new CRC32();
        sum.update(typed);
        int length = random.nextInt(20) == 0 ? random.nextInt() : Math.max(0, typed.length - 4);
        out.writeBytes(ByteBuffer.allocate(8 + typed.length).putInt(length).put(typed).putInt((int) sum.getValue()).array());
    }

    private byte[] text(byte[] file) {
        String text = new String(file, BYTES);
        for (int change = random.nextInt(4); change >= 0; change--) {
            text = changed(text);
        }
        return text.getBytes(BYTES);
    }

    private String changed(String text) {
        int from = random.nextInt(text.length() + 1);
        int to = Math.min(text.length(), from + random.nextInt(60));
        String piece = PIECES.get(random.nextInt(PIECES.size()));
        return switch (random.nextInt(7)) {
            case 0 -> text.substring(0, from);
            case 1 -> text.substring(0, from) + text.substring(to);
            case 2 -> text.substring(0, to) + text.substring(from);
            case 3 -> text.substring(0, from) + piece + text.substring(to);
            case 4 -> text.substring(0, from) + text.substring(from, to).repeat(1 + random.nextInt(2000)) + text.substring(to);
            default -> aNumber(text, from, piece);
        };
    }

    /** The next number after a place becomes something else. */
    private static String aNumber(String text, int from, String piece) {
        int first = from;
        while (first < text.length() && !Character.isDigit(text.charAt(first))) {
            first++;
        }
        int end = first;
        while (end < text.length() && (Character.isDigit(text.charAt(end)) || text.charAt(end) == '.')) {
            end++;
        }
        return text.substring(0, first) + piece + text.substring(end);
    }

    private byte[] bytes(byte[] file) {
        byte[] changed = random.nextInt(4) == 0 ? Arrays.copyOf(file, random.nextInt(file.length + 1)) : file.clone();
        for (int i = random.nextInt(12); i >= 0 && changed.length > 0; i--) {
            changed[random.nextInt(changed.length)] = (byte) random.nextInt(256);
        }
        return changed;
    }
}
