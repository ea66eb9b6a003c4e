package brachion.server.find;

import brachion.server.storage.StoredEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import tools.jackson.databind.json.JsonMapper;

/** A kept view of the records. */
@Entity
@Table(name = "saved_view")
class SavedViewEntity extends StoredEntity {

    private static final JsonMapper JSON = JsonMapper.shared();

    private String name;
    private String document;

    protected SavedViewEntity() {
    }

    SavedViewEntity(String name) {
        this.name = name;
    }

    void write(ViewFields fields) {
        document = JSON.writeValueAsString(fields);
    }

    SavedView view() {
        return new SavedView(id(), name, JSON.readValue(document, ViewFields.class));
    }
}
