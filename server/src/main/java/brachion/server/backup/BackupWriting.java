package brachion.server.backup;

import brachion.server.backup.Manifest.Part;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.codec.digest.DigestUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A backup while it is written: table by table and row by row, and last what it says of itself. */
final class BackupWriting implements AutoCloseable {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ZipOutputStream zip;
    private final List<Part> parts = new ArrayList<>();
    private final MessageDigest digest = DigestUtils.getSha256Digest();
    private String table;
    private long rows;

    BackupWriting(Path to) throws IOException {
        zip = new ZipOutputStream(Files.newOutputStream(to), StandardCharsets.UTF_8);
    }

    /** Begins the rows of a table, behind those it points to. */
    void begin(String name) throws IOException {
        table = name;
        rows = 0;
        entry(new Part(name, 0, "").entry());
    }

    private void entry(String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        // the same rows make the same bytes
        entry.setTime(0);
        zip.putNextEntry(entry);
    }

    void row(JsonNode row) throws IOException {
        byte[] line = (JSON.writeValueAsString(row) + "\n").getBytes(StandardCharsets.UTF_8);
        digest.update(line);
        rows++;
        zip.write(line);
    }

    /** Ends the rows of a table. */
    void end() throws IOException {
        zip.closeEntry();
        parts.add(new Part(table, rows, HexFormat.of().formatHex(digest.digest())));
    }

    boolean has(String name) {
        return parts.stream().anyMatch(part -> part.table().equals(name));
    }

    /** Writes what it says of itself. */
    void done(String product, String schema, String shop, Instant madeAt) throws IOException {
        entry(Manifest.ENTRY);
        BackupFile.write(new Manifest(Manifest.FORMAT, product, schema, shop, madeAt.toString(), parts), zip);
        zip.closeEntry();
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
