package brachion.server.recipe;

import brachion.core.method.MethodKind;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The settings of a way of bending as a JSON object: a key with a dot in it is an object in the object. */
final class MethodJson {

    private static final String KIND = "kind";
    private static final int MOST_SETTINGS = 60;

    private MethodJson() {
    }

    /** The settings alone. */
    static ObjectNode tree(Map<String, Object> settings) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        settings.forEach((key, value) -> {
            int dot = key.indexOf('.');
            ObjectNode at = dot < 0 ? tree : tree.withObjectProperty(key.substring(0, dot));
            put(at, key.substring(dot + 1), value);
        });
        return tree;
    }

    private static void put(ObjectNode at, String name, Object value) {
        if (value instanceof Double number && number == Math.rint(number) && Math.abs(number) < 1e9) {
            at.put(name, number.longValue());
        } else if (value instanceof Double number) {
            at.put(name, number);
        } else {
            at.put(name, value.toString());
        }
    }

    /** The settings in an object, whatever they are; no more than a way of bending can have. */
    static Map<String, Object> settings(JsonNode object) {
        Map<String, Object> settings = new LinkedHashMap<>();
        collect("", object, settings);
        return settings;
    }

    private static void collect(String prefix, JsonNode object, Map<String, Object> into) {
        object.properties().forEach(entry -> {
            JsonNode value = entry.getValue();
            String key = prefix + entry.getKey();
            if (value.isObject() && prefix.isEmpty()) {
                collect(key + ".", value, into);
            } else if (!value.isNull() && into.size() < MOST_SETTINGS) {
                into.put(key, value.isNumber() ? value.doubleValue() : value.isString() ? value.stringValue() : value);
            }
        });
    }

    /** Writes the way and its settings as one object. */
    static final class Writing extends ValueSerializer<MethodFields> {

        @Override
        public void serialize(MethodFields method, JsonGenerator json, SerializationContext context) {
            ObjectNode tree = JsonNodeFactory.instance.objectNode().put(KIND, method.kind().name());
            tree.setAll(tree(method.given()));
            json.writeTree(tree);
        }
    }

    /** Reads them. */
    static final class Reading extends ValueDeserializer<MethodFields> {

        @Override
        public MethodFields deserialize(JsonParser json, DeserializationContext context) {
            JsonNode tree = context.readTree(json);
            if (!tree.isObject()) {
                return (MethodFields) context.handleUnexpectedToken(MethodFields.class, json);
            }
            ObjectNode settings = ((ObjectNode) tree).deepCopy();
            JsonNode kind = settings.remove(KIND);
            return new MethodFields(kind == null || kind.isNull() ? null : context.readTreeAsValue(kind, MethodKind.class),
                    settings(settings));
        }
    }
}
