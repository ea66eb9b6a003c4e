package brachion.server.storage;

import jakarta.persistence.MappedSuperclass;
import tools.jackson.databind.json.JsonMapper;

/** Something stored whose contents are one JSON document. */
@MappedSuperclass
public abstract class StoredDocument extends CountedEntity {

    private static final JsonMapper JSON = JsonMapper.shared();

    private String document;

    /** Writes it anew. */
    public void write(Object contents) {
        document = JSON.writeValueAsString(contents);
    }

    /** What it holds. */
    protected <T> T read(Class<T> as) {
        return JSON.readValue(document, as);
    }
}
