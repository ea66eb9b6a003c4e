package brachion.server.shell;

import brachion.server.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Documents by the schemas of the interface's description, most of them then damaged somewhere. */
final class MalformedDocuments {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 200;

    static final String RIG = """
            {"lengthMm": 1500, "widthMm": 200, "heightMm": 200, "wall": "SOFTWOOD", "wallThicknessMm": 18, "insulationThicknessMm": 25,
             "ventAreaMm2": 400, "generatorWatts": 1500, "generators": 1, "tankLitres": 5, "shopC": 18, "altitudeM": 100,
             "shopHumidityPercent": 50}""";

    /** Documents that can be accepted, so that what is damaged further in is reached at all. */
    private static final Map<String, List<String>> ACCEPTABLE = Map.of(
            "RecipeFields", List.of(Wire.recipe(12, 200, Wire.STEAM), Wire.recipe(12, 120, Wire.STEEL_STRAP), Wire.recipe(2, 150, Wire.EIGHT_PLIES),
                    Wire.recipe(6, 100, Wire.STEAM.replace("STEAM_BOX", "STEAM_BAG")), Wire.recipe(0.3, 5, Wire.STEAM)),
            "TrialFields", List.of(Wire.cleanTrial()),
            "MarksFields", List.of("{\"radiusMm\": 5, \"thicknessMm\": 0.5}"),
            "TypedMeasurement", List.of("{\"path\": \"blank.thicknessMm\", \"text\": \"3/8 in\"}"),
            "MapRequest", List.of("{\"recipe\": %s, \"thinnestMm\": 2, \"thickestMm\": 100, \"tightestMm\": 5, \"widestMm\": 900, \"columns\": 6, \"rows\": 5}"
                    .formatted(Wire.recipe(12, 200, Wire.STEAM))),
            "WaysRequest", List.of("""
                    {"innerRadiusMm": 200, "angleDegrees": 90, "thicknessMm": 10, "widthMm": 30, "unbroken": 0.9, "speciesIds": ["white-ash"],
                     "seasonings": ["AIR_DRIED"], "thicknessesMm": [10], "supports": ["NONE"], "soak": true, "methods": ["STEAM_BOX"],
                     "pliesMm": [2], "order": "LIKELIEST"}"""),
            "RigFields", List.of(RIG));

    private static final List<String> NUMBERS = List.of("0", "-1", "1", "2", "12", "0.3", "100", "100.00000000000003", "200", "1e999", "-1e999", "5e-324",
            "1e308", "-0.0", "2147483648", "9223372036854775808", "1e-7", "0.1" + "0".repeat(400), "9".repeat(400), "1" + "0".repeat(60));
    private static final List<String> TEXTS = List.of("\"\"", "\" \"", "\"NaN\"", "\"-Infinity\"", "\"\\u0000\"", "\"\\ud800\"", "\"'; drop table trial; --\"",
            "\"+12345-01-01\"", "\"0000-00-00\"", "\"2026-02-30\"", "\"white-ash\"", "\"STEAM_BOX\"", "\"1/0\"", "\"1,440\"", "\"3 1/2 in 4\"",
            "\"" + "x".repeat(3000) + "\"", "\"\ud83e\udeb5\u202e\"", "\"" + "9".repeat(500) + " mm\"");
    private static final List<String> OTHERS = List.of("null", "true", "[]", "{}", "[null]", "[[[[]]]]", "{\"\": null}", "{\"kind\": \"NOTHING\"}");

    private final JsonNode description;
    private final RandomGenerator random;

    MalformedDocuments(JsonNode description, RandomGenerator random) {
        this.description = description;
        this.random = random;
    }

    /** A document for a schema, damaged in up to three places or, now and then, not at all. */
    String of(JsonNode schema) {
        JsonNode sound = sample(schema, 0);
        // numbers beyond those of a machine can only be written, not held
        List<String> written = new ArrayList<>();
        for (int damage = random.nextInt(4); damage > 0; damage--) {
            sound = damaged(sound, written);
        }
        String text = JSON.writeValueAsString(sound);
        for (int i = 0; i < written.size(); i++) {
            text = text.replace("\"@" + i + "@\"", written.get(i));
        }
        return random.nextInt(12) == 0 ? torn(text) : text;
    }

    private JsonNode sample(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString().replaceAll(".*/", "");
            List<String> acceptable = ACCEPTABLE.get(name);
            return acceptable != null && random.nextInt(8) > 0 ? JSON.readTree(any(acceptable))
                    : sample(description.at("/components/schemas/" + name), depth + 1);
        }
        if (schema.has("oneOf")) {
            return sample(schema.get("oneOf").get(random.nextInt(schema.get("oneOf").size())), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        JsonNode type = schema.path("type");
        return switch (type.isArray() ? type.get(0).asString() : type.asString("object")) {
            case "array" -> {
                ArrayNode list = NODES.arrayNode();
                for (int i = random.nextInt(4); i > 0; i--) {
                    list.add(sample(schema.path("items"), depth + 1));
                }
                yield list;
            }
            case "number" -> NODES.numberNode(random.nextInt(3) == 0 ? random.nextDouble() : random.nextInt(1, 200));
            case "integer" -> NODES.numberNode(random.nextInt(1, 12));
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "string" -> NODES.stringNode("date".equals(schema.path("format").asString("")) ? "2026-11-24" : any(List.of("white-ash", "Odo", "12 mm")));
            default -> {
                ObjectNode object = NODES.objectNode();
                schema.path("properties").properties().forEach(each -> object.set(each.getKey(), sample(each.getValue(), depth + 1)));
                yield object;
            }
        };
    }

    /** The same document with one place of it gone, doubled, or replaced by what nobody expects there. */
    private JsonNode damaged(JsonNode sound, List<String> written) {
        List<JsonNode> places = new ArrayList<>();
        collect(sound, places);
        if (places.isEmpty()) {
            return nasty(written);
        }
        JsonNode place = places.get(random.nextInt(places.size()));
        if (place instanceof ObjectNode object) {
            String key = any(new ArrayList<>(object.propertyNames()));
            switch (random.nextInt(6)) {
                case 0 -> object.remove(key);
                case 1 -> object.set("unheardOf", nasty(written));
                default -> object.set(key, nasty(written));
            }
        } else if (place instanceof ArrayNode array) {
            switch (random.nextInt(3)) {
                case 0 -> array.set(random.nextInt(array.size()), nasty(written));
                case 1 -> array.add(nasty(written));
                default -> {
                    JsonNode again = array.get(0);
                    for (int i = 0; i < 600; i++) {
                        array.add(again.deepCopy());
                    }
                }
            }
        }
        return sound;
    }

    private static void collect(JsonNode node, List<JsonNode> places) {
        if (node.isContainer() && !node.isEmpty()) {
            places.add(node);
            node.forEach(child -> collect(child, places));
        }
    }

    private JsonNode nasty(List<String> written) {
        written.add(switch (random.nextInt(10)) {
            case 0, 1, 2, 3, 4 -> any(NUMBERS);
            case 5, 6, 7 -> any(TEXTS);
            case 8 -> any(OTHERS);
            default -> random.nextBoolean() ? "[".repeat(DEEPEST) + "]".repeat(DEEPEST) : "{\"a\":".repeat(DEEPEST) + "1" + "}".repeat(DEEPEST);
        });
        return NODES.stringNode("@" + (written.size() - 1) + "@");
    }

    /** Text that is no longer JSON, or JSON that says a thing twice. */
    private String torn(String text) {
        int at = random.nextInt(text.length() + 1);
        return switch (random.nextInt(5)) {
            case 0 -> text.substring(0, at);
            case 1 -> text.substring(0, at) + any(List.of("}", "]", "\u0000", "\"", ",", "NaN", "\\", "/* */")) + text.substring(at);
            case 2 -> text.replaceFirst("\\{", "{\"recipe\": null, ");
            case 3 -> text + text;
            default -> "";
        };
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }
}
