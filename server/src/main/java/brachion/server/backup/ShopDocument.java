package brachion.server.backup;

import brachion.server.backup.BackupFile.Unusable;
import brachion.server.backup.Manifest.Part;
import brachion.server.backup.TableOfShop.Column;
import brachion.server.problem.BrokenJson;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * All a shop keeps as one JSON document (RFC 8259): what its backup says of itself, and the rows of each table as the backup has them,
 * a row a line. A document is made of a backup and a backup of a document, so that both come back by one way.
 */
final class ShopDocument {

    private static final String FORMAT = "brachion-shop";
    private static final int VERSION = 1;
    /** The largest photograph in base 64 is shorter, and so is whatever else a column holds. */
    private static final int LONGEST_TEXT = 32_000_000;
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
            .streamReadConstraints(StreamReadConstraints.builder().maxStringLength(LONGEST_TEXT).build()).build()).build();
    /** Bytes of the mark that some programs put before what is in UTF-8. */
    private static final String MARK = "\u00EF\u00BB\u00BF";

    private ShopDocument() {
    }

    /** Whether a file begins as a document does and no zip file. */
    static boolean is(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            int sign = in.read();
            while (sign > 0 && (Character.isWhitespace(sign) || MARK.indexOf(sign) >= 0)) {
                sign = in.read();
            }
            return sign == '{';
        }
    }

    /** Writes a backup as a document. */
    static void write(BackupFile backup, Path to) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(to))) {
            Manifest manifest = backup.manifest();
            text(out, "{\"format\": " + quoted(FORMAT) + ", \"version\": " + VERSION + ", \"product\": " + quoted(manifest.product())
                    + ", \"schema\": " + quoted(manifest.schema()) + ", \"shop\": " + quoted(manifest.shop()) + ", \"madeAt\": " + quoted(manifest.madeAt())
                    + ", \"tables\": {");
            String before = "\n";
            for (Part part : manifest.tables()) {
                text(out, before + quoted(part.table()) + ": [");
                write(backup, part, out);
                text(out, "]");
                before = ",\n";
            }
            text(out, "}}\n");
        }
    }

    private static void write(BackupFile backup, Part part, OutputStream out) throws IOException {
        String[] before = {"\n"};
        try {
            backup.lines(part, line -> {
                text(out, before[0] + line);
                before[0] = ",\n";
            });
        } catch (UncheckedIOException full) {
            throw full.getCause();
        }
    }

    private static String quoted(String text) {
        return JSON.writeValueAsString(text);
    }

    private static void text(OutputStream out, String text) {
        try {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /**
     * Makes a backup of a document.
     *
     * @throws Unusable when it is none, is damaged, or a newer version wrote it
     */
    static void toBackup(Path document, Path to) throws IOException, Unusable {
        try (InputStream in = Files.newInputStream(document); JsonParser parser = JSON.createParser(in); BackupWriting backup = new BackupWriting(to)) {
            Map<String, String> head = new HashMap<>();
            parser.nextToken();
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                parser.nextToken();
                if (name.equals("tables")) {
                    tables(parser, backup);
                } else {
                    head.put(name, parser.<JsonNode>readValueAsTree().asString(""));
                }
            }
            if (parser.nextToken() != null) {
                throw new Unusable("This JSON document cannot be read: something stands behind its end.");
            }
            requireSense(head);
            backup.done(head.get("product"), head.get("schema"), head.get("shop"), Instant.parse(head.get("madeAt")));
        } catch (JacksonException broken) {
            throw new Unusable(BrokenJson.sentence(broken));
        } catch (DateTimeException noMoment) {
            throw new Unusable("This JSON document does not say when it was written: its “madeAt” is no moment.");
        }
    }

    private static void requireSense(Map<String, String> head) throws Unusable {
        if (!FORMAT.equals(head.get("format"))) {
            throw new Unusable("This JSON document holds no shop: its “format” is not “" + FORMAT + "”.");
        }
        if (!String.valueOf(VERSION).equals(head.get("version"))) {
            throw new Unusable("A newer version of Brachion wrote this document. Bring it back with that version.");
        }
        for (String needed : List.of("product", "schema", "shop", "madeAt")) {
            if (head.getOrDefault(needed, "").isEmpty()) {
                throw new Unusable("This JSON document does not say its “" + needed + "”.");
            }
        }
    }

    private static void tables(JsonParser parser, BackupWriting backup) throws IOException, Unusable {
        require(parser.currentToken() == JsonToken.START_OBJECT, "its “tables” are no tables");
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String table = parser.currentName();
            require(!backup.has(table), "the table “" + table + "” is in it twice");
            require(parser.nextToken() == JsonToken.START_ARRAY, "the table “" + table + "” is no list of rows");
            backup.begin(table);
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                require(parser.currentToken() == JsonToken.START_OBJECT, "the table “" + table + "” holds something that is no row");
                backup.row(parser.<JsonNode>readValueAsTree());
            }
            backup.end();
        }
    }

    private static void require(boolean holds, String otherwise) throws Unusable {
        if (!holds) {
            throw new Unusable("This JSON document cannot be brought back: " + otherwise + ".");
        }
    }

    /** What a document of these tables may hold, as a JSON Schema of draft 2020-12. */
    static String schema(List<TableOfShop> tables, String version) {
        ObjectNode schema = JSON.createObjectNode().put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", "All a shop keeps")
                .put("description", "Rows as they are stored: lengths in mm, temperatures in °C, moisture in per cent of oven-dry mass, moments in UTC. "
                        + "A column that ends in _id has the id of a row of another table.").put("type", "object");
        ObjectNode head = schema.putObject("properties");
        head.putObject("format").put("const", FORMAT);
        head.putObject("version").put("const", VERSION);
        head.putObject("product").put("type", "string");
        head.putObject("schema").put("const", version);
        head.putObject("shop").put("type", "string");
        head.putObject("madeAt").put("type", "string").put("format", "date-time");
        ObjectNode all = head.putObject("tables").put("type", "object");
        tables.forEach(table -> row(table, all.withObjectProperty("properties").putObject(table.name()).put("type", "array").putObject("items")));
        required(all, tables.stream().map(TableOfShop::name).toList());
        required(schema, List.copyOf(head.propertyNames()));
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(schema);
    }

    private static void row(TableOfShop table, ObjectNode row) {
        row.put("type", "object");
        ObjectNode columns = row.putObject("properties");
        for (Column column : table.columns()) {
            ObjectNode value = columns.putObject(column.name());
            value.putArray("type").add(column.number() ? "number" : "string");
            if (column.optional()) {
                ((ArrayNode) value.get("type")).add("null");
            }
            if (column.bytes()) {
                value.put("contentEncoding", "base64");
            }
        }
        required(row, table.columns().stream().map(Column::name).toList());
    }

    private static void required(ObjectNode object, List<String> properties) {
        properties.forEach(object.putArray("required")::add);
        object.put("additionalProperties", false);
    }
}
