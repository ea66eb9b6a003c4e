package brachion.server.find;

import brachion.server.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A kept view of the records. */
@Entity
@Table(name = "saved_view")
class SavedViewEntity extends StoredDocument {

    private String name;

    protected SavedViewEntity() {
    }

    SavedViewEntity(String name) {
        this.name = name;
    }

    SavedView view() {
        return new SavedView(id(), name, read(ViewFields.class));
    }
}
