package brachion.server.exchange;

import brachion.server.storage.StoredEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import tools.jackson.databind.json.JsonMapper;

/** What tables of one shape were said to mean. */
@Entity
@Table(name = "notebook")
class NotebookEntity extends StoredEntity {

    private static final JsonMapper JSON = JsonMapper.shared();

    private String shape;
    private String document;

    protected NotebookEntity() {
    }

    NotebookEntity(String shape) {
        this.shape = shape;
    }

    void write(Translation translation) {
        document = JSON.writeValueAsString(translation);
    }

    Translation translation() {
        return JSON.readValue(document, Translation.class);
    }
}
