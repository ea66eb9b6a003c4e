package brachion.server.backup;

import brachion.server.backup.Manifest.Part;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.util.HexFormat;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.commons.codec.digest.DigestUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A backup as it lies on the disk: a zip file with {@code brachion.json}, which says what it is, and a file of JSON lines for
 * each table, a row a line.
 */
final class BackupFile implements AutoCloseable {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LARGEST_MANIFEST = 1_000_000;
    /** Characters of a row; a photograph, the longest there is, has a fifth of them. */
    private static final int LONGEST_ROW = 24_000_000;
    /** Bytes of all tables as they unpack; a backup that is sent has an eighth of them at the most. */
    private static final long MOST_UNPACKED = 8L * 1024 * 1024 * 1024;
    private static final String SCHEMA = "[0-9]{1,9}(\\.[0-9]{1,9}){0,3}";

    private final ZipFile zip;
    private final Manifest manifest;

    private BackupFile(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /** It cannot be used; the message says why, a sentence. */
    static final class Unusable extends Exception {

        private static final long serialVersionUID = 1L;

        Unusable(String sentence) {
            super(sentence);
        }

        static Unusable newer(Manifest manifest) {
            return new Unusable("A newer version of Brachion (" + manifest.product() + ") wrote this backup. Bring it back with that version.");
        }
    }

    /**
     * Opens a backup and checks all of it.
     *
     * @throws Unusable when it is none, is damaged, or a newer version wrote it
     */
    static BackupFile checked(Path path) throws Unusable {
        BackupFile file = opened(path);
        try {
            long unpacked = 0;
            for (Part part : file.manifest.tables()) {
                unpacked = file.check(part, unpacked);
            }
            return file;
        } catch (Unusable | RuntimeException damaged) {
            file.close();
            throw damaged;
        }
    }

    private static BackupFile opened(Path path) throws Unusable {
        ZipFile zip;
        try {
            zip = new ZipFile(path.toFile());
        } catch (IOException noZip) {
            throw new Unusable("This is no backup of Brachion, or it is damaged: it cannot be opened as a zip file.");
        }
        try {
            ZipEntry entry = zip.getEntry(Manifest.ENTRY);
            if (entry == null || entry.getSize() > LARGEST_MANIFEST) {
                throw new Unusable("This is no backup of Brachion: it does not say what it holds.");
            }
            // its size is what the file says of itself, and need not be so
            Manifest manifest = JSON.readValue(zip.getInputStream(entry).readNBytes(LARGEST_MANIFEST), Manifest.class);
            if (manifest != null && manifest.format() > Manifest.FORMAT) {
                throw Unusable.newer(manifest);
            }
            if (manifest == null || !saysWhatItHolds(manifest)) {
                throw new Unusable("This backup is damaged: it does not say what it holds.");
            }
            return new BackupFile(zip, manifest);
        } catch (IOException | JacksonException | Unusable damaged) {
            closeQuietly(zip);
            throw damaged instanceof Unusable why ? why : new Unusable("This backup is damaged: what it says of itself cannot be read.");
        }
    }

    private static boolean saysWhatItHolds(Manifest manifest) {
        return manifest.schema() != null && manifest.schema().matches(SCHEMA) && manifest.tables() != null
                && manifest.tables().stream().allMatch(part -> part != null && part.table() != null && part.sha256() != null);
    }

    Manifest manifest() {
        return manifest;
    }

    /** A part of which more bytes come out than a backup has is refused before anything is made of them, and so is a row without an end. */
    private long check(Part part, long unpackedBefore) throws Unusable {
        long unpacked = unpackedBefore;
        try (DigestInputStream in = new DigestInputStream(stream(part), DigestUtils.getSha256Digest())) {
            long lines = 0;
            long row = 0;
            byte[] bytes = new byte[64 * 1024];
            for (int read = in.read(bytes); read >= 0; read = in.read(bytes)) {
                for (int i = 0; i < read; i++) {
                    lines += bytes[i] == '\n' ? 1 : 0;
                    row = bytes[i] == '\n' ? 0 : row + 1;
                    if (row > LONGEST_ROW) {
                        throw new Unusable("This backup is damaged: row " + (lines + 1) + " of “" + part.table() + "” has more than 24 MB.");
                    }
                }
                unpacked += read;
                if (unpacked > MOST_UNPACKED) {
                    throw new Unusable("This backup is damaged: it unpacks to more than 8 GB.");
                }
            }
            if (lines != part.rows() || !HexFormat.of().formatHex(in.getMessageDigest().digest()).equals(part.sha256())) {
                throw new Unusable("This backup is damaged: the rows of “" + part.table() + "” are not what was written.");
            }
            return unpacked;
        } catch (IOException damaged) {
            throw new Unusable("This backup is damaged: “" + part.table() + "” cannot be read.");
        }
    }

    private InputStream stream(Part part) throws IOException {
        ZipEntry entry = zip.getEntry(part.entry());
        if (entry == null) {
            throw new IOException("missing");
        }
        return zip.getInputStream(entry);
    }

    /** Goes through the rows of a table, each a line of JSON. */
    void lines(Part part, Consumer<String> each) {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream(part), StandardCharsets.UTF_8))) {
            lines.lines().forEach(each);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** Writes what a backup says of itself. */
    static void write(Manifest manifest, OutputStream out) throws IOException {
        out.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
    }

    @Override
    public void close() {
        closeQuietly(zip);
    }

    private static void closeQuietly(ZipFile zip) {
        try {
            zip.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
