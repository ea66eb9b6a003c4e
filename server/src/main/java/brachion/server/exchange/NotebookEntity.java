package brachion.server.exchange;

import brachion.server.storage.StoredDocument;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** What tables of one shape were said to mean. */
@Entity
@Table(name = "notebook")
class NotebookEntity extends StoredDocument {

    private String shape;

    protected NotebookEntity() {
    }

    NotebookEntity(String shape) {
        this.shape = shape;
    }

    Translation translation() {
        return read(Translation.class);
    }
}
