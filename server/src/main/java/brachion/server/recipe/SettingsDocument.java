package brachion.server.recipe;

import brachion.core.method.MethodKind;
import brachion.server.problem.NewerRecordException;
import java.util.Arrays;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The settings of a way of bending as they are stored: one document with the version of its meaning. */
final class SettingsDocument {

    private static final JsonMapper JSON = JsonMapper.shared();
    private static final String VERSION = "version";

    private SettingsDocument() {
    }

    static String write(MethodFields method) {
        ObjectNode document = JsonNodeFactory.instance.objectNode().put(VERSION, method.kind().settingsVersion());
        document.setAll(MethodJson.tree(method.given()));
        return JSON.writeValueAsString(document);
    }

    /**
     * Reads what is stored.
     *
     * @throws NewerRecordException when a newer version of the product wrote it
     */
    static MethodFields read(String kind, String document) {
        MethodKind known = Arrays.stream(MethodKind.values()).filter(each -> each.name().equals(kind)).findFirst()
                .orElseThrow(() -> new NewerRecordException("It is bent in a way this version does not know (" + kind + ")."));
        ObjectNode stored = (ObjectNode) JSON.readTree(document);
        int version = stored.path(VERSION).asInt(0);
        if (version > known.settingsVersion()) {
            throw new NewerRecordException("Its settings are of version " + version + "; this version reads up to "
                    + known.settingsVersion() + ".");
        }
        stored.remove(VERSION);
        return new MethodFields(known, MethodJson.settings(stored));
    }
}
